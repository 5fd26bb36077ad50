package littlesummit.app.content;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ItemContentRepository extends JpaRepository<ItemContentEntity, Long> {
    /**
     * Two requests at the same moment may keep the same content twice, which does no harm: the first is taken from then
     * on.
     */
    @Query("select min(c.id) from ItemContentEntity c where c.hash = :hash")
    Optional<Long> idOf(String hash);
}
