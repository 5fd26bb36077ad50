package littlesummit.app.headway;

import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import littlesummit.app.web.Problem;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Writes down how far requests have come, apart from the transaction of their work: it is seen before that ends. */
@Component
class HeadwayNotes {
    /** What a server that was killed has left lying. */
    private static final Duration OLD = Duration.ofDays(1);

    private final HeadwayRepository rows;
    private final Clock clock;

    HeadwayNotes(HeadwayRepository rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /** @throws Problem when the id is that of another request that is under way */
    @Transactional(propagation = Propagation.REQUIRES_NEW)
    void begin(String id, String personId) {
        rows.forget(clock.instant().minus(OLD));
        if (rows.existsById(id)) {
            throw Problem.conflict("A request with this number is under way already.");
        }
        rows.save(new HeadwayEntity(id, personId, new HeadwayView("Reading the file", 0, 0), clock.instant()));
    }

    @Transactional(propagation = Propagation.REQUIRES_NEW)
    void tell(String id, String personId, HeadwayView view) {
        rows.save(new HeadwayEntity(id, personId, view, clock.instant()));
    }

    @Transactional(propagation = Propagation.REQUIRES_NEW)
    void end(String id) {
        rows.deleteById(id);
    }

    @Transactional(readOnly = true)
    Optional<HeadwayView> find(String id, String personId) {
        return rows.findById(id).filter(row -> row.isOf(personId)).map(HeadwayEntity::view);
    }
}
