package littlesummit.app.served;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.Optional;
import littlesummit.core.item.ItemRef;

/** An item as it was given to a student. */
@Entity
@Table(name = "served_item")
class ServedItemEntity {
    @Id
    private String id;

    private String personId;
    private String assignmentId;
    private String skill;
    private int number;
    private int version;
    private int tier;
    private String variant;
    private long seed;
    private String fingerprint;
    private long exampleSeed;
    private String draft;
    private Long contentId;
    private Long exampleContentId;

    protected ServedItemEntity() {}

    ServedItemEntity(
            String id,
            String personId,
            String assignmentId,
            int number,
            ItemRef ref,
            String fingerprint,
            long contentId,
            long exampleSeed) {
        this.id = id;
        this.personId = personId;
        this.assignmentId = assignmentId;
        this.skill = ref.skill();
        this.number = number;
        this.version = ref.version();
        this.tier = ref.tier();
        this.variant = ref.variant();
        this.seed = ref.seed();
        this.fingerprint = fingerprint;
        this.contentId = contentId;
        this.exampleSeed = exampleSeed;
        this.draft = "{}";
    }

    String id() {
        return id;
    }

    String personId() {
        return personId;
    }

    String assignmentId() {
        return assignmentId;
    }

    int number() {
        return number;
    }

    ItemRef ref() {
        return new ItemRef(skill, version, tier, variant, seed);
    }

    ItemRef example() {
        return ref().withSeed(exampleSeed);
    }

    /** Of what was given out; empty only for a row that is older than frozen content. */
    Optional<Long> contentId() {
        return Optional.ofNullable(contentId);
    }

    void freeze(long id) {
        this.contentId = id;
    }

    /** Empty until the example is opened. */
    Optional<Long> exampleContentId() {
        return Optional.ofNullable(exampleContentId);
    }

    void freezeExample(long id) {
        this.exampleContentId = id;
    }

    String draft() {
        return draft;
    }

    void keepDraft(String json) {
        this.draft = json;
    }
}
