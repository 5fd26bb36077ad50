package littlesummit.app.placement;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface SkillCheckRepository extends JpaRepository<SkillCheckEntity, String> {
    List<SkillCheckEntity> findByPersonIdOrderByStartedAt(String personId);
}
