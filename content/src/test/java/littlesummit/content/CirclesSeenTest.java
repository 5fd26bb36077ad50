package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import littlesummit.core.grading.Grader;
import littlesummit.core.grading.Verdict;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Circles worked out from the picture, the sentence or the equation that a student sees. */
class CirclesSeenTest {
    private static final Pattern WHOLE = Pattern.compile("-?\\d+");
    private static final Pattern BRACKET =
            Pattern.compile("\\(([xy]) ?([+-]) ?(?:\\\\frac\\{(\\d+)}\\{(\\d+)}|(\\d+))\\\\right\\)\\^\\{2}");
    private static final double EXACT = 1e-12;

    private static List<Item> items(String kind) {
        return SeenItems.of("circle-center", kind);
    }

    private static int[] numbers(Item item) {
        return WHOLE.matcher(SeenItems.text(item))
                .results()
                .map(MatchResult::group)
                .mapToInt(Integer::parseInt)
                .toArray();
    }

    private static double[] pair(Field field) {
        String[] both = field.answer().expected().replaceAll("[() ]", "").split(",");
        return new double[] {value(both[0]), value(both[1])};
    }

    private static double value(String fraction) {
        String[] parts = fraction.split("/");
        return Double.parseDouble(parts[0]) / (parts.length > 1 ? Double.parseDouble(parts[1]) : 1);
    }

    private static void assertCentre(double x, double y, Item item, Field field) {
        assertEquals(x, pair(field)[0], EXACT, item.ref() + " " + SeenItems.text(item));
        assertEquals(y, pair(field)[1], EXACT, item.ref() + " " + SeenItems.text(item));
    }

    @Test
    void theMiddleOfTheDrawnCircleIsTheCentre() {
        items("graph").forEach(item -> {
            Figure.Grid grid = item.stem().stream()
                    .filter(Block.Picture.class::isInstance)
                    .map(b -> (Figure.Grid) ((Block.Picture) b).figure())
                    .findFirst()
                    .orElseThrow();
            Figure.Drawn.Circle drawn = (Figure.Drawn.Circle) grid.drawn().getFirst();
            assertCentre(drawn.x(), drawn.y(), item, SeenItems.first(item));
            assertTrue(
                    Math.abs(drawn.x()) + drawn.radius() <= 10 && Math.abs(drawn.y()) + drawn.radius() <= 10,
                    "all of it is seen");
        });
    }

    @Test
    void theMiddleBetweenTheEndsIsTheCentre() {
        items("box").forEach(item -> {
            int[] n = numbers(item);
            assertCentre((n[0] + n[1]) / 2.0, (n[2] + n[3]) / 2.0, item, SeenItems.first(item));
            assertEquals(n[1] - n[0], n[3] - n[2], "it is round");
        });
    }

    @Test
    void theRadiusIsTheDistanceOfTheTwoPoints() {
        items("reach").forEach(item -> {
            int[] n = numbers(item);
            assertTrue(n[0] == n[2] ^ n[1] == n[3], "straight across or straight up");
            assertEquals(
                    Math.hypot(n[2] - n[0], n[3] - n[1]),
                    value(SeenItems.first(item).answer().expected()),
                    EXACT);
        });
    }

    /** Where the brackets of the equation are zero. */
    private static double[] zeros(String equation) {
        double[] zeros = new double[2];
        Matcher bracket = BRACKET.matcher(equation);
        while (bracket.find()) {
            double size = bracket.group(5) == null
                    ? Double.parseDouble(bracket.group(3)) / Double.parseDouble(bracket.group(4))
                    : Double.parseDouble(bracket.group(5));
            zeros[bracket.group(1).equals("x") ? 0 : 1] = bracket.group(2).equals("-") ? size : -size;
        }
        return zeros;
    }

    @ParameterizedTest
    @ValueSource(strings = {"equation", "place", "fractions"})
    void theCentreIsWhereTheBracketsAreZero(String kind) {
        items(kind).forEach(item -> {
            double[] zeros = zeros(SeenItems.formula(item));
            assertCentre(zeros[0], zeros[1], item, SeenItems.first(item));
        });
    }

    /** Numbers before x and before y, and the one alone. */
    private static int[] terms(String expanded) {
        String plain = expanded.replace(" ", "");
        return new int[] {
            coefficient(plain, "([+-]\\d+)x(?!\\^)"),
            coefficient(plain, "([+-]\\d+)y(?!\\^)"),
            coefficient(plain, "([+-]\\d+)=")
        };
    }

    private static int coefficient(String text, String pattern) {
        Matcher found = Pattern.compile(pattern).matcher(text);
        return found.find() ? Integer.parseInt(found.group(1)) : 0;
    }

    @Test
    void halfOfEachNumberTurnedRoundIsTheCentre() {
        items("expanded").forEach(item -> {
            int[] t = terms(SeenItems.formula(item));
            assertCentre(-t[0] / 2.0, -t[1] / 2.0, item, SeenItems.first(item));
            assertTrue(t[0] * t[0] / 4 + t[1] * t[1] / 4 - t[2] > 0, "it is a circle");
        });
    }

    private static void assertHolds(String equation, Item item) {
        Field field = SeenItems.first(item);
        assertEquals(new Verdict.Correct(), Grader.grade(field.answer(), equation), item.ref() + " " + equation);
    }

    private static String equation(int h, int k, int squared) {
        return "x^2 + y^2 - 2*(" + h + ")*x - 2*(" + k + ")*y + (" + (h * h + k * k - squared) + ") = 0";
    }

    @Test
    void theEquationHasTheCentreAndTheSquareOfTheRadius() {
        items("write").forEach(item -> {
            int[] n = numbers(item);
            assertHolds(equation(n[0], n[1], n[2] * n[2]), item);
            assertNotEquals(
                    new Verdict.Correct(), Grader.grade(SeenItems.first(item).answer(), equation(n[0], n[1], n[2])));
        });
    }

    @Test
    void theCircleGoesThroughThePoint() {
        items("through").forEach(item -> {
            int[] n = numbers(item);
            int across = n[2] - n[0];
            int up = n[3] - n[1];
            assertHolds(equation(n[0], n[1], across * across + up * up), item);
        });
    }

    @Test
    void theFirstLineThatDoesNotFollowIsTheOne() {
        items("slip").forEach(item -> {
            int[] given = terms(SeenItems.formula(item));
            List<String> lines = item.stem().stream()
                    .skip(2)
                    .map(b -> ((Block.Text) b).text().replaceAll("^Line \\d: |\\$", ""))
                    .toList();
            assertEquals(wrong(given, lines), SeenItems.chosen(item.parts().getFirst()));
            assertCentre(-given[0] / 2.0, -given[1] / 2.0, item, SeenItems.last(item));
        });
    }

    /** Each line is compared with the one above it, as it stands. */
    private static String wrong(int[] given, List<String> lines) {
        int[] first = terms(lines.get(0));
        if (first[0] != given[0] || first[1] != given[1]) {
            return "line 1";
        }
        int[] second = terms(lines.get(1));
        if (second[0] != first[0] || second[1] != first[1]) {
            return "line 2";
        }
        double[] zeros = zeros(lines.get(2));
        if (zeros[0] != -second[0] / 2.0 || zeros[1] != -second[1] / 2.0) {
            return "line 3";
        }
        String centre = "(" + (int) zeros[0] + ", " + (int) zeros[1] + ")";
        return lines.get(3).replaceAll("\\\\(?:left|right)", "").contains(centre) ? "none" : "line 4";
    }
}
