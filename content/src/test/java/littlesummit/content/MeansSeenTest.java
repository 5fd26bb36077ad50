package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.List;
import java.util.stream.DoubleStream;
import littlesummit.core.item.Item;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Means worked out in floating point from the table or the sentence. */
class MeansSeenTest {
    private static List<Item> items(String kind) {
        return SeenItems.of("mean", kind);
    }

    /** Half up, with room for what floating point leaves over. */
    private static double tenths(double value) {
        return Math.floor(value * 10 + 0.5 + 1e-9) / 10;
    }

    private static double[] row(Item item, int row) {
        return SeenItems.table(item).get(row).stream()
                .filter(cell -> cell.matches("[\\d.]+"))
                .mapToDouble(Double::parseDouble)
                .toArray();
    }

    private static double middle(double[] values) {
        double[] sorted = values.clone();
        Arrays.sort(sorted);
        int n = sorted.length;
        return n % 2 == 1 ? sorted[n / 2] : (sorted[n / 2 - 1] + sorted[n / 2]) / 2;
    }

    @ParameterizedTest
    @ValueSource(strings = {"values", "tenths"})
    void theSumOverHowMany(String kind) {
        items(kind)
                .forEach(item -> SeenItems.comesTo(
                        tenths(DoubleStream.of(row(item, 0)).average().orElseThrow()), item));
        SeenItems.seldom(items(kind), item -> tenths(middle(row(item, 0))));
    }

    @Test
    void theSumIsGiven() {
        items("sum").forEach(item -> {
            double[] n = SeenItems.numbers(item);
            SeenItems.comesTo(tenths(Math.max(n[0], n[1]) / Math.min(n[0], n[1])), item);
        });
    }

    @Test
    void everyValueCountsAsOftenAsItOccurs() {
        items("often").forEach(item -> {
            double[] values = SeenItems.head(item).stream()
                    .filter(cell -> cell.matches("\\d+"))
                    .mapToDouble(Double::parseDouble)
                    .toArray();
            double[] times = row(item, 0);
            double sum = 0;
            for (int i = 0; i < values.length; i++) {
                sum += values[i] * times[i];
            }
            SeenItems.comesTo(tenths(sum / DoubleStream.of(times).sum()), item);
        });
        SeenItems.seldom(
                items("often"),
                item -> tenths(SeenItems.head(item).stream()
                        .filter(cell -> cell.matches("\\d+"))
                        .mapToDouble(Double::parseDouble)
                        .average()
                        .orElseThrow()));
    }

    @Test
    void theMissingValueBringsTheMeanAbout() {
        items("missing").forEach(item -> {
            double[] n = SeenItems.numbers(item);
            double mean = Math.max(n[0], n[1]);
            double count = Math.min(n[0], n[1]);
            SeenItems.comesTo(mean * count - DoubleStream.of(row(item, 0)).sum(), item);
        });
        SeenItems.seldom(items("missing"), item -> Math.max(SeenItems.numbers(item)[0], SeenItems.numbers(item)[1]));
    }

    @Test
    void aNewValueIsOneAmongThem() {
        items("new-value").forEach(item -> {
            double[] n = SeenItems.numbers(item);
            SeenItems.comesTo(tenths((n[0] * n[1] + n[2]) / (n[0] + 1)), item);
        });
        SeenItems.seldom(items("new-value"), item -> {
            double[] n = SeenItems.numbers(item);
            return tenths((n[1] + n[2]) / 2);
        });
    }

    @Test
    void aLargerGroupCountsForMore() {
        items("groups").forEach(item -> {
            double[] n = SeenItems.numbers(item);
            SeenItems.comesTo(tenths((n[0] * n[1] + n[2] * n[3]) / (n[0] + n[2])), item);
        });
        SeenItems.seldom(items("groups"), item -> {
            double[] n = SeenItems.numbers(item);
            return tenths((n[1] + n[3]) / 2);
        });
    }

    /** Each statement is tried with the values. */
    @Test
    void oneStatementIsTrue() {
        items("claims").forEach(item -> {
            double[] n = SeenItems.numbers(item);
            double[] values = Arrays.copyOf(n, n.length - 1);
            assertEquals(n[n.length - 1], DoubleStream.of(values).average().orElseThrow(), 1e-9);
            assertTrue(holds(SeenItems.chosen(item.parts().getFirst()), values));
            SeenItems.others(item.parts().getFirst())
                    .forEach(claim -> assertTrue(!holds(claim, values), claim + " " + Arrays.toString(values)));
        });
    }

    private static boolean holds(String claim, double[] values) {
        double mean = DoubleStream.of(values).average().orElseThrow();
        double[] n = SeenItems.numbers(claim);
        double sum = DoubleStream.of(values).sum();
        if (claim.startsWith("Half of the values")) {
            return 2 * DoubleStream.of(values).filter(v -> v < mean).count() == values.length;
        }
        if (claim.startsWith("The mean is one")) {
            return DoubleStream.of(values).anyMatch(v -> v == mean);
        }
        if (claim.startsWith("The mean lies halfway")) {
            double[] sorted = DoubleStream.of(values).sorted().toArray();
            return (sorted[0] + sorted[sorted.length - 1]) / 2 == mean;
        }
        if (claim.contains("value of 0")) {
            return sum / (values.length + 1) == mean;
        }
        if (claim.contains("equal to the mean") || claim.contains("doubled")) {
            return true;
        }
        double grown = claim.startsWith("If every") ? n[0] : n[0] / values.length;
        return claim.contains("stay") ? grown == 0 : grown == n[n.length - 1];
    }
}
