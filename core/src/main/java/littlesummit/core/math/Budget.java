package littlesummit.core.math;

/** What one comparison may still cost, so that a hostile entry ends soon. Not shared between threads. */
final class Budget {
    /** A product of two terms costs as much as one of numbers of this size. */
    private static final long TERM_BITS = 640;

    private long left = Limits.TERM_PRODUCTS;

    /** @throws MathProblem when nothing is left */
    void spend(long termProducts) {
        Effort.spend(termProducts, TERM_BITS);
        left -= termProducts;
        if (left < 0) {
            throw MathProblem.tooLarge("too many terms to multiply");
        }
    }
}
