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
        return !plain.isEmpty()
                && Pattern.compile("(?<![\\w./^*+-])" + Pattern.quote(plain) + "(?![\\w/^*+%-]|\\.\\w)")
                        .matcher(plain(text))
                        .find();
    }

    private static final List<Pattern> FRACTION_SIGN_SPACE_GROUP_GAP = List.of(
            Pattern.compile("\\\\d?frac\\{([^{}]*)}\\{([^{}]*)}"),
            Pattern.compile("\\\\cdot ?|\\\\times ?|×"),
            Pattern.compile("\\\\[ ,;!]|\\\\(?=%)|\\\\left|\\\\right|[${}]"),
            Pattern.compile("(?<=\\d),(?=\\d{3})"),
            Pattern.compile(" ([-+*/^=]) "));
    private static final List<String> AS = List.of("$1/$2", "*", "", "", "$1");

    private static String plain(String text) {
        String plain = text.replace('−', '-');
        for (int i = 0; i < AS.size(); i++) {
            plain = FRACTION_SIGN_SPACE_GROUP_GAP.get(i).matcher(plain).replaceAll(AS.get(i));
        }
        return plain.toLowerCase(Locale.ROOT).strip();
    }
}
