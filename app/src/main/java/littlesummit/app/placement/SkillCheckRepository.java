package littlesummit.app.placement;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface SkillCheckRepository extends JpaRepository<SkillCheckEntity, String> {
    boolean existsByPersonIdAndLastKey(String personId, String lastKey);

    List<SkillCheckEntity> findByPersonIdOrderByStartedAt(String personId);
}
