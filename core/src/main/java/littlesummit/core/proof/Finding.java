package littlesummit.core.proof;

import littlesummit.core.item.Item;

/**
 * Something that does not hold.
 *
 * @param place where the author has to look: the variant, and the piece of it
 * @param sentence what is wrong
 * @param times in how many items
 * @param of so many items that were looked at there
 * @param example the smallest item that shows it
 */
public record Finding(String place, String sentence, long times, long of, Item example) {
    /** For a command line. */
    @Override
    public String toString() {
        return place + ": " + sentence + " (" + times + " of " + of + " items, for instance seed "
                + example.ref().seed() + " of " + example.ref().variant() + " in tier "
                + example.ref().tier() + ")";
    }
}
