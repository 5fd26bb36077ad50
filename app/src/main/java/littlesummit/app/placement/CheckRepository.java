package littlesummit.app.placement;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface CheckRepository extends JpaRepository<CheckEntity, String> {
    List<CheckEntity> findByPersonIdOrderByStartedAt(String personId);
}
