package littlesummit.app.quiz;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Instant;

/** One row of the log of a quiz; never changed. */
@Entity
@Table(name = "quiz_event")
class QuizEventEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private String personId;
    private String assignmentId;
    private String idempotencyKey;
    private int shape;

    @Lob
    private String payload;

    private Instant at;

    protected QuizEventEntity() {}

    QuizEventEntity(QuizRunEntity run, String idempotencyKey, int shape, String payload, Instant at) {
        this.personId = run.personId();
        this.assignmentId = run.assignmentId();
        this.idempotencyKey = idempotencyKey;
        this.shape = shape;
        this.payload = payload;
        this.at = at;
    }

    int shape() {
        return shape;
    }

    String payload() {
        return payload;
    }
}
