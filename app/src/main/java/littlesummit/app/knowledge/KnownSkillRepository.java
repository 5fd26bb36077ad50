package littlesummit.app.knowledge;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface KnownSkillRepository extends JpaRepository<KnownSkillEntity, KnownSkillEntity.Key> {
    @Query("select k from KnownSkillEntity k where k.personId = :personId")
    List<KnownSkillEntity> findByPersonId(String personId);

    List<KnownSkillEntity> findByPersonIdIn(Collection<String> personIds);
}
