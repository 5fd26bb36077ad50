package littlesummit.app.workbench;

import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.Stream;
import littlesummit.app.own.OwnSkills;
import littlesummit.app.practice.ItemViews;
import littlesummit.app.web.Digest;
import littlesummit.app.web.Trace;
import littlesummit.app.workbench.WorkbenchView.ProofPhase;
import littlesummit.app.workbench.WorkbenchView.ProofView;
import littlesummit.core.proof.Finding;
import littlesummit.core.proof.Proof;
import littlesummit.core.proof.Prover;
import littlesummit.core.template.Complaint;
import littlesummit.core.template.Place;
import littlesummit.core.template.Template;
import littlesummit.core.template.TemplateReading;
import littlesummit.core.template.TemplateSkill;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Looks at all items of drafts, one draft after the other and beside everything else, so that no class waits for the
 * proof of another one's skill. What is found is noted for the other servers, and kept until the draft is looked at
 * again.
 */
@Component
class Proofs {
    private static final Duration LONGEST = Duration.ofMinutes(2);
    private static final int MOST_COMPLAINTS = 30;
    private static final Logger LOG = LoggerFactory.getLogger(Proofs.class);
    private static final Complaint UNFINISHED =
            new Complaint(Place.WHOLE, "Not all items could be looked at. Something in the document is too much.");

    private static final Duration NOTE_EVERY = Duration.ofSeconds(2);

