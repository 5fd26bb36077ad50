package littlesummit.app.working;

import java.util.List;
import littlesummit.core.working.ink.Layer;
import org.springframework.data.jpa.repository.JpaRepository;

interface InkStrokeRepository extends JpaRepository<InkStrokeEntity, InkStrokeEntity.Key> {
    List<InkStrokeEntity> findByItemIdOrderByPlace(String itemId);

    boolean existsByItemIdAndLayer(String itemId, Layer layer);
}
