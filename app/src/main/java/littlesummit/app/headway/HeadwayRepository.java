package littlesummit.app.headway;

import java.time.Instant;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface HeadwayRepository extends JpaRepository<HeadwayEntity, String> {
    @Modifying
    @Query("delete from HeadwayEntity h where h.toldAt < :before")
    void forget(Instant before);
}
