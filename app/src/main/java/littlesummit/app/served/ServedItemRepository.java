package littlesummit.app.served;

import org.springframework.data.jpa.repository.JpaRepository;

interface ServedItemRepository extends JpaRepository<ServedItemEntity, String> {
    boolean existsByPersonIdAndSkillAndFingerprint(String personId, String skill, String fingerprint);

    int countByPersonIdAndAssignmentIdAndSkill(String personId, String assignmentId, String skill);
}
