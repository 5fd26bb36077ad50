package littlesummit.app.quiz;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.UUID;

/** The state of one student in one quiz, folded from the log. */
@Entity
@Table(name = "quiz_run")
class QuizRunEntity {
    @Id
    private String id;

    private String personId;
    private String assignmentId;

    @Lob
    private String state;

    @Version
    private long version;

    protected QuizRunEntity() {}

    QuizRunEntity(String personId, String assignmentId, String state) {
        this.id = UUID.randomUUID().toString();
        this.personId = personId;
        this.assignmentId = assignmentId;
        this.state = state;
    }

    String personId() {
        return personId;
    }

    String assignmentId() {
        return assignmentId;
    }

    String state() {
        return state;
    }

    void keep(String json) {
        this.state = json;
    }
}
