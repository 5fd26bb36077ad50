package littlesummit.core.template;

import java.math.BigInteger;

/** Whole numbers in words: {@code {n as words}}. */
final class NumberWords {
    private static final String[] SMALL = {
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
        "nineteen"
    };
    private static final String[] TENS = {
        "", "", "twenty", "thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety"
    };

    private static final BigInteger END = BigInteger.valueOf(1_000_000_000);

    private NumberWords() {}

    /**
     * A whole number in words, without “and” and without commas: “nine thousand forty-two”.
     *
     * @param n at least 0 and less than a billion
     */
    static String of(BigInteger n) {
        if (n.signum() < 0 || n.compareTo(END) >= 0) {
            throw new Stuck("words for " + n + "; they go from zero to 999,999,999");
        }
        return spoken(n.intValueExact());
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
        return n < 20 ? SMALL[n] : TENS[n / 10] + (n % 10 == 0 ? "" : "-" + SMALL[n % 10]);
    }

    private static String heap(int n, int size, String name) {
        return spoken(n / size) + " " + name + (n % size == 0 ? "" : " " + spoken(n % size));
    }
}
