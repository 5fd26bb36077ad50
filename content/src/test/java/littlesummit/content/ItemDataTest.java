package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import littlesummit.core.calculator.Calculator;
import littlesummit.core.calculator.ItemData;
import org.junit.jupiter.api.Test;

/** The numbers that the calculator offers to take over. */
class ItemDataTest {
    private static final Catalogue ITEMS = new Catalogue();

    @Test
    void theDataOfATableIsTakenBeforeThatOfTheText() {
        List<String> data = ItemData.of(ITEMS.require("two-way-read").make(1, 5));

        assertTrue(data.size() >= 4, data.toString());
        data.forEach(n -> assertInstanceOf(Calculator.Result.Value.class, Calculator.compute(n), n));
    }

    @Test
    void everyMeanItemGivesNumbersThatTheCalculatorReads() {
        for (long seed = 0; seed < 60; seed++) {
            List<String> data = ItemData.of(ITEMS.require("mean").make((int) (seed % 3) + 1, seed));
            assertInstanceOf(
                    Calculator.Result.Value.class,
                    Calculator.compute("mean(" + String.join(", ", data) + ")"),
                    data.toString());
        }
    }
}
