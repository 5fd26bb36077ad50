package littlesummit.app.exchange.qti.in;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * What was taken of an item of another program.
 *
 * @param title as it stands in the file
 * @param stem sentences in the language of templates
 * @param figures that stand below them, as a template has them
 * @param fields as a template has them
 * @param part what their part needs besides, such as labels
 * @param hints those that the item has; at most three
 * @param lost what could not be taken over, in sentences
 */
record TakenItem(
        String title,
        List<String> stem,
        List<Map<String, Object>> figures,
        List<Map<String, Object>> fields,
        Map<String, Object> part,
        List<String> hints,
        List<String> lost)
        implements Taken {
    TakenItem {
        hints = List.copyOf(hints);
        stem = List.copyOf(stem);
        figures = List.copyOf(figures);
        fields = List.copyOf(fields);
        part = Map.copyOf(part);
        lost = lost.stream().distinct().toList();
    }

    /** The same, with something more that was not taken over. */
    TakenItem without(String sentence) {
        return new TakenItem(
                title,
                stem,
                figures,
                fields,
                part,
                hints,
                Stream.concat(Stream.of(sentence), lost.stream()).toList());
    }

    @Override
    public int places() {
        return fields.size();
    }

    @Override
    public int helps() {
        return hints.size();
    }
}
