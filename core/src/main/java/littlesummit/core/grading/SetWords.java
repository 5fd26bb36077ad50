package littlesummit.core.grading;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Sets of numbers as many books write them, in the common grammar: {@code R \ [2, 5]}, {@code x ∉ {2, 3}}, {@code x ∈
 * (2, 5)}, {@code ℝ⁺}, “at least 3”, “positive numbers”. What is neither an interval nor an inequality becomes {@code
 * {x | …}}, so that it is taken for neither.
 */
final class SetWords {
    /** A small r is a slip of the finger, and no set. */
    private static final String R = "(?-i:R|ℝ|\\\\R|\\\\mathbb\\s*\\{?R}?)";

    private static final String REALS = "(?:" + R + "|all\\s+real(?:s|\\s+numbers))";
    private static final String WITHOUT = "(?:\\\\setminus|\\\\backslash|\\\\smallsetminus|\\\\|∖|-|−|without)";
    private static final String ZERO = "(_\\{?0}?|₀)";
    private static final Pattern DIFFERENCE = whole(REALS + "\\s*" + WITHOUT + "\\s*(\\S.*)");
    private static final Pattern NOT_IN =
            whole("([a-z])\\s*(?:∉|\\\\notin|\\\\not\\s*\\\\in|is\\s+not\\s+in)\\s*(\\S.*)");
    private static final Pattern IN =
            whole("([a-z])\\s*(?:∈|\\\\in(?![a-z])|(?:is\\s+|(?<=\\s))in(?![a-z]))\\s*(\\S.*)");
    private static final Pattern ALL = whole(REALS);
    private static final Pattern SIGNED = whole(R + ZERO + "?\\^?\\{?\\s*([+⁺*-])\\s*}?" + ZERO + "?");
    private static final Pattern INTERVAL = Pattern.compile(
            "\\s*(?:\\\\left)?([\\[(\\]])([^,;\\[\\](){}]+)" + "[,;]([^,;\\[\\](){}]+?)(?:\\\\right)?([])\\[])\\s*");
    private static final Pattern BRACES = Pattern.compile("\\s*(?:\\\\left)?\\\\?\\{[^{}]*\\\\?}\\s*");
    private static final Pattern COMPARED = whole("(?:([a-z])\\s+(?:is\\s+)?)?"
            + "((?:greater|larger|less|smaller|more)\\s+than(?:\\s+or\\s+equal\\s+to)?|at\\s+(?:least|most)"
            + "|(?:no|not)\\s+(?:less|more)\\s+than)\\s+(\\S+)");
    private static final Pattern OR_MORE =
            whole("(?:([a-z])\\s+is\\s+)?(\\S+)\\s+or\\s+(more|greater|larger|less|smaller|fewer)");
    private static final Pattern NAMED = whole(
            "(?:all\\s+)?(?:the\\s+)?(positive|negative|non-?\\s?negative|non-?\\s?zero)\\s+(?:real\\s+)?numbers");

    private final String entry;
    private final String letter;

    private SetWords(String entry, String letter) {
        this.entry = entry;
        this.letter = letter;
    }

    private static Pattern whole(String pattern) {
        return Pattern.compile("\\s*(?:" + pattern + ")\\s*\\.?\\s*", Pattern.CASE_INSENSITIVE);
    }

    /** @param letter of the field; what is said of another one is left as it is */
    static String taken(String entry, String letter) {
        Matcher in = IN.matcher(entry);
        return in.matches() && in.group(1).equals(letter)
                ? taken(in.group(2), letter)
                : new SetWords(entry, letter).taken();
    }

    private String taken() {
        Matcher difference = DIFFERENCE.matcher(entry);
        if (difference.matches()) {
            return without(difference.group(1));
        }
        Matcher out = NOT_IN.matcher(entry);
        if (out.matches() && out.group(1).equals(letter)) {
            return without(out.group(2));
        }
        return ALL.matcher(entry).matches() ? "all real numbers" : signed();
    }

    private String where(String condition) {
        return "{" + letter + " | " + condition + "}";
    }

    /** All numbers but those of a finite set or an interval; the entry as it is where it is neither. */
    private String without(String set) {
        if (BRACES.matcher(set).matches()) {
            return "ℝ∖" + set.replace("\\left", "").replace("\\right", "");
        }
        Matcher ends = INTERVAL.matcher(set);
        if (!ends.matches()) {
            return entry;
        }
        String below =
                isEndless(ends.group(2)) ? "" : letter + (ends.group(1).equals("[") ? " < " : " <= ") + ends.group(2);
        String above =
                isEndless(ends.group(3)) ? "" : letter + (ends.group(4).equals("]") ? " > " : " >= ") + ends.group(3);
        if (below.isEmpty() && above.isEmpty()) {
            return "none";
        }
        return where(below + (below.isEmpty() || above.isEmpty() ? "" : " or ") + above);
    }

    private static boolean isEndless(String end) {
        return end.contains("inf") || end.contains("∞");
    }

    private String signed() {
        Matcher signed = SIGNED.matcher(entry);
        if (!signed.matches()) {
            return inWords();
        }
        String equal = signed.group(1) == null && signed.group(3) == null ? "" : "=";
        return where(letter
                + switch (signed.group(2)) {
                    case "*" -> " != 0";
                    case "-" -> " <" + equal + " 0";
                    default -> " >" + equal + " 0";
                });
    }

    private String inWords() {
        Matcher compared = COMPARED.matcher(entry);
        if (compared.matches() && isOurs(compared.group(1))) {
            return where(letter + sign(compared.group(2)) + compared.group(3));
        }
        Matcher more = OR_MORE.matcher(entry);
        if (more.matches() && isOurs(more.group(1))) {
            boolean up = more.group(3).matches("(?i)more|greater|larger");
            return where(letter + (up ? " >= " : " <= ") + more.group(2));
        }
        Matcher named = NAMED.matcher(entry);
        return named.matches() ? where(letter + sign(named.group(1))) : entry;
    }

    /** Whether nothing, or the letter of the field, stands before the condition. */
    private boolean isOurs(String typed) {
        return typed == null || typed.equals(letter);
    }

    private static String sign(String words) {
        return switch (words.toLowerCase(Locale.ROOT).replaceAll("[\\s-]+", " ")) {
            case "at least",
                    "no less than",
                    "not less than",
                    "greater than or equal to",
                    "larger than or equal to",
                    "more than or equal to" -> " >= ";
            case "at most", "no more than", "not more than", "less than or equal to", "smaller than or equal to" ->
                " <= ";
            case "greater than", "more than", "larger than" -> " > ";
            case "less than", "smaller than" -> " < ";
            case "positive" -> " > 0";
            case "negative" -> " < 0";
            case "non negative", "nonnegative" -> " >= 0";
            default -> " != 0";
        };
    }
}
