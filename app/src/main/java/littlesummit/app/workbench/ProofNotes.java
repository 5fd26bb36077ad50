package littlesummit.app.workbench;

import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import littlesummit.app.web.Json;
import littlesummit.app.workbench.WorkbenchView.BenchComplaint;
import littlesummit.app.workbench.WorkbenchView.ProofPhase;
import littlesummit.app.workbench.WorkbenchView.ProofView;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Component;

/** What proofs have come to, kept where the other servers of a school find it. */
@Component
class ProofNotes {
    /** A server that has said nothing for so long has stopped, and its proof with it. */
    private static final Duration SILENCE = Duration.ofSeconds(30);

    private static final int LONGEST = 900_000;
    private static final Logger LOG = LoggerFactory.getLogger(ProofNotes.class);

    private final ProofNoteRepository notes;
    private final Json json;
    private final Clock clock;

    ProofNotes(ProofNoteRepository notes, Json json, Clock clock) {
        this.notes = notes;
        this.json = json;
        this.clock = clock;
    }

    /** @param digest of the text that is looked at */
    void note(String skillId, String digest, ProofView found) {
        String text = json.write(found);
        String kept = text.length() <= LONGEST ? text : json.write(withoutExamples(found));
        try {
            notes.save(new ProofNoteEntity(skillId, digest, clock.instant(), kept));
        } catch (DataIntegrityViolationException gone) {
            LOG.debug("the skill {} was deleted meanwhile", skillId);
        }
    }

    private static ProofView withoutExamples(ProofView found) {
        List<BenchComplaint> complaints = found.complaints().stream()
                .map(c -> new BenchComplaint(
                        c.line(), c.place(), c.sentence(), c.times(), c.of(), c.tier(), Optional.empty()))
                .toList();
        return new ProofView(
                found.state(), found.current(), found.holds(), found.seen(), found.of(), found.extent(), complaints);
    }

    /**
     * What any server has found, or is about to find.
     *
     * @param digest of the text as it is now
     */
    Optional<ProofView> find(String skillId, String digest) {
        return notes.findById(skillId)
                .map(note -> {
                    ProofView found = json.read(note.found(), ProofView.class);
                    return new ProofView(
                            note.toldAt().isBefore(clock.instant().minus(SILENCE)) && found.state() != ProofPhase.DONE
                                    ? ProofPhase.NONE
                                    : found.state(),
                            note.digest().equals(digest),
                            found.holds(),
                            found.seen(),
                            found.of(),
                            found.extent(),
                            found.complaints());
                })
                .filter(found -> found.state() != ProofPhase.NONE);
    }
}
