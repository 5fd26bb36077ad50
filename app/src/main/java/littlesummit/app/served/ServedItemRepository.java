package littlesummit.app.served;

import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ServedItemRepository extends JpaRepository<ServedItemEntity, String> {
    @Query("select count(i) > 0 from ServedItemEntity i where i.personId = :personId and i.skill = :skill and"
            + " i.fingerprint = :fingerprint")
    boolean existsByPersonIdAndSkillAndFingerprint(String personId, String skill, String fingerprint);

    /** How often each variant of a tier was given to somebody. */
    @Query("select new littlesummit.app.served.MetVariant(i.variant, count(i)) from ServedItemEntity i where"
            + " i.personId = :personId and i.skill = :skill and i.tier = :tier group by i.variant")
    List<MetVariant> variantsMet(String personId, String skill, int tier);

    /** Rows that are older than frozen content. */
    List<ServedItemEntity> findByContentIdIsNull(Limit limit);

    @Query("select count(i) from ServedItemEntity i where i.personId = :personId and i.assignmentId = :assignmentId"
            + " and i.skill = :skill")
    int countByPersonIdAndAssignmentIdAndSkill(String personId, String assignmentId, String skill);
}
