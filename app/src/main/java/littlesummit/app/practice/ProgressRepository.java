package littlesummit.app.practice;

import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface ProgressRepository extends JpaRepository<ProgressEntity, String> {
    /** For one who is about to change it: requests of several windows take their turns. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select p from ProgressEntity p where p.personId = :personId and p.assignmentId = :assignmentId and"
            + " p.skill = :skill")
    Optional<ProgressEntity> findByPersonIdAndAssignmentIdAndSkill(String personId, String assignmentId, String skill);

    List<ProgressEntity> findByPersonId(String personId);

    List<ProgressEntity> findBySummarisedFalse();

    /** What lists show, without the states. */
    interface Summary {
        String getPersonId();

        String getAssignmentId();

        String getSkill();

        int getStands();

        int getHoped();

        int getPagesWaiting();

        boolean getReachedWaiting();

        boolean getReached();

        Optional<Instant> getReachedAt();

        Optional<Instant> getShownAt();

        Optional<Instant> getLastAt();
    }

    @Query("select p.personId as personId, p.assignmentId as assignmentId, p.skill as skill, p.stands as stands,"
            + " p.hoped as hoped, p.pagesWaiting as pagesWaiting, p.reachedWaiting as reachedWaiting, p.reached as"
            + " reached, p.reachedAt as reachedAt, p.shownAt as shownAt, p.lastAt as lastAt from ProgressEntity p"
            + " where p.personId = :personId")
    List<Summary> findSummariesByPersonId(String personId);

    List<Summary> findSummariesByPersonIdIn(Collection<String> personIds);

    List<ProgressEntity> findByPersonIdInAndReachedFalseAndMissedLatelyGreaterThanEqual(
            Collection<String> personIds, int missed);
}
