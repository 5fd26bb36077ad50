package littlesummit.e2e;

import java.util.List;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;

/** Kinds of items that tests ask for. */
final class Asked {
    private Asked() {}

    /** One part with one field to type in, where one mistake is known at least. */
    static boolean inOneField(Item item) {
        return item.parts().size() == 1
                && item.parts().getFirst().fields().size() == 1
                && isTyped(field(item, 0))
                && !field(item, 0).mistakes().isEmpty();
    }

    /** Any number of parts, each with one field that is typed or chosen. */
    static boolean inOneFieldAPart(Item item) {
        return item.parts().stream()
                .map(Part::fields)
                .allMatch(fields -> fields.size() == 1 && (isTyped(fields.getFirst()) || isChosen(fields.getFirst())));
    }

    /** Two parts: an option, then a number. */
    static boolean chosenThenTyped(Item item) {
        return inOneFieldAPart(item) && item.parts().size() == 2 && isChosen(field(item, 0)) && isTyped(field(item, 1));
    }

    private static Field field(Item item, int part) {
        List<Field> fields = item.parts().get(part).fields();
        return fields.getFirst();
    }

    private static boolean isTyped(Field field) {
        return field.response() instanceof Response.Typed;
    }

    private static boolean isChosen(Field field) {
        return field.response() instanceof Response.ChooseOne;
    }
}
