package littlesummit.core.template;

import java.util.List;
import java.util.Map;
import java.util.Set;

/** Lists of words that ship, by name. */
public record WordLists(Map<String, List<Word>> lists) {
    public static final WordLists NONE = new WordLists(Map.of());

    public WordLists {
        lists = Map.copyOf(lists);
    }

    Set<String> names() {
        return lists.keySet();
    }
}
