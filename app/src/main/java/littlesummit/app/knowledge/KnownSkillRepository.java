package littlesummit.app.knowledge;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface KnownSkillRepository extends JpaRepository<KnownSkillEntity, KnownSkillEntity.Key> {
    @Query("select k from KnownSkillEntity k where k.personId = :personId")
    List<KnownSkillEntity> findByPersonId(String personId);

    @Query("select k from KnownSkillEntity k where k.personId = :personId and k.skill in :skills")
    List<KnownSkillEntity> findByPersonIdAndSkillIn(String personId, Collection<String> skills);

    List<KnownSkillEntity> findByPersonIdIn(Collection<String> personIds);
}
