package littlesummit.app.served;

import littlesummit.core.item.ItemRef;

/**
 * An item that a student has been given.
 *
 * @param number counted within the skill and assignment, from 1
 * @param example the item whose solution is shown as the worked example
 * @param draft what is typed and not yet checked
 */
public record ServedItem(String id, String personId, String assignmentId, int number, ItemRef ref, ItemRef example, Draft draft) {}
