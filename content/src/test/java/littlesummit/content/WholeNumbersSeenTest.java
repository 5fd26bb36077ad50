package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import littlesummit.core.item.Item;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Divisors, multiples, remainders and the order of operations, worked out from what the student reads: by trying every
 * number, by taking away again and again, and by a reckoner that knows nothing of the grammar of entries.
 */
class WholeNumbersSeenTest {
    private static List<Item> divisors(String kind) {
        return SeenItems.of("factors-multiples", kind);
    }

    private static List<Item> remainders(String kind) {
        return SeenItems.of("divide-remainder", kind);
    }

    private static int[] seen(Item item) {
        return Arrays.stream(SeenItems.numbers(item)).mapToInt(n -> (int) n).toArray();
    }

    /** The greatest number that divides both, by trying from above. */
    private static int common(int m, int n) {
        return IntStream.iterate(Math.min(m, n), d -> d - 1)
                .filter(d -> m % d == 0 && n % d == 0)
                .findFirst()
                .orElseThrow();
    }

    /** The first multiple of one that the other divides. */
    private static int meeting(int m, int n) {
        return IntStream.iterate(m, k -> k + m)
                .filter(k -> k % n == 0)
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @ValueSource(strings = {"greatest", "bundles"})
    void theGreatestThatDividesBoth(String kind) {
        divisors(kind).forEach(item -> SeenItems.comesTo(common(seen(item)[0], seen(item)[1]), item));
        SeenItems.seldom(divisors(kind), item -> Math.abs(seen(item)[0] - seen(item)[1]));
        SeenItems.seldom(divisors(kind), item -> meeting(seen(item)[0], seen(item)[1]));
    }

    @ParameterizedTest
    @ValueSource(strings = {"least", "meet"})
    void theFirstThatComesInBothTables(String kind) {
        divisors(kind).forEach(item -> SeenItems.comesTo(meeting(seen(item)[0], seen(item)[1]), item));
        SeenItems.seldom(divisors(kind), item -> seen(item)[0] * seen(item)[1]);
        SeenItems.seldom(divisors(kind), item -> common(seen(item)[0], seen(item)[1]));
    }

    /** Tried one after the other: only one number has that in common with the first. */
    @Test
    void theMissingNumberIsTheOnlyOne() {
        divisors("missing").forEach(item -> {
            int first = Arrays.stream(seen(item)).skip(2).findFirst().orElseThrow();
            int[] numbers = seen(item);
            int[] others = IntStream.rangeClosed(1, numbers[1])
                    .filter(n -> common(first, n) == numbers[0] && meeting(first, n) == numbers[1])
                    .toArray();
            assertEquals(1, others.length, item.stem().toString());
            SeenItems.comesTo(others[0], item);
        });
    }

    /** Takes the divisor away as long as it goes. */
    private static int[] takenAway(int n, int d) {
        int times = 0;
        int left = n;
        for (; left >= d; left -= d) {
            times++;
        }
        return new int[] {times, left};
    }

    @Test
    void quotientAndRemainder() {
        remainders("plain").forEach(item -> {
            int[] n = seen(item).length == 2 ? seen(item) : fraction(item);
            int[] result = takenAway(n[0], n[1]);
            assertEquals(
                    result[0] + " R " + result[1],
                    SeenItems.last(item).answer().key(),
                    item.stem().toString());
        });
    }

    private static int[] fraction(Item item) {
        return Arrays.stream(
                        SeenItems.text(item).replaceAll("\\D+", " ").strip().split(" "))
                .mapToInt(Integer::parseInt)
                .toArray();
    }

    @Test
    void theNumberThatWasDivided() {
        remainders("whole").forEach(item -> {
            int d = seen(item)[0];
            int q = seen(item)[1];
            int r = seen(item)[2];
            int[] back =
                    takenAway(Integer.parseInt(SeenItems.last(item).answer().key()), d);
            assertEquals(List.of(q, r), List.of(back[0], back[1]), item.stem().toString());
        });
    }

    @Test
    void oneMoreForThoseThatAreLeft() {
        remainders("one-more")
                .forEach(item -> SeenItems.comesTo(Math.ceil((double) seen(item)[0] / seen(item)[1]), item));
        SeenItems.seldom(remainders("one-more"), item -> takenAway(seen(item)[0], seen(item)[1])[0]);
    }

    @Test
    void onlyFullOnesCount() {
        remainders("full-ones").forEach(item -> {
            int large = Math.max(seen(item)[0], seen(item)[1]);
            SeenItems.comesTo(takenAway(large, Math.min(seen(item)[0], seen(item)[1]))[0], item);
        });
    }

    @Test
    void whatIsLeft() {
        remainders("left-over").forEach(item -> SeenItems.comesTo(takenAway(seen(item)[0], seen(item)[1])[1], item));
        SeenItems.seldom(remainders("left-over"), item -> takenAway(seen(item)[0], seen(item)[1])[0]);
    }

    /** All numbers that leave this remainder, up to a hundred, agree on what comes out. */
    @Test
    void aLargerNumberLeavesAnotherRemainder() {
        remainders("larger").forEach(item -> {
            int[] n = seen(item);
            boolean divisorFirst = SeenItems.text(item).contains("divided by $" + n[0])
                    || SeenItems.text(item).matches("(?s).*(divided by|over) " + n[0] + ".*");
            int d = divisorFirst ? n[0] : n[1];
            int r = divisorFirst ? n[1] : n[0];
            int k = n[2];
            int[] all = IntStream.rangeClosed(r, 100)
                    .filter(m -> m % d == r)
                    .map(m -> (m + k) % d)
                    .distinct()
                    .toArray();
            assertEquals(1, all.length);
            SeenItems.comesTo(all[0], item);
        });
    }

    /** Sums of products, reckoned from the characters; brackets by calling itself. */
    private static final class Reckoner {
        private final String text;
        private int at;

        Reckoner(String latex) {
            this.text = latex.replace("\\left(", "(")
                    .replace("\\right)", ")")
                    .replaceAll("\\\\times ?|\\\\cdot ?", "*")
                    .replaceAll("(?<=[)\\d])(?=\\()", "*")
                    .replace(" ", "");
        }

        long sum() {
            long value = product();
            while (at < text.length() && (text.charAt(at) == '+' || text.charAt(at) == '-')) {
                value = text.charAt(at++) == '+' ? value + product() : value - product();
            }
            return value;
        }

        private long product() {
            long value = power();
            while (at < text.length() && text.charAt(at) == '*') {
                at++;
                value *= power();
            }
            return value;
        }

        private long power() {
            long base = number();
            if (at < text.length() && text.charAt(at) == '^') {
                at += 2;
                long exponent = number();
                at++;
                return Math.round(Math.pow(base, exponent));
            }
            return base;
        }

        private long number() {
            if (text.charAt(at) == '(') {
                at++;
                long value = sum();
                at++;
                return value;
            }
            int from = at;
            while (at < text.length() && Character.isDigit(text.charAt(at))) {
                at++;
            }
            return Long.parseLong(text.substring(from, at));
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"sum-first", "difference-first", "two-products", "brackets", "powers"})
    void productsComeBeforeSums(String kind) {
        SeenItems.of("operation-order", kind)
                .forEach(item -> SeenItems.comesTo(new Reckoner(SeenItems.formula(item)).sum(), item));
    }

    @Test
    void oneWayToSetTheBracketsLeadsToTheNumber() {
        SeenItems.of("operation-order", "set-brackets").forEach(item -> {
            long wanted = result(item);
            List<String> fitting = SeenItems.last(item).response().options().stream()
                    .filter(option -> new Reckoner(option.text().replace("$", "")).sum() == wanted)
                    .map(option -> option.id())
                    .toList();
            assertEquals(
                    List.of(SeenItems.last(item).answer().expected()),
                    fitting,
                    item.stem().toString());
        });
    }

    /** What it comes to stands among the words. */
    private static long result(Item item) {
        Matcher words = Pattern.compile("(?:was|come to|comes to) (\\d[\\d,]*)").matcher(SeenItems.text(item));
        assertTrue(words.find(), SeenItems.text(item));
        return Long.parseLong(words.group(1).replace(",", ""));
    }

    @Test
    void theReckonerItselfCanCount() {
        assertEquals(23, new Reckoner("3+4\\times 5").sum());
        assertEquals(35, new Reckoner("\\left(3+4\\right)\\times 5").sum());
        assertEquals(48, new Reckoner("3\\cdot 4^{2}").sum());
        assertTrue(new Reckoner("50-\\left(2+3\\right)\\times 4").sum() == 30);
    }
}
