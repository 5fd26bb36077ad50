package littlesummit.app.own;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.Instant;

/** A version of a skill as it was when it was put to use. */
@Entity
@Table(name = "own_skill_version")
@IdClass(OwnVersionEntity.Key.class)
class OwnVersionEntity {
    record Key(String skillId, int version) implements Serializable {}

    @Id
    private String skillId;

    @Id
    private int version;

    private String document;
    private Instant madeAt;

    protected OwnVersionEntity() {}

    OwnVersionEntity(String skillId, int version, String document, Instant madeAt) {
        this.skillId = skillId;
        this.version = version;
        this.document = document;
        this.madeAt = madeAt;
    }

    String document() {
        return document;
    }

    Instant madeAt() {
        return madeAt;
    }
}
