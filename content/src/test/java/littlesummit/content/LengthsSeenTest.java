package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import littlesummit.core.item.Block;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Lengths taken from the pictures and sentences, and what is said of segments of the same length. */
class LengthsSeenTest {
    private static List<Item> units(String kind) {
        return SeenItems.of("tile-length", kind);
    }

    private static List<Item> segments(String kind) {
        return SeenItems.of("congruent-segments", kind);
    }

    /** From its alternative text: where it begins and where it ends. */
    private static double[] ends(Figure.Measured figure) {
        double[] n = SeenItems.numbers(figure.alt());
        return new double[] {n[0], n.length == 3 ? (n[1] + n[2]) / 2 : n[1]};
    }

    @ParameterizedTest
    @ValueSource(strings = {"at-zero", "moved"})
    void asManyUnitsAsSpaces(String kind) {
        units(kind).forEach(item -> {
            Figure.Measured laid = ((Response.LayUnits) SeenItems.first(item).response()).object();
            double[] ends = ends(laid);
            assertEquals(laid.length(), ends[1] - ends[0], 1e-9, "drawn as it is told");
            assertEquals(ends[1] - ends[0], SeenItems.value(SeenItems.first(item)), 1e-9);
            SeenItems.comesTo(ends[1] - ends[0], item);
        });
    }

    @ParameterizedTest
    @ValueSource(strings = {"broken", "halves"})
    void theBeginningIsTakenFromTheEnd(String kind) {
        units(kind).forEach(item -> {
            double[] ends = ends(SeenItems.figure(item, Figure.Measured.class));
            SeenItems.comesTo(ends[1] - ends[0], item);
        });
        SeenItems.seldom(units(kind), item -> ends(SeenItems.figure(item, Figure.Measured.class))[1]);
    }

    @Test
    void lengthsAreComparedAndNotEnds() {
        units("difference").forEach(item -> {
            List<Figure.Measured> two = SeenItems.figures(item, Figure.Measured.class);
            double[] first = ends(two.get(0));
            double[] second = ends(two.get(1));
            SeenItems.comesTo(first[1] - first[0] - (second[1] - second[0]), item);
        });
        SeenItems.seldom(units("difference"), item -> {
            List<Figure.Measured> two = SeenItems.figures(item, Figure.Measured.class);
            return Math.abs(ends(two.get(0))[1] - ends(two.get(1))[1]);
        });
    }

    @Test
    void itEndsWhereItsLengthLeads() {
        units("end").forEach(item -> {
            double[] n = SeenItems.numbers(item);
            SeenItems.comesTo(n[0] + n[1], item);
        });
    }

    @Test
    void smallerUnitsAreMore() {
        units("other-unit").forEach(item -> {
            double[] n = SeenItems.numbers(item);
            boolean fromPlanks = SeenItems.text(item).contains("planks long");
            SeenItems.comesTo(fromPlanks ? n[0] * n[1] : n[0] / n[1], item);
        });
    }

    @Test
    void gapsAreLengthAndOverlapsAreNot() {
        Map<String, String> means = Map.of(
                "gaps",
                "longer than that",
                "stops before",
                "longer than that",
                "overlaps",
                "shorter than that",
                "reaches over",
                "shorter than that",
                "from its beginning to its end",
                "just that long");
        units("laid-wrong").forEach(item -> {
            String expected = means.entrySet().stream()
                    .filter(e -> SeenItems.text(item).contains(e.getKey()))
                    .map(Map.Entry::getValue)
                    .collect(Collectors.joining());
            assertEquals(expected, SeenItems.chosen(item.parts().getFirst()), SeenItems.text(item));
        });
    }

    private static final Pattern LENGTH = Pattern.compile("CD is (longer than )?(\\d+) metres");

