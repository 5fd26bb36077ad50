package littlesummit.app.web;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * The shape of a text in the database, with its number. A text is kept with the number of the shape that it was written
 * in and is never rewritten; one of an older shape is lifted, shape by shape, when it is read.
 *
 * @param type what a text of the newest shape is read as
 * @param lifts how a text of shape 1 becomes one of shape 2, one of shape 2 one of shape 3, and so on; empty while
 *     there is one shape
 */
public record Schema<T>(Class<T> type, List<UnaryOperator<ObjectNode>> lifts) {
    public Schema {
        lifts = List.copyOf(lifts);
    }

    /** The only shape that there has been. */
    public static <T> Schema<T> first(Class<T> type) {
        return new Schema<>(type, List.of());
    }

    /** Number of the newest shape, from 1. */
    public int newest() {
        return lifts.size() + 1;
    }

    /**
     * @throws IllegalStateException for a number that this program does not know, as after going back to an older one
     */
    ObjectNode lifted(ObjectNode kept, int schema) {
        if (schema < 1 || schema > newest()) {
            throw new IllegalStateException(
                    type.getSimpleName() + " of shape " + schema + "; this program knows up to " + newest());
        }
        ObjectNode node = kept;
        for (UnaryOperator<ObjectNode> lift : lifts.subList(schema - 1, lifts.size())) {
            node = lift.apply(node);
        }
        return node;
    }
}
