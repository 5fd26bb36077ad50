package littlesummit.core.item;

import java.util.List;

/** What holds for the tables of a stem and those with places to answer alike. */
public final class Tables {
    private Tables() {}

    /**
     * How many columns a table has.
     *
     * @param head none for a table without a head
     */
    public static int columns(List<String> head, List<List<String>> rows) {
        return Math.max(head.size(), rows.stream().mapToInt(List::size).max().orElse(0));
    }
}
