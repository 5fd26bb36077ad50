package littlesummit.core.grading;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Sets of numbers as many books write them, in the common grammar: {@code R \ [2, 5]}, {@code x ∉ {2, 3}}, {@code x ∈
 * (2, 5)}, {@code ℝ⁺}, “at least 3”, “positive numbers”.
 */
final class SetWords {
    private static final String REALS = "(?:R|ℝ|\\\\mathbb\\s*\\{?R}?|\\\\R|all\\s+real(?:s|\\s+numbers))";
    private static final String WITHOUT = "(?:\\\\setminus|\\\\backslash|\\\\smallsetminus|\\\\|∖|-|−|without)";
    private static final Pattern DIFFERENCE = whole(REALS + "\\s*" + WITHOUT + "\\s*(\\S.*)");
    private static final Pattern NOT_IN =
            whole("[a-z]\\s*(?:∉|\\\\notin|\\\\not\\s*\\\\in|is\\s+not\\s+in)\\s*(\\S.*)");
    private static final Pattern IN = whole("[a-z]\\s*(?:∈|\\\\in(?![a-z])|is\\s+in)\\s*(\\S.*)");
    private static final Pattern ALL = whole(REALS);
    private static final Pattern SIGNED = whole(
            "(?:R|ℝ|\\\\mathbb\\s*\\{?R}?)(?:\\^?\\{?\\s*([+⁺*-])\\s*}?)(_\\{?0}?|₀)?|(?:R|ℝ|\\\\mathbb\\s*\\{?R}?)"
                    + "(_\\{?0}?|₀)\\^?\\{?\\s*([+⁺])\\s*}?");
    private static final Pattern BETWEEN = Pattern.compile(
            "\\s*(?:\\\\left)?([\\[(\\]])([^,;\\[\\](){}]+)" + "[,;]([^,;\\[\\](){}]+?)(?:\\\\right)?([])\\[])\\s*");
    private static final Pattern BRACES = Pattern.compile("\\s*(?:\\\\left)?\\\\?\\{[^{}]*\\\\?}\\s*");
    private static final Pattern COMPARED = whole("(?:([a-z])\\s+(?:is\\s+)?)?"
            + "((?:greater|larger|less|smaller|more)\\s+than(?:\\s+or\\s+equal\\s+to)?|at\\s+(?:least|most)"
            + "|(?:no|not)\\s+(?:less|more)\\s+than)\\s+(\\S+)");
    private static final Pattern OR_MORE =
            whole("(?:([a-z])\\s+is\\s+)?(\\S+)\\s+or\\s+(more|greater|larger|less|smaller|fewer)");
    private static final Pattern NAMED = whole(
            "(?:all\\s+)?(?:the\\s+)?(positive|negative|non-?\\s?negative|non-?\\s?zero)" + "\\s+(?:real\\s+)?numbers");

    private SetWords() {}

    private static Pattern whole(String pattern) {
        return Pattern.compile("\\s*(?:" + pattern + ")\\s*\\.?\\s*", Pattern.CASE_INSENSITIVE);
    }

    /** @param letter of the field, for conditions in words */
    static String taken(String entry, String letter) {
        Matcher in = IN.matcher(entry);
        if (in.matches()) {
            return taken(in.group(1), letter);
        }
        Matcher left = DIFFERENCE.matcher(entry);
        if (left.matches()) {
            return without(left.group(1), entry);
        }
        Matcher out = NOT_IN.matcher(entry);
        if (out.matches()) {
            return without(out.group(1), entry);
        }
        if (ALL.matcher(entry).matches()) {
            return "all real numbers";
        }
        return inWords(entry, letter);
    }

    /** All numbers but those of a finite set or an interval; the entry as it is where it is neither. */
    private static String without(String set, String entry) {
        if (BRACES.matcher(set).matches()) {
            return "ℝ∖" + set.replace("\\left", "").replace("\\right", "");
        }
        Matcher ends = BETWEEN.matcher(set);
        if (!ends.matches()) {
            return entry;
        }
        boolean open = !ends.group(1).equals("[");
        boolean closes = ends.group(4).equals("]");
        String below = isEndless(ends.group(2)) ? "" : "(-inf, " + ends.group(2) + (open ? "]" : ")");
        String above = isEndless(ends.group(3)) ? "" : (closes ? "(" : "[") + ends.group(3) + ", inf)";
        String both = below.isEmpty() || above.isEmpty() ? "" : " U ";
        return below.isEmpty() && above.isEmpty() ? "none" : below + both + above;
    }

    private static boolean isEndless(String end) {
        return end.contains("inf") || end.contains("∞");
    }

    private static String inWords(String entry, String letter) {
        Matcher signed = SIGNED.matcher(entry);
        if (signed.matches()) {
            boolean zero = signed.group(2) != null || signed.group(3) != null;
            String sign = signed.group(1) == null ? signed.group(4) : signed.group(1);
            return switch (sign) {
                case "*" -> "(-inf, 0) U (0, inf)";
                case "-" -> zero ? "(-inf, 0]" : "(-inf, 0)";
                default -> zero ? "[0, inf)" : "(0, inf)";
            };
        }
        Matcher compared = COMPARED.matcher(entry);
        if (compared.matches()) {
            return named(compared.group(1), letter) + sign(compared.group(2)) + compared.group(3);
        }
        Matcher more = OR_MORE.matcher(entry);
        if (more.matches()) {
            boolean up = more.group(3).matches("(?i)more|greater|larger");
            return named(more.group(1), letter) + (up ? " >= " : " <= ") + more.group(2);
        }
        Matcher named = NAMED.matcher(entry);
        if (!named.matches()) {
            return entry;
        }
        String what = named.group(1).toLowerCase(Locale.ROOT);
        return letter
                + switch (what.replaceAll("\\W", "")) {
                    case "positive" -> " > 0";
                    case "negative" -> " < 0";
                    case "nonnegative" -> " >= 0";
                    default -> " != 0";
                };
    }

    private static String named(String typed, String letter) {
        return typed == null ? letter : typed;
    }

    private static String sign(String words) {
        String plain = words.toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
        return switch (plain) {
            case "at least",
                    "no less than",
                    "not less than",
                    "greater than or equal to",
                    "larger than or equal to",
                    "more than or equal to" -> " >= ";
            case "at most", "no more than", "not more than", "less than or equal to", "smaller than or equal to" ->
                " <= ";
            case "greater than", "more than", "larger than" -> " > ";
            default -> " < ";
        };
    }
}
