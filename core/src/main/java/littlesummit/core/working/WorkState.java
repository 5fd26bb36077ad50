package littlesummit.core.working;

import java.time.Instant;
import java.util.Optional;

/** Where the shown work of one item stands between the student and the instructor. */
public sealed interface WorkState {
    /** Credit for work that shows everything. */
    int FULL = 100;

    WorkState START = new None();

    /** Nothing was written yet. */
    record None() implements WorkState {}

    /** Something stands on the page, for the student alone. */
    record Kept() implements WorkState {}

    /** It waits to be read. */
    record HandedIn(Instant at) implements WorkState {}

    /** @param credit 0 to {@link #FULL}, in percent */
    record Read(Instant at, int credit, String comment, String by) implements WorkState {
        public Read {
            if (credit < 0 || credit > FULL) {
                throw new IllegalArgumentException("credit " + credit);
            }
        }
    }

    /** The student is asked for more. */
    record SentBack(Instant at, String comment, String by) implements WorkState {}

    /** @param hasContent whether anything stands on the page now */
    default WorkState edited(boolean hasContent) {
        return switch (this) {
            case None n -> hasContent ? new Kept() : n;
            case Kept k -> hasContent ? k : new None();
            case HandedIn h -> h;
            case Read r -> r;
            case SentBack s -> s;
        };
    }

    /** Empty when there is nothing to hand in, or when it has been read. */
    default Optional<WorkState> handIn(Instant now) {
        return switch (this) {
            case Kept k -> Optional.of(new HandedIn(now));
            case SentBack s -> Optional.of(new HandedIn(now));
            case HandedIn h -> Optional.of(h);
            case None n -> Optional.empty();
            case Read r -> Optional.empty();
        };
    }

    /** Also a second time, to put right what was given. Empty when it was not handed in. */
    default Optional<WorkState> read(Instant now, int credit, String comment, String by) {
        return isBeforeInstructor() ? Optional.of(new Read(now, credit, comment, by)) : Optional.empty();
    }

    /** Empty when it was not handed in. */
    default Optional<WorkState> sendBack(Instant now, String comment, String by) {
        return isBeforeInstructor() ? Optional.of(new SentBack(now, comment, by)) : Optional.empty();
    }

    /** A reading that was given by mistake: it waits again. Empty when it was not read. */
    default Optional<WorkState> unread(Instant now) {
        return this instanceof Read ? Optional.of(new HandedIn(now)) : Optional.empty();
    }

    private boolean isBeforeInstructor() {
        return this instanceof HandedIn || this instanceof Read;
    }

    /** Since when it waits to be read, if it does. */
    default Optional<Instant> waitingSince() {
        return this instanceof HandedIn(Instant at) ? Optional.of(at) : Optional.empty();
    }
}
