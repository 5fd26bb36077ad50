package littlesummit.app.practice;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface EventRepository extends JpaRepository<EventEntity, Long> {
    boolean existsByPersonIdAndIdempotencyKey(String personId, String idempotencyKey);

    List<EventEntity> findByPersonIdAndAssignmentIdAndSkillOrderById(String personId, String assignmentId, String skill);

    List<EventEntity> findByItemIdOrderById(String itemId);

    int countByPersonIdAndAtAfter(String personId, Instant since);

    /** When somebody did something. */
    record Moment(String personId, Instant at) {}

    List<Moment> findMomentsByPersonIdInAndAtAfter(Collection<String> personIds, Instant since);
}
