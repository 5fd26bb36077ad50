package littlesummit.core.proof;

import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import littlesummit.core.grading.Kind;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.Option;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;

/** Whether a text that helps holds the answer of a field. */
public final class GivenAway {
    private GivenAway() {}

    /**
     * The fields of a part and of those behind it whose answer does not stand there to be read anyway.
     *
     * @param part index from 0
     */
    public static List<Field> open(Item item, int part) {
        String shown = shown(item, part);
        return item.parts().stream()
                .skip(part)
                .flatMap(p -> p.fields().stream())
                .filter(field -> !holds(shown, key(field)))
                .toList();
    }

    /** A text that names several options alike tells nothing. */
    public static boolean tells(String text, Field field) {
        String key = key(field);
        boolean namesAnother = field.response().options().stream()
                .map(Option::text)
                .anyMatch(other -> !other.equals(key) && holds(text, other));
        return holds(text, key) && !namesAnother;
    }

    /** As it is read: a percent with its sign. */
    public static String key(Field field) {
        if (field.answer().kind() != Kind.CHOICE) {
            return field.answer().key() + (field.answer().suffix().equals("%") ? "%" : "");
        }
        boolean isOne =
                field.response() instanceof Response.ChooseOne || field.response() instanceof Response.PickFromList;
        return field.response().options().stream()
                .filter(option -> isOne && option.id().equals(field.answer().expected()))
                .map(Option::text)
                .findFirst()
                .orElse("");
    }

    /**
     * What one reads before one answers, and what is known from the parts before.
     *
     * @param part index from 0
     */
    public static String shown(Item item, int part) {
        StringBuilder shown = new StringBuilder();
        item.stem().forEach(block -> shown.append(ItemTexts.text(block)).append(" ; "));
        for (int p = 0; p <= part; p++) {
            Part one = item.parts().get(p);
            shown.append(one.prompt()).append(" ; ").append(one.layout()).append(" ; ");
            if (p < part) {
                one.fields().forEach(f -> shown.append(key(f)).append(" ; "));
            }
        }
        return shown.toString();
    }

    /** Whether a text holds a key as a whole: 4 stands in “it is 4” and not in 14, 4/5 or 4.5. */
    public static boolean holds(String text, String key) {
        String plain = plain(key);
        if (plain.isEmpty()) {
            return false;
        }
        String whole = plain(text);
        for (int at = whole.indexOf(plain); at >= 0; at = whole.indexOf(plain, at + 1)) {
            if (beginsAt(whole, at) && endsAt(whole, at + plain.length())) {
                return true;
            }
        }
        return false;
    }

    private static boolean beginsAt(String text, int at) {
        return at == 0 || !isWord(text.charAt(at - 1)) && "./^*+-".indexOf(text.charAt(at - 1)) < 0;
    }

    private static boolean endsAt(String text, int at) {
        if (at == text.length()) {
            return true;
        }
        char next = text.charAt(at);
        boolean goesOn = next == '.' && at + 1 < text.length() && isWord(text.charAt(at + 1));
        return !isWord(next) && "/^*+%-".indexOf(next) < 0 && !goesOn;
    }

    private static boolean isWord(char c) {
        return c < 128 && (Character.isLetterOrDigit(c) || c == '_');
    }

    /**
     * What makes texts plain.
     *
     * @param when a text without one of these has nothing of the kind, and need not be searched
     */
    private record Plainer(Pattern what, String as, String when) {
        String in(String text) {
            return text.chars().anyMatch(c -> when.indexOf(c) >= 0)
                    ? what.matcher(text).replaceAll(as)
                    : text;
        }
    }

    private static final List<Plainer> FRACTION_SIGN_SPACE_GROUP_GAP = List.of(
            new Plainer(Pattern.compile("\\\\d?frac\\{([^{}]*)}\\{([^{}]*)}"), "$1/$2", "\\"),
            new Plainer(Pattern.compile("\\\\cdot ?|\\\\times ?|×"), "*", "\\×"),
            new Plainer(Pattern.compile("\\\\[ ,;!]|\\\\(?=%)|\\\\left|\\\\right|[${}]"), "", "\\${}"),
            new Plainer(Pattern.compile("(?<=\\d),(?=\\d{3})"), "", ","),
            new Plainer(Pattern.compile(" ([-+*/^=]) "), "$1", "-+*/^="));

    private static String plain(String text) {
        String plain = text.replace('−', '-');
        for (Plainer plainer : FRACTION_SIGN_SPACE_GROUP_GAP) {
            plain = plainer.in(plain);
        }
        return plain.toLowerCase(Locale.ROOT).strip();
    }
}
