package littlesummit.app.assignment;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.Instant;
import java.util.Optional;

/** What is different about an assignment for one student. */
@Entity
@Table(name = "assignment_exception")
@IdClass(ExceptionEntity.Key.class)
class ExceptionEntity {
    record Key(String assignmentId, String personId) implements Serializable {}

    @Id
    private String assignmentId;

    @Id
    private String personId;

    private Instant due;
    private boolean leftOut;

    protected ExceptionEntity() {}

    ExceptionEntity(String assignmentId, String personId) {
        this.assignmentId = assignmentId;
        this.personId = personId;
    }

    String assignmentId() {
        return assignmentId;
    }

    String personId() {
        return personId;
    }

    Optional<Instant> due() {
        return Optional.ofNullable(due);
    }

    boolean leftOut() {
        return leftOut;
    }

    void postpone(Instant to) {
        this.due = to;
    }

    void leaveOut(boolean out) {
        this.leftOut = out;
    }
}
