package littlesummit.app.people;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import littlesummit.app.people.SchoolClass.Goal;

/** A school class. */
@Entity
@Table(name = "school_class")
class ClassEntity {
    @Id
    private String id;

    private String name;
    private Integer goalSkills;
    private LocalDate goalStart;
    private LocalDate goalDate;
    private Instant overSince;
    private String courseId = "";

    protected ClassEntity() {}

    ClassEntity(String id, String name) {
        this.id = id;
        this.name = name;
    }

    String id() {
        return id;
    }

    String name() {
        return name;
    }

    void rename(String to) {
        this.name = to;
    }

    Optional<Goal> goal() {
        return Optional.ofNullable(goalSkills).map(skills -> new Goal(skills, goalStart, goalDate));
    }

    void aim(Optional<Goal> goal) {
        this.goalSkills = goal.map(Goal::skills).orElse(null);
        this.goalStart = goal.map(Goal::start).orElse(null);
        this.goalDate = goal.map(Goal::date).orElse(null);
    }

    /** Empty for the whole course. */
    String courseId() {
        return courseId;
    }

    void take(String course) {
        this.courseId = course;
    }

    boolean isOver() {
        return overSince != null;
    }

    /** @param since empty to take it up again */
    void over(Optional<Instant> since) {
        this.overSince = since.orElse(null);
    }
}
