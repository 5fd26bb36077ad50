package littlesummit.app.served;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.Part;

/**
 * What is typed at an item and not yet checked. Parts of a chain may call their fields alike, so every entry knows its
 * part.
 *
 * @param texts by part and field, as in {@code 2:answer}; drafts kept before parts were told apart have the field alone
 */
public record Draft(Map<String, String> texts) {
    public Draft {
        texts = Map.copyOf(texts);
    }

    /** @param entries by field id, one map a part; empty where they are not of this item */
    static java.util.Optional<Draft> of(Item item, List<Map<String, String>> entries) {
        Map<String, String> texts = new TreeMap<>();
        for (int i = 0; i < entries.size(); i++) {
            if (i >= item.parts().size()
                    || !ids(item.parts().get(i)).containsAll(entries.get(i).keySet())) {
                return java.util.Optional.empty();
            }
            for (Map.Entry<String, String> entry : entries.get(i).entrySet()) {
                texts.put(i + ":" + entry.getKey(), entry.getValue());
            }
        }
        return java.util.Optional.of(new Draft(texts));
    }

    private static List<String> ids(Part part) {
        return part.fields().stream().map(Field::id).toList();
    }

    /** What is typed in each part, by field id. */
    public List<Map<String, String>> typed(Item item) {
        return IntStream.range(0, item.parts().size())
                .mapToObj(i -> typed(item, i))
                .toList();
    }

    private Map<String, String> typed(Item item, int part) {
        Map<String, String> typed = new LinkedHashMap<>();
        for (String id : ids(item.parts().get(part))) {
            boolean isAlone =
                    item.parts().stream().filter(p -> ids(p).contains(id)).count() == 1;
            String text = texts.getOrDefault(part + ":" + id, isAlone ? texts.get(id) : null);
            if (text != null) {
                typed.put(id, text);
            }
        }
        return typed;
    }
}
