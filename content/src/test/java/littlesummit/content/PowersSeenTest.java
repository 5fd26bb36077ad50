package littlesummit.content;

import static littlesummit.content.SeenItems.first;
import static littlesummit.content.SeenItems.formula;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import littlesummit.core.item.Item;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Items of powers computed in floating point from what the student reads, and by ways that are known to be wrong. */
class PowersSeenTest {
    private static final double NEAR = 1e-9;

    private static List<Item> items(String kind) {
        return SeenItems.of("exponent-rules", kind);
    }

    private static double key(Item item) {
        String key = first(item).answer().expected();
        return SeenFormula.value(
                key.contains("/")
                        ? key.replaceAll("(-?)(\\d+)/(\\d+)", "$1\\\\frac{$2}{$3}")
                        : key.replaceAll("\\^(\\d+)", "^{$1}"),
                1.3);
    }

    @ParameterizedTest
    @CsvSource({"one-power", "value", "below-zero", "sign", "two-bases", "several", "letters"})
    void theKeyIsTheValue(String kind) {
        items(kind).forEach(item -> {
            double value = SeenFormula.value(formula(item), 1.3);
            assertEquals(value, key(item), NEAR * Math.max(1, Math.abs(value)), formula(item));
        });
    }

    @Test
    void theMissingExponentFits() {
        items("missing").forEach(item -> {
            String key = first(item).answer().expected();
            String[] sides = formula(item).replace("\\square ", key).split(" = ");
            double left = SeenFormula.value(sides[0], 0);
            assertEquals(SeenFormula.value(sides[1], 0), left, NEAR * left, formula(item));
        });
    }

    @Test
    void theLargestIsTheLargest() {
        items("largest").forEach(item -> {
            boolean isLargest = item.parts().getFirst().prompt().contains("largest");
            ToDoubleFunction<String> size = text -> (isLargest ? 1 : -1) * SeenFormula.value(text.replace("$", ""), 0);
            double right = first(item).response().options().stream()
                    .filter(o -> o.id().equals(first(item).answer().expected()))
                    .mapToDouble(o -> size.applyAsDouble(o.text()))
                    .findFirst()
                    .orElseThrow();
            assertEquals(
                    1,
                    first(item).response().options().stream()
                            .filter(o -> size.applyAsDouble(o.text()) >= right - NEAR)
                            .count());
        });
    }

    /** What is said of each power in an option is so. */
    @Test
    void examplesOfRulesAreTrue() {
        items("rule").forEach(item -> first(item).response().options().stream()
                .map(o -> o.text().replace("It is not so: ", "").replace("$", ""))
                .filter(said -> said.contains("="))
                .forEach(said -> assertEquals(0, SeenFormula.gap(said, 0), NEAR, said)));
    }

    /** Multiplying exponents that are to be added, and the other way round, is never right by accident. */
    @Test
    void theUsualMistakeIsNeverRight() {
        for (String kind : List.of("one-power", "value", "below-zero")) {
            items(kind).forEach(item -> {
                Matcher product = Pattern.compile("(\\d+)\\^\\{(-?\\d+)\\}\\\\cdot \\d+\\^\\{(-?\\d+)\\}")
                        .matcher(formula(item));
                if (product.matches()) {
                    double wrong = Math.pow(
                            Integer.parseInt(product.group(1)),
                            Integer.parseInt(product.group(2)) * Integer.parseInt(product.group(3)));
                    assertTrue(Math.abs(wrong - key(item)) > NEAR, formula(item));
                }
            });
        }
    }

    /** Whoever never raises the minus, or always does, is right in about half of the items. */
    @Test
    void theSignHasToBeLookedAt() {
        List<Item> items = items("sign");
        double share = items.stream().filter(item -> key(item) < 0).count() / (double) items.size();
        assertTrue(share > 0.5 && share < 0.85, "negative: " + share);
    }
}
