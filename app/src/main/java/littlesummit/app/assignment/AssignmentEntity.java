package littlesummit.app.assignment;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Skills to work through, for a class, until a date. */
@Entity
@Table(name = "assignment")
class AssignmentEntity {
    @Id
    private String id;

    private String classId;
    private String title;
    private String target;
    private String policy;
    private String quizPlan;
    private Instant opens;
    private Instant due;
    private Instant withdrawnAt;
    private Instant setAt;

    @ElementCollection(fetch = FetchType.EAGER)
    @CollectionTable(name = "assignment_skill", joinColumns = @JoinColumn(name = "assignment_id"))
    @OrderColumn(name = "place")
    @Column(name = "skill")
    private List<String> skills = new ArrayList<>();

    protected AssignmentEntity() {}

    AssignmentEntity(
            String id,
            String classId,
            String title,
            String target,
            String policy,
            Optional<String> quizPlan,
            Instant due,
            List<String> skills) {
        this.id = id;
        this.classId = classId;
        this.title = title;
        this.target = target;
        this.policy = policy;
        this.quizPlan = quizPlan.orElse(null);
        this.due = due;
        this.skills = new ArrayList<>(skills);
    }

    void setAt(Instant now) {
        this.setAt = now;
    }

    Optional<Instant> setAt() {
        return Optional.ofNullable(setAt);
    }

    String id() {
        return id;
    }

    String classId() {
        return classId;
    }

    String title() {
        return title;
    }

    String target() {
        return target;
    }

    String policy() {
        return policy;
    }

    Optional<String> quizPlan() {
        return Optional.ofNullable(quizPlan);
    }

    Instant due() {
        return due;
    }

    Optional<Instant> opens() {
        return Optional.ofNullable(opens);
    }

    void openAt(Instant at) {
        this.opens = at;
    }

    void move(Instant to) {
        this.due = to;
    }

    void rename(String to) {
        this.title = to;
    }

    boolean isWithdrawn() {
        return withdrawnAt != null;
    }

    /** @param since empty to set it again */
    void withdraw(Optional<Instant> since) {
        this.withdrawnAt = since.orElse(null);
    }

    List<String> skills() {
        return List.copyOf(skills);
    }
}
