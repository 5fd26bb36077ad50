package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.math.BigDecimal;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Masses worked out from the sentence, the reading of the scale, and what lies on the pans. */
class MassesSeenTest {
    private static final Pattern NUMBER = Pattern.compile("\\d+");
    private static final Pattern MASS = Pattern.compile("(\\d+) (g|kg)\\b");

    private static List<Item> items(String kind) {
        return SeenItems.of("mass-problems", kind);
    }

    private static int[] numbers(Item item) {
        return NUMBER.matcher(SeenItems.text(item))
                .results()
                .map(MatchResult::group)
                .mapToInt(Integer::parseInt)
                .toArray();
    }

    /** The mass that is told, without its unit. */
    private static int mass(String text) {
        return MASS.matcher(text)
                .results()
                .map(m -> Integer.parseInt(m.group(1)))
                .findFirst()
                .orElseThrow();
    }

    /** The number of things: what is told without a unit. */
    private static int count(Item item) {
        String text = MASS.matcher(SeenItems.text(item)).replaceAll("");
        return NUMBER.matcher(text)
                .results()
                .map(m -> Integer.parseInt(m.group()))
                .findFirst()
                .orElseThrow();
    }

    private static BigDecimal key(Field field) {
        return new BigDecimal(field.answer().expected().split(" ")[0]);
    }

    private static void comesTo(double expected, Item item, Field field) {
        assertEquals(expected, key(field).doubleValue(), 1e-9, item.ref() + " " + SeenItems.text(item));
    }

    @Test
    void allOfThemWeighSoManyTimesAsMuch() {
        items("total").forEach(item -> {
            comesTo((double) mass(SeenItems.text(item)) * count(item), item, SeenItems.first(item));
            String unit = SeenItems.first(item).answer().expected().split(" ")[1];
            assertTrue(SeenItems.text(item).matches("(?s).*\\d " + unit + "\\b.*"), "in the unit that is told");
        });
    }

    @Test
    void gramsBecomeKilograms() {
        items("kilograms").forEach(item -> {
            double all = (double) mass(SeenItems.text(item)) * count(item);
            comesTo(all / 1000, item, SeenItems.first(item));
            assertTrue(all % 1000 != 0, "the point has to be set");
        });
    }

    @Test
    void whatTheScaleShowsIsSharedOut() {
        items("one").forEach(item -> {
            Figure.Scale scale = SeenItems.figure(item, Figure.Scale.class);
            comesTo(scale.reading() / numbers(item)[0], item, SeenItems.first(item));
            assertTrue(SeenItems.first(item).answer().expected().endsWith(" " + scale.unit()));
        });
    }

    @Test
    void theBasketComesOffFirst() {
        items("basket").forEach(item -> {
            Figure.Scale scale = SeenItems.figure(item, Figure.Scale.class);
            comesTo((scale.reading() - mass(SeenItems.text(item))) / count(item), item, SeenItems.first(item));
        });
    }

    private static int boxes(List<String> pan) {
        return (int) pan.stream().filter(label -> !label.endsWith(" g")).count();
    }

    private static int grams(List<String> pan) {
        return pan.stream()
                .filter(label -> label.endsWith(" g"))
                .mapToInt(MassesSeenTest::mass)
                .sum();
    }

    @Test
    void bothPansWeighTheSame() {
        items("pans").forEach(item -> {
            Figure.Balance balance = SeenItems.figure(item, Figure.Balance.class);
            assertTrue(balance.level());
            double each = (double) (grams(balance.right()) - grams(balance.left()))
                    / (boxes(balance.left()) - boxes(balance.right()));
            comesTo(each, item, SeenItems.first(item));
        });
    }

    @Test
    void asManyAsMayBeAndWhatIsLeft() {
        items("most").forEach(item -> {
            int limit = Math.max(numbers(item)[0], numbers(item)[1]);
            int each = Math.min(numbers(item)[0], numbers(item)[1]);
            comesTo(Math.floorDiv(limit, each), item, SeenItems.first(item));
            comesTo(limit % each, item, SeenItems.last(item));
            assertTrue(limit % each > 0, "something is left");
        });
    }

    /** Nothing of the valley is heavier than people carry or lighter than a sock. */
    @ParameterizedTest
    @ValueSource(strings = {"total", "kilograms", "most"})
    void nothingIsSillyLightOrHeavy(String kind) {
        items(kind).forEach(item -> {
            String text = SeenItems.text(item);
            int each = kind.equals("most") ? Math.min(numbers(item)[0], numbers(item)[1]) : mass(text);
            boolean grams = text.contains(each + " g");
            assertTrue(grams ? each >= 40 && each <= 300 : each >= 2 && each <= 25, text);
        });
    }
}
