package littlesummit.core.quiz;

import littlesummit.core.item.Item;

/** The items of a quiz as they were given out, which no later generator changes. */
@FunctionalInterface
public interface IssuedItems {
    /** @throws RuntimeException for an item that was not given out */
    Item require(String itemId);
}
