package littlesummit.core.item;

import java.util.List;

/** A piece of what is read, in order. */
public sealed interface Block {
    /** A paragraph. */
    record Text(String text) implements Block {}

    /** Mathematics on a line of its own. */
    record Formula(String latex) implements Block {}

    record Table(List<String> head, List<List<String>> rows) implements Block {
        public Table {
            head = List.copyOf(head);
            rows = rows.stream().map(List::copyOf).toList();
        }
    }

    record Picture(Figure figure) implements Block {}
}
