package littlesummit.app.people;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface TeachingRepository extends JpaRepository<TeachingEntity, TeachingEntity.Key> {
    List<TeachingEntity> findByPersonId(String personId);

    List<TeachingEntity> findByClassId(String classId);
}
