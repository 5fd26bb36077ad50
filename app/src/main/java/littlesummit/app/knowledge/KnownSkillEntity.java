package littlesummit.app.knowledge;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.Instant;
import java.util.Optional;

/** What checks have said of a skill. */
@Entity
@Table(name = "known_skill")
@IdClass(KnownSkillEntity.Key.class)
class KnownSkillEntity {
    record Key(String personId, String skill) implements Serializable {}

    @Id
    private String personId;
    @Id
    private String skill;
    private Instant knownSince;
    private Instant confirmedAt;
    private int refreshes;
    private Instant fallenAt;

    protected KnownSkillEntity() {}

    KnownSkillEntity(String personId, String skill) {
        this.personId = personId;
        this.skill = skill;
    }

    String skill() {
        return skill;
    }

    /** @param refresh whether a short check showed it, which makes the next one come later */
    void known(Instant at, boolean refresh) {
        this.knownSince = knownSince == null ? at : knownSince;
        this.confirmedAt = at;
        this.refreshes += refresh ? 1 : 0;
    }

    void fell(Instant at) {
        this.fallenAt = at;
        this.refreshes = 0;
    }

    KnowledgeService.Known toKnown() {
        return new KnowledgeService.Known(skill, Optional.ofNullable(knownSince), Optional.ofNullable(confirmedAt), refreshes, Optional.ofNullable(fallenAt));
    }
}
