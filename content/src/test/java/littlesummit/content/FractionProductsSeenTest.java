package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import littlesummit.core.item.Item;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Products and quotients of fractions and mixed numbers, in floating point from what stands in the sentence. */
class FractionProductsSeenTest {
    private static final double CLOSE = 1e-9;

    /** The numbers of a sentence that belong to no fraction. */
    private static double[] wholes(Item item) {
        return SeenItems.numbers(
                SeenItems.FRACTION.matcher(SeenItems.text(item)).replaceAll("so much"));
    }

    private static List<Item> products(String kind) {
        return SeenItems.of("fraction-multiply", kind);
    }

    private static List<Item> quotients(String kind) {
        return SeenItems.of("fraction-divide", kind);
    }

    private static List<Item> mixed(String kind) {
        return SeenItems.of("mixed-numbers", kind);
    }

    @ParameterizedTest
    @ValueSource(strings = {"product", "by-whole", "three"})
    void aProductInMathematics(String kind) {
        products(kind).forEach(item -> SeenItems.comesTo(SeenFormula.value(SeenItems.formula(item), 0), item));
    }

    @ParameterizedTest
    @ValueSource(strings = {"part-of-part", "area", "mixed"})
    void aShareOfAShare(String kind) {
        products(kind)
                .forEach(item -> SeenItems.comesTo(SeenItems.fractions(item)[0] * SeenItems.fractions(item)[1], item));
    }

    @Test
    void aShareOfAWholeNumber() {
        products("of-whole").forEach(item -> SeenItems.comesTo(SeenItems.fractions(item)[0] * wholes(item)[0], item));
    }

    @ParameterizedTest
    @CsvSource({"fraction-multiply, missing", "fraction-divide, missing-factor", "mixed-numbers, missing"})
    void theUnknownMakesBothSidesEqual(String skill, String kind) {
        SeenItems.of(skill, kind)
                .forEach(item -> SeenItems.comesTo(SeenFormula.solution(SeenItems.formula(item)), item));
    }

    @Test
    void theFractionSaysHowAProductCompares() {
        products("larger-or-smaller")
                .forEach(item -> compares(item, Math.signum(SeenItems.fractions(item)[0] - 1), "b", "a"));
    }

    @Test
    void theFractionSaysHowAQuotientCompares() {
        quotients("rule").forEach(item -> compares(item, Math.signum(SeenItems.fractions(item)[0] - 1), "b", "a"));
    }

    /** Above 1 and below 1 have an option each; the third is for 1 itself. */
    private static void compares(Item item, double sign, String above, String below) {
        String right = sign > 0 ? above : sign < 0 ? below : "c";
        assertEquals(
                right, SeenItems.first(item).answer().expected(), item.stem().toString());
    }

    @Test
    void aWholeOverAFraction() {
        quotients("into-whole")
                .forEach(item -> SeenItems.comesTo(wholes(item)[0] / SeenItems.fractions(item)[0], item));
        quotients("shared").forEach(item -> SeenItems.comesTo(SeenItems.fractions(item)[0] / wholes(item)[0], item));
    }

    @Test
    void aFractionOverAFraction() {
        quotients("how-often")
                .forEach(item -> SeenItems.comesTo(SeenItems.fractions(item)[0] / SeenItems.fractions(item)[1], item));
        quotients("quotient").forEach(item -> {
            double[] f = SeenItems.fractions(item);
            boolean isTurned = item.ref().variant().equals("quotient-3");
            SeenItems.comesTo(isTurned ? f[1] / f[0] : f[0] / f[1], item);
        });
    }

    @Test
    void theWholeOfWhichAShareIsKnown() {
        quotients("whole-from-part").forEach(item -> {
            double[] f = SeenItems.fractions(item);
            SeenItems.comesTo(Math.max(f[0], f[1]) / Math.min(f[0], f[1]), item);
        });
    }

    @Test
    void whatIsLeftOverTheLastFullOne() {
        quotients("left-over").forEach(item -> {
            double full = Math.floor(wholes(item)[0] / SeenItems.fractions(item)[0] + CLOSE);
            assertEquals(full, SeenItems.value(SeenItems.first(item)), CLOSE);
            SeenItems.comesTo(wholes(item)[0] - full * SeenItems.fractions(item)[0], item);
        });
    }

    /** A mixed number is kept as the fraction that it is. */
    @Test
    void sumsAndDifferencesOfMixedNumbers() {
        mixed("add")
                .forEach(item -> SeenItems.comesTo(SeenItems.fractions(item)[0] + SeenItems.fractions(item)[1], item));
        mixed("take-away")
                .forEach(item -> SeenItems.comesTo(SeenItems.fractions(item)[0] - SeenItems.fractions(item)[1], item));
        mixed("wrong").forEach(item -> {
            double[] f = SeenItems.fractions(item);
            SeenItems.comesTo(Math.abs(f[0] - f[1]), item);
        });
    }

    @Test
    void bothWaysOfWritingAFractionAboveOne() {
        mixed("to-mixed").forEach(item -> SeenItems.comesTo(SeenFormula.value(SeenItems.formula(item), 0), item));
        mixed("to-fraction").forEach(item -> SeenItems.comesTo(SeenItems.fractions(item)[0], item));
    }
}
