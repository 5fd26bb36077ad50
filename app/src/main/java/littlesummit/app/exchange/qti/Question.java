package littlesummit.app.exchange.qti;

import java.util.ArrayList;
import java.util.List;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.Option;
import littlesummit.core.item.Response;

/**
 * One field with the names that it has in the standard.
 *
 * @param response name of the variable of its response, which all labels of a part share
 * @param id name of the field itself
 */
record Question(String response, String id, Field field) {
    static List<List<Question>> of(Item item) {
        List<List<Question>> parts = new ArrayList<>();
        for (int i = 0; i < item.parts().size(); i++) {
            String part = "R" + (i + 1);
            parts.add(item.parts().get(i).fields().stream()
                    .map(field -> new Question(
                            field.response() instanceof Response.DropLabel ? part : part + "_" + field.id(),
                            part + "_" + field.id(),
                            field))
                    .toList());
        }
        return List.copyOf(parts);
    }

    boolean isLabel() {
        return field.response() instanceof Response.DropLabel;
    }

    /** Whether a person reads what is written there. */
    boolean isRead() {
        return field.response() instanceof Response.InkWords || field.response() instanceof Response.Said;
    }

    /** The name of an option: ids of ours may begin with a digit, theirs may not. */
    String option(String optionId) {
        return "C"
                + (field.response().options().stream().map(Option::id).toList().indexOf(optionId) + 1);
    }
}
