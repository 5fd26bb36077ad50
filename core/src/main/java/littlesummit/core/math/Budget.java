package littlesummit.core.math;

/** What one comparison may still cost, so that a hostile entry ends soon. Not shared between threads. */
final class Budget {
    private long left = Limits.TERM_PRODUCTS;

    /** @throws MathProblem when nothing is left */
    void spend(long termProducts) {
        left -= termProducts;
        if (left < 0) {
            throw MathProblem.tooLarge("too many terms to multiply");
        }
    }
}
