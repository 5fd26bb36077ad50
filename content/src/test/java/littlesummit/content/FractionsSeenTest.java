package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.math.BigInteger;
import java.util.List;
import java.util.function.IntBinaryOperator;
import java.util.function.ToDoubleFunction;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.Part;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Fractions in lowest terms, worked out from what the student sees by the greatest common divisor of the JDK. */
class FractionsSeenTest {
    private static final Pattern FRACTION = Pattern.compile("\\\\frac\\{(\\d+|\\\\square)}\\{(\\d+|\\\\square)}");
    private static final Pattern NUMBER = Pattern.compile("\\d+");

    private static List<Item> items(String kind) {
        return SeenItems.of("fraction-lowest", kind);
    }

    private static List<int[]> fractions(String latex) {
        return FRACTION.matcher(latex)
                .results()
                .map(m -> new int[] {Integer.parseInt(m.group(1)), Integer.parseInt(m.group(2))})
                .toList();
    }

    private static int[] numbers(String text) {
        return NUMBER.matcher(text.replaceAll("(?<=\\d),(?=\\d{3})", ""))
                .results()
                .map(MatchResult::group)
                .mapToInt(Integer::parseInt)
                .toArray();
    }

    private static boolean isLowest(int[] f) {
        return BigInteger.valueOf(f[0]).gcd(BigInteger.valueOf(f[1])).equals(BigInteger.ONE);
    }

    private static boolean areEqual(int[] a, int[] b) {
        return (long) a[0] * b[1] == (long) b[0] * a[1];
    }

    private static int[] key(Field field) {
        return numbers(field.answer().expected());
    }

    private static void isRight(Item item, Field field, int num, int den) {
        int[] key = key(field);
        assertTrue(isLowest(key), item.ref().toString());
        assertTrue(areEqual(key, new int[] {num, den}), item.ref() + ": " + num + "/" + den);
    }

    @Test
    void aFractionIsCancelledAsFarAsItGoes() {
        items("bare").forEach(item -> {
            int[] shown = fractions(SeenItems.formula(item)).getFirst();
            assertTrue(!isLowest(shown), "there is something to cancel");
            isRight(item, SeenItems.first(item), shown[0], shown[1]);
        });
    }

    @Test
    void theHiddenNumberMakesBothTheSame() {
        items("missing").forEach(item -> {
            String filled = SeenItems.formula(item)
                    .replace("\\square", SeenItems.first(item).answer().expected());
            List<int[]> both = fractions(filled);
            assertTrue(areEqual(both.getFirst(), both.getLast()), filled);
        });
    }

    @Test
    void oneAloneCannotBeCancelled() {
        items("already").forEach(item -> {
            Part part = item.parts().getFirst();
            assertTrue(isLowest(fractions(SeenItems.chosen(part)).getFirst()));
            SeenItems.others(part).forEach(other -> {
                int[] f = fractions(other).getFirst();
                assertTrue(!isLowest(f), other);
                assertTrue(f[0] < f[1], "not told by its size: " + other);
            });
        });
    }

    @ParameterizedTest
    @CsvSource({"left", "together", "improper"})
    void aShareIsFoundInWhatIsTold(String kind) {
        IntBinaryOperator top = (a, b) -> kind.equals("left") ? a - b : kind.equals("together") ? a : b;
        IntBinaryOperator bottom = (a, b) -> kind.equals("together") ? a + b : a;
        items(kind).forEach(item -> {
            int[] told = numbers(SeenItems.text(item));
            assertEquals(2, told.length);
            isRight(item, SeenItems.first(item), top.applyAsInt(told[0], told[1]), bottom.applyAsInt(told[0], told[1]));
        });
    }

    @Test
    void aShareIsFoundInATable() {
        items("table").forEach(item -> {
            List<String> row = item.stem().stream()
                    .filter(Block.Table.class::isInstance)
                    .map(b -> ((Block.Table) b).rows().getFirst())
                    .findFirst()
                    .orElseThrow();
            int[] counts = row.stream().mapToInt(Integer::parseInt).toArray();
            assertTrue(IntStream.of(counts).allMatch(n -> n > 0), row.toString());
            isRight(item, SeenItems.first(item), counts[0], IntStream.of(counts).sum());
        });
    }

