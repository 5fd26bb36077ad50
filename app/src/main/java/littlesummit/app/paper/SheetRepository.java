package littlesummit.app.paper;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface SheetRepository extends JpaRepository<SheetEntity, String> {
    List<SheetEntity> findByClassId(String classId);
}
