package littlesummit.core.practice;

import java.time.Instant;

/**
 * One closed item in the history of a skill.
 *
 * @param before where the student stood before it, in the target's measure: score, steps, or items right; unread work
 *     counted in full
 * @param after the same after it
 * @param regained whether it brought back what a miss had taken
 * @param terms what it was worth
 */
public record Step(
        Instant at, String itemId, int tier, Outcome outcome, int before, int after, boolean regained, Terms terms) {
    /** Work that has not been read yet. */
    public static final int UNREAD = -1;

    static final int FULL = 100;

    /**
     * What an item is worth, so that a history can be counted once more when work has been read.
     *
     * @param similar whether it was another like a missed one
     * @param guess chance of being right by guessing, 0 to 1
     * @param slot place in a fixed set, −1 for none
     * @param credit of the work shown for it, 0 to 100 in percent, {@link Step#UNREAD} while it waits; 100 where none
     *     was required
     * @param read whether a person has to read this item, whatever the assignment says of work
     */
    public record Terms(boolean similar, double guess, int slot, int credit, boolean read) {
        static final Terms OLD = new Terms(false, 0, -1, FULL, false);

        Terms withCredit(int given) {
            return new Terms(similar, guess, slot, given, read);
        }
    }

    /** Steps that were kept before work counted have no terms. */
    public Step {
        terms = terms == null ? Terms.OLD : terms;
    }

    /** Whether its work waits to be read. */
    public boolean isWaiting() {
        return terms.credit() == UNREAD;
    }
}
