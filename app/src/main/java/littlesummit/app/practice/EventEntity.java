package littlesummit.app.practice;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/** One row of the log; never changed. */
@Entity
@Table(name = "practice_event")
class EventEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private String personId;
    private String assignmentId;
    private String skill;
    private String itemId;
    private String idempotencyKey;
    private int shape;
    private String payload;
    private Instant at;

    protected EventEntity() {}

    EventEntity(ProgressEntity of, String itemId, String idempotencyKey, int shape, String payload, Instant at) {
        this.personId = of.personId();
        this.assignmentId = of.assignmentId();
        this.skill = of.skill();
        this.itemId = itemId;
        this.idempotencyKey = idempotencyKey;
        this.shape = shape;
        this.payload = payload;
        this.at = at;
    }

    long id() {
        return id;
    }

    /** Of the place where it happened: a skill, or a lesson. */
    String skill() {
        return skill;
    }

    int shape() {
        return shape;
    }

    String payload() {
        return payload;
    }
}
