package littlesummit.content;

import static littlesummit.content.SeenItems.chosen;
import static littlesummit.content.SeenItems.first;
import static littlesummit.content.SeenItems.formula;
import static littlesummit.content.SeenItems.others;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.stream.IntStream;
import littlesummit.core.item.Item;
import littlesummit.core.item.Part;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Factors multiplied out in floating point; pairs of whole numbers tried one after the other. */
class FactoringSeenTest {
    private static final double[] PLACES = {-3.7, -1.2, 0.6, 2.3, 5.1};

    private static List<Item> items(String kind) {
        return SeenItems.of("polynomial-factor", kind);
    }

    private static String latex(String entry) {
        return entry.replaceAll("\\^(\\d+)", "^{$1}").replace("*", "");
    }

    @ParameterizedTest
    @ValueSource(strings = {"common", "trinomial", "squares", "leading", "perfect", "two-steps", "fourth", "grouping"})
    void theFactorsMultiplyToWhatIsGiven(String kind) {
        items(kind).forEach(item -> {
            String key = first(item).answer().expected();
            for (double x : PLACES) {
                double given = SeenFormula.value(formula(item), x);
                assertEquals(
                        given,
                        SeenFormula.value(latex(key), x),
                        1e-9 * Math.max(1, Math.abs(given)),
                        formula(item) + " is " + key);
            }
        });
    }

    /** No listed mistake is the product, and the usual one to stop early is told as such. */
    @ParameterizedTest
    @ValueSource(strings = {"trinomial", "squares", "leading", "perfect", "grouping"})
    void noMistakeMultipliesToWhatIsGiven(String kind) {
        items(kind).forEach(item -> first(item).mistakes().forEach(mistake -> {
            boolean differs = java.util.Arrays.stream(PLACES)
                    .anyMatch(x ->
                            Math.abs(SeenFormula.value(formula(item), x) - SeenFormula.value(latex(mistake.entry()), x))
                                    > 1e-6);
            assertTrue(differs, formula(item) + " " + mistake);
        }));
    }

    /** x² + bx + c as (x + p)(x + q) with whole p and q. */
    private static boolean comesApart(String quadratic) {
        double c = SeenFormula.value(quadratic, 0);
        double b = SeenFormula.value(quadratic, 1) - 1 - c;
        return IntStream.rangeClosed(-100, 100).anyMatch(p -> p * (b - p) == c);
    }

    @Test
    void oneOfFourIsDifferent() {
        items("whether").forEach(item -> {
            Part part = item.parts().getFirst();
            boolean wanted = !part.prompt().contains("does not");
            assertEquals(wanted, comesApart(chosen(part)), chosen(part));
            others(part).forEach(other -> assertEquals(!wanted, comesApart(other), other));
        });
    }

    @Test
    void theCoefficientLeavesTheFactorGiven() {
        items("coefficient").forEach(item -> {
            String factor = item.parts().getFirst().prompt().replaceAll(".*factors is \\$|\\$\\..*", "");
            double zero = -SeenFormula.value(factor, 0);
            String with = formula(item).replace("k", "(" + first(item).answer().expected() + ")");
            assertEquals(0, SeenFormula.value(with, zero), 1e-9, with + " at " + zero);
        });
    }

    /** Always two brackets with the same sign, or always the first pair of factors, is seldom right. */
    @Test
    void signsAndPairsHaveToBeFound() {
        List<Item> items = items("trinomial");
        long positive = items.stream()
                .filter(item -> !first(item).answer().expected().contains("-"))
                .count();
        assertTrue(positive < 0.4 * items.size(), "both positive: " + positive + " of " + items.size());
        assertFalse(items.isEmpty());
    }
}
