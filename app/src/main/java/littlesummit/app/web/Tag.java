package littlesummit.app.web;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * Names a version of a value by its content, as an entity tag of HTTP (RFC 9110, section 8.8.3). Whoever changes a
 * value says on which version the change is built, so that of two windows none wipes out what the other has kept. Equal
 * values have equal tags: a save that is sent twice finds its own value and is no conflict.
 *
 * @param value in quotes, as it stands in the header
 */
public record Tag(String value) {
    /** Header of a request that says on which version a change is built. */
    public static final String BUILT_ON = "If-Match";

    private static final int DIGITS = 24;

    /** @param text that tells two versions apart */
    public static Tag of(String text) {
        return new Tag('"' + Digest.of(text).substring(0, DIGITS) + '"');
    }

    /**
     * Of what is entered at an item. Fields that are empty and fields that were never touched are the same.
     *
     * @param entries by field id, one map a part
     */
    public static Tag ofEntries(List<Map<String, String>> entries) {
        TreeMap<String, String> filled = new TreeMap<>();
        for (int part = 0; part < entries.size(); part++) {
            for (Map.Entry<String, String> entry : entries.get(part).entrySet()) {
                if (!entry.getValue().isBlank()) {
                    filled.put(part + ":" + entry.getKey(), entry.getValue());
                }
            }
        }
        return of(filled.toString());
    }

    /** Whether a change is built on this version, or changes nothing. */
    public boolean allows(Optional<String> builtOn, Tag change) {
        return builtOn.isEmpty() || builtOn.get().equals(value) || change.equals(this);
    }

    /**
     * Refuses a change that is built on another version than the one that is here, unless it changes nothing.
     *
     * @param builtOn as sent; empty for who does not mind
     * @param change tag of the new value
     * @param current what is here, in the shape in which it is sent
     * @throws Problem with the current value and its tag
     */
    public void require(Optional<String> builtOn, Tag change, Object current) {
        if (!allows(builtOn, change)) {
            throw Problem.changed(this, current);
        }
    }
}
