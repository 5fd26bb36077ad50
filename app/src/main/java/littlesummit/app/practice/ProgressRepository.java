package littlesummit.app.practice;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;

interface ProgressRepository extends JpaRepository<ProgressEntity, String> {
    /** For one who is about to change it: requests of several windows take their turns. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<ProgressEntity> findByPersonIdAndAssignmentIdAndSkill(String personId, String assignmentId, String skill);

    List<ProgressEntity> findByPersonId(String personId);

    List<ProgressEntity> findBySummarisedFalse();

    /** What lists show, without the states. */
    interface Summary {
        String getPersonId();

        String getAssignmentId();

        String getSkill();

        int getStands();

        boolean getReached();

        Optional<Instant> getReachedAt();

        Optional<Instant> getShownAt();

        Optional<Instant> getLastAt();
    }

    List<Summary> findSummariesByPersonIdIn(Collection<String> personIds);

    List<ProgressEntity> findByPersonIdInAndReachedFalseAndMissedLatelyGreaterThanEqual(Collection<String> personIds, int missed);
}
