package littlesummit.app.practice;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import littlesummit.core.practice.Outcome;
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
    private boolean summarised;
    private int stands;
    private int hoped;
    private int pagesWaiting;
    private boolean reachedWaiting;
    private int missedLately;
    private Instant lastAt;

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
        now.history().stream()
                .skip(Math.max(0, now.history().size() - 1))
                .filter(last -> last.at().equals(at) && last.outcome().isRightUnaided())
                .forEach(last -> this.shownAt = at);
        summarise(now);
    }

    /** Keeps beside the state what lists of a whole class show of it. */
    void summarise(SkillState now) {
        this.stands = now.sureMeasure();
        this.hoped = now.measure();
        this.pagesWaiting = now.waiting();
        this.reachedWaiting = now.reachedWaiting();
        this.missedLately = (int)
                now.lately().stream().filter(s -> s.outcome() == Outcome.MISSED).count();
        this.lastAt = now.history().isEmpty() ? null : now.history().getLast().at();
        this.summarised = true;
    }

    PracticeRecord.Standing standing() {
        return new Summary(
                        personId,
                        assignmentId,
                        skill,
                        stands,
                        hoped,
                        pagesWaiting,
                        reachedWaiting,
                        reached,
                        reachedAt,
                        shownAt,
                        lastAt)
                .standing();
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
