package littlesummit.app.working;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface WorkPageRepository extends JpaRepository<WorkPageEntity, String> {
    List<WorkPageEntity> findByPersonIdOrderByStartedAtDesc(String personId);

    List<WorkPageEntity> findByClassIdAndWaitingSinceIsNotNullOrderByWaitingSince(String classId);

    /**
     * A page without what stands on it.
     *
     * @param state as JSON
     */
    record State(String itemId, String personId, String assignmentId, String state) {}

    List<State> findStatesByPersonIdIn(Collection<String> personIds);

    @Query("select p.itemId from WorkPageEntity p where p.personId = :personId and exists (select s from"
            + " InkStrokeEntity s where s.itemId = p.itemId)")
    List<String> withInk(String personId);
}
