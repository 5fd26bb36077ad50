package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.regex.Pattern;
import littlesummit.core.item.Block;
import littlesummit.core.item.Item;
import org.junit.jupiter.api.Test;

/** What is proportional, maps, interest and stories with an unknown, worked out from what is read. */
class InterestSeenTest {
    private static String raw(Item item) {
        return ((Block.Text) item.stem().getFirst()).text().replaceAll("(?<=\\d),(?=\\d{3})", "");
    }

    private static double[] found(String pattern, Item item) {
        return Pattern.compile(pattern)
                .matcher(raw(item))
                .results()
                .mapToDouble(m -> Double.parseDouble(m.group(1)))
                .toArray();
    }

    private static double money(Item item) {
        return found("\\\\\\$(\\d+(?:\\.\\d+)?)", item)[0];
    }

    private static double percent(Item item) {
        return found("(\\d+(?:\\.\\d+)?)%", item)[0] / 100;
    }

    @Test
    void interestOfOneYearAndOfSeveral() {
        SeenItems.of("simple-compound-interest", "one-year").forEach(item -> {
            boolean interest = item.parts().getFirst().prompt().contains("is the interest");
            double c = money(item);
            SeenItems.comesTo(c * percent(item) + (interest ? 0 : c), item);
        });
        SeenItems.of("simple-compound-interest", "simple").forEach(item -> {
            int years = Integer.parseInt(item.parts().getFirst().prompt().replaceAll("\\D+", ""));
            double all = 0;
            for (int year = 0; year < years; year++) {
                all += money(item) * percent(item);
            }
            SeenItems.comesTo(all, item);
        });
        SeenItems.of("simple-compound-interest", "months").forEach(item -> {
            double months = item.ref().variant().endsWith("3")
                    ? found("needed for (\\d+)", item)[0]
                    : found("(\\d+) months?", item)[0];
            SeenItems.comesTo(money(item) * percent(item) * months / 12, item);
        });
    }

    /** Year by year, with what has come to it. */
    @Test
    void interestOnInterest() {
        SeenItems.of("simple-compound-interest", "compound").forEach(item -> {
            double years = found("(\\d+) years", item)[0];
            double amount = money(item);
            for (int year = 0; year < years; year++) {
                amount += amount * percent(item);
            }
            SeenItems.comesTo(amount, item);
        });
        SeenItems.of("simple-compound-interest", "difference").forEach(item -> {
            double first = money(item) * percent(item);
            SeenItems.comesTo(first * percent(item), item);
        });
    }

    @Test
    void theRateThatWasPaid() {
        SeenItems.of("simple-compound-interest", "rate").forEach(item -> {
            double[] m = found("\\\\\\$(\\d+(?:\\.\\d+)?)", item);
            assertEquals(100 * (m[1] - m[0]) / m[0], SeenItems.value(SeenItems.last(item)), 1e-9, "" + item.ref());
        });
    }

    @Test
    void recipesAndMaps() {
        SeenItems.of("proportional-scale", "recipe").forEach(item -> {
            double[] n = SeenItems.numbers(raw(item));
            boolean gramsFirst = item.ref().variant().endsWith("3");
            double grams = gramsFirst ? n[0] : n[1];
            double people = gramsFirst ? n[1] : n[0];
            SeenItems.comesTo(grams * n[2] / people, item);
            assertEquals(
                    true,
                    Math.abs(grams + n[2] - people - SeenItems.value(SeenItems.last(item))) > 0 || grams == people);
        });
        SeenItems.of("proportional-scale", "map").forEach(item -> {
            double scale = found("1 to (\\d+)", item)[0];
            double centimetres = found("(?:is|are) (\\d+) centimetres", item)[0];
            SeenItems.comesTo(centimetres * scale / 100 / 1000, item);
        });
        SeenItems.of("proportional-scale", "scale").forEach(item -> {
            double kilometres = found("(\\d+(?:\\.\\d+)?) kilometres", item)[0];
            double centimetres = found("(\\d+) centimetres", item)[0];
            SeenItems.comesTo(kilometres * 1000 * 100 / centimetres, item);
        });
    }

    @Test
    void theMoreTheLess() {
        SeenItems.of("proportional-scale", "the-less").forEach(item -> {
            double[] n = SeenItems.numbers(raw(item));
            SeenItems.comesTo(n[0] * n[1] / n[2], item);
        });
        SeenItems.seldom(SeenItems.of("proportional-scale", "the-less"), item -> {
            double[] n = SeenItems.numbers(raw(item));
            return n[1] * n[2] / n[0];
        });
    }

    /** A table is proportional when each price over its number is the same. */
    @Test
    void tablesThatAreProportionalOrNot() {
        SeenItems.of("proportional-scale", "table").forEach(item -> {
            var rows = SeenItems.table(item);
            double first = 0;
            boolean same = true;
            for (int column = 1; column <= 3; column++) {
                double ratio = Double.parseDouble(rows.get(1).get(column))
                        / Double.parseDouble(rows.get(0).get(column));
                same &= column == 1 || Math.abs(ratio - first) < 1e-9;
                first = column == 1 ? ratio : first;
            }
            assertEquals(
                    same ? "yes" : "no",
                    SeenItems.chosen(item.parts().getFirst()),
                    item.ref().toString());
            SeenItems.comesTo(first * Double.parseDouble(rows.getFirst().get(3)), item);
        });
    }

    /** The right equation has the answer as its solution; the others have another one, or none. */
    @Test
    void theEquationOfAStory() {
        for (String kind : new String[] {"fixed-part", "spent", "two-numbers", "times-as-many", "both-sides"}) {
            SeenItems.of("story-to-equation", kind).forEach(item -> {
                double answer = SeenItems.value(SeenItems.last(item));
                String right = SeenItems.chosen(item.parts().getFirst());
                assertEquals(0, SeenFormula.gap(right, answer), 1e-9, item.ref() + right);
                SeenItems.others(item.parts().getFirst())
                        .forEach(other -> assertEquals(
                                true, Math.abs(SeenFormula.gap(other, answer)) > 1e-9, item.ref() + other));
            });
        }
    }

    /** Tried from one on. */
    @Test
    void numbersInARow() {
        SeenItems.of("story-to-equation", "in-a-row").forEach(item -> {
            double[] n = SeenItems.numbers(raw(item));
            double count = Math.min(n[0], n[1]);
            double sum = Math.max(n[0], n[1]);
            double smallest = 1;
            while (count * (smallest + smallest + count - 1) / 2 < sum) {
                smallest++;
            }
            SeenItems.comesTo(smallest, item);
        });
    }
}
