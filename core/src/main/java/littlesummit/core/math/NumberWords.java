package littlesummit.core.math;

import java.math.BigInteger;
import java.util.List;
import java.util.Optional;

/** Whole numbers in English words. */
public final class NumberWords {
    /** From zero to nineteen, each at its place. */
    public static final List<String> SMALL = List.of(
            "zero",
            "one",
            "two",
            "three",
            "four",
            "five",
            "six",
            "seven",
            "eight",
            "nine",
            "ten",
            "eleven",
            "twelve",
            "thirteen",
            "fourteen",
            "fifteen",
            "sixteen",
            "seventeen",
            "eighteen",
            "nineteen");
    /** Whole tens, each at the place of how many there are; empty below twenty. */
    public static final List<String> TENS =
            List.of("", "", "twenty", "thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety");

    private static final BigInteger END = BigInteger.valueOf(1_000_000_000);

    private NumberWords() {}

    /**
     * A whole number in words, without “and” and without commas: “nine thousand forty-two”.
     *
     * @return empty for what is below 0, or a billion and more
     */
    public static Optional<String> of(BigInteger n) {
        return n.signum() < 0 || n.compareTo(END) >= 0 ? Optional.empty() : Optional.of(spoken(n.intValueExact()));
    }

    private static String spoken(int n) {
        if (n >= 1_000_000) {
            return heap(n, 1_000_000, "million");
        }
        if (n >= 1000) {
            return heap(n, 1000, "thousand");
        }
        if (n >= 100) {
            return heap(n, 100, "hundred");
        }
        return n < 20 ? SMALL.get(n) : TENS.get(n / 10) + (n % 10 == 0 ? "" : "-" + SMALL.get(n % 10));
    }

    private static String heap(int n, int size, String name) {
        return spoken(n / size) + " " + name + (n % size == 0 ? "" : " " + spoken(n % size));
    }
}
