package littlesummit.app.served;

import java.util.function.LongFunction;
import littlesummit.core.item.Item;

/** Draws items, in such a way that no student can tell which numbers come next. */
public interface Dealer {
    /**
     * An item by chance.
     *
     * @param maker makes the item that belongs to a seed
     */
    Item deal(LongFunction<Item> maker);
}