    @Test
    void exactlyTheStepThatIsMeantDoesNotHold() {
        items("wrong").forEach(item -> {
            Part part = item.parts().getFirst();
            List<int[]> wrong = fractions(SeenItems.chosen(part));
            assertTrue(!areEqual(wrong.getFirst(), wrong.getLast()), SeenItems.chosen(part));
            SeenItems.others(part).forEach(step -> {
                List<int[]> both = fractions(step);
                assertTrue(areEqual(both.getFirst(), both.getLast()), step);
            });
            String first = Stream.concat(Stream.of(SeenItems.chosen(part)), SeenItems.others(part))
                    .filter(step -> step.startsWith("Step 1"))
                    .findFirst()
                    .orElseThrow();
            int[] begin = fractions(first).getFirst();
            isRight(item, SeenItems.last(item), begin[0], begin[1]);
        });
    }

    /** Each rule against every fraction up to 40. */
    private static boolean holds(String rule) {
        return IntStream.rangeClosed(2, 40)
                .allMatch(den -> IntStream.range(1, den).allMatch(num -> holdsFor(rule, num, den)));
    }

    private static boolean holdsFor(String rule, int num, int den) {
        boolean lowest = isLowest(new int[] {num, den});
        ToDoubleFunction<int[]> value = f -> (double) f[0] / f[1];
        int[] here = {num, den};
        return switch (rule.replaceAll("^(.{22}).*", "$1")) {
            case "If top and bottom are " -> num % 2 == 0 || den % 2 == 0 || lowest;
            case "If the bottom is a pri" -> !BigInteger.valueOf(den).isProbablePrime(30) || lowest;
            case "If the bottom is one m" -> den != num + 1 || lowest;
            case "If the top is even and" -> num % 2 != 0 || den % 2 == 0 || lowest;
            case "Adding the same number" ->
                Math.abs(value.applyAsDouble(here) - value.applyAsDouble(new int[] {num + 3, den + 3})) < 1e-12;
            case "Multiplying top and bo" -> areEqual(here, new int[] {7 * num, 7 * den});
            default -> throw new AssertionError(rule);
        };
    }

    @Test
    void aRuleHoldsOrAnExampleGoesAgainstIt() {
        items("rule").forEach(item -> {
            String text = SeenItems.text(item);
            String rule = text.substring(text.indexOf('“') + 1, text.indexOf('”'));
            String chosen = SeenItems.chosen(item.parts().getFirst());
            assertEquals(holds(rule), chosen.equals("It is always so."), rule + " " + chosen);
            Stream.concat(Stream.of(chosen), SeenItems.others(item.parts().getFirst()))
                    .filter(option -> option.contains("="))
                    .map(FractionsSeenTest::fractions)
                    .forEach(both -> assertTrue(areEqual(both.getFirst(), both.getLast())));
            if (chosen.contains("=")) {
                int[] example = fractions(chosen).getFirst();
                assertTrue(!holdsFor(rule, example[0], example[1]), rule + " " + chosen);
                SeenItems.others(item.parts().getFirst())
                        .filter(option -> option.contains("="))
                        .map(option -> fractions(option).getFirst())
                        .forEach(other -> assertTrue(holdsFor(rule, other[0], other[1]), rule));
            }
        });
    }

    /** A third of the answers may be had by halving once, and no more. */
    @ParameterizedTest
    @ValueSource(ints = {2, 3})
    void dividingOnceByOneNumberIsSeldomEnough(int by) {
        List<Item> bare = items("bare");
        long enough = bare.stream()
                .map(item -> fractions(SeenItems.formula(item)).getFirst())
                .filter(f -> f[0] % by == 0 && f[1] % by == 0)
                .filter(f -> isLowest(new int[] {f[0] / by, f[1] / by}))
                .count();

        assertNotEquals(0, bare.size());
        assertTrue(enough * 3 <= bare.size(), enough + " of " + bare.size());
    }
}
