package littlesummit.app.exchange.archive.rows;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Duration;
import java.time.Instant;

/** That a class was made from an archive. */
@Entity
@Table(name = "class_from_archive")
class FromArchiveEntity {
    static final Duration UNDO = Duration.ofDays(1);

    @Id
    private String classId;

    private Instant takenAt;

    protected FromArchiveEntity() {}

    FromArchiveEntity(String classId, Instant takenAt) {
        this.classId = classId;
        this.takenAt = takenAt;
    }

    String classId() {
        return classId;
    }

    Instant takenAt() {
        return takenAt;
    }

    boolean isOfToday(Instant now) {
        return now.isBefore(takenAt.plus(UNDO));
    }
}
