package littlesummit.core.proof;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import littlesummit.core.grading.Kind;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;

/**
 * Each tier has many different items, no answer comes again and again, and no tier repeats the one below. Where
 * somebody wrote the items one by one, there are as many as there are; one alone is too few to try another.
 */
final class VarietyLaw implements Law {
    private static final int FEWEST = 30;
    private static final int FEWEST_FIXED = 2;
    private static final double MOST_OF_ONE = 0.25;
    private static final double FROM_BELOW = 0.10;
    /** In a sample so many standard deviations more are put down to the items that happened to be drawn. */
    private static final double SPREAD = 3;

    private static final class Tier {
        private final Set<String> texts = new HashSet<>();
        private final Map<String, Long> kinds = new HashMap<>();
        private final Map<String, Map<String, Long>> keys = new TreeMap<>();
        private final Map<String, Double> chances = new HashMap<>();
        private long seen;
        private Item example;
    }

    private final Map<Integer, Tier> tiers = new TreeMap<>();
    private final Set<Integer> fixed;
    private final double spread;

    /**
     * @param fixed tiers whose items were written one by one
     * @param isWhole whether all items are seen, and not a sample of them
     */
    VarietyLaw(Set<Integer> fixed, boolean isWhole) {
        this.fixed = Set.copyOf(fixed);
        this.spread = isWhole ? 0 : SPREAD;
    }

    private double most(double share, long of) {
        return share * of + spread * Math.sqrt(share * Math.max(0, 1 - share) * of);
    }

    @Override
    public void see(Item item, Map<String, Boolean> naive) {
        Tier tier = tiers.computeIfAbsent(item.ref().tier(), t -> new Tier());
        tier.seen++;
        tier.example = item;
        String text = ItemTexts.read(item);
        if (tier.texts.size() < FEWEST) {
            tier.texts.add(ItemTexts.seen(item));
        }
        tier.kinds.merge(ItemTexts.blotted(text), 1L, Long::sum);
        for (int p = 0; p < item.parts().size(); p++) {
            for (Field field : item.parts().get(p).fields()) {
                if (field.answer().kind() == Kind.WORDS) {
                    // What would get full credit is one way to put it, and nothing to be guessed.
                    continue;
                }
                String place = ItemTexts.part(item, p) + ", field " + field.id();
                tier.keys.computeIfAbsent(place, k -> new HashMap<>()).merge(key(field), 1L, Long::sum);
                tier.chances.put(place, field.response().guessChance());
            }
        }
    }

    private static String key(Field field) {
        String named = GivenAway.key(field);
        return named.isEmpty() ? field.answer().key() : named;
    }

    @Override
    public List<Finding> findings() {
        List<Finding> all = new ArrayList<>();
        tiers.forEach((number, tier) -> {
            int fewest = fixed.contains(number) ? FEWEST_FIXED : FEWEST;
            if (tier.texts.size() < fewest) {
                all.add(new Finding(
                        "tier " + number,
                        "There are " + tier.texts.size() + " different items; a student needs " + fewest + ".",
                        tier.texts.size(),
                        fewest,
                        tier.example));
            }
            if (fixed.contains(number)) {
                return;
            }
            oneAnswer(tier, all);
            if (tiers.containsKey(number - 1)) {
                fromBelow(number, tier, tiers.get(number - 1), all);
            }
        });
        return all;
    }

    /** Where one chooses among few, more than a quarter is no wonder. */
    private void oneAnswer(Tier tier, List<Finding> all) {
        tier.keys.forEach((place, keys) -> {
            long of = keys.values().stream().mapToLong(n -> n).sum();
            keys.forEach((key, times) -> {
                if (times > most(MOST_OF_ONE + tier.chances.get(place), of)) {
                    all.add(new Finding(place, "The answer is “" + key + "” too often.", times, of, tier.example));
                }
            });
        });
    }

    private void fromBelow(int number, Tier tier, Tier below, List<Finding> all) {
        long same = tier.kinds.entrySet().stream()
                .filter(kind -> below.kinds.containsKey(kind.getKey()))
                .mapToLong(Map.Entry::getValue)
                .sum();
        if (same > most(FROM_BELOW, tier.seen)) {
            all.add(new Finding(
                    "tier " + number,
                    "Apart from their numbers these items are the same as in the tier below.",
                    same,
                    tier.seen,
                    tier.example));
        }
    }
}
