package littlesummit.app.served;

import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;

/**
 * An item that a student has been given.
 *
 * @param number counted within the skill and assignment, from 1
 * @param item as it was given out
 * @param draft what is typed and not yet checked
 */
public record ServedItem(String id, String personId, String assignmentId, int number, Item item, Draft draft) {
    public ItemRef ref() {
        return item.ref();
    }
}
