package littlesummit.app.working;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PhotoRepository extends JpaRepository<PhotoEntity, String> {
    /**
     * Without the pictures themselves.
     *
     * @param id of the photo
     * @param width and height in pixels
     */
    record Listed(String id, int width, int height) {}

    @Query("select new littlesummit.app.working.PhotoRepository$Listed(p.id, p.width, p.height) from PhotoEntity p"
            + " where p.itemId = :itemId order by p.place")
    List<Listed> listed(String itemId);

    int countByItemId(String itemId);

    /** How many photos a page has. */
    record Count(String itemId, long count) {}

    @Query("select new littlesummit.app.working.PhotoRepository$Count(p.itemId, count(p)) from PhotoEntity p,"
            + " WorkPageEntity w where w.itemId = p.itemId and w.personId = :personId group by p.itemId")
    List<Count> countsOf(String personId);
}
