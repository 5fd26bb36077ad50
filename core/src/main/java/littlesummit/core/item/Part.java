package littlesummit.core.item;

import java.util.List;

/**
 * One graded step of an item.
 *
 * @param hints from a nudge over the rule to the first step with this item's numbers
 */
public record Part(String prompt, List<Field> fields, Layout layout, List<String> hints) {
    public Part {
        fields = List.copyOf(fields);
        hints = List.copyOf(hints);
        if (fields.isEmpty()) {
            throw new IllegalArgumentException("a part without fields: " + prompt);
        }
    }

    public static Part of(String prompt, Field field, String... hints) {
        return new Part(prompt, List.of(field), new Layout.Stacked(), List.of(hints));
    }
}
