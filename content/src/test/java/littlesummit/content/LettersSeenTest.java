package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.math.BigDecimal;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Formulas, fractions with letters and polynomials: numbers are put in for the letters, in floating point. */
class LettersSeenTest {
    private static final double[] TRIED = {0.7, -1.3, 2.9, 11.5, -23.7};
    private static final double CLOSE = 1e-6;

    /** A typed formula, with numbers for its letters. */
    private static double typed(String formula, Map<String, Double> numbers) {
        String text = formula.replaceAll("sqrt\\(", "√(");
        for (Map.Entry<String, Double> letter : numbers.entrySet()) {
            text = text.replace(letter.getKey(), "(" + plain(letter.getValue()) + ")");
        }
        return SeenFormula.value(text, 0);
    }

    private static String plain(double value) {
        return BigDecimal.valueOf(value).toPlainString();
    }

    private static String key(Field field) {
        return field.answer().expected();
    }

    @ParameterizedTest
    @CsvSource({
        "rational-expressions, cancel",
        "rational-expressions, multiply",
        "rational-expressions, factor-first",
        "rational-expressions, same-bottom",
        "rational-expressions, add",
        "rational-expressions, within",
        "polynomial-divide, whole",
        "polynomial-divide, gap",
        "complete-square, bracket"
    })
    void theSameFunction(String skill, String kind) {
        SeenItems.of(skill, kind).forEach(item -> {
            for (double x : TRIED) {
                double shown = SeenFormula.value(SeenItems.formula(item), x);
                double found = typed(key(SeenItems.last(item)), Map.of("x", x));
                assertEquals(shown, found, CLOSE * Math.max(1, Math.abs(shown)), item.ref() + " at " + x);
            }
        });
    }

    /** Of a quotient with a remainder only the parts together are the function. */
    @Test
    void quotientAndRemainder() {
        SeenItems.of("polynomial-divide", "remainder").forEach(item -> {
            String[] sides = SeenItems.formula(item).split("\\}\\{");
            Field remainder = item.parts().getFirst().fields().getLast();
            for (double x : TRIED) {
                double below = SeenFormula.value(sides[1].replace("}", ""), x);
                double quotient = typed(key(SeenItems.first(item)), Map.of("x", x));
                double shown = SeenFormula.value(SeenItems.formula(item), x);
                assertEquals(shown, quotient + SeenItems.value(remainder) / below, CLOSE * 100, item.ref() + " " + x);
            }
        });
    }

    /** Far out a polynomial is nearly its first term. */
    @Test
    void theFirstTermOfAQuotient() {
        SeenItems.of("polynomial-divide", "first-term").forEach(item -> {
            double x = 1e7;
            double ratio = SeenFormula.value(SeenItems.formula(item), x)
                    / typed(key(SeenItems.last(item)).replace("^1", ""), Map.of("x", x));
            assertEquals(1, ratio, 1e-3, item.ref().toString());
        });
    }

    /** Where the divisor is zero, the top is the remainder. */
    @Test
    void theRemainderByAValue() {
        SeenItems.of("polynomial-divide", "by-value").forEach(item -> {
            String[] sides = SeenItems.formula(item).replace("\\frac{", "").split("\\}\\{");
            double zero = SeenFormula.solution(sides[1].replace("}", "") + "=0");
            SeenItems.comesTo(SeenFormula.value(sides[0], zero), item);
        });
    }

    /** The unknown letter is worked out by the key, and makes the given formula true. */
    @ParameterizedTest
    @CsvSource({
        "product, a, 'b,c'",
        "quotient, b, 'a,c'",
        "bracket, w, 'P,l'",
        "below, t, 'v,s'",
        "square, r, A",
        "two-terms, x, 'a,b'"
    })
    void aFormulaSolvedForALetter(String kind, String letter, String known) {
        SeenItems.of("literal-equation", kind).forEach(item -> {
            String formula = SeenItems.formula(item);
            Map<String, Double> numbers = new TreeMap<>();
            double next = 31.25;
            for (String name : known.split(",")) {
                numbers.put(name, next);
                next += 7.5;
            }
            double found = typed(key(SeenItems.last(item)), numbers);
            String put = formula.replaceAll("\\\\left|\\\\right", "")
                    .replace("\\frac", "#")
                    .replace(letter, "x");
            for (Map.Entry<String, Double> n : numbers.entrySet()) {
                put = put.replace(n.getKey(), "(" + plain(n.getValue()) + ")");
            }
            put = put.replace("#", "\\frac");
            assertEquals(0, SeenFormula.gap(put, found), CLOSE * 10, item.ref() + formula + put);
        });
    }

