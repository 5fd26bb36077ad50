package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import littlesummit.core.item.Item;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Fractions compared as floating-point numbers, from what stands in the sentence and in the options. */
class FractionsComparedSeenTest {
    private static List<Item> items(String kind) {
        return SeenItems.of("fraction-compare", kind);
    }

    private static String chosen(Item item) {
        return SeenItems.chosen(item.parts().getLast());
    }

    @Test
    void theSignIsTrue() {
        items("alike").forEach(item -> {
            double[] f = SeenItems.fractions(chosen(item));
            assertEquals(f[0] < f[1] ? "<" : ">", chosen(item).replaceAll("[^<>]", ""), chosen(item));
        });
    }

    @Test
    void moreOrLessThanAHalf() {
        items("half")
                .forEach(item -> assertEquals(
                        SeenItems.fractions(item)[0] > 0.5 ? "more" : "less",
                        chosen(item).substring(0, 4)));
    }

    @ParameterizedTest
    @ValueSource(strings = {"any", "common", "rule"})
    void theLargerOneIsNamed(String kind) {
        items(kind).forEach(item -> {
            double[] f = SeenItems.fractions(item);
            assertEquals(
                    Math.max(f[0], f[1]),
                    SeenItems.fractions(chosen(item))[0],
                    1e-9,
                    item.stem().toString());
        });
    }

    @Test
    void theOrderGoesUp() {
        items("order").forEach(item -> {
            double[] f = SeenItems.inOrder(item)
                    .mapToDouble(text -> SeenItems.fractions(text)[0])
                    .toArray();
            assertEquals(3, f.length);
            assertTrue(f[0] < f[1] && f[1] < f[2], item.stem().toString());
        });
    }

    @Test
    void halfwayBetweenTheTwo() {
        items("between").forEach(item -> {
            double[] f = SeenItems.fractions(item);
            double parts = SeenItems.numbers(item.parts().getFirst().prompt())[0];
            SeenItems.comesTo(parts * (f[0] + f[1]) / 2, item);
        });
    }

    @Test
    void theNextWholeNumberOfParts() {
        items("missing-top").forEach(item -> {
            double share = SeenItems.fractions(item)[0];
            double parts = SeenItems.numbers(
                    SeenItems.FRACTION.matcher(SeenItems.text(item)).replaceAll("it"))[0];
            boolean isMore = SeenItems.text(item).contains(" more ");
            SeenItems.comesTo(isMore ? Math.floor(share * parts) + 1 : Math.ceil(share * parts) - 1, item);
        });
    }
}
