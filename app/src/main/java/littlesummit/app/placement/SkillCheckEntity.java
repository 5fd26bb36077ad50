package littlesummit.app.placement;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Lob;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** A check of one student. */
@Entity
@Table(name = "skill_check")
class SkillCheckEntity {
    @Id
    private String id;

    private String personId;

    @Lob
    private String state;

    private Instant startedAt;
    private Instant finishedAt;
    private String fell;
    private String verdicts;
    private boolean excused;
    private String lastKey;
    private String courseId = "";

    @Version
    private long version;

    protected SkillCheckEntity() {}

    /** @param courseId what it is over; it stays with that when the class takes another course meanwhile */
    SkillCheckEntity(String personId, String state, String courseId, Instant at) {
        this.id = UUID.randomUUID().toString();
        this.personId = personId;
        this.state = state;
        this.courseId = courseId;
        this.startedAt = at;
    }

    String courseId() {
        return courseId;
    }

    String state() {
        return state;
    }

    void keep(String json) {
        this.state = json;
    }

    /**
     * @param skills that it has put back into practice
     * @param said of each skill, as JSON
     */
    void finish(Instant at, List<String> skills, String said) {
        this.finishedAt = at;
        this.verdicts = said;
        this.fell = String.join(",", skills);
    }

    /** Empty for one that was finished before they were kept. */
    Optional<String> verdicts() {
        return Optional.ofNullable(verdicts);
    }

    List<String> fell() {
        return Optional.ofNullable(fell)
                .filter(f -> !f.isEmpty())
                .map(f -> List.of(f.split(",")))
                .orElse(List.of());
    }

    /** @param key of the request with the last answer */
    void answeredBy(String key) {
        this.lastKey = key;
    }

    /** It no longer counts toward how often the check may be taken. */
    void excuse() {
        this.excused = true;
    }

    boolean isExcused() {
        return excused;
    }

    Instant startedAt() {
        return startedAt;
    }

    Optional<Instant> finishedAt() {
        return Optional.ofNullable(finishedAt);
    }
}
