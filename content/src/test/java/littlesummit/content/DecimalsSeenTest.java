package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import littlesummit.core.item.Item;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Decimal numbers in floating point, from what stands in the sentence or the formula. */
class DecimalsSeenTest {
    private static List<Item> sums(String kind) {
        return SeenItems.of("decimal-add-subtract", kind);
    }

    private static List<Item> products(String kind) {
        return SeenItems.of("decimal-multiply-divide", kind);
    }

    @ParameterizedTest
    @CsvSource({"decimal-add-subtract, sum", "decimal-add-subtract, difference", "decimal-multiply-divide, product"})
    void whatTheFormulaComesTo(String skill, String kind) {
        SeenItems.of(skill, kind)
                .forEach(item -> SeenItems.comesTo(SeenFormula.value(SeenItems.formula(item), 0), item));
    }

    @ParameterizedTest
    @ValueSource(strings = {"decimal-add-subtract", "decimal-multiply-divide"})
    void whatIsMissing(String skill) {
        SeenItems.of(skill, "missing")
                .forEach(item -> SeenItems.comesTo(SeenFormula.solution(SeenItems.formula(item)), item));
    }

    @Test
    void lengthsAreAdded() {
        sums("lengths")
                .forEach(item -> SeenItems.comesTo(SeenItems.numbers(item)[0] + SeenItems.numbers(item)[1], item));
    }

    @Test
    void whatIsTakenFromAWholeNumber() {
        sums("with-whole")
                .forEach(item -> SeenItems.comesTo(SeenItems.numbers(item)[0] - SeenItems.numbers(item)[1], item));
    }

    @Test
    void whatIsGivenBack() {
        sums("change").forEach(item -> {
            double[] n = SeenItems.numbers(item);
            SeenItems.comesTo(n[2] - n[0] - n[1], item);
        });
    }

    @Test
    void severalSteps() {
        sums("mixed-steps").forEach(item -> {
            double[] n = SeenItems.numbers(item);
            SeenItems.comesTo(n[0] - n[1] + n[2], item);
        });
    }

    @Test
    void theThirdSide() {
        sums("perimeter").forEach(item -> {
            double[] n = SeenItems.numbers(item);
            double whole = Math.max(n[0], Math.max(n[1], n[2]));
            SeenItems.comesTo(2 * whole - n[0] - n[1] - n[2], item);
        });
    }

    @Test
    void theSumThatSomebodyGotOrNot() {
        sums("wrong").forEach(item -> {
            double[] n = SeenItems.numbers(item);
            SeenItems.comesTo(n[0] + n[1], item);
            boolean isRight = Math.abs(n[0] + n[1] - n[2]) < 1e-9;
            assertEquals(isRight, SeenItems.chosen(item.parts().getFirst()).startsWith("It is right"));
        });
    }

    @Test
    void timesAndOverPowersOfTen() {
        products("tens").forEach(item -> {
            double[] n = SeenItems.numbers(item);
            boolean isTimes = SeenItems.text(item).contains("multiplied");
            SeenItems.comesTo(isTimes ? n[0] * n[1] : n[0] / n[1], item);
        });
    }

    @ParameterizedTest
    @ValueSource(strings = {"by-digit", "price"})
    void bothAreMultiplied(String kind) {
        products(kind)
                .forEach(item -> SeenItems.comesTo(SeenItems.numbers(item)[0] * SeenItems.numbers(item)[1], item));
    }

    @ParameterizedTest
    @ValueSource(strings = {"shared", "quotient"})
    void theLargerOverTheSmallerOrTheSharesOfIt(String kind) {
        products(kind).forEach(item -> {
            double[] n = SeenItems.numbers(item);
            boolean isTurned = item.ref().variant().equals("shared-3")
                    || item.ref().variant().equals("quotient-1");
            SeenItems.comesTo(isTurned ? n[1] / n[0] : n[0] / n[1], item);
        });
    }

    @Test
    void whereThePointBelongs() {
        products("point").forEach(item -> {
            double[] n = SeenItems.numbers(item);
            assertEquals(
                    n[0] * n[1],
                    Double.parseDouble(SeenItems.chosen(item.parts().getFirst())),
                    1e-9);
        });
    }

    @Test
    void pricesOfAKilogram() {
        products("better").forEach(item -> {
            double[] n = SeenItems.numbers(item);
            assertEquals(n[0] / n[1], SeenItems.value(SeenItems.first(item)), 1e-9);
            SeenItems.comesTo(n[2] / n[3], item);
        });
    }
}
