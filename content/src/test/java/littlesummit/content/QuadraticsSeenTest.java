package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Arrays;
import littlesummit.core.item.Item;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Solutions are put into the equation as it is read; that there are two, and no more, is a matter of its degree. */
class QuadraticsSeenTest {
    private static double[] solutions(Item item) {
        return Arrays.stream(SeenItems.last(item).answer().expected().split(","))
                .mapToDouble(text -> Double.parseDouble(text.strip()))
                .toArray();
    }

    @ParameterizedTest
    @ValueSource(strings = {"product", "square", "take-out", "trinomial", "to-zero", "common-factor"})
    void bothSolutionsMakeTheEquationTrue(String kind) {
        SeenItems.of("quadratic-factor-solve", kind).forEach(item -> {
            double[] found = solutions(item);
            assertEquals(2, Arrays.stream(found).distinct().count(), item.ref().toString());
            for (double x : found) {
                assertEquals(0, SeenFormula.gap(SeenItems.formula(item), x), 1e-9, SeenItems.formula(item));
            }
        });
    }

    @Test
    void bothMeasuresOfAnArea() {
        SeenItems.of("quadratic-factor-solve", "story").forEach(item -> {
            double[] n = SeenItems.numbers(item);
            double area = Math.max(n[0], n[1]);
            double more = Math.min(n[0], n[1]);
            SeenItems.comesTo(-more / 2 + Math.sqrt(more * more / 4 + area), item);
        });
    }

    /** The known solution makes the equation true with just one number before x. */
    @Test
    void theNumberThatWasLost() {
        SeenItems.of("quadratic-factor-solve", "missing").forEach(item -> {
            double known = SeenItems.numbers(item)[0];
            double last =
                    SeenFormula.value(SeenItems.formula(item).split("=")[0].replace("k", ""), 0);
            SeenItems.comesTo(-(known * known + last) / known, item);
            assertEquals(last / known, SeenItems.value(SeenItems.first(item)), 1e-9);
        });
    }
}
