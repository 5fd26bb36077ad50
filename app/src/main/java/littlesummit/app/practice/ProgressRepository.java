package littlesummit.app.practice;

import jakarta.persistence.LockModeType;
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

    @Query("select p from ProgressEntity p where p.personId = :personId and p.assignmentId = :assignmentId and"
            + " p.skill = :skill")
    Optional<ProgressEntity> findToRead(String personId, String assignmentId, String skill);

    List<ProgressEntity> findByPersonId(String personId);

    List<ProgressEntity> findByPersonIdAndAssignmentIdIn(String personId, Collection<String> assignmentIds);

    List<ProgressEntity> findBySummarisedFalse();

    String SUMMARY = "select new littlesummit.app.practice.Summary(p.personId, p.assignmentId, p.skill, p.stands,"
            + " p.hoped, p.pagesWaiting, p.reachedWaiting, p.reached, p.reachedAt, p.shownAt, p.lastAt) from"
            + " ProgressEntity p where ";

    @Query(SUMMARY + "p.personId = :personId")
    List<Summary> findSummariesByPersonId(String personId);

    @Query(SUMMARY + "p.personId = :personId and p.skill in :skills")
    List<Summary> findSummariesByPersonIdAndSkillIn(String personId, Collection<String> skills);

    @Query(SUMMARY + "p.personId in :personIds")
    List<Summary> findSummariesByPersonIdIn(Collection<String> personIds);

    @Query(SUMMARY + "p.assignmentId in :assignmentIds and p.personId in :personIds")
    List<Summary> findSummariesOf(Collection<String> assignmentIds, Collection<String> personIds);

    List<ProgressEntity> findByPersonIdInAndReachedFalseAndMissedLatelyGreaterThanEqual(
            Collection<String> personIds, int missed);
}
