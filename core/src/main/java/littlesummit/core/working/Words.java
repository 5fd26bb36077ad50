package littlesummit.core.working;

import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Tells words from mathematics: three or more plain words make a line of words, a number among them or not. */
final class Words {
    private static final int ENOUGH = 3;
    private static final Pattern WORD = Pattern.compile("(?<![\\\\A-Za-z])[A-Za-z][A-Za-z'’]+");
    private static final Pattern FUNCTION = Pattern.compile("[xyz]?(a|arc|co)?(sin|cos|tan|cot|sec|csc)h?[xyz]?"
            + "|[xyz]?(ln|log|lg|exp)[xyz]?|gcd|hcf|gcf|lcm|ncr|binom|operatorname");
    private static final Set<String> OF_MATHEMATICS = Set.of(
            "sqrt",
            "root",
            "pi",
            "inf",
            "infinity",
            "oo",
            "and",
            "or",
            "mod",
            "abs",
            "cbrt",
            "no",
            "solution",
            "solutions",
            "none",
            "all",
            "real",
            "numbers",
            "except",
            "frac",
            "left",
            "right",
            "cdot",
            "times",
            "text",
            "mathrm");

    private Words() {}

    /** A word of ours, or a function with an unknown beside it, such as xsinx; cost and tank are words. */
    private static boolean isOfMathematics(String word) {
        return OF_MATHEMATICS.contains(word) || FUNCTION.matcher(word).matches();
    }

    static boolean are(String line) {
        Matcher word = WORD.matcher(line);
        int plain = 0;
        while (word.find()) {
            plain += isOfMathematics(word.group().toLowerCase(Locale.ROOT)) ? 0 : 1;
        }
        return plain >= ENOUGH;
    }
}
