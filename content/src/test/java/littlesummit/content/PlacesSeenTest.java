package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Layout;
import littlesummit.core.item.Response;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Places behind the point, points on lines, and numbers in three ways of writing; decimals that repeat are divided. */
class PlacesSeenTest {
    private static final double CLOSE = 1e-9;
    private static final Pattern REPEATING = Pattern.compile("(\\d+)\\.(\\d*)\\((\\d+)\\)");

    /** The point A is where it is drawn. */
    @ParameterizedTest
    @CsvSource({
        "decimal-place, on-a-line",
        "decimal-place, finer-line",
        "fraction-line, read",
        "fraction-line, beyond-one",
        "fraction-line, elsewhere"
    })
    void pointsAreWhereTheyAreDrawn(String skill, String kind) {
        SeenItems.of(skill, kind).forEach(item -> {
            Figure.NumberLine line = SeenItems.figure(item, Figure.NumberLine.class);
            double at = line.marks().stream()
                    .filter(mark -> mark.label().equals("A"))
                    .mapToDouble(Figure.Mark::at)
                    .findFirst()
                    .orElseThrow();
            SeenItems.comesTo(at, item);
            double marks = (at - line.from()) / line.step();
            assertEquals(Math.round(marks), marks, 1e-6, item.ref() + " is at no mark");
        });
    }

    @Test
    void marksAreCountedOnTheLine() {
        SeenItems.of("fraction-line", "other-parts").forEach(item -> {
            Figure.NumberLine line = SeenItems.figure(item, Figure.NumberLine.class);
            double fraction = SeenItems.fractions(item.parts().getFirst().prompt())[0];
            SeenItems.comesTo(fraction / line.step(), item);
        });
    }

    /** The digit is looked for in the number as it is written. */
    @Test
    void whatADigitIsWorth() {
        SeenItems.of("decimal-place", "worth").forEach(item -> {
            String prompt = item.parts().getFirst().prompt();
            String digit = prompt.replaceAll("\\D+", "");
            String number = Pattern.compile("\\d\\.\\d+")
                    .matcher(SeenItems.text(item))
                    .results()
                    .findFirst()
                    .orElseThrow()
                    .group();
            int place = number.indexOf(digit, 2) - 1;
            SeenItems.comesTo(Integer.parseInt(digit) * Math.pow(10, -place), item);
        });
    }

    @ParameterizedTest
    @ValueSource(strings = {"in-parts", "too-many"})
    void partsOfOnesTenthsAndHundredths(String kind) {
        SeenItems.of("decimal-place", kind).forEach(item -> {
            double[] n = SeenItems.numbers(item);
            double all = 0;
            for (int i = 0; i < n.length; i++) {
                all += n[i] * Math.pow(10, -i);
            }
            SeenItems.comesTo(all, item);
        });
    }

    @Test
    void theOrderGoesUp() {
        SeenItems.of("decimal-place", "order").forEach(item -> {
            double[] n =
                    SeenItems.inOrder(item).mapToDouble(Double::parseDouble).toArray();
            assertEquals(4, n.length);
            assertArrayEquals(Arrays.stream(n).sorted().toArray(), n, item.ref().toString());
        });
    }

    /** The number that is asked is the one at the tick that is right, counted along the line. */
    @ParameterizedTest
    @CsvSource({"decimal-place, put", "fraction-line, put", "fraction-line, put-finer"})
    void theRightTickIsWhereTheNumberLies(String skill, String kind) {
        SeenItems.of(skill, kind).forEach(item -> {
            Field field = SeenItems.first(item);
            Figure.NumberLine line = ((Response.MarkOnLine) field.response()).line();
            int tick = Integer.parseInt(field.response().sentFor(field.answer().key()));
            String asked = item.parts().getFirst().prompt();
            double number = asked.contains("frac") ? SeenItems.fractions(asked)[0] : SeenItems.numbers(asked)[0];
            assertEquals(number, line.from() + tick * line.step(), CLOSE, asked);
            assertTrue(line.marks().isEmpty(), "nothing is marked yet");
        });
    }

