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
    private Integer saidPercent;
    private String saidWhy;
    private Instant saidAt;

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

    void say(KnowledgeService.Said said) {
        this.saidPercent = said.percent();
        this.saidWhy = said.why();
        this.saidAt = said.at();
    }

    private Optional<KnowledgeService.Said> said() {
        return Optional.ofNullable(saidPercent).map(percent -> new KnowledgeService.Said(percent, saidWhy, saidAt));
    }

    KnowledgeService.Known toKnown() {
        return new KnowledgeService.Known(
                personId,
                skill,
                Optional.ofNullable(knownSince),
                Optional.ofNullable(confirmedAt),
                refreshes,
                Optional.ofNullable(fallenAt),
                said());
    }
}
