package littlesummit.core.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import littlesummit.core.item.ItemRef;

/**
 * Where a student stands in one item.
 *
 * @param read whether a person has to read it
 * @param outcome present once it is closed
 */
public record ItemState(
        String itemId,
        ItemRef ref,
        boolean similar,
        double guess,
        List<PartState> parts,
        boolean exampleOpened,
        boolean read,
        Optional<Outcome> outcome) {
    public ItemState {
        parts = List.copyOf(parts);
    }

    static ItemState of(PracticeEvent.Served served) {
        return new ItemState(
                served.itemId(),
                served.ref(),
                served.similar(),
                served.guess(),
                served.tries().stream().map(PartState::fresh).toList(),
                false,
                served.read(),
                Optional.empty());
    }

    public boolean isClosed() {
        return outcome.isPresent();
    }

    /** Index of the part being worked on; the number of parts when all are done. */
    public int currentPart() {
        int i = 0;
        while (i < parts.size() && !parts.get(i).isOpen()) {
            i++;
        }
        return i;
    }

    public boolean aided() {
        return parts.stream().anyMatch(p -> p.hints() > 0);
    }

    public boolean anyTryUsed() {
        return parts.stream().anyMatch(p -> p.used() > 0);
    }

    public boolean anyPartMissed() {
        return parts.stream().anyMatch(p -> p.status() == PartState.Status.MISSED);
    }

    /** Whether every part is done and right, and only the work that goes with it is missing. */
    public boolean awaitsWork() {
        return !isClosed() && currentPart() >= parts.size();
    }

    /** @param needsWork whether it stays open, once all is right, until work has been shown */
    ItemState withPart(int index, PartState part, boolean needsWork) {
        List<PartState> changed = new ArrayList<>(parts);
        changed.set(index, part);
        ItemState next = new ItemState(itemId, ref, similar, guess, changed, exampleOpened, read, outcome);
        boolean staysOpen = next.currentPart() < changed.size() || needsWork && next.finished() != Outcome.MISSED;
        return staysOpen ? next : next.closed(next.finished());
    }

    ItemState withWork() {
        return awaitsWork() ? closed(finished()) : this;
    }

    /** How it ends once every part is done. */
    private Outcome finished() {
        return anyPartMissed() ? Outcome.MISSED : ifRight();
    }

    /** The outcome of going on without another mistake. */
    public Outcome ifRight() {
        return aided() ? Outcome.AIDED : anyTryUsed() ? Outcome.UNAIDED_LATER : Outcome.UNAIDED_FIRST;
    }

    ItemState closed(Outcome as) {
        return new ItemState(itemId, ref, similar, guess, parts, exampleOpened, read, Optional.of(as));
    }

    ItemState withExample() {
        return new ItemState(itemId, ref, similar, guess, parts, true, read, outcome);
    }
}