    @Test
    void whatIsCertainOfTwoLengths() {
        segments("lengths").forEach(item -> {
            double first = SeenItems.numbers(item)[0];
            Matcher second = LENGTH.matcher(SeenItems.text(item));
            assertTrue(second.find());
            double told = Double.parseDouble(second.group(2));
            String certain = second.group(1) == null
                    ? told == first ? "they are congruent" : "they are not congruent"
                    : told >= first ? "they are not congruent" : "that cannot be told";
            assertEquals(certain, SeenItems.chosen(item.parts().getFirst()), SeenItems.text(item));
        });
    }

    @Test
    void onlyOneHasTheSameMarks() {
        List<Item> items = segments("marks");
        items.forEach(item -> {
            List<Figure.Straight> all =
                    SeenItems.figure(item, Figure.Straights.class).items();
            List<String> same = all.subList(1, 4).stream()
                    .filter(s -> s.ticks() == all.getFirst().ticks())
                    .map(LengthsSeenTest::name)
                    .toList();
            assertEquals(List.of(SeenItems.chosen(item.parts().getFirst())), same);
        });
        long looksRight =
                items.stream().filter(LengthsSeenTest::isNearestInLength).count();
        assertTrue(looksRight < 0.15 * items.size(), looksRight + " of " + items.size());
    }

    private static String name(Figure.Straight s) {
        return s.points().getFirst().name() + s.points().getLast().name();
    }

    private static double drawn(Figure.Straight s) {
        return s.points().getLast().x() - s.points().getFirst().x();
    }

    private static boolean isNearestInLength(Item item) {
        List<Figure.Straight> all =
                SeenItems.figure(item, Figure.Straights.class).items();
        double mine = drawn(all.getFirst());
        String nearest = all.subList(1, 4).stream()
                .min((a, b) -> Double.compare(Math.abs(drawn(a) - mine), Math.abs(drawn(b) - mine)))
                .map(LengthsSeenTest::name)
                .orElseThrow();
        return nearest.equals(SeenItems.chosen(item.parts().getFirst()));
    }

    private static double at(Item item, String label) {
        return SeenItems.figure(item, Figure.NumberLine.class).marks().stream()
                .filter(m -> m.label().equals(label))
                .mapToDouble(Figure.Mark::at)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void thePointMakesThemEquallyLong() {
        segments("place").forEach(item -> SeenItems.comesTo(at(item, "C") + at(item, "B") - at(item, "A"), item));
        SeenItems.seldom(segments("place"), item -> at(item, "C") + at(item, "C") - at(item, "B"));
        segments("midpoint").forEach(item -> SeenItems.comesTo(2 * at(item, "M") - at(item, "A"), item));
        SeenItems.seldom(segments("midpoint"), item -> (at(item, "M") + at(item, "A")) / 2);
    }

    private static double centimetres(String length) {
        double n = SeenItems.numbers(length)[0];
        return length.contains("milli") ? n / 10 : length.contains("centi") ? n : n * 100;
    }

    @Test
    void theSameLengthInAnotherUnit() {
        segments("units").forEach(item -> {
            double cm = SeenItems.numbers(item)[0];
            Part part = item.parts().getFirst();
            assertEquals(cm, centimetres(SeenItems.chosen(part)), 1e-9);
            SeenItems.others(part).forEach(o -> assertTrue(Math.abs(centimetres(o) - cm) > 1e-9, o));
        });
    }

    @Test
    void asManyPartsOfTheWholeAsLieBetween() {
        segments("parts").forEach(item -> {
            String row = SeenItems.text(item).replaceAll(".*?((?:[A-F], )+[A-F] and [A-F]).*", "$1");
            String points = row.replaceAll("[^A-F]", "");
            String second = ((Block.Text) item.stem().get(1)).text();
            String asked = item.parts().getFirst().prompt().replaceAll("[^A-F]", "");
            double one = SeenItems.numbers(second)[0] / (points.length() - 1);
            SeenItems.comesTo(one * (points.indexOf(asked.charAt(1)) - points.indexOf(asked.charAt(0))), item);
        });
    }
}
