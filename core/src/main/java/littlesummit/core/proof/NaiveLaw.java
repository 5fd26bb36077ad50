package littlesummit.core.proof;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import littlesummit.core.item.Item;

/** No wrong way that students are known to use leads to the right answer more often than chance allows. */
final class NaiveLaw implements Law {
    private static final double MOST = 0.15;
    /** So many standard deviations above it are put down to the numbers that happened to be drawn. */
    private static final double SPREAD = 2;

    private static final class Way {
        private long seen;
        private long right;
        private double chance;
        private Item example;
    }

    private final Map<String, Way> ways = new TreeMap<>();

    @Override
    public void see(Item item, Map<String, Boolean> naive) {
        naive.forEach((place, right) -> {
            Way way = ways.computeIfAbsent(
                    ItemTexts.kind(item) + ", " + place + " in tier "
                            + item.ref().tier(),
                    p -> new Way());
            way.seen++;
            way.chance = Math.max(way.chance, item.guessChance());
            if (right) {
                way.right++;
                way.example = item;
            }
        });
    }

    @Override
    public List<Finding> findings() {
        List<Finding> all = new ArrayList<>();
        ways.forEach((place, way) -> {
            double most = Math.max(MOST, way.chance);
            if (way.right > most * way.seen + SPREAD * Math.sqrt(most * (1 - most) * way.seen)) {
                all.add(new Finding(
                        place,
                        "This wrong way leads to the right answer too often.",
                        way.right,
                        way.seen,
                        way.example));
            }
        });
        return all;
    }
}
