package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.Option;
import littlesummit.core.item.Response;
import littlesummit.core.skill.Skill;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Whoever goes by how options look, and takes the longest, the shortest, the one with the largest or the smallest
 * number, is hardly right more often than one who guesses.
 */
class LooksOfOptionsTest {
    private static final int SEEDS = Integer.getInteger("seeds", 240);
    /** Above chance: a list of three or four is drawn from what students really do, and cannot be even in all. */
    private static final double ABOVE_CHANCE = 0.3;
    /** Below this many items of a kind a share says little. */
    private static final int ENOUGH = 40;

    private static final Pattern NUMBER = Pattern.compile("-?\\d+(?:\\.\\d+)?");

    /** Ways to choose without reading the question. */
    private enum Way {
        LONGEST(LooksOfOptionsTest::length, 1.15),
        SHORTEST(text -> 1 / length(text), 1.15),
        LARGEST(LooksOfOptionsTest::number, 1),
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

        void count(Optional<Option> choice, String key, int options) {
            items++;
            chance += 1.0 / options;
            right += choice.map(o -> o.id().equals(key) ? 1.0 : 0.0).orElse(1.0 / options);
        }

        boolean isMuch() {
            return items >= ENOUGH && right / items > chance / items + ABOVE_CHANCE;
        }

        @Override
        public String toString() {
            return Math.round(100 * right / items) + " % of " + items + ", where a guess has "
                    + Math.round(100 * chance / items) + " %";
        }
    }

    static List<Skill> skills() {
        return TestItems.chosenSkills().toList();
    }

    @ParameterizedTest
    @MethodSource("skills")
    void theLooksOfAnOptionTellLittle(Skill skill) {
        Map<String, Tally> tallies = new HashMap<>();
        for (int tier = 1; tier <= 3; tier++) {
            int t = tier;
            LongStream.range(0, SEEDS)
                    .mapToObj(seed -> TestItems.made(skill, t, seed))
                    .forEach(item -> count(item, tallies));
        }
        List<String> telling = tallies.entrySet().stream()
                .filter(e -> e.getValue().isMuch())
                .map(e -> e.getKey() + ": " + e.getValue())
                .sorted()
                .toList();
        assertTrue(telling.isEmpty(), () -> String.join("\n", telling));
    }

    private static void count(Item item, Map<String, Tally> tallies) {
        String kind = item.ref().skill() + " " + item.ref().tier() + " "
                + item.ref().variant().replaceAll("-\\d+$", "");
        IntStream.range(0, item.parts().size()).forEach(part -> {
            for (Field field : item.parts().get(part).fields()) {
                List<Option> options = options(field.response());
                if (options.size() > 2) {
                    for (Way way : Way.values()) {
                        tallies.computeIfAbsent(
                                        kind + ", part " + (part + 1) + ", "
                                                + way.name().toLowerCase(),
                                        none -> new Tally())
                                .count(way.choice(options), field.answer().expected(), options.size());
                    }
                }
            }
        });
    }

    private static List<Option> options(Response response) {
        return switch (response) {
            case Response.ChooseOne(List<Option> options) -> options;
            case Response.PickFromList(List<Option> options) -> options;
            default -> List.of();
        };
    }
}
