package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import org.junit.jupiter.api.Test;

/** Rounded by the arithmetic of floating point, from the numbers of the sentence and the words of the question. */
class RoundingSeenTest {
    private static List<Item> items(String kind) {
        return SeenItems.of("round-estimate", kind);
    }

    private static double to(double number, double place) {
        return Math.floor(number / place + 0.5) * place;
    }

    @Test
    void bothPlacesFromTheNumberItself() {
        items("place").forEach(item -> {
            for (Field field : item.parts().getFirst().fields()) {
                double place =
                        field.label().endsWith("tens") ? 10 : field.label().endsWith("hundreds") ? 100 : 1000;
                assertEquals(to(SeenItems.numbers(item)[0], place), SeenItems.value(field), field.label());
            }
        });
    }

    @Test
    void ninesCarryOver() {
        items("nines").forEach(item -> SeenItems.comesTo(to(SeenItems.numbers(item)[0], 100), item));
        items("stepwise")
                .forEach(item -> SeenItems.comesTo(
                        to(SeenItems.numbers(item.parts().getFirst().prompt())[0], 100), item));
    }

    @Test
    void estimatesUseRoundNumbers() {
        items("sum").forEach(item -> {
            double[] n = SeenItems.numbers(item);
            boolean isSum = item.parts().getFirst().prompt().contains("together");
            SeenItems.comesTo(isSum ? to(n[0], 100) + to(n[1], 100) : to(n[0], 100) - to(n[1], 100), item);
        });
        items("product").forEach(item -> {
            double[] n = SeenItems.numbers(item);
            SeenItems.comesTo(to(n[0], 10) * to(n[1], 10), item);
        });
    }

    /** All whole numbers around it are rounded, and the outermost that comes to it is looked for. */
    @Test
    void whatItCanHaveBeen() {
        items("could-be").forEach(item -> {
            double rounded = SeenItems.numbers(item)[0];
            int step = item.parts().getFirst().prompt().contains("smallest") ? -1 : 1;
            double number = rounded;
            while (to(number + step, 100) == rounded) {
                number += step;
            }
            SeenItems.comesTo(number, item);
        });
    }

    @Test
    void howAnEstimateLies() {
        items("high-or-low").forEach(item -> {
            double[] n = SeenItems.numbers(item);
            double exact = n[0] * n[1];
            double estimate = to(n[0], 10) * to(n[1], 10);
            assertEquals(
                    estimate > exact ? "a" : "b", SeenItems.first(item).answer().expected());
        });
    }
}
