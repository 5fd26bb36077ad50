package littlesummit.core.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import littlesummit.core.item.ItemRef;

/** Where a student stands in one item. @param outcome present once it is closed */
public record ItemState(String itemId, ItemRef ref, boolean similar, double guess, List<PartState> parts, boolean exampleOpened,
        Optional<Outcome> outcome) {
    public ItemState {
        parts = List.copyOf(parts);
    }

    static ItemState of(PracticeEvent.Served served) {
        return new ItemState(served.itemId(), served.ref(), served.similar(), served.guess(),
                served.tries().stream().map(PartState::fresh).toList(), false, Optional.empty());
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

    ItemState withPart(int index, PartState part) {
        List<PartState> changed = new ArrayList<>(parts);
        changed.set(index, part);
        ItemState next = new ItemState(itemId, ref, similar, guess, changed, exampleOpened, outcome);
        return next.currentPart() < changed.size() ? next : next.closed(next.finished());
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
        return new ItemState(itemId, ref, similar, guess, parts, exampleOpened, Optional.of(as));
    }

    ItemState withExample() {
        return new ItemState(itemId, ref, similar, guess, parts, true, outcome);
    }
}
