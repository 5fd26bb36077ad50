package littlesummit.core.item;

/**
 * A wrong answer that a known slip gives with this item's numbers.
 *
 * @param entry the wrong answer, in the syntax of entries
 * @param slip a short name of the slip
 * @param message says what seems to have happened, without giving the answer away
 */
public record Mistake(String entry, String slip, String message) {}
