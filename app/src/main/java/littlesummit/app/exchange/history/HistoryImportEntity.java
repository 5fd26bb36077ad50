package littlesummit.app.exchange.history;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Duration;
import java.time.Instant;

/** A file of statements that was taken in. */
@Entity
@Table(name = "history_import")
class HistoryImportEntity {
    static final Duration UNDO = Duration.ofDays(1);

    @Id
    private String id;

    private String classId;
    private Instant takenAt;
    private boolean undone;

    protected HistoryImportEntity() {}

    HistoryImportEntity(String id, String classId, Instant takenAt) {
        this.id = id;
        this.classId = classId;
        this.takenAt = takenAt;
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

    Instant until() {
        return takenAt.plus(UNDO);
    }

    boolean canBeUndone(Instant now) {
        return !undone && until().isAfter(now);
    }

    void undo() {
        undone = true;
    }
}
