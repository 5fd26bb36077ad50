package littlesummit.core.template;

/** Decides, one question after another, which of several possible numbers an item gets. */
interface Picks {
    /** @return from 0 to {@code count} − 1 */
    int pick(int count);
}
