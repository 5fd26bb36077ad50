package littlesummit.core.proof;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import littlesummit.core.item.Item;

/** Gathers what is found: the same at the same place is counted, and the smallest example is kept. */
final class Findings {
    private record Where(String place, String sentence) {}

    private record Found(long times, Item example) {}

    private final Map<Where, Found> found = new LinkedHashMap<>();

    void add(String place, String sentence, Item item) {
        found.merge(
                new Where(place, sentence),
                new Found(1, item),
                (old, one) -> new Found(old.times + 1, smaller(old.example, item)));
    }

    private static Item smaller(Item a, Item b) {
        return size(b) < size(a) ? b : a;
    }

    private static int size(Item item) {
        return item.stem().toString().length() + item.parts().toString().length();
    }

    /** @param of items that were looked at */
    List<Finding> list(long of) {
        return found.entrySet().stream()
                .map(e -> new Finding(
                        e.getKey().place(),
                        e.getKey().sentence(),
                        e.getValue().times(),
                        of,
                        e.getValue().example()))
                .toList();
    }

    /** Those that are met in more than a share of the items. */
    List<Finding> list(long of, double share) {
        return list(of).stream().filter(f -> f.times() > share * of).toList();
    }
}
