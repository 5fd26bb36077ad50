package littlesummit.app.own;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.Optional;
import littlesummit.app.web.Digest;

/** A skill of a class: what is being written, and which version is in use. */
@Entity
@Table(name = "own_skill")
class OwnSkillEntity {
    @Id
    private String id;

    private String classId;
    private String makerId;
    private String name;
    private String draft;
    private Instant changedAt;
    private String proved;
    private String used;
    private int version;
    private boolean withdrawn;

    @Version
    private long revision;

    protected OwnSkillEntity() {}

    OwnSkillEntity(String id, String classId, String makerId, String name, String draft, Instant at) {
        this.id = id;
        this.classId = classId;
        this.makerId = makerId;
        this.name = name;
        this.draft = draft;
        this.changedAt = at;
    }

    String id() {
        return id;
    }

    String classId() {
        return classId;
    }

    String makerId() {
        return makerId;
    }

    String name() {
        return name;
    }

    String draft() {
        return draft;
    }

    Instant changedAt() {
        return changedAt;
    }

    int version() {
        return version;
    }

    boolean isWithdrawn() {
        return withdrawn;
    }

    void write(String text, String itsName, Instant at) {
        this.draft = text;
        this.name = itsName;
        this.changedAt = at;
    }

    /** @param digest of the draft for which everything holds */
    void prove(String digest) {
        this.proved = digest;
    }

    /** Whether everything was found to hold for the draft as it is now. */
    boolean isProved() {
        return Optional.ofNullable(proved).filter(Digest.of(draft)::equals).isPresent();
    }

    /** Whether the draft is the version in use. */
    boolean isInUse() {
        return Optional.ofNullable(used).filter(Digest.of(draft)::equals).isPresent();
    }

    /** @return number of the version that the draft becomes */
    int use() {
        this.withdrawn = false;
        this.used = Digest.of(draft);
        return ++version;
    }

    void takeUp() {
        this.withdrawn = false;
    }

    void withdraw() {
        this.withdrawn = true;
    }
}
