package littlesummit.app.assignment;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface AssignmentRepository extends JpaRepository<AssignmentEntity, String> {
    List<AssignmentEntity> findByClassIdOrderByDue(String classId);
}
