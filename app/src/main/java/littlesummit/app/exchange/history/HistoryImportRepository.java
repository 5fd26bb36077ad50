package littlesummit.app.exchange.history;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface HistoryImportRepository extends JpaRepository<HistoryImportEntity, String> {
    Optional<HistoryImportEntity> findFirstByClassIdOrderByTakenAtDesc(String classId);
}
