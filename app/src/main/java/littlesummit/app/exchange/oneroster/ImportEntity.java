package littlesummit.app.exchange.oneroster;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import java.time.Duration;
import java.time.Instant;

/** A package that was taken in, with what it changed, so that it can be undone for a day. */
@Entity
@Table(name = "roster_import")
class ImportEntity {
    static final Duration UNDO = Duration.ofDays(1);

    @Id
    private String id;

    private String classId;
    private Instant takenAt;
    private Instant undoneAt;

    @Lob
    private String deeds;

    protected ImportEntity() {}

    ImportEntity(String id, String classId, Instant takenAt, String deeds) {
        this.id = id;
        this.classId = classId;
        this.takenAt = takenAt;
        this.deeds = deeds;
    }

    String id() {
        return id;
    }

    String classId() {
        return classId;
    }

    Instant takenAt() {
        return takenAt;
    }

    String deeds() {
        return deeds;
    }

    void isNow(String deeds) {
        this.deeds = deeds;
    }

    boolean canBeUndone(Instant now) {
        return undoneAt == null && takenAt.plus(UNDO).isAfter(now);
    }

    void undone(Instant at) {
        this.undoneAt = at;
    }
}
