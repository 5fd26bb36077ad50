package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.Layout;
import littlesummit.core.item.Response;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Numbers in columns, in several steps, in patterns and in money, worked out from what is read. */
class WrittenSeenTest {
    private static double formula(Item item) {
        return SeenFormula.value(SeenItems.formula(item), 0);
    }

    @ParameterizedTest
    @CsvSource({
        "add-subtract-written, sum",
        "add-subtract-written, difference",
        "add-subtract-written, zeros",
        "add-subtract-written, three",
        "multiply-written, one-digit",
        "multiply-written, written",
        "multiply-written, zero-within"
    })
    void whatStandsThereIsWorkedOut(String skill, String kind) {
        SeenItems.of(skill, kind).forEach(item -> SeenItems.comesTo(formula(item), item));
    }

    /** What is to be added, subtracted or multiplied stands in the columns, and there is room for the result. */
    @ParameterizedTest
    @CsvSource({
        "add-subtract-written, sum",
        "add-subtract-written, difference",
        "add-subtract-written, zeros",
        "multiply-written, one-digit"
    })
    void theColumnsHoldTheNumbers(String skill, String kind) {
        SeenItems.of(skill, kind).forEach(item -> {
            Response.WriteInColumns columns =
                    (Response.WriteInColumns) SeenItems.last(item).response();
            assertArrayEquals(
                    SeenItems.numbers(SeenItems.formula(item).replace("-", " ")),
                    columns.rows().stream()
                            .mapToDouble(row -> Double.parseDouble(String.join("", row)))
                            .toArray(),
                    item.ref().toString());
            int room = columns.points().size();
            assertTrue(
                    SeenItems.last(item).answer().key().length() <= room,
                    item.ref().toString());
        });
    }

    @Test
    void theTensOfASum() {
        SeenItems.of("add-subtract-written", "tens-digit")
                .forEach(item -> SeenItems.comesTo(Math.floor(formula(item) / 10) % 10, item));
    }

    @Test
    void theEstimateOfAProduct() {
        SeenItems.of("multiply-written", "estimate").forEach(item -> {
            String[] factors = SeenItems.formula(item).split("\\\\times");
            double rounded = Math.round(Double.parseDouble(factors[0].strip()) / 100) * 100.0;
            SeenItems.comesTo(rounded * Double.parseDouble(factors[1].strip()), item);
        });
    }

    /** The cells of the table that is filled in, with the keys in their places. */
    private static List<List<String>> filled(Item item) {
        Layout.InTable table = (Layout.InTable) item.parts().getFirst().layout();
        return table.rows().stream()
                .map(row -> row.stream().map(cell -> put(cell, item)).toList())
                .toList();
    }

    private static String put(String cell, Item item) {
        String text = cell.replace(",", "");
        for (Field field : item.parts().getFirst().fields()) {
            text = text.replace("{{" + field.id() + "}}", field.answer().key());
        }
        return text;
    }

    @Test
    void digitsThatAreMissing() {
        SeenItems.of("add-subtract-written", "missing").forEach(item -> {
            double[] rows = filled(item).stream()
                    .mapToDouble(row -> Double.parseDouble(String.join("", row.subList(1, 4))))
                    .toArray();
            assertEquals(rows[2], rows[0] + rows[1], item.ref().toString());
        });
    }

    @ParameterizedTest
    @ValueSource(strings = {"area", "parts"})
    void everyCellIsAProduct(String kind) {
        SeenItems.of("multiply-written", kind).forEach(item -> {
            List<String> head = ((Layout.InTable) item.parts().getFirst().layout()).head();
            double all = 0;
            for (List<String> row : filled(item)) {
                for (int column = 1; column <= 2; column++) {
                    double product = Double.parseDouble(row.getFirst()) * Double.parseDouble(head.get(column));
                    assertEquals(
                            product,
                            Double.parseDouble(row.get(column)),
                            item.ref().toString());
                    all += product;
                }
            }
            Field last = item.parts().getLast().fields().getLast();
            assertEquals(all, SeenItems.value(last), item.ref().toString());
        });
    }

    /** Each step of a difference is the digit's own: the column that does not fit is the one that is told. */
    @Test
    void theColumnThatIsWrong() {
        List<String> columns = List.of("the hundreds", "the tens", "the ones");
        SeenItems.of("add-subtract-written", "wrong-column").forEach(item -> {
            List<List<String>> rows = SeenItems.table(item);
            int right = number(rows.get(0)) - number(rows.get(1));
            int shown = number(rows.get(2));
            String wrong = "none";
            for (int place = 0; place < 3; place++) {
                if (("" + right).charAt(place) != ("" + shown).charAt(place)) {
                    wrong = columns.get(place);
                }
            }
            assertEquals(
                    wrong, SeenItems.chosen(item.parts().getFirst()), item.ref().toString());
            SeenItems.comesTo(right, item);
        });
    }

    private static int number(List<String> row) {
        return Integer.parseInt(String.join("", row.subList(1, 4)));
    }

    private static double[] shown(Item item) {
        return Pattern.compile("\\d+(?:\\.\\d+)?")
                .matcher(SeenItems.text(item).replaceAll("(?<=\\d),(?=\\d{3})", ""))
                .results()
                .mapToDouble(m -> Double.parseDouble(m.group()))
                .toArray();
    }

