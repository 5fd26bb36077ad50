package littlesummit.app.practice;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;

interface ProgressRepository extends JpaRepository<ProgressEntity, String> {
    /** For one who is about to change it: requests of several windows take their turns. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<ProgressEntity> findByPersonIdAndAssignmentIdAndSkill(String personId, String assignmentId, String skill);

    List<ProgressEntity> findByPersonId(String personId);
}
