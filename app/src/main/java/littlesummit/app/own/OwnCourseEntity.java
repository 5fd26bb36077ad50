package littlesummit.app.own;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Collection;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** A course that an instructor has put together. */
@Entity
@Table(name = "own_course")
class OwnCourseEntity {
    @Id
    private String id;

    private String makerId;
    private String title;
    private String skills;
    private Instant madeAt;
    private boolean withdrawn;

    protected OwnCourseEntity() {}

    OwnCourseEntity(String id, String makerId, String title, Collection<String> skills, Instant at) {
        this.id = id;
        this.makerId = makerId;
        this.title = title;
        this.skills = String.join(",", skills);
        this.madeAt = at;
    }

    String id() {
        return id;
    }

    String title() {
        return title;
    }

    Instant madeAt() {
        return madeAt;
    }

    Set<String> skills() {
        return new LinkedHashSet<>(List.of(skills.split(",")));
    }

    void withdraw() {
        this.withdrawn = true;
    }
}