    @Test
    void storiesInSeveralSteps() {
        SeenItems.of("multi-step-problems", "boxes").forEach(item -> {
            double[] n = shown(item);
            SeenItems.comesTo(n[0] * n[1] - n[2], item);
        });
        SeenItems.of("multi-step-problems", "share").forEach(item -> {
            double[] n = shown(item);
            SeenItems.comesTo((n[0] + n[1]) / n[2], item);
        });
        SeenItems.of("multi-step-problems", "camp").forEach(item -> {
            double[] n = shown(item);
            SeenItems.comesTo(n[0] * n[1] * n[2] - n[3], item);
        });
        SeenItems.of("multi-step-problems", "trips").forEach(item -> {
            double[] n = shown(item);
            boolean seatsFirst = SeenItems.text(item).startsWith("A boat");
            double people = seatsFirst ? n[2] : n[0];
            double seats = seatsFirst ? n[0] : n[1];
            double minutes = seatsFirst ? n[1] : n[2];
            int trips = 0;
            for (double left = people; left > 0; left -= seats) {
                trips++;
            }
            SeenItems.comesTo(trips * minutes, item);
        });
    }

    @Test
    void twoOffersAndTheCheaperOne() {
        SeenItems.of("multi-step-problems", "offers").forEach(item -> {
            double[] n = shown(item);
            double first = n[0] * n[3];
            double second = n[1] + n[2] * n[3];
            SeenItems.comesTo(Math.abs(first - second), item);
            String cheaper = first < second ? "the first one" : "the second one";
            assertEquals(
                    cheaper,
                    SeenItems.chosen(item.parts().getFirst()),
                    item.ref().toString());
        });
    }

    @Test
    void patternsThatGoOn() {
        SeenItems.of("patterns-rules", "next").forEach(item -> {
            double[] n = shown(item);
            SeenItems.comesTo(n[3] + (n[3] - n[0]) / 3, item);
        });
        SeenItems.of("patterns-rules", "times").forEach(item -> {
            double[] n = shown(item);
            SeenItems.comesTo(n[3] * n[3] / n[2], item);
        });
        SeenItems.of("patterns-rules", "hole").forEach(item -> {
            double[] n = shown(item);
            SeenItems.comesTo((n[0] + n[3]) / 2, item);
        });
    }

    /** Counted on, step by step. */
    @Test
    void farOnInAPattern() {
        SeenItems.of("patterns-rules", "far-on").forEach(item -> {
            double[] n = shown(item);
            int place = Integer.parseInt(item.parts().getFirst().prompt().replaceAll("\\D+", ""));
            double at = n[0];
            for (int i = 1; i < place; i++) {
                at += n[1] - n[0];
            }
            SeenItems.comesTo(at, item);
        });
        SeenItems.of("patterns-rules", "sticks").forEach(item -> {
            List<String> row = SeenItems.table(item).getFirst();
            double step = Double.parseDouble(row.get(2)) - Double.parseDouble(row.get(1));
            int shapes = Integer.parseInt(item.parts().getFirst().prompt().replaceAll("\\D+", ""));
            SeenItems.comesTo(Double.parseDouble(row.get(1)) + step * (shapes - 1), item);
        });
    }

    /** The fewest coins, found by trying all of them in cents. */
    @Test
    void theFewestCoins() {
        SeenItems.of("money-change", "few-coins").forEach(item -> {
            double amount = Arrays.stream(SeenItems.numbers(
                            SeenItems.text(item).replaceAll("\\b(25|10|5)\\b(?! as)(?=,| and| cents)", "")))
                    .findFirst()
                    .orElseThrow();
            int cents = (int) Math.round(amount * 100);
            int[] fewest = new int[cents + 1];
            for (int c = 1; c <= cents; c++) {
                fewest[c] = Integer.MAX_VALUE - 1;
                for (int coin : new int[] {100, 25, 10, 5}) {
                    if (c >= coin) {
                        fewest[c] = Math.min(fewest[c], fewest[c - coin] + 1);
                    }
                }
            }
            SeenItems.comesTo(fewest[cents], item);
        });
    }

    private static double[] money(Item item) {
        return Pattern.compile("\\\\\\$(\\d+(?:\\.\\d+)?)")
                .matcher(((littlesummit.core.item.Block.Text) item.stem().getFirst()).text())
                .results()
                .mapToDouble(m -> Double.parseDouble(m.group(1)))
                .toArray();
    }

    @Test
    void changeAndWhatIsLeft() {
        SeenItems.of("money-change", "change").forEach(item -> {
            double[] m = money(item);
            SeenItems.comesTo(Math.max(m[0], m[1]) - Math.min(m[0], m[1]), item);
        });
        SeenItems.of("money-change", "how-many").forEach(item -> {
            double[] m = money(item);
            double price = SeenItems.text(item).startsWith("Cilla")
                            || SeenItems.text(item).startsWith("For")
                    ? m[1]
                    : m[0];
            double all = m[0] + m[1] - price;
            int bought = 0;
            while (all - (bought + 1) * price > -1e-9) {
                bought++;
            }
            assertEquals(
                    bought, SeenItems.value(SeenItems.first(item)), item.ref().toString());
            SeenItems.comesTo(all - bought * price, item);
        });
        SeenItems.of("money-change", "backwards").forEach(item -> {
            double[] m = money(item);
            double things = SeenItems.numbers(SeenItems.text(item).replaceAll("\\\\\\d+(\\.\\d+)?", ""))[0];
            assertTrue(m[0] > m[1], item.ref().toString());
            SeenItems.comesTo((m[0] - m[1]) / things, item);
        });
    }
}
