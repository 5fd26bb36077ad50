package littlesummit.core.proof;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.ToDoubleFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.Option;
import littlesummit.core.item.Response;

/** How an option looks tells little: the right one is not always the longest, the shortest, the largest or smallest. */
public final class LooksLaw implements Law {
    private static final double ABOVE_CHANCE = 0.3;
    /** So many standard deviations more are put down to the items that happened to be drawn. */
    private static final double SPREAD = 2;
    /** Below this many items of a kind a share says little. */
    private static final int ENOUGH = 40;
    /** Two options are no choice of looks. */
    private static final int FEWEST = 3;

    private static final Pattern NUMBER = Pattern.compile("-?\\d+(?:\\.\\d+)?");

    /** Ways to choose without reading the question. */
    private enum Way {
        LONGEST(LooksLaw::length, 1.15),
        SHORTEST(text -> 1 / length(text), 1.15),
        LARGEST(LooksLaw::number, 1),
        SMALLEST(text -> -number(text), 1);

        private final ToDoubleFunction<String> by;
        /** So many times the next one: nobody counts letters. */
        private final double clearly;

        Way(ToDoubleFunction<String> by, double clearly) {
            this.by = by;
            this.clearly = clearly;
        }

        /** Empty where two are alike, or one has no number. */
        Optional<Option> choice(List<Option> options) {
            List<Option> sorted = options.stream()
                    .sorted(Comparator.comparingDouble((Option o) -> by.applyAsDouble(o.text()))
                            .reversed())
                    .toList();
            double first = by.applyAsDouble(sorted.get(0).text());
            double second = by.applyAsDouble(sorted.get(1).text());
            boolean all = options.stream().noneMatch(o -> Double.isNaN(by.applyAsDouble(o.text())));
            return all && first > clearly * second ? Optional.of(sorted.getFirst()) : Optional.empty();
        }
    }

    /** As it is seen: commands of LaTeX stand for one sign or none. */
    private static double length(String text) {
        return text.replaceAll("\\\\frac\\{([^{}]*)}\\{([^{}]*)}", "$1/$2")
                .replaceAll("\\\\[a-z]+", ".")
                .replaceAll("[{}$ ]", "")
                .length();
    }

    private static double number(String text) {
        Matcher number = NUMBER.matcher(text.replace("{,}", "").replace(",", "").replace('−', '-'));
        return number.find() ? Double.parseDouble(number.group()) : Double.NaN;
    }

    /** How often a way was right, and how often a guess would be. */
    private static final class Tally {
        private double right;
        private double chance;
        private int items;
        private Item example;

        private void count(Optional<Option> choice, String key, int options, Item item) {
            items++;
            chance += 1.0 / options;
            boolean isRight = choice.filter(o -> o.id().equals(key)).isPresent();
            right += isRight ? 1 : choice.isPresent() ? 0 : 1.0 / options;
            example = isRight || example == null ? item : example;
        }

        private boolean isMuch() {
            double most = Math.min(1, chance / items + ABOVE_CHANCE);
            return items >= ENOUGH && right / items > most + SPREAD * Math.sqrt(most * (1 - most) / items);
        }
    }

    private record Place(String place, Way way) {}

    private final Map<Place, Tally> tallies =
            new TreeMap<>(Comparator.comparing(Place::place).thenComparing(Place::way));

    @Override
    public void see(Item item, Map<String, Boolean> naive) {
        for (int p = 0; p < item.parts().size(); p++) {
            String place = ItemTexts.part(item, p) + " in tier " + item.ref().tier();
            for (Field field : item.parts().get(p).fields()) {
                List<Option> options = options(field.response());
                for (Way way : options.size() < FEWEST ? new Way[0] : Way.values()) {
                    tallies.computeIfAbsent(new Place(place, way), none -> new Tally())
                            .count(way.choice(options), field.answer().expected(), options.size(), item);
                }
            }
        }
    }

    private static List<Option> options(Response response) {
        return switch (response) {
            case Response.ChooseOne(List<Option> options) -> options;
            case Response.PickFromList(List<Option> options) -> options;
            default -> List.of();
        };
    }

    @Override
    public List<Finding> findings() {
        List<Finding> all = new ArrayList<>();
        tallies.forEach((place, tally) -> {
            if (tally.isMuch()) {
                String way = place.way().name().toLowerCase(Locale.ROOT);
                all.add(new Finding(
                        place.place(),
                        "Whoever always takes the " + way + " option is right too often.",
                        Math.round(tally.right),
                        tally.items,
                        tally.example));
            }
        });
        return all;
    }
}
