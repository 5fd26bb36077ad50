package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.Part;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Angles measured in the data of their pictures: a picture to scale says what the key has to be. */
class AnglesSeenTest {
    private static final Pattern TERM = Pattern.compile("\\$(\\d*)x ([-+]) (\\d+)\\$");

    private static List<Item> items(String kind) {
        return SeenItems.of("angle-pairs", kind);
    }

    private static Figure.Angles figure(Item item) {
        return item.stem().stream()
                .filter(Block.Picture.class::isInstance)
                .map(b -> (Figure.Angles) ((Block.Picture) b).figure())
                .findFirst()
                .orElseThrow();
    }

    /** Degrees by label. */
    private static Map<String, Double> measured(Item item) {
        return figure(item).arcs().stream()
                .filter(arc -> !arc.label().isEmpty())
                .collect(Collectors.toMap(arc -> arc.label(), arc -> arc.to() - arc.from()));
    }

    private static double key(Field field) {
        return Double.parseDouble(field.answer().expected());
    }

    private static int[] numbers(String text) {
        return Pattern.compile("\\d+")
                .matcher(text)
                .results()
                .map(MatchResult::group)
                .mapToInt(Integer::parseInt)
                .toArray();
    }

    @ParameterizedTest
    @ValueSource(strings = {"marked", "corner", "line", "around"})
    void theMarkedAngleIsAsLargeAsItIsDrawn(String kind) {
        items(kind).forEach(item -> {
            Map<String, Double> angles = measured(item);
            assertEquals(angles.get("x"), key(SeenItems.first(item)), 1e-9);
            for (int told : numbers(SeenItems.text(item))) {
                assertEquals(told, angles.get(told + "°"), 1e-9, "what is told is drawn");
            }
        });
    }

    @ParameterizedTest
    @CsvSource({"corner,90", "line,180", "around,360"})
    void thePartsMakeTheWhole(String kind, double whole) {
        items(kind)
                .forEach(item -> assertEquals(
                        whole,
                        measured(item).values().stream().mapToDouble(d -> d).sum(),
                        1e-9));
    }

    @Test
    void thePartnerIsTheEqualOneAndNoOtherIs() {
        items("partner").forEach(item -> {
            Map<String, Double> angles = measured(item);
            Part part = item.parts().getFirst();
            assertEquals(angles.get("a"), angles.get(SeenItems.chosen(part).replace("angle ", "")), 1e-9);
            SeenItems.others(part)
                    .forEach(other -> assertNotEquals(angles.get("a"), angles.get(other.replace("angle ", ""))));
            Field last = SeenItems.last(item);
            assertEquals(angles.get(last.id()), key(last), 1e-9);
            assertEquals(360, angles.values().stream().mapToDouble(d -> d).sum(), 1e-9);
        });
    }

    @Test
    void lettersStandForANumberThatMakesTheAnglesAsTheyAreDrawn() {
        items("letters").forEach(item -> {
            Map<String, Double> angles = measured(item);
            String text = ((Block.Text) item.stem().getFirst()).text();
            double x = key(SeenItems.first(item));
            Matcher terms = TERM.matcher(text);
            for (String name : List.of("A", "B")) {
                assertTrue(terms.find(), text);
                double factor = terms.group(1).isEmpty() ? 1 : Double.parseDouble(terms.group(1));
                double rest =
                        Double.parseDouble(terms.group(3)) * (terms.group(2).equals("-") ? -1 : 1);
                assertEquals(angles.get(name), factor * x + rest, 1e-9, text + " at " + x);
            }
            assertEquals(angles.get("A"), key(SeenItems.last(item)), 1e-9);
            assertEquals(
                    text.contains("opposite"), angles.get("A").equals(angles.get("B")), "or both are right angles");
        });
    }

    @Test
    void theThirdAngleMakesAStraightLineWithEither() {
        items("reason").forEach(item -> {
            Map<String, Double> angles = measured(item);
            String third = SeenItems.chosen(item.parts().getFirst()).replaceAll(".*angle (.)\\.", "$1");
            assertEquals(180, angles.get(third) + angles.get("x"), 1e-9);
            assertNotEquals(angles.get(third), angles.get("x"));
        });
    }

    /** What is said of two or three angles, worked out from the numbers of the example alone. */
    private static boolean goesAgainst(String rule, String example) {
        int[] n = numbers(example.replaceAll("two angles of (\\d+)°", "$1 $1"));
        boolean beside = example.contains("beside");
        boolean opposite = example.contains("opposite");
        return switch (rule.split(" ")[0] + rule.split(" ")[1]) {
            case "Twoangles" -> rule.contains("never") && beside && n[n.length - 1] == 90;
            case "Oppositeangles" -> opposite && 2 * n[0] != 180;
            case "Ifthree" -> n.length == 3 && IntStream.of(n).sum() == 180 && n[0] != 60;
            default -> false;
        };
    }

    @Test
    void aRuleFallsByTheExampleThatIsMeantAndByNoOther() {
        items("rule").forEach(item -> {
            String text = SeenItems.text(item);
            String rule = text.substring(text.indexOf('“') + 1, text.indexOf('”'));
            String chosen = SeenItems.chosen(item.parts().getFirst());
            assertEquals(chosen.startsWith("It is not so"), goesAgainst(rule, chosen), rule + " " + chosen);
            SeenItems.others(item.parts().getFirst())
                    .filter(other -> other.startsWith("It is not so"))
                    .forEach(other -> assertTrue(!goesAgainst(rule, other), rule + " " + other));
        });
    }
}
