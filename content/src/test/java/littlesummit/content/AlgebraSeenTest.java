package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Signed numbers, fractions and brackets: what is read is computed in floating point, brackets at several places of x,
 * and compared with the key at the same places.
 */
class AlgebraSeenTest {
    private static final double[] PLACES = {-3.7, -1.1, 0.4, 2.3, 7.9};

    private static double key(Field field, double x) {
        return SeenFormula.value(field.answer().key().replace("*", ""), x);
    }

    @ParameterizedTest
    @CsvSource({
        "integer-multiply-divide,product",
        "integer-multiply-divide,quotient",
        "integer-multiply-divide,three",
        "integer-multiply-divide,power",
        "integer-multiply-divide,mixed",
        "fraction-add-subtract,alike",
        "fraction-add-subtract,taken",
        "fraction-add-subtract,piece",
        "fraction-add-subtract,unlike",
        "fraction-add-subtract,three"
    })
    void whatIsReadComesToTheKey(String skill, String kind) {
        SeenItems.of(skill, kind)
                .forEach(item -> SeenItems.comesTo(SeenFormula.value(SeenItems.formula(item), 0), item));
    }

    @ParameterizedTest
    @ValueSource(strings = {"collect", "distribute", "minus", "two-brackets", "product"})
    void bracketsAndResultAreTheSameEverywhere(String kind) {
        for (Item item : SeenItems.of("expand-collect", kind)) {
            String formula = SeenItems.formula(item);
            for (double x : PLACES) {
                assertEquals(SeenFormula.value(formula, x), key(SeenItems.last(item), x), 1e-6, formula);
            }
        }
    }

    @Test
    void theLineThatWentWrongIsAnotherOne() {
        Pattern given = Pattern.compile("\\$(\\d\\\\left\\(x.*?\\\\right\\)-\\d\\\\left\\(x.*?\\\\right\\))\\$");
        for (Item item : SeenItems.of("expand-collect", "wrong-line")) {
            Matcher formula = given.matcher(item.stem().getFirst().toString());
            assertTrue(formula.find(), item.stem().toString());
            for (double x : PLACES) {
                assertEquals(
                        SeenFormula.value(formula.group(1), x), key(SeenItems.last(item), x), 1e-6, formula.group(1));
            }
            assertTrue(
                    Math.abs(SeenFormula.value(SeenItems.formula(item), 1.7) - SeenFormula.value(formula.group(1), 1.7))
                            > 1e-6,
                    item.stem().toString());
        }
    }

    /** Both sides of an equation meet where the key says, and nowhere a step beside it. */
    @ParameterizedTest
    @CsvSource({"integer-multiply-divide,missing", "fraction-add-subtract,missing"})
    void bothSidesMeetAtTheKey(String skill, String kind) {
        for (Item item : SeenItems.of(skill, kind)) {
            List<String> sides = List.of(SeenItems.formula(item).split(" = "));
            double x = SeenItems.value(SeenItems.last(item));
            assertEquals(SeenFormula.value(sides.get(0), x), SeenFormula.value(sides.get(1), x), 1e-9);
            assertTrue(Math.abs(SeenFormula.value(sides.get(0), x + 0.5) - SeenFormula.value(sides.get(1), x)) > 1e-3);
        }
    }

    @Test
    void whatFallsStepByStep() {
        for (Item item : SeenItems.of("integer-multiply-divide", "falls")) {
            double[] n = SeenItems.numbers(item);
            boolean isGame = SeenItems.text(item).contains("game");
            double start = isGame ? n[0] : n[1];
            double step = isGame ? n[1] : n[0];
            double value = start;
            for (int i = 0; i < n[2]; i++) {
                value -= step;
            }
            SeenItems.comesTo(value, item);
        }
    }

    @Test
    void theSmallestNumberOfPartsFitsBoth() {
        Pattern bottoms = Pattern.compile("\\\\frac\\{\\d+}\\{(\\d+)}");
        for (Item item : SeenItems.of("fraction-add-subtract", "unlike")) {
            int[] d = bottoms.matcher(SeenItems.formula(item))
                    .results()
                    .mapToInt(found -> Integer.parseInt(found.group(1)))
                    .toArray();
            int parts = 1;
            while (parts % d[0] != 0 || parts % d[1] != 0) {
                parts++;
            }
            assertEquals(String.valueOf(parts), SeenItems.first(item).answer().key());
        }
    }
}
