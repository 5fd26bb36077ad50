package littlesummit.core.practice;

import java.util.Map;

/**
 * Where a student stands in one part.
 *
 * @param allowed tries in all
 * @param used tries that counted
 * @param forms verdicts "right value, other form" so far
 * @param hints hints that are open
 * @param last entries of the last try that could be read, by field id
 */
public record PartState(int allowed, int used, int forms, int hints, Status status, Map<String, String> last) {
    /** Open until right or out of tries. */
    public enum Status {
        OPEN,
        RIGHT,
        MISSED
    }

    public PartState {
        last = Map.copyOf(last);
    }

    static PartState fresh(int allowed) {
        return new PartState(allowed, 0, 0, 0, Status.OPEN, Map.of());
    }

    public boolean isOpen() {
        return status == Status.OPEN;
    }

    public int left() {
        return allowed - used;
    }

    PartState tried(PracticeEvent.Result result, Map<String, String> entries, int freeForms) {
        return switch (result) {
            case UNREADABLE -> this;
            case CORRECT -> new PartState(allowed, used, forms, hints, Status.RIGHT, entries);
            case FORM -> counted(forms >= freeForms, forms + 1, entries);
            case INCORRECT -> counted(true, forms, entries);
        };
    }

    private PartState counted(boolean costs, int newForms, Map<String, String> entries) {
        int nowUsed = used + (costs ? 1 : 0);
        return new PartState(
                allowed, nowUsed, newForms, hints, nowUsed >= allowed ? Status.MISSED : Status.OPEN, entries);
    }

    PartState withHints(int count) {
        return new PartState(allowed, used, forms, Math.max(hints, count), status, last);
    }
}
