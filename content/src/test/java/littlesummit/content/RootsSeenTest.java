package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.regex.Pattern;
import java.util.stream.Stream;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Roots and powers with fractions above, computed in floating point; roots that could be simpler are looked for. */
class RootsSeenTest {
    private static final double CLOSE = 1e-9;
    private static final Pattern UNDER = Pattern.compile("sqrt\\((\\d+)\\)");

    /** A key such as (3 - 2sqrt(5))/4, as a number. */
    static double value(String key) {
        String latex = key.replaceAll("root\\((\\d),(\\d+)\\)", "\\\\sqrt[$1]{$2}")
                .replaceAll("sqrt\\((\\d+)\\)", "\\\\sqrt{$1}");
        int line = latex.lastIndexOf('/');
        double above = SeenFormula.value(line < 0 ? latex : latex.substring(0, line), 0);
        return line < 0 ? above : above / Double.parseDouble(latex.substring(line + 1));
    }

    private static void isSimple(String key) {
        UNDER.matcher(key).results().map(m -> Integer.parseInt(m.group(1))).forEach(n -> {
            for (int k = 2; k * k <= n; k++) {
                assertTrue(n % (k * k) > 0, key);
            }
        });
    }

    @ParameterizedTest
    @ValueSource(strings = {"take-out", "together", "like", "product", "cube", "below", "brackets"})
    void rootsComeToTheSame(String kind) {
        SeenItems.of("radicals-simplify", kind).forEach(item -> {
            String key = SeenItems.last(item).answer().expected();
            assertEquals(SeenFormula.value(SeenItems.formula(item), 0), value(key), CLOSE * 1000, item.ref() + key);
            isSimple(key);
        });
    }

    @Test
    void rootsBetweenWholeNumbersAndAllRoundASquare() {
        SeenItems.of("radicals-simplify", "between").forEach(item -> {
            double root = Math.sqrt(Stream.of(
                            SeenItems.text(item), item.parts().getFirst().prompt())
                    .flatMap(text -> Pattern.compile("\\d+").matcher(text).results())
                    .mapToDouble(m -> Double.parseDouble(m.group()))
                    .findFirst()
                    .orElseThrow());
            Field low = item.parts().getFirst().fields().getFirst();
            Field high = item.parts().getFirst().fields().getLast();
            assertEquals(Math.floor(root), SeenItems.value(low), item.ref().toString());
            assertEquals(Math.ceil(root), SeenItems.value(high), item.ref().toString());
        });
        SeenItems.of("radicals-simplify", "fence").forEach(item -> {
            String key = SeenItems.last(item).answer().expected();
            assertEquals(4 * Math.sqrt(SeenItems.numbers(item)[0]), value(key), CLOSE * 100, key);
            isSimple(key);
        });
    }

    @Test
    void rulesOfRootsAreTrueOrNot() {
        SeenItems.of("radicals-simplify", "rule").forEach(item -> {
            boolean isTrue = Math.abs(SeenFormula.gap(SeenItems.formula(item), 0)) < CLOSE;
            assertEquals(isTrue, SeenItems.chosen(item.parts().getFirst()).startsWith("It is right"), "" + item.ref());
        });
    }

    @ParameterizedTest
    @ValueSource(strings = {"root-value", "two-numbers", "negative"})
    void powersWithFractionsAbove(String kind) {
        SeenItems.of("exponents-rational", kind)
                .forEach(item -> SeenItems.comesTo(SeenFormula.value(SeenItems.formula(item), 0), item));
    }

    /** At 5 the power of x with the exponent found is what stands there. */
    @ParameterizedTest
    @ValueSource(strings = {"as-power", "product", "power-of-power"})
    void exponentsThatAreFound(String kind) {
        SeenItems.of("exponents-rational", kind).forEach(item -> {
            double shown = SeenFormula.value(SeenItems.formula(item), 5);
            assertEquals(Math.log(shown) / Math.log(5), SeenItems.value(SeenItems.last(item)), 1e-6, "" + item.ref());
        });
    }

    @Test
    void equationsWithPowers() {
        SeenItems.of("exponents-rational", "equation").forEach(item -> {
            double x = SeenItems.value(SeenItems.last(item));
            assertEquals(
                    0,
                    SeenFormula.gap(SeenItems.formula(item), x),
                    1e-6,
                    item.ref().toString());
        });
    }

    /** The line that is wrong is the one whose sides differ. */
    @Test
    void theLineOfThreePowers() {
        SeenItems.of("exponents-rational", "wrong-line").forEach(item -> {
            String wrong = "All three are right.";
            for (int line = 0; line < 3; line++) {
                String said = SeenItems.table(item).get(line).get(1).replace("$", "");
                if (Math.abs(SeenFormula.gap(said, 0)) > 1e-6) {
                    wrong = "Line " + (line + 1) + " is wrong.";
                }
            }
            assertEquals(
                    wrong, SeenItems.chosen(item.parts().getFirst()), item.ref().toString());
        });
    }

    /** Every solution makes the equation true; between and beside them nothing does. */
    @ParameterizedTest
    @CsvSource({
        "absolute-value-equation, distance",
        "absolute-value-equation, number-before",
        "absolute-value-equation, inside",
        "absolute-value-equation, alone-first",
        "absolute-value-equation, both-sides",
        "absolute-value-equation, equal-distance",
        "quadratic-formula, whole",
        "quadratic-formula, leading",
        "quadratic-formula, roots",
        "quadratic-formula, shape-first",
        "complete-square, solve",
        "rational-equations, one-fraction",
        "rational-equations, two-fractions",
        "rational-equations, with-x",
        "rational-equations, sum",
        "polynomial-zeros, product",
        "polynomial-zeros, take-out",
        "polynomial-zeros, even-powers",
        "polynomial-zeros, try-out"
    })
    void allThatSolvesAndNothingElse(String skill, String kind) {
        SeenItems.of(skill, kind).forEach(item -> {
            String shown = SeenItems.formula(item);
            String equation = shown.contains("=") ? shown : shown + " = 0";
            double[] found = solutions(item);
            for (double x : found) {
                assertEquals(0, SeenFormula.gap(equation, x), 1e-7, item.ref() + equation);
            }
            for (int x = -200; x <= 200; x++) {
                double at = x;
                boolean solves = Math.abs(SeenFormula.gap(equation, at)) < CLOSE;
                boolean isFound = java.util.Arrays.stream(found).anyMatch(f -> Math.abs(f - at) < CLOSE);
                assertEquals(isFound, solves, () -> item.ref() + equation + " at " + at);
            }
        });
    }

    private static double[] solutions(Item item) {
        String key = SeenItems.last(item).answer().expected();
        return key.equals("none")
                ? new double[0]
                : Pattern.compile(",")
                        .splitAsStream(key)
                        .map(String::strip)
                        .mapToDouble(RootsSeenTest::value)
                        .toArray();
    }
}
