package littlesummit.app.practice;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import littlesummit.core.practice.SkillState;

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
    private Instant reachedAt;
    private Instant shownAt;
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

    void keep(String json, SkillState now, Instant at) {
        this.state = json;
        this.score = now.score();
        if (now.reached() && !reached) {
            this.reachedAt = at;
        }
        this.reached = now.reached();
        boolean right = now.history().size() > 0 && now.history().getLast().at().equals(at) && now.history().getLast().outcome().isRightUnaided();
        if (reached && right) {
            this.shownAt = at;
        }
    }

    Optional<Instant> reachedAt() {
        return Optional.ofNullable(reachedAt);
    }

    Optional<Instant> shownAt() {
        return Optional.ofNullable(shownAt);
    }

    int score() {
        return score;
    }

    boolean reached() {
        return reached;
    }
}
