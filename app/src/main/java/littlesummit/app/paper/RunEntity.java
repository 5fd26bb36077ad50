package littlesummit.app.paper;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;

/** A student and a copy that was opened by its code. */
@Entity
@Table(name = "paper_run")
class RunEntity {
    @Id
    private String id;

    private String code;
    private String personId;
    private String state;
    private int shape;
    private Instant changedAt;

    @Version
    private Long version;

    protected RunEntity() {}

    RunEntity(String code, String personId) {
        this.id = UUID.randomUUID().toString();
        this.code = code;
        this.personId = personId;
    }

    String code() {
        return code;
    }

    String personId() {
        return personId;
    }

    String state() {
        return state;
    }

    int shape() {
        return shape;
    }

    Instant changedAt() {
        return changedAt;
    }

    void keep(String json, int inShape, Instant now) {
        this.state = json;
        this.shape = inShape;
        this.changedAt = now;
    }
}
