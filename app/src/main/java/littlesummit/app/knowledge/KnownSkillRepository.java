package littlesummit.app.knowledge;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface KnownSkillRepository extends JpaRepository<KnownSkillEntity, KnownSkillEntity.Key> {
    List<KnownSkillEntity> findByPersonId(String personId);
}