    /** Every number that is tried is in the solution just when it makes the inequality true. */
    @ParameterizedTest
    @ValueSource(strings = {"product", "square", "trinomial", "one-side", "turned"})
    void inequalitiesOfTheSecondDegree(String kind) {
        SeenItems.of("quadratic-inequality", kind).forEach(item -> {
            String shown =
                    SeenItems.formula(item).replaceAll("\\\\le(?![a-z])", "<=").replaceAll("\\\\ge(?![a-z])", ">=");
            Matcher sign = Pattern.compile("(<=|>=|<|>)").matcher(shown);
            assertTrue(sign.find(), shown);
            String equation = shown.replace(sign.group(1), "=");
            String solution = key(SeenItems.last(item));
            for (double x = -30; x <= 30; x += 0.5) {
                double gap = SeenFormula.gap(equation, x);
                assertEquals(holds(gap, sign.group(1)), isIn(solution, x), item.ref() + shown + " at " + x);
            }
        });
    }

    private static boolean holds(double gap, String sign) {
        return switch (sign) {
            case "<" -> gap < -1e-9;
            case "<=" -> gap < 1e-9;
            case ">" -> gap > 1e-9;
            default -> gap > -1e-9;
        };
    }

    /** x < -2 or x > 3, and -2 < x < 3. */
    private static boolean isIn(String solution, double x) {
        for (String part : solution.split(" or ")) {
            Matcher both = Pattern.compile("(-?\\d+) (<=|<) x (<=|<) (-?\\d+)").matcher(part);
            Matcher one = Pattern.compile("x (<=|>=|<|>) (-?\\d+)").matcher(part);
            boolean in = both.matches()
                    ? holds(Double.parseDouble(both.group(1)) - x, both.group(2))
                            && holds(x - Double.parseDouble(both.group(4)), both.group(3))
                    : one.matches() && holds(x - Double.parseDouble(one.group(2)), one.group(1));
            if (in) {
                return true;
            }
        }
        return false;
    }

    /** The lowest value is looked for in steps of a half. */
    @Test
    void theLowestValue() {
        SeenItems.of("complete-square", "lowest").forEach(item -> {
            double least = Double.MAX_VALUE;
            double at = 0;
            for (double x = -30; x <= 30; x += 0.5) {
                double value = SeenFormula.value(SeenItems.formula(item), x);
                if (value < least) {
                    least = value;
                    at = x;
                }
            }
            assertEquals(at, SeenItems.value(SeenItems.first(item)), item.ref().toString());
            assertEquals(least, SeenItems.value(item.parts().getFirst().fields().getLast()), 1e-9);
        });
    }

    @Test
    void whatIsUnderTheRootAndHowManySolutions() {
        SeenItems.of("quadratic-formula", "how-many").forEach(item -> {
            String shown = SeenItems.formula(item).split("=")[0];
            double c = SeenFormula.value(shown, 0);
            double a = (SeenFormula.value(shown, 1) + SeenFormula.value(shown, -1)) / 2 - c;
            double b = SeenFormula.value(shown, 1) - a - c;
            double under = b * b - 4 * a * c;
            assertEquals(
                    under,
                    SeenItems.value(SeenItems.first(item)),
                    1e-9,
                    item.ref().toString());
            String many = under > 0 ? "two" : under < 0 ? "none" : "one";
            assertEquals(
                    many, SeenItems.chosen(item.parts().getLast()), item.ref().toString());
        });
    }

    private static double at(Item item, double x) {
        return typed(key(SeenItems.first(item)), Map.of("x", x));
    }

    /** A polynomial made from its zeros is zero there, and begins with the cube. */
    @Test
    void polynomialsFromTheirZeros() {
        SeenItems.of("polynomial-zeros", "made-from").forEach(item -> {
            double[] zeros = Pattern.compile("-?\\d+")
                    .matcher(SeenItems.text(item).replace("x^{3}", ""))
                    .results()
                    .mapToDouble(m -> Double.parseDouble(m.group()))
                    .toArray();
            assertEquals(3, zeros.length, SeenItems.text(item));
            for (double zero : zeros) {
                assertEquals(0, at(item, zero), 1e-9, item.ref().toString());
            }
            assertEquals(1, at(item, 1e6) / 1e18, 1e-4, item.ref().toString());
        });
    }
}
