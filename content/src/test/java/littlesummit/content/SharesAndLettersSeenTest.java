package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import littlesummit.core.item.Block;
import littlesummit.core.item.Item;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Percents in floating point from the sentence; letters by putting the number into what is read. */
class SharesAndLettersSeenTest {
    private static final Pattern PERCENT = Pattern.compile("(\\d+)%");

    private static final Pattern PUT_IN = Pattern.compile("-?\\d+");

    private static List<Item> shares(String kind) {
        return SeenItems.of("percent-find", kind);
    }

    private static double[] percents(Item item) {
        return PERCENT.matcher(SeenItems.text(item))
                .results()
                .mapToDouble(found -> Double.parseDouble(found.group(1)))
                .toArray();
    }

    /** Numbers that are no percents. */
    private static double[] others(Item item) {
        return SeenItems.numbers(PERCENT.matcher(SeenItems.text(item)).replaceAll("so much"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"part", "of-money"})
    void thePart(String kind) {
        shares(kind).forEach(item -> SeenItems.comesTo(percents(item)[0] / 100 * others(item)[0], item));
        SeenItems.seldom(shares(kind), item -> percents(item)[0]);
    }

    @Test
    void thePercent() {
        shares("percent").forEach(item -> {
            double[] n = others(item);
            SeenItems.comesTo(100 * Math.min(n[0], n[1]) / Math.max(n[0], n[1]), item);
        });
    }

    @Test
    void theWhole() {
        shares("whole").forEach(item -> SeenItems.comesTo(100 * others(item)[0] / percents(item)[0], item));
    }

    @Test
    void theRestOfAHundredPercent() {
        shares("left").forEach(item -> {
            double[] p = percents(item);
            SeenItems.comesTo((100 - p[0] - p[1]) / 100 * others(item)[0], item);
        });
    }

    @Test
    void theDifferenceOfTwoShares() {
        shares("compare").forEach(item -> {
            double[] p = percents(item);
            SeenItems.comesTo(others(item)[0] * p[0] / 100 - others(item)[0] * p[1] / 100, item);
        });
    }

    private static double[] putIn(Item item) {
        return PUT_IN.matcher(SeenItems.text(item))
                .results()
                .mapToDouble(found -> Double.parseDouble(found.group()))
                .toArray();
    }

    @ParameterizedTest
    @ValueSource(strings = {"linear", "bracket", "square"})
    void theNumberTakesThePlaceOfTheLetter(String kind) {
        SeenItems.of("expressions-evaluate", kind)
                .forEach(item -> SeenItems.comesTo(SeenFormula.value(SeenItems.formula(item), putIn(item)[0]), item));
    }

    @Test
    void twoNumbersTakeTheirPlaces() {
        SeenItems.of("expressions-evaluate", "two-letters").forEach(item -> {
            double[] n = putIn(item);
            String formula = SeenItems.formula(item).replace("y", "(" + (int) n[1] + ")");
            SeenItems.comesTo(SeenFormula.value(formula, n[0]), item);
        });
    }

    @Test
    void theFormulaOfAStory() {
        SeenItems.of("expressions-evaluate", "formula").forEach(item -> {
            Matcher formula = Pattern.compile("\\d+-\\d+h").matcher(SeenItems.text(item));
            Matcher number = Pattern.compile("h = (\\d+)")
                    .matcher(item.parts().getFirst().prompt());
            formula.find();
            number.find();
            SeenItems.comesTo(
                    SeenFormula.value(formula.group().replace("h", "x"), Double.parseDouble(number.group(1))), item);
        });
    }

    @Test
    void theLargerOfTwo() {
        SeenItems.of("expressions-evaluate", "larger").forEach(item -> {
            List<Double> values = item.stem().stream()
                    .filter(Block.Formula.class::isInstance)
                    .map(block -> SeenFormula.value(((Block.Formula) block).latex(), putIn(item)[0]))
                    .toList();
            int order = Double.compare(values.get(0), values.get(1));
            assertEquals(
                    order > 0 ? "a" : order < 0 ? "b" : "c",
                    SeenItems.last(item).answer().expected());
        });
    }

    /** Every whole number is tried. */
    @Test
    void theNumberThatWasPutIn() {
        SeenItems.of("expressions-evaluate", "put-in").forEach(item -> {
            int x = -100;
            while (SeenFormula.value(SeenItems.formula(item), x) != putIn(item)[0]) {
                x++;
            }
            SeenItems.comesTo(x, item);
        });
    }
}
