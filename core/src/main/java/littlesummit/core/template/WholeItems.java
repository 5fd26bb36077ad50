package littlesummit.core.template;

import littlesummit.core.item.Item;

/** Reads items that stand whole in a document, with nothing left to draw or to work out. */
@FunctionalInterface
public interface WholeItems {
    /**
     * @return the item, made of nothing: whoever serves it gives it a reference
     * @throws IllegalArgumentException with a sentence, for a node that is no item
     */
    Item read(Node node);

    /** Where nobody knows how an item is written. */
    WholeItems UNKNOWN = node -> {
        throw new IllegalArgumentException("An item that stands here whole is read by the server alone.");
    };
}
