package littlesummit.app.practice;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.UUID;

/** The state of one student in one skill of one assignment, folded from the log. */
@Entity
@Table(name = "progress")
class ProgressEntity {
    @Id
    private String id;
    private String personId;
    private String assignmentId;
    private String skill;
    @Lob
    private String state;
    private int score;
    private boolean reached;
    @Version
    private long version;

    protected ProgressEntity() {}

    ProgressEntity(String personId, String assignmentId, String skill, String state) {
        this.id = UUID.randomUUID().toString();
        this.personId = personId;
        this.assignmentId = assignmentId;
        this.skill = skill;
        this.state = state;
    }

    String personId() {
        return personId;
    }

    String assignmentId() {
        return assignmentId;
    }

    String skill() {
        return skill;
    }

    String state() {
        return state;
    }

    void keep(String json, int newScore, boolean isReached) {
        this.state = json;
        this.score = newScore;
        this.reached = isReached;
    }

    int score() {
        return score;
    }

    boolean reached() {
        return reached;
    }
}
