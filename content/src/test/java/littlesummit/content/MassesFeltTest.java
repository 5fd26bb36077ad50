package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.core.item.Item;
import littlesummit.core.item.Part;
import org.junit.jupiter.api.Test;

/** Sensible masses, by a table of our own in grams. The values are from common experience, not from a source. */
class MassesFeltTest {
    /** Least and most that anybody would believe. */
    private static final Map<String, double[]> GRAMS = Map.ofEntries(
            Map.entry("snowflake", new double[] {0.001, 0.01}),
            Map.entry("ant", new double[] {0.001, 0.02}),
            Map.entry("grain of rice", new double[] {0.01, 0.05}),
            Map.entry("bee", new double[] {0.05, 0.2}),
            Map.entry("slice of cheese", new double[] {10, 100}),
            Map.entry("wool sock", new double[] {30, 120}),
            Map.entry("egg", new double[] {40, 80}),
            Map.entry("pocket map", new double[] {40, 150}),
            Map.entry("tin cup", new double[] {60, 300}),
            Map.entry("candle", new double[] {40, 400}),
            Map.entry("bell of a kid goat", new double[] {60, 500}),
            Map.entry("wool blanket", new double[] {1000, 5000}),
            Map.entry("coil of rope", new double[] {2000, 8000}),
            Map.entry("wheel of cheese", new double[] {2000, 40000}),
            Map.entry("sledge", new double[] {3000, 20000}),
            Map.entry("full soup kettle", new double[] {5000, 30000}),
            Map.entry("rescue dog", new double[] {20000, 50000}),
            Map.entry("grown goat", new double[] {30000, 90000}),
            Map.entry("loaded hay wagon", new double[] {1e6, 8e6}),
            Map.entry("cabin of the cable way", new double[] {0.5e6, 5e6}),
            Map.entry("snow groomer", new double[] {5e6, 15e6}),
            Map.entry("bus to the valley", new double[] {8e6, 20e6}));

    private static final Map<String, Double> UNITS = Map.of("mg", 0.001, "g", 1.0, "kg", 1000.0, "t", 1e6);
    private static final Pattern AMOUNT = Pattern.compile("([\\d,.]+) (mg|kg|g|t)\\b");

    private static List<Item> items(String kind) {
        return SeenItems.of("mass-sense", kind);
    }

    private static String thing(String text) {
        return GRAMS.keySet().stream()
                .filter(name -> text.toLowerCase(java.util.Locale.ROOT).matches("(?s).*\\b" + name + "\\b.*"))
                .max(Comparator.comparingInt(String::length))
                .orElseThrow(() -> new AssertionError(text));
    }

    private static double grams(String amount) {
        Matcher m = AMOUNT.matcher(amount);
        assertTrue(m.find(), amount);
        return Double.parseDouble(m.group(1).replace(",", "")) * UNITS.get(m.group(2));
    }

    private static boolean isSensible(String thing, double grams) {
        double[] range = GRAMS.get(thing);
        assertNotNull(range, thing);
        return grams >= range[0] && grams <= range[1];
    }

    private static Part part(Item item) {
        return item.parts().getFirst();
    }

    @Test
    void onlyOneUnitMakesSense() {
        items("unit").forEach(item -> {
            String text = SeenItems.text(item);
            Matcher number = Pattern.compile("\\d+").matcher(text);
            assertTrue(number.find(), text);
            double value = Double.parseDouble(number.group());
            String right = SeenItems.chosen(part(item));
            assertTrue(isSensible(thing(text), value * UNITS.get(right)), text + " " + right);
            SeenItems.others(part(item))
                    .forEach(other -> assertTrue(!isSensible(thing(text), value * UNITS.get(other)), text + other));
        });
    }

    @Test
    void everyUnitIsRightAtTimes() {
        assertEquals(
                UNITS.keySet(),
                items("unit").stream().map(item -> SeenItems.chosen(part(item))).collect(Collectors.toSet()));
    }

    @Test
    void onlyOneMassMakesSense() {
        items("mass").forEach(item -> {
            String thing = thing(SeenItems.text(item));
            assertTrue(
                    isSensible(thing, grams(SeenItems.chosen(part(item)))),
                    item.ref().toString());
            SeenItems.others(part(item)).forEach(other -> assertTrue(!isSensible(thing, grams(other)), thing + other));
        });
    }

    @Test
    void fromLightToHeavy() {
        items("order").forEach(item -> {
            List<double[]> ranges = Arrays.stream(SeenItems.chosen(part(item)).split(", "))
                    .map(name -> GRAMS.get(thing(name)))
                    .toList();
            assertEquals(4, ranges.size());
            List<double[]> sorted = new ArrayList<>(ranges);
            sorted.sort(Comparator.comparingDouble(r -> r[0] + r[1]));
            assertEquals(sorted, ranges, SeenItems.chosen(part(item)));
        });
    }

    @Test
    void theHeaviestIsTheHeaviestInGrams() {
        items("heaviest").forEach(item -> {
            double right = grams(SeenItems.chosen(part(item)));
            SeenItems.others(part(item)).forEach(other -> assertTrue(grams(other) < right, other));
        });
    }

    @Test
    void theHeaviestIsNotToldByItsNumber() {
        List<Item> all = items("heaviest");
        long byNumber = all.stream()
                .filter(item -> {
                    double right = number(SeenItems.chosen(part(item)));
                    return SeenItems.others(part(item)).allMatch(other -> number(other) < right);
                })
                .count();
        assertTrue(byNumber < 0.5 * all.size(), "the largest number is the heaviest " + byNumber + " times");
    }

    private static double number(String amount) {
        return Double.parseDouble(amount.split(" ")[0].replace(",", ""));
    }

    /** By the middle of the two ranges; the power that is nearest. */
    @Test
    void soManyMakeAsMuch() {
        items("make").forEach(item -> {
            String text = SeenItems.text(item).toLowerCase(java.util.Locale.ROOT);
            String single = text.replace("grains of", "grain of")
                    .replace("coils of", "coil of")
                    .replace("slices of", "slice of")
                    .replace("wheels of", "wheel of")
                    .replace("cabins of", "cabin of")
                    .replace("bells of kid goats", "bell of a kid goat")
                    .replace("buses", "bus")
                    .replaceAll("s\\b", "");
            List<String> both = GRAMS.keySet().stream()
                    .filter(name -> single.contains(name.replaceAll("s\\b", "")))
                    .sorted(Comparator.comparingDouble(name -> GRAMS.get(name)[1]))
                    .toList();
            assertTrue(both.size() >= 2, text + both);
            double light = middle(both.getFirst());
            double heavy = middle(both.getLast());
            String chosen = SeenItems.chosen(part(item));
            double key = Double.parseDouble(chosen.replaceAll("[^\\d]", ""));
            assertEquals(Math.log10(heavy / light), Math.log10(key), 0.75, text + " " + chosen);
        });
    }

    private static double middle(String thing) {
        return Math.sqrt(GRAMS.get(thing)[0] * GRAMS.get(thing)[1]);
    }

    @Test
    void onlyOneSentenceCannotBe() {
        items("slip").forEach(item -> {
            String slip = SeenItems.chosen(part(item));
            assertTrue(!isSensible(thing(slip), grams(slip)), slip);
            Stream<String> others = SeenItems.others(part(item));
            others.forEach(other -> assertTrue(isSensible(thing(other), grams(other)), other));
        });
    }
}
