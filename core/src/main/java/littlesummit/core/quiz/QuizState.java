package littlesummit.core.quiz;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import littlesummit.core.math.Rational;

/**
 * Where a student stands in a quiz: a fold over its log.
 *
 * @param latest time of the last event; time never goes back, whatever a clock says
 */
public record QuizState(QuizPlan plan, List<Round> rounds, Instant latest) {
    /** What can be done now. */
    public enum Phase {
        READY,
        RUNNING,
        CORRECTING,
        FINISHED
    }

    public QuizState {
        rounds = List.copyOf(rounds);
    }

    public static QuizState start(QuizPlan plan) {
        return new QuizState(plan, List.of(), Instant.EPOCH);
    }

    public static QuizState replay(QuizPlan plan, Iterable<QuizEvent> log, IssuedItems issued) {
        QuizState state = start(plan);
        for (QuizEvent event : log) {
            state = state.after(event, issued);
        }
        return state;
    }

    /** The time that counts: now, or that of the last event when a clock was set back. */
    public Instant timeAt(Instant now) {
        return now.isBefore(latest) ? latest : now;
    }

    public Optional<Round> running() {
        return rounds.isEmpty() || !rounds.getLast().isOpen() ? Optional.empty() : Optional.of(rounds.getLast());
    }

    /** The end that time has brought by now, if a round is running past it. */
    public Optional<QuizEvent> overdue(Instant now) {
        return running().filter(r -> !timeAt(now).isBefore(r.endsAt())).map(r -> new QuizEvent.Submitted(r.endsAt()));
    }

    public Phase phase() {
        if (running().isPresent()) {
            return Phase.RUNNING;
        }
        boolean over = isReached() || rounds.size() >= plan.rounds();
        return rounds.isEmpty()
                ? Phase.READY
                : !rounds.getLast().isCorrected() && !isReached()
                        ? Phase.CORRECTING
                        : over ? Phase.FINISHED : Phase.READY;
    }

    /** Best share of a round that is done, 0 to 1. */
    public Rational best() {
        return rounds.stream()
                .filter(r -> !r.isOpen())
                .map(Round::share)
                .max(Rational::compareTo)
                .orElse(Rational.ZERO);
    }

    public boolean isReached() {
        return best().times(Rational.of(100)).compareTo(Rational.of(plan.target())) >= 0;
    }

    /** The first round that reached the target, counted from 1. */
    Optional<Integer> reachedIn() {
        return rounds.stream()
                .filter(r ->
                        !r.isOpen() && r.share().times(Rational.of(100)).compareTo(Rational.of(plan.target())) >= 0)
                .map(Round::number)
                .findFirst();
    }

    /** When the target was reached. */
    public Optional<Instant> reachedAt() {
        return reachedIn().flatMap(n -> rounds.get(n - 1).submittedAt());
    }

    /**
     * The state after one more event; an event that does not fit the state changes nothing.
     *
     * @param issued gives the items to mark when a round ends
     */
    public QuizState after(QuizEvent event, IssuedItems issued) {
        Instant at = timeAt(event.at());
        return switch (event) {
            case QuizEvent.Started s when phase() == Phase.READY -> begun(s, at);
            case QuizEvent.Saved s
            when isOpen(s.slot(), event.at()) ->
                changed(s.slot(), slot(s.slot()).saved(s.entries()), at);
            case QuizEvent.Flagged f
            when isOpen(f.slot(), event.at()) ->
                changed(f.slot(), slot(f.slot()).flagged(f.on()), at);
            case QuizEvent.Submitted s
            when running().isPresent() -> replaced(rounds.getLast().submitted(s.at(), issued), at);
            case QuizEvent.Corrected c when wantsNote(c.round(), c.slot()) -> corrected(c, at);
            case QuizEvent.Started s -> this;
            case QuizEvent.Saved s -> this;
            case QuizEvent.Flagged f -> this;
            case QuizEvent.Submitted s -> this;
            case QuizEvent.Corrected c -> this;
        };
    }

    /** Whether an item of the running round can still be changed at a time. */
    public boolean isOpen(int slot, Instant at) {
        return running()
                .filter(r -> slot >= 0 && slot < r.slots().size() && timeAt(at).isBefore(r.endsAt()))
                .isPresent();
    }

    /**
     * Whether an item of a round that is done wants a note, written or not.
     *
     * @param round from 1
     */
    public boolean wantsNote(int round, int slot) {
        return round >= 1
                && round <= rounds.size()
                && slot >= 0
                && slot < rounds.get(round - 1).slots().size()
                && rounds.get(round - 1).slots().get(slot).wantsNote();
    }

    private Round.Slot slot(int index) {
        return rounds.getLast().slots().get(index);
    }

    private QuizState begun(QuizEvent.Started s, Instant at) {
        List<Round> next = new ArrayList<>(rounds);
        next.add(new Round(
                rounds.size() + 1,
                s.at(),
                s.endsAt(),
                s.items().stream().map(Round.Slot::fresh).toList(),
                Optional.empty()));
        return new QuizState(plan, next, at);
    }

    private QuizState changed(int index, Round.Slot slot, Instant at) {
        return replaced(rounds.getLast().with(index, slot), at);
    }

    private QuizState corrected(QuizEvent.Corrected c, Instant at) {
        Round round = rounds.get(c.round() - 1);
        return replaced(round.with(c.slot(), round.slots().get(c.slot()).corrected(c.note())), at);
    }

    private QuizState replaced(Round round, Instant at) {
        List<Round> next = new ArrayList<>(rounds);
        next.set(round.number() - 1, round);
        return new QuizState(plan, next, at);
    }
}