    private final OwnSkills own;
    private final ProofNotes notes;
    private final Clock clock;
    private final int sample;
    private final Map<String, Run> runs = new ConcurrentHashMap<>();
    private final ExecutorService worker = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "proofs");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        return thread;
    });

    /** @param sample items to look at where there are too many for all of them */
    Proofs(OwnSkills own, ProofNotes notes, Clock clock, @Value("${summit.proof-items}") int sample) {
        this.own = own;
        this.notes = notes;
        this.clock = clock;
        this.sample = sample;
    }

    /**
     * How far one has come.
     *
     * @param digest of the text that is looked at
     * @param done what came of it; empty before the end
     */
    private record Run(String digest, ProofPhase phase, long seen, long of, boolean ended, Optional<Proof> done) {}

    @PreDestroy
    void stop() {
        worker.shutdownNow();
    }

    /** Begins to look at a draft, unless this very text is being looked at or was. */
    ProofView start(String id, String text) {
        String digest = Digest.of(text);
        if (!isLookedAt(id, digest)) {
            if (OwnSkills.document(text) instanceof TemplateReading.Understood(Template template)) {
                Run waiting = new Run(digest, ProofPhase.WAITING, 0, 0, false, Optional.empty());
                runs.put(id, waiting);
                notes.note(id, digest, view(waiting, text));
                worker.submit(() -> run(id, text, new TemplateSkill(template)));
            }
        }
        return of(id, text);
    }

    /** Here, or at this moment by another server. */
    private boolean isLookedAt(String id, String digest) {
        Run here = runs.get(id);
        return here != null && here.digest().equals(digest)
                || notes.find(id, digest)
                        .filter(found -> found.current() && found.state() != ProofPhase.DONE)
                        .isPresent();
    }

    private void run(String id, String text, TemplateSkill skill) {
        String digest = Digest.of(text);
        Instant start = clock.instant();
        AtomicReference<Instant> noted = new AtomicReference<>(start);
        try {
            Proof proof = Prover.prove(skill, sample, (seen, of) -> {
                boolean isWanted = goesOn(id, digest, start, seen, of);
                note(id, text, noted);
                return isWanted;
            });
            boolean ended = isLate(start);
            if (proof.holds() && !ended) {
                // Noted before anybody is told that it is done, or who is told might look too early.
                own.proved(id, digest);
            }
            finish(id, text, new Run(digest, ProofPhase.DONE, proof.seen(), proof.seen(), ended, Optional.of(proof)));
        } catch (RuntimeException | StackOverflowError unforeseen) {
            LOG.error("The proof of {} could not be finished: {}", id, Trace.of(unforeseen));
            Proof none = new Proof(0, 0, List.of(UNFINISHED), List.of());
            finish(id, text, new Run(digest, ProofPhase.DONE, 0, 0, false, Optional.of(none)));
        }
    }

    /** Noted before anybody here is told, or who asks another server next would hear there that it still runs. */
    private void finish(String id, String text, Run done) {
        try {
            if (isStillOf(id, done.digest())) {
                notes.note(id, done.digest(), view(done, text));
            }
        } finally {
            put(id, done);
        }
    }

    /** Notes how far it has come, now and then: what is noted costs a write. */
    private void note(String id, String text, AtomicReference<Instant> last) {
        Instant now = clock.instant();
        Run run = runs.get(id);
        boolean isDue = last.get().isBefore(now.minus(NOTE_EVERY));
        if (isDue && isStillOf(id, Digest.of(text))) {
            last.set(now);
            notes.note(id, run.digest(), view(run, text));
        }
    }

    private boolean isStillOf(String id, String digest) {
        Run run = runs.get(id);
        return run != null && run.digest().equals(digest);
    }

    private boolean goesOn(String id, String digest, Instant start, long seen, long of) {
        return put(id, new Run(digest, ProofPhase.RUNNING, seen, of, false, Optional.empty()))
                && !Thread.currentThread().isInterrupted()
                && !isLate(start);
    }

    private boolean isLate(Instant start) {
        return !clock.instant().isBefore(start.plus(LONGEST));
    }

    /** Whether it is still wanted: the draft may be looked at anew meanwhile. */
    private boolean put(String id, Run now) {
        return runs.computeIfPresent(id, (key, run) -> run.digest().equals(now.digest()) ? now : run) == now;
    }

    /** @param text of the draft as it is now */
    ProofView of(String id, String text) {
        return Optional.ofNullable(runs.get(id))
                .filter(run -> run.digest().equals(Digest.of(text)))
                .map(run -> view(run, text))
                .or(() -> notes.find(id, Digest.of(text)))
                .orElse(new ProofView(ProofPhase.NONE, false, false, 0, 0, "", List.of()));
    }

    private static ProofView view(Run run, String text) {
        return new ProofView(
                run.phase(),
                run.digest().equals(Digest.of(text)),
                run.done().filter(proof -> proof.holds() && !run.ended()).isPresent(),
                run.seen(),
                run.of(),
                run.done().map(Proof::extent).orElse(""),
                run.done().map(proof -> complaints(proof, text, run.ended())).orElse(List.of()));
    }

    private static List<WorkbenchView.BenchComplaint> complaints(Proof proof, String text, boolean ended) {
        Optional<Template> template = OwnSkills.document(text) instanceof TemplateReading.Understood(Template t)
                ? Optional.of(t)
                : Optional.empty();
        Stream<WorkbenchView.BenchComplaint> late = ended
                ? Stream.of(said(0, "", "This takes too long: after two minutes not all items had been looked at."))
                : Stream.empty();
        Stream<WorkbenchView.BenchComplaint> unmade =
                proof.complaints().stream().map((Complaint c) -> said(c.at().line(), c.at().path(), c.sentence()));
        Stream<WorkbenchView.BenchComplaint> found =
                proof.findings().stream().map(finding -> complaint(finding, template));
        return Stream.of(late, unmade, found)
                .flatMap(s -> s)
                .limit(MOST_COMPLAINTS)
                .toList();
    }

    private static WorkbenchView.BenchComplaint said(int line, String place, String sentence) {
        return new WorkbenchView.BenchComplaint(line, place, sentence, 0, 0, 0, Optional.empty());
    }

    private static WorkbenchView.BenchComplaint complaint(Finding finding, Optional<Template> template) {
        String variant = finding.place().split(",")[0];
        int line = template.flatMap(t -> t.placeOf(variant))
                .map(place -> place.line())
                .orElse(0);
        return new WorkbenchView.BenchComplaint(
                line,
                finding.place(),
                finding.sentence(),
                finding.times(),
                finding.of(),
                finding.example().ref().tier(),
                Optional.of(ItemViews.open(finding.example())));
    }
}
