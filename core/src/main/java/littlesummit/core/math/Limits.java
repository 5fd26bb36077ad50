package littlesummit.core.math;

import java.math.BigInteger;

/** How large an entry and what it stands for may become before it is politely declined. */
public final class Limits {
    /** Characters of one entry. */
    public static final int ENTRY_LENGTH = 500;
    /** Brackets, roots, exponents and signs inside one another. */
    public static final int NESTING = 40;
    /** Largest absolute integer exponent on a number. */
    public static final int NUMBER_EXPONENT = 1000;
    /** Largest absolute integer exponent on an expression with letters. */
    public static final int EXPRESSION_EXPONENT = 64;
    /** Bits of a numerator or denominator. */
    public static final int NUMBER_BITS = 4096;
    /** Terms of an expanded polynomial. */
    public static final int TERMS = 5000;
    /** Products of two terms that one comparison may cost: about 40 ms of work, common practice with no source. */
    static final int TERM_PRODUCTS = 100_000;

    private Limits() {}

    /**
     * The exponent, or the index of a root, as an int.
     *
     * @param most largest absolute value that is taken
     * @throws MathProblem when it is larger
     */
    static int exponent(BigInteger exponent, int most) {
        if (exponent.abs().compareTo(BigInteger.valueOf(most)) > 0) {
            throw MathProblem.tooLarge("exponent " + exponent);
        }
        return exponent.intValueExact();
    }
}
