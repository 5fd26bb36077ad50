package littlesummit.app.knowledge;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface KnownSkillRepository extends JpaRepository<KnownSkillEntity, KnownSkillEntity.Key> {
    List<KnownSkillEntity> findByPersonIdIn(Collection<String> personIds);
}
