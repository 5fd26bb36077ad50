package littlesummit.content.code.number;

/** Whole numbers in words, up to a million. */
final class Spoken {
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

    private Spoken() {}

    /** @param n from 0 to 999,999 */
    static String of(long n) {
        if (n >= 1000) {
            return of(n / 1000) + " thousand" + (n % 1000 == 0 ? "" : " " + of(n % 1000));
        }
        if (n >= 100) {
            return SMALL[(int) n / 100] + " hundred" + (n % 100 == 0 ? "" : " " + of(n % 100));
        }
        return n < 20 ? SMALL[(int) n] : TENS[(int) n / 10] + (n % 10 == 0 ? "" : "-" + SMALL[(int) n % 10]);
    }
}
