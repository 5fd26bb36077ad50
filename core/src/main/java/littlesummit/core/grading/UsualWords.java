package littlesummit.core.grading;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What people write around an answer, and instead of signs: “no solution exists”, “1 out of 8”, “about 50”, “HCF = 12”,
 * 30°15′. What is left is in the common grammar, and stands where it stood.
 */
final class UsualWords {
    private static final Pattern NOTHING =
            words("\\s*(?:there\\s+(?:is|are)\\s+)?(?:dne|undefined|(?:it\\s+)?does\\s+not\\s+exist|none\\s+exists?"
                    + "|no\\s+(?:real\\s+)?(?:solutions?|values?|roots?|answers?)(?:\\s+exists?)?)\\s*\\.?\\s*");
    private static final Pattern ABOUT = words("^\\s*(?:about|approximately|approx\\.?|circa|ca\\.|≈|\\\\approx)\\s*");
    private static final Pattern OUT_OF = words("(\\s*\\d+\\s+)(out\\s+of|in)(\\s+\\d+\\s*)");
    private static final Pattern NAMED = Pattern.compile("^\\s*(?:[A-Za-z]{2,12}|P\\([^=]*\\))\\s*=(?!=)");
    private static final Pattern MINUTES =
            Pattern.compile("\\s*(-?)(\\d+)\\s*°\\s*(\\d{1,2})\\s*['′’](?:\\s*(\\d{1,2})\\s*(?:[\"″”]|''))?\\s*");
    private static final Pattern LAST_POINT = Pattern.compile("(?<=[^.\\s])\\.\\s*$");

    private UsualWords() {}

    private static Pattern words(String pattern) {
        return Pattern.compile(pattern, Pattern.CASE_INSENSITIVE);
    }

    static String taken(AnswerSpec field, String entry) {
        return switch (field.kind()) {
            case SET -> NOTHING.matcher(entry).matches() ? "none" : entry;
            case DOMAIN -> NOTHING.matcher(entry).matches() ? "none" : set(field, entry);
            case NUMBER -> number(field, entry);
            default -> entry;
        };
    }

    /** With one letter it is plain what a condition in words is said of; R may be a letter of the field itself. */
    private static String set(AnswerSpec field, String entry) {
        boolean plain = field.letters().size() == 1
                && field.letters().stream().noneMatch(letter -> letter.equalsIgnoreCase("r"));
        return plain ? SetWords.taken(entry, field.letters().iterator().next()) : entry;
    }

    private static String number(AnswerSpec field, String entry) {
        if (isPlain(entry)) {
            return entry;
        }
        String text = blanked(LAST_POINT, blanked(NAMED, entry));
        Matcher share = OUT_OF.matcher(text);
        if (share.matches()) {
            return share.group(1) + "/" + " ".repeat(share.group(2).length() - 1) + share.group(3);
        }
        Matcher angle = MINUTES.matcher(text);
        if (angle.matches()) {
            String seconds = angle.group(4) == null ? "" : " + " + angle.group(4) + "/3600";
            return angle.group(1) + "(" + angle.group(2) + " + " + angle.group(3) + "/60" + seconds + ")";
        }
        return field.form() instanceof Form.Rounded ? blanked(ABOUT, text) : text;
    }

    /** Digits and signs alone, as most entries are. */
    private static boolean isPlain(String entry) {
        return entry.chars().allMatch(c -> c >= '0' && c <= '9' || "+-*/^(), ".indexOf(c) >= 0);
    }

    /** With spaces for what is left out, so that places stay. */
    private static String blanked(Pattern what, String text) {
        Matcher found = what.matcher(text);
        return found.find()
                ? text.substring(0, found.start())
                        + " ".repeat(found.end() - found.start())
                        + text.substring(found.end())
                : text;
    }
}
