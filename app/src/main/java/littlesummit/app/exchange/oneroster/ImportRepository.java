package littlesummit.app.exchange.oneroster;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface ImportRepository extends JpaRepository<ImportEntity, String> {
    Optional<ImportEntity> findFirstByClassIdOrderByTakenAtDesc(String classId);

    List<ImportEntity> findByDeedsContaining(String personId);
}
