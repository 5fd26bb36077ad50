package littlesummit.core.grading;

import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import littlesummit.core.math.Chars;

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
    /** x₁ = 2, x₂ = 3 are two values of x. */
    private static final Pattern INDEX = Pattern.compile("(?<=[A-Za-z])(?:_\\{?\\d{1,2}}?|[₀-₉]{1,2})(?=\\s*=)");

    private static final Pattern AND_SO_ON = Pattern.compile("\\s*,\\s*(?:\\.{3}|…|\\\\[lc]?dots)\\s*$");
    /** What a constant of an antiderivative is called. */
    private static final Pattern CONSTANT = Pattern.compile("(?<=[-+−])(\\s*)([ckK]|const\\.?|constant)(\\s*)$");

    private static final Pattern HOURS =
            Pattern.compile("^\\s*(\\d{1,3})(?:\\s*:\\s*([0-5]\\d)\\s*(?:h|hrs?|hours?)|\\s*h\\s*([0-5]\\d))\\s*$");
    private static final Pattern FEET = Pattern.compile("^\\s*(\\d+)\\s*['′]\\s*(\\d{1,2})\\s*(?:[\"″]|'')\\s*$");
    private static final Pattern DEGREES = words("(?<=[\\d)])\\s*(?:deg\\.?|\\^\\{?o}?)\\s*$");
    private static final Pattern RADIANS = words("(?<=\\S)\\s*(?:rad|radians?)\\.?\\s*$");
    private static final Pattern ROOT = Pattern.compile("root(?=\\s*\\d)");
    private static final Pattern POINT_FOR_TIMES = Pattern.compile("(?<=\\d)\\.(?=\\d)");
    private static final Pattern LAST_POINT = Pattern.compile("(?<=[^.\\s])\\.\\s*$");

    private UsualWords() {}

    private static Pattern words(String pattern) {
        return Pattern.compile(pattern, Pattern.CASE_INSENSITIVE);
    }

    static String taken(AnswerSpec field, String entry) {
        return switch (field.kind()) {
            case SET -> NOTHING.matcher(entry).matches() ? "none" : withoutIndices(field, entry);
            case PAIR -> blanked(AND_SO_ON, withoutIndices(field, entry));
            case EXPRESSION -> withConstant(field, entry);
            case DOMAIN -> NOTHING.matcher(entry).matches() ? "none" : set(field, withRoundEnds(entry));
            case NUMBER -> number(field, entry);
            case QUANTITY -> quantity(entry);
            default -> entry;
        };
    }

    /** 1:30 h and 1h30 are an hour and a half; 5′6″ are feet and inches. */
    private static String quantity(String entry) {
        if (entry.isEmpty() || !Chars.any(entry, c -> c == ':' || c == 'h' || c == '\'' || c == '′')) {
            return entry;
        }
        String hours = HOURS.matcher(entry).replaceFirst("$1 h $2$3 min");
        return FEET.matcher(hours).replaceFirst("$1 ft $2 in");
    }

    /** In small letters, without what LaTeX puts around words and signs. */
    static String plain(String entry) {
        return entry.replaceAll("\\\\(?:text|mathrm)\\s*\\{([^}]*)}", "$1")
                .replace("{:}", ":")
                .replace("\\,", " ")
                .replace("\\ ", " ")
                .strip()
                .toLowerCase(Locale.ROOT);
    }

    /** ⟨−2; 5] is written for (−2, 5] in some countries. */
    private static String withRoundEnds(String entry) {
        return entry.replace('⟨', '(').replace('⟩', ')').replace('〈', '(').replace('〉', ')');
    }

    /** With one letter it is plain what a condition in words is said of; R may be a letter of the field itself. */
    private static String set(AnswerSpec field, String entry) {
        boolean plain = field.letters().size() == 1
                && field.letters().stream().noneMatch(letter -> letter.equalsIgnoreCase("r"));
        return plain ? SetWords.taken(entry, field.letters().iterator().next()) : entry;
    }

    /** An index stays where it belongs to a letter of the field. */
    private static String withoutIndices(AnswerSpec field, String entry) {
        return field.letters().stream().anyMatch(letter -> letter.indexOf('_') > 0)
                ? entry
                : INDEX.matcher(entry)
                        .replaceAll(found -> " ".repeat(found.group().length()));
    }

    /** Where the answer has a constant that is called C, it may be called otherwise. */
    private static String withConstant(AnswerSpec field, String entry) {
        if (!field.letters().contains("C")) {
            return entry;
        }
        Matcher found = CONSTANT.matcher(entry);
        return found.find() && !field.letters().contains(found.group(2))
                ? entry.substring(0, found.start(2)) + "C" + " ".repeat(entry.length() - found.start(2) - 1)
                : entry;
    }

    /** A degree sign for its name (deg, ^o); radians (rad) need none, but are no degrees. */
    private static String withAngle(AnswerSpec field, String text) {
        Matcher degrees = DEGREES.matcher(text);
        if (degrees.find()) {
            return text.substring(0, degrees.start()) + "°" + " ".repeat(text.length() - degrees.start() - 1);
        }
        boolean inDegrees = (field.expected() + field.suffix()).indexOf('°') >= 0;
        return inDegrees ? text : blanked(RADIANS, text);
    }

    private static String number(AnswerSpec field, String entry) {
        if (isPlain(field, entry)) {
            return entry;
        }
        String named = entry.indexOf('=') < 0 ? entry : blanked(NAMED, withoutIndices(field, entry));
        String ended = named.indexOf('.') < 0 ? named : blanked(LAST_POINT, named);
        String text = Chars.any(ended, c -> "dDoO".indexOf(c) >= 0) ? withAngle(field, ended) : ended;
        if (text.contains("root")) {
            text = ROOT.matcher(text).replaceAll("   √");
        }
        if (field.form() == Form.Shape.PRIME_FACTORS) {
            text = POINT_FOR_TIMES.matcher(text).replaceAll("*");
        }
        if (!hasWords(text)) {
            return text;
        }
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

    /** Digits and signs alone, as most entries are; a point between digits belongs to them but in prime factors. */
    private static boolean isPlain(AnswerSpec field, String entry) {
        for (int i = 0; i < entry.length(); i++) {
            char c = entry.charAt(i);
            boolean isPoint = c == '.'
                    && field.form() != Form.Shape.PRIME_FACTORS
                    && i + 1 < entry.length()
                    && isDigit(entry.charAt(i + 1));
            if (!isPoint && !isDigit(c) && "+-*/^(), −".indexOf(c) < 0) {
                return false;
            }
        }
        return true;
    }

    private static boolean isDigit(char c) {
        return c >= '0' && c <= '9';
    }

    /** What shares, angles with minutes and estimates begin with: most entries have neither. */
    private static boolean hasWords(String text) {
        return Chars.any(text, c -> c == '°' || c == '≈' || c == '\\' || Character.isLetter(c));
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
