package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import littlesummit.core.item.Block;
import littlesummit.core.item.Item;
import org.junit.jupiter.api.Test;

/** Prime factors found by trying every number, from what stands in the item. */
class PrimesSeenTest {
    private static List<Item> items(String kind) {
        return SeenItems.of("prime-factors", kind);
    }

    private static boolean isPrime(int n) {
        return n > 1 && IntStream.range(2, n).noneMatch(d -> n % d == 0);
    }

    /** 2^{3}\cdot 5 or 2^3*5, multiplied out. */
    private static int product(String written) {
        return Stream.of(written.split("\\\\cdot |\\*"))
                .map(factor -> factor.replaceAll("[{} ]", "").split("\\^"))
                .mapToInt(f -> (int) Math.pow(Integer.parseInt(f[0]), f.length > 1 ? Integer.parseInt(f[1]) : 1))
                .reduce(1, (a, b) -> a * b);
    }

    private static void isTheFactoring(int n, Item item) {
        String key = SeenItems.last(item).answer().expected();
        assertEquals(n, product(key), item.ref() + " " + key);
        List<Integer> bases = Stream.of(key.split("\\*"))
                .map(f -> Integer.parseInt(f.split("\\^")[0]))
                .toList();
        assertTrue(bases.stream().allMatch(PrimesSeenTest::isPrime), key);
        assertEquals(bases.stream().distinct().count(), bases.size(), key);
    }

    @Test
    void theFactorsMultiplyToTheNumberAndArePrime() {
        items("bare").forEach(item -> isTheFactoring((int) SeenItems.numbers(item)[0], item));
        items("product").forEach(item -> {
            double[] n = SeenItems.numbers(item);
            isTheFactoring((int) (n[0] * n[1]), item);
        });
    }

    @Test
    void theNumberIsTheProductOfItsFactors() {
        items("back").forEach(item -> SeenItems.comesTo(product(SeenItems.formula(item)), item));
    }

    @Test
    void theHiddenNumberIsTriedOut() {
        items("missing").forEach(item -> {
            String[] sides = SeenItems.formula(item).split(" = ");
            int hidden = IntStream.rangeClosed(1, 2000)
                    .filter(n -> product(sides[1].replace("\\square", "" + n)) == Integer.parseInt(sides[0]))
                    .findFirst()
                    .orElseThrow();
            SeenItems.comesTo(hidden, item);
        });
    }

    @Test
    void oneOfFourIsPrimeAndTheOthersLookIt() {
        items("prime").forEach(item -> {
            assertTrue(isPrime(Integer.parseInt(SeenItems.chosen(item.parts().getFirst()))));
            SeenItems.others(item.parts().getFirst()).map(Integer::parseInt).forEach(n -> {
                assertFalse(isPrime(n), "" + n);
                assertTrue(n % 2 == 1 && n % 5 != 0, n + " is seen at once");
            });
        });
    }

    @Test
    void noLargerNumberDividesBoth() {
        items("common").forEach(item -> {
            double[] n = SeenItems.numbers(item);
            int most = IntStream.rangeClosed(1, (int) n[0])
                    .filter(d -> n[0] % d == 0 && n[1] % d == 0)
                    .max()
                    .orElseThrow();
            SeenItems.comesTo(most, item);
        });
        SeenItems.seldom(items("common"), item -> {
            double[] n = SeenItems.numbers(item);
            return Math.min(n[0], n[1]);
        });
    }

    @Test
    void noSmallerNumberMakesASquare() {
        items("square").forEach(item -> {
            int n = (int) SeenItems.numbers(item)[0];
            int least = IntStream.rangeClosed(1, n)
                    .filter(k -> Math.sqrt((double) n * k) % 1 == 0)
                    .findFirst()
                    .orElseThrow();
            SeenItems.comesTo(least, item);
        });
    }

    @Test
    void theFirstLineWithAnotherValueIsTheOne() {
        items("wrong").forEach(item -> {
            List<Integer> values = item.stem().stream()
                    .skip(1)
                    .map(b -> ((Block.Text) b).text().replaceAll(".* = |\\$", ""))
                    .map(PrimesSeenTest::product)
                    .toList();
            int n = (int) SeenItems.numbers(item)[0];
            int line = IntStream.range(0, values.size())
                    .filter(i -> values.get(i) != n)
                    .findFirst()
                    .orElseThrow();
            assertEquals(
                    "line " + (line + 1),
                    SeenItems.chosen(item.parts().getFirst()),
                    item.stem().toString());
            isTheFactoring(n, item);
        });
    }
}
