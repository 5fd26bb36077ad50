package littlesummit.app.web;

import java.util.function.Function;

/**
 * The fold of a log, kept so that it need not be folded each time. Beside it stands from what it began, and the
 * fingerprint of the shape in which it was written. One of another shape is not read: the log is folded anew from the
 * same beginning. So a state of {@code core} may change as it likes.
 *
 * @param <B> the beginning, in a shape of its own that is always read
 * @param <T> the state, a record
 */
public final class Snapshot<B, T> {
    private static final String END = "\n";
    private final Class<B> beginning;
    private final Class<T> type;
    private final String shape;

    public Snapshot(Class<B> beginning, Class<T> type) {
        this.beginning = beginning;
        this.type = type;
        this.shape = Fingerprint.of(type);
    }

    /** As it is kept. */
    public String write(B from, T state, Json json) {
        return shape + END + json.write(from) + END + json.write(state);
    }

    /**
     * What was kept.
     *
     * @param folded folds the log anew, from a beginning
     */
    public T read(String kept, Json json, Function<B, T> folded) {
        if (kept.startsWith("{")) {
            // Written before there were fingerprints.
            return json.read(kept, type);
        }
        String[] parts = kept.split(END, 3);
        return parts[0].equals(shape) ? json.read(parts[2], type) : folded.apply(json.read(parts[1], beginning));
    }
}
