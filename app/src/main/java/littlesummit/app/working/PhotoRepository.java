package littlesummit.app.working;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PhotoRepository extends JpaRepository<PhotoEntity, String> {
    /** Without the pictures themselves. @param id of the photo; @param width and height in pixels */
    record Listed(String id, int width, int height) {}

    @Query("select new littlesummit.app.working.PhotoRepository$Listed(p.id, p.width, p.height) from PhotoEntity p where p.itemId = :itemId order by p.place")
    List<Listed> listed(String itemId);

    int countByItemId(String itemId);
}
