package littlesummit.core.template;

import java.util.List;
import java.util.Map;

/** A piece of a document as it was read, before anybody asks what it means. */
public sealed interface Node {
    Place at();

    /** Words, a number or yes and no: what they mean depends on where they stand. */
    record Scalar(String text, Place at) implements Node {}

    record Listing(List<Node> items, Place at) implements Node {
        public Listing {
            items = List.copyOf(items);
        }
    }

    /** @param entries in the order of the document */
    record Mapping(Map<String, Node> entries, Place at) implements Node {}
}
