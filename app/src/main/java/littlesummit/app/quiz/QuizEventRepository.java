package littlesummit.app.quiz;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface QuizEventRepository extends JpaRepository<QuizEventEntity, Long> {
    boolean existsByPersonIdAndIdempotencyKey(String personId, String key);

    List<QuizEventEntity> findByPersonIdAndAssignmentIdOrderById(String personId, String assignmentId);

    /** When somebody did something. */
    record Moment(String personId, Instant at) {}

    List<Moment> findMomentsByPersonIdInAndAtAfter(Collection<String> personIds, Instant since);
}
