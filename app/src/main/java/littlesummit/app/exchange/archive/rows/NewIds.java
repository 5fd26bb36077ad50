package littlesummit.app.exchange.archive.rows;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Gives everything in an archive an id that nobody has: nothing in it can be mistaken for something that is here
 * already, and a class may come in beside itself. The same id is always replaced by the same one, wherever it stands.
 */
final class NewIds {
    private static final Pattern ID = Pattern.compile("[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}");
    private final Map<String, String> ids = new HashMap<>();

    /** Another id for it is known already. */
    void put(String old, String now) {
        ids.put(old, now);
    }

    String in(String text) {
        Matcher found = ID.matcher(text);
        return found.find() ? found.replaceAll(id -> now(id.group())) : text;
    }

    /** Of a value that is an id as a whole, whatever it looks like. */
    String of(String id) {
        return ID.matcher(id).find() ? in(id) : now(id);
    }

    private String now(String old) {
        return ids.computeIfAbsent(old, o -> UUID.randomUUID().toString());
    }
}