    @Test
    void theLargerOfTwoAndByHowMuch() {
        SeenItems.of("decimal-place", "larger").forEach(item -> {
            double[] n = SeenItems.numbers(item);
            assertEquals(
                    Math.max(n[0], n[1]),
                    SeenItems.value(SeenItems.first(item)),
                    CLOSE,
                    item.ref().toString());
            SeenItems.comesTo(Math.abs(n[0] - n[1]), item);
        });
    }

    /** All cells of the row are one number. */
    @ParameterizedTest
    @ValueSource(strings = {"from-fraction", "from-decimal", "from-percent"})
    void threeWaysOfWriting(String kind) {
        SeenItems.of("fraction-decimal-percent", kind).forEach(item -> {
            Layout.InTable table = (Layout.InTable) item.parts().getFirst().layout();
            String given = table.rows().getFirst().stream()
                    .filter(cell -> !cell.startsWith("{{"))
                    .findFirst()
                    .orElseThrow()
                    .replace("$", "");
            double value = given.endsWith("%")
                    ? Double.parseDouble(given.replace("%", "")) / 100
                    : SeenFormula.value(given, 0);
            for (Field field : item.parts().getFirst().fields()) {
                double shown = SeenItems.value(field) / (field.answer().suffix().equals("%") ? 100 : 1);
                assertEquals(value, shown, CLOSE, item.ref() + " " + field.id());
            }
        });
    }

    @Test
    void decimalsOfFractions() {
        SeenItems.of("fraction-decimal-percent", "divide")
                .forEach(item -> SeenItems.comesTo(SeenFormula.value(SeenItems.formula(item), 0), item));
        SeenItems.of("fraction-decimal-percent", "between").forEach(item -> {
            double percent = 100 * SeenFormula.value(SeenItems.formula(item), 0);
            List<Field> fields = item.parts().getFirst().fields();
            assertEquals(
                    Math.floor(percent),
                    SeenItems.value(fields.getFirst()),
                    item.ref().toString());
            assertEquals(
                    Math.ceil(percent),
                    SeenItems.value(fields.getLast()),
                    item.ref().toString());
        });
    }

    /** The first number of a text whose digits in brackets repeat, written out to forty places. */
    private static double repeating(String text) {
        var found = REPEATING.matcher(text);
        if (!found.find()) {
            throw new AssertionError(text);
        }
        return Double.parseDouble(
                found.group(1) + "." + found.group(2) + found.group(3).repeat(40));
    }

    @ParameterizedTest
    @ValueSource(strings = {"one-digit", "two-digits", "later"})
    void fractionsOfDecimalsThatRepeat(String kind) {
        SeenItems.of("repeating-decimals", kind)
                .forEach(item -> SeenItems.comesTo(repeating(SeenItems.text(item)), item));
    }

    @Test
    void fractionsDividedUntilTheyRepeat() {
        SeenItems.of("repeating-decimals", "write")
                .forEach(item -> assertEquals(
                        SeenFormula.value(SeenItems.formula(item), 0),
                        repeating(SeenItems.last(item).answer().expected()),
                        CLOSE,
                        item.ref().toString()));
    }

    /** Written out to a hundred places, and counted. */
    @Test
    void aDigitFarBehindThePoint() {
        SeenItems.of("repeating-decimals", "far-digit").forEach(item -> {
            var found = REPEATING.matcher(SeenItems.text(item));
            assertEquals(true, found.find());
            int place = Integer.parseInt(item.parts().getFirst().prompt().replaceAll("\\D+", ""));
            SeenItems.comesTo(found.group(3).repeat(40).charAt(place - 1) - '0', item);
        });
    }

    /** A fraction ends when it is whole after some multiplications by ten. */
    @Test
    void theOneThatEnds() {
        SeenItems.of("repeating-decimals", "which-ends").forEach(item -> {
            assertEquals(
                    true,
                    ends(SeenItems.chosen(item.parts().getFirst())),
                    item.ref().toString());
            SeenItems.others(item.parts().getFirst()).forEach(other -> assertEquals(false, ends(other), other));
        });
    }

    private static boolean ends(String latex) {
        var n = Pattern.compile("\\d+")
                .matcher(latex)
                .results()
                .mapToLong(m -> Long.parseLong(m.group()))
                .toArray();
        return 1_000_000_000L * n[0] % n[1] == 0;
    }
}
