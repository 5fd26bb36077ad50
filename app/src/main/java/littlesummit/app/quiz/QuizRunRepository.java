package littlesummit.app.quiz;

import jakarta.persistence.LockModeType;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;

interface QuizRunRepository extends JpaRepository<QuizRunEntity, String> {
    /** For one who may change it: requests of several windows take their turns. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<QuizRunEntity> findByPersonIdAndAssignmentId(String personId, String assignmentId);

    /** For one who only looks. */
    Optional<QuizRunEntity> readByPersonIdAndAssignmentId(String personId, String assignmentId);

    List<QuizRunEntity> findByPersonIdIn(Collection<String> personIds);
}
