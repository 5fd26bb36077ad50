package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.regex.Pattern;
import littlesummit.core.item.Item;
import littlesummit.core.item.Part;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Percents and prices worked out from the sentence alone, in floating point. */
class PercentsSeenTest {
    private static final Pattern PERCENT = Pattern.compile("([\\d.]+)%");
    private static final Pattern MONEY = Pattern.compile("\\\\([\\d,]+(?:\\.\\d+)?)");

    private static double[] percents(Item item) {
        return found(PERCENT, SeenItems.text(item));
    }

    private static double[] money(Item item) {
        return found(MONEY, SeenItems.text(item));
    }

    private static double[] found(Pattern pattern, String text) {
        return pattern.matcher(text)
                .results()
                .mapToDouble(m -> Double.parseDouble(m.group(1).replace(",", "")))
                .toArray();
    }

    /** A number that is no percent. */
    private static double amount(Item item) {
        return SeenItems.numbers(PERCENT.matcher(SeenItems.text(item)).replaceAll(""))[0];
    }

    private static List<Item> prices(String kind) {
        return SeenItems.of("percent-discount", kind);
    }

    private static List<Item> parts(String kind) {
        return SeenItems.of("percent-parts", kind);
    }

    @ParameterizedTest
    @ValueSource(strings = {"price", "tank", "gone"})
    void bothPiecesMakeAHundred(String kind) {
        parts(kind).forEach(item -> SeenItems.comesTo(100 - percents(item)[0], item));
    }

    @Test
    void whatIsLeftOfAnAmount() {
        parts("amount").forEach(item -> SeenItems.comesTo(amount(item) * (1 - percents(item)[0] / 100), item));
        SeenItems.seldom(parts("amount"), item -> amount(item) - percents(item)[0]);
        SeenItems.seldom(parts("amount"), item -> 100 - percents(item)[0]);
    }

    @Test
    void theSecondPercentIsOfTheRest() {
        parts("of-the-rest").forEach(item -> {
            double[] p = percents(item);
            SeenItems.comesTo((100 - p[0]) * (100 - p[1]) / 100, item);
        });
        SeenItems.seldom(parts("of-the-rest"), item -> 100 - percents(item)[0] - percents(item)[1]);
    }

    @Test
    void fromThePartBackToTheWhole() {
        parts("whole").forEach(item -> SeenItems.comesTo(amount(item) / percents(item)[0] * 100, item));
        SeenItems.seldom(parts("whole"), item -> amount(item) * percents(item)[0] / 100);
        parts("three").forEach(item -> {
            double[] p = percents(item);
            SeenItems.comesTo(amount(item) / (100 - p[0] - p[1]) * 100, item);
        });
    }

    @Test
    void whatIsPaidSavedAndAdded() {
        prices("reduced").forEach(item -> SeenItems.comesTo(money(item)[0] * (1 - percents(item)[0] / 100), item));
        prices("saved").forEach(item -> SeenItems.comesTo(money(item)[0] * percents(item)[0] / 100, item));
        prices("raised").forEach(item -> SeenItems.comesTo(money(item)[0] * (1 + percents(item)[0] / 100), item));
        SeenItems.seldom(prices("reduced"), item -> money(item)[0] - percents(item)[0]);
        SeenItems.seldom(prices("raised"), item -> money(item)[0] + percents(item)[0]);
    }

    /** The equation that is chosen has the price as its solution: both sides agree for it, and for no other choice. */
    @ParameterizedTest
    @ValueSource(strings = {"reduced", "saved", "original"})
    void theEquationFitsThePrice(String kind) {
        prices(kind).forEach(item -> {
            double x = SeenItems.value(SeenItems.last(item));
            Part part = item.parts().getFirst();
            assertEquals(0, SeenFormula.gap(plain(SeenItems.chosen(part)), x), 1e-6, SeenItems.chosen(part));
            SeenItems.others(part)
                    .forEach(o -> assertTrue(Math.abs(SeenFormula.gap(plain(o), x)) > 1e-6, o + " for " + x));
        });
    }

    /** Decimal numbers as quotients, which the reader of formulas knows. */
    private static String plain(String latex) {
        return Pattern.compile("(\\d+)\\.(\\d+)")
                .matcher(latex)
                .replaceAll(m -> "\\\\frac{" + m.group(1) + m.group(2) + "}{1"
                        + "0".repeat(m.group(2).length()) + "}");
    }

    @Test
    void thePercentAndTheFullPrice() {
        prices("rate").forEach(item -> SeenItems.comesTo((1 - money(item)[1] / money(item)[0]) * 100, item));
        SeenItems.seldom(prices("rate"), item -> money(item)[0] - money(item)[1]);
        prices("original").forEach(item -> SeenItems.comesTo(money(item)[0] / (1 - percents(item)[0] / 100), item));
        SeenItems.seldom(prices("original"), item -> money(item)[0] * (1 + percents(item)[0] / 100));
    }

    @Test
    void twoChangesHaveTwoWholes() {
        prices("twice").forEach(item -> {
            double[] p = percents(item);
            SeenItems.comesTo(100 - (100 - p[0]) * (100 - p[1]) / 100, item);
        });
        SeenItems.seldom(prices("twice"), item -> percents(item)[0] + percents(item)[1]);
        List<Item> back = prices("down-and-up");
        back.forEach(item -> {
            double[] p = percents(item);
            double after = (100 - p[0]) * (100 + p[1]);
            String right = after < 9999.999
                    ? "less than before"
                    : after > 10000.001 ? "more than before" : "the same as before";
            assertEquals(right, SeenItems.chosen(item.parts().getFirst()), SeenItems.text(item));
        });
        long believed = back.stream()
                .filter(item -> percents(item)[0] == percents(item)[1])
                .filter(item -> SeenItems.chosen(item.parts().getFirst()).startsWith("the same"))
                .count();
        assertEquals(0, believed, "down and up by the same percent is never the same");
    }
}
