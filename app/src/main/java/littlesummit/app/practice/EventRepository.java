package littlesummit.app.practice;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** What every answer asks is written out: a query made from the name of a method is worked out anew each time. */
interface EventRepository extends JpaRepository<EventEntity, Long> {
    @Query("select count(e) > 0 from EventEntity e where e.personId = :personId and e.idempotencyKey = :idempotencyKey")
    boolean existsByPersonIdAndIdempotencyKey(String personId, String idempotencyKey);

    List<EventEntity> findByPersonIdAndAssignmentIdAndSkillOrderById(
            String personId, String assignmentId, String skill);

    List<EventEntity> findByItemIdOrderById(String itemId);

    /** When somebody did something. */
    record Moment(String personId, Instant at) {}

    /** By a join, so that each one's part of a long log is found by its index. */
    @Query("select e.personId as personId, e.at as at from PersonEntity p join EventEntity e on e.personId = p.id and"
            + " e.at > :since where p.id in :personIds")
    List<Moment> moments(Collection<String> personIds, Instant since);
}
