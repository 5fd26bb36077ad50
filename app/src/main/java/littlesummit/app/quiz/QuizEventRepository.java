package littlesummit.app.quiz;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface QuizEventRepository extends JpaRepository<QuizEventEntity, Long> {
    boolean existsByPersonIdAndIdempotencyKey(String personId, String key);

    List<QuizEventEntity> findByPersonIdAndAssignmentIdOrderById(String personId, String assignmentId);
}
