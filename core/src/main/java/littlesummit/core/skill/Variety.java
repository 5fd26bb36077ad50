package littlesummit.core.skill;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import littlesummit.core.item.Item;

/** Words that change from item to item. */
public final class Variety {
    private Variety() {}

    /**
     * Items whose variant was met least come first; among equals the order stays.
     *
     * @param drawn items of one tier
     * @param met how often each variant was met; a variant that is missing was not
     */
    public static List<Item> leastMetFirst(List<Item> drawn, Map<String, Long> met) {
        return drawn.stream()
                .sorted(Comparator.comparing(item -> met.getOrDefault(item.ref().variant(), 0L)))
                .toList();
    }
}
