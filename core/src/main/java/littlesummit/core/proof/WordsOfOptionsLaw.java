package littlesummit.core.proof;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.Option;
import littlesummit.core.item.Response;

/**
 * Whoever has met the kind of item before cannot choose by the words alone: the right option does not nearly always say
 * the same. The first steps of a way that is shown, where one choice follows another, may well do so.
 */
public final class WordsOfOptionsLaw implements Law {
    private static final double ABOVE_CHANCE = 0.35;
    /** So many standard deviations above it are put down to the numbers that happened to be drawn. */
    private static final double SPREAD = 2;
    /** Below this many items of a kind a share says little. */
    private static final int ENOUGH = 40;

    private static final class Tally {
        private int items;
        private double chance;
        private final Map<String, Integer> right = new HashMap<>();
        private final Map<String, Item> examples = new HashMap<>();

        private double most() {
            double share = Math.min(1, chance / items + ABOVE_CHANCE);
            return items * share + SPREAD * Math.sqrt(items * share * (1 - share));
        }

        private String mostOften() {
            return right.entrySet().stream()
                    .max(Map.Entry.<String, Integer>comparingByValue().thenComparing(Map.Entry.comparingByKey()))
                    .map(Map.Entry::getKey)
                    .orElse("");
        }
    }

    private final Map<String, Tally> tallies = new TreeMap<>();

    @Override
    public void see(Item item, Map<String, Boolean> naive) {
        if (item.parts().size() != 1 || item.parts().getFirst().fields().size() != 1) {
            return;
        }
        Field field = item.parts().getFirst().fields().getFirst();
        if (!(field.response() instanceof Response.ChooseOne(List<Option> options))) {
            return;
        }
        String place = ItemTexts.part(item, 0) + " in tier " + item.ref().tier();
        Tally tally = tallies.computeIfAbsent(place, none -> new Tally());
        tally.items++;
        tally.chance += 1.0 / options.size();
        List<String> words =
                options.stream().map(o -> ItemTexts.blotted(o.text())).toList();
        for (int i = 0; i < options.size(); i++) {
            String said = words.get(i);
            boolean isAlone = words.stream().filter(said::equals).count() == 1;
            if (isAlone && options.get(i).id().equals(field.answer().expected())) {
                tally.right.merge(said, 1, Integer::sum);
                tally.examples.putIfAbsent(said, item);
            }
        }
    }

    @Override
    public List<Finding> findings() {
        List<Finding> all = new ArrayList<>();
        tallies.forEach((place, tally) -> {
            String words = tally.mostOften();
            int right = tally.right.getOrDefault(words, 0);
            if (tally.items >= ENOUGH && right > tally.most()) {
                all.add(new Finding(
                        place,
                        "The right option nearly always says the same: " + words,
                        right,
                        tally.items,
                        tally.examples.get(words)));
            }
        });
        return all;
    }
}
