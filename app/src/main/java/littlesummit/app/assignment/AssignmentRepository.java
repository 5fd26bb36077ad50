package littlesummit.app.assignment;

import java.util.List;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.JpaRepository;

interface AssignmentRepository extends JpaRepository<AssignmentEntity, String> {
    /** With their skills, in one go. */
    @EntityGraph(attributePaths = "skills")
    List<AssignmentEntity> findByClassIdOrderByDue(String classId);
}
