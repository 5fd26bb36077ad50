package littlesummit.core.math;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A letter with an index: x₁, x_1, x_{12}, a_n. Its name is the letter, a line and the index: {@code x_1}. */
public final class IndexedLetter {
    private static final String INDEX = "(?:_([0-9]{1,3}|[A-Za-z])|_\\{([0-9A-Za-z]{1,3})}|([₀-₉]{1,3}))";
    private static final Pattern BEHIND = Pattern.compile("^" + INDEX);
    private static final Pattern WHOLE = Pattern.compile("(\\p{L})" + INDEX);

    private IndexedLetter() {}

    /**
     * An index that stands there.
     *
     * @param index its digits or letters
     * @param length characters that it takes
     */
    record Behind(String index, int length) {
        static final Behind NONE = new Behind("", 0);
    }

    /** What stands right behind a letter; {@link Behind#NONE} for anything else. */
    static Behind behind(String text) {
        char first = text.isEmpty() ? ' ' : text.charAt(0);
        if (first != '_' && Characters.subscript(first) < 0) {
            return Behind.NONE;
        }
        Matcher found = BEHIND.matcher(text);
        return found.find() ? new Behind(index(found, 1), found.end()) : Behind.NONE;
    }

    private static String index(Matcher found, int group) {
        if (found.group(group) != null) {
            return found.group(group);
        }
        if (found.group(group + 1) != null) {
            return found.group(group + 1);
        }
        StringBuilder digits = new StringBuilder();
        found.group(group + 2).chars().forEach(c -> digits.append(Characters.subscript((char) c)));
        return digits.toString();
    }

    /** The name of a letter however its index is written; any other text as it is. */
    public static String name(String written) {
        Matcher found = WHOLE.matcher(written);
        return found.matches() ? found.group(1) + "_" + index(found, 2) : written;
    }

    /** In LaTeX, the index in braces; a plain letter as it is. */
    static String latex(String name) {
        int line = name.indexOf('_');
        return line < 0 ? name : name.substring(0, line) + "_{" + name.substring(line + 1) + "}";
    }

    /** As it is read out: x sub 1. */
    static String spoken(String name) {
        return name.replace("_", " sub ");
    }
}
