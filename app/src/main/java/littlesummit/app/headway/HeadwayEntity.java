package littlesummit.app.headway;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** How far one request has come. */
@Entity
@Table(name = "headway")
class HeadwayEntity {
    @Id
    private String id;

    private String personId;
    private String doing;
    private long done;
    private long steps;
    private Instant toldAt;

    protected HeadwayEntity() {}

    HeadwayEntity(String id, String personId, HeadwayView view, Instant toldAt) {
        this.id = id;
        this.personId = personId;
        this.doing = view.doing();
        this.done = view.done();
        this.steps = view.steps();
        this.toldAt = toldAt;
    }

    boolean isOf(String person) {
        return personId.equals(person);
    }

    HeadwayView view() {
        return new HeadwayView(doing, done, steps);
    }
}
