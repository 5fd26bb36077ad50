package littlesummit.app.assignment;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface ExceptionRepository extends JpaRepository<ExceptionEntity, ExceptionEntity.Key> {
    List<ExceptionEntity> findByPersonId(String personId);

    List<ExceptionEntity> findByAssignmentIdIn(List<String> assignmentIds);
}
