package littlesummit.app.knowledge;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What checks have said of each student's skills. */
@Service
public class KnowledgeService {
    private final KnownSkillRepository known;

    KnowledgeService(KnownSkillRepository known) {
        this.known = known;
    }

    /**
     * @param knownSince when a check first showed it
     * @param confirmed when one last did
     * @param refreshes short checks passed since
     * @param fallen when one last put it back into practice
     * @param said what the last check over the course said of it
     */
    public record Known(
            String personId,
            String skill,
            Optional<Instant> knownSince,
            Optional<Instant> confirmed,
            int refreshes,
            Optional<Instant> fallen,
            Optional<Said> said) {}

    /**
     * @param percent how likely it is known, 0 to 100
     * @param why a sentence
     */
    public record Said(int percent, String why, Instant at) {}

    @Transactional(readOnly = true)
    public List<Known> of(String personId) {
        return known.findByPersonId(personId).stream()
                .map(KnownSkillEntity::toKnown)
                .toList();
    }

    /** In some skills alone. */
    @Transactional(readOnly = true)
    public List<Known> of(String personId, Collection<String> skills) {
        return known.findByPersonIdAndSkillIn(personId, skills).stream()
                .map(KnownSkillEntity::toKnown)
                .toList();
    }

    /** Of several students. */
    @Transactional(readOnly = true)
    public List<Known> of(Collection<String> personIds) {
        return known.findByPersonIdIn(personIds).stream()
                .map(KnownSkillEntity::toKnown)
                .toList();
    }

    /** @param refresh whether a short check showed it */
    @Transactional
    public void shown(String personId, String skill, Instant at, boolean refresh) {
        KnownSkillEntity row = row(personId, skill);
        row.known(at, refresh);
        known.save(row);
    }

    /** A check has put it back into practice. */
    @Transactional
    public void fell(String personId, String skill, Instant at) {
        KnownSkillEntity row = row(personId, skill);
        row.fell(at);
        known.save(row);
    }

    /** A check over the course has its word on a skill, known or not. */
    @Transactional
    public void say(String personId, String skill, Said said) {
        KnownSkillEntity row = row(personId, skill);
        row.say(said);
        known.save(row);
    }

    private KnownSkillEntity row(String personId, String skill) {
        return known.findById(new KnownSkillEntity.Key(personId, skill))
                .orElseGet(() -> new KnownSkillEntity(personId, skill));
    }
}
