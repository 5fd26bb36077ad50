package littlesummit.core.working;

import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import littlesummit.core.item.Item;

/** Which letters may stand in the work beside an item. */
public final class WorkLetters {
    private static final Pattern ALONE = Pattern.compile("(?<![A-Za-z\\\\])[a-z](?![A-Za-z])");

    private WorkLetters() {}

    /** Those of its fields and of what it gives, and x, which always may name the unknown. */
    public static Set<String> of(Item item) {
        Set<String> letters = new TreeSet<>(Set.of("x"));
        item.parts()
                .forEach(p -> p.fields().forEach(f -> letters.addAll(f.answer().letters())));
        Matcher letter = ALONE.matcher(item.given());
        while (letter.find()) {
            letters.add(letter.group());
        }
        return Set.copyOf(letters);
    }
}
