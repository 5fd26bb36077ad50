package littlesummit.core.practice;

/** How an item ended. */
public enum Outcome {
    /** Right at once, without a hint. */
    UNAIDED_FIRST,
    /** Right on a later try, without a hint. */
    UNAIDED_LATER,
    /** Right after a hint: it leaves the score alone. */
    AIDED,
    /** Out of tries, given up, or the solution was opened. */
    MISSED;

    public boolean isRightUnaided() {
        return this == UNAIDED_FIRST || this == UNAIDED_LATER;
    }
}
