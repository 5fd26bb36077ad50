package littlesummit.app.paper;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.EntityGraph;
import org.springframework.data.jpa.repository.JpaRepository;

interface CopyRepository extends JpaRepository<CopyEntity, String> {
    /** With their items, in one go. */
    @EntityGraph(attributePaths = "items")
    List<CopyEntity> findBySheetIdInOrderByPlace(Collection<String> sheetIds);

    @EntityGraph(attributePaths = "items")
    List<CopyEntity> findByPersonId(String personId);
}
