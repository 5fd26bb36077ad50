package littlesummit.core.grading;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntPredicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A part of an entry that is read by itself.
 *
 * @param at where its text begins in the entry
 */
record EntryPart(String text, int at) {
    /** @param border what stands between the parts */
    List<EntryPart> split(String border) {
        List<EntryPart> parts = new ArrayList<>();
        Matcher found = Pattern.compile(border).matcher(text);
        int from = 0;
        while (found.find()) {
            parts.add(part(from, found.start()));
            from = found.end();
        }
        parts.add(part(from, text.length()));
        return parts;
    }

    /** Only at signs that stand in no bracket. */
    List<EntryPart> splitOutside(IntPredicate border) {
        List<EntryPart> parts = new ArrayList<>();
        int depth = 0;
        int from = 0;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            depth += "([{".indexOf(c) >= 0 ? 1 : ")]}".indexOf(c) >= 0 ? -1 : 0;
            if (depth == 0 && border.test(c)) {
                parts.add(part(from, i));
                from = i + 1;
            }
        }
        parts.add(part(from, text.length()));
        return parts;
    }

    EntryPart part(int from, int to) {
        return new EntryPart(text.substring(from, to), at + from);
    }

    EntryPart stripped() {
        int lead = text.length() - text.stripLeading().length();
        return new EntryPart(text.strip(), at + lead);
    }

    boolean isBlank() {
        return text.isBlank();
    }
}
