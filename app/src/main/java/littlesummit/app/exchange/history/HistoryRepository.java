package littlesummit.app.exchange.history;

import java.util.Collection;
import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface HistoryRepository extends JpaRepository<HistoryEntity, String> {
    List<HistoryEntity> findByPersonIdOrderByHappenedAtDesc(String personId, Limit most);

    List<HistoryEntity> findByPersonIdIn(Collection<String> personIds);

    int countByImportId(String importId);

    int countByPersonId(String personId);

    void deleteByImportId(String importId);
}
