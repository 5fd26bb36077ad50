package littlesummit.app.own;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnSkillRepository extends JpaRepository<OwnSkillEntity, String> {
    List<OwnSkillEntity> findByClassIdOrderByChangedAtDesc(String classId);

    /** Those in use. */
    List<OwnSkillEntity> findByClassIdAndVersionGreaterThanAndWithdrawnFalseOrderById(String classId, int version);

    long countByClassId(String classId);
}
