package littlesummit.app.served;

import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ServedItemRepository extends JpaRepository<ServedItemEntity, String> {
    @Query("select count(i) > 0 from ServedItemEntity i where i.personId = :personId and i.skill = :skill and i.fingerprint = :fingerprint")
    boolean existsByPersonIdAndSkillAndFingerprint(String personId, String skill, String fingerprint);

    @Query("select count(i) from ServedItemEntity i where i.personId = :personId and i.assignmentId = :assignmentId and i.skill = :skill")
    int countByPersonIdAndAssignmentIdAndSkill(String personId, String assignmentId, String skill);
}
