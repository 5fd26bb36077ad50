package littlesummit.app.exchange.qti.in;

import java.util.List;
import java.util.Map;

/**
 * What was taken of one item.
 *
 * @param title as it stands in the file
 * @param stem sentences in the language of templates
 * @param fields as a template has them
 * @param hints those that the item has; at most three
 * @param lost what could not be taken over, in sentences
 */
record TakenItem(
        String title, List<String> stem, List<Map<String, Object>> fields, List<String> hints, List<String> lost) {
    TakenItem {
        hints = List.copyOf(hints);
        stem = List.copyOf(stem);
        fields = List.copyOf(fields);
        lost = List.copyOf(lost);
    }
}
