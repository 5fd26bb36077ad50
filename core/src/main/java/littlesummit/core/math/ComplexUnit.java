package littlesummit.core.math;

/** The letter i where it may stand for the imaginary unit. */
public final class ComplexUnit {
    private static final String I = "i";

    private ComplexUnit() {}

    /** Whether two expressions that differ for a letter i are equal with i² = −1. */
    public static boolean makesEqual(Expr a, Expr b) {
        if (!Solver.letters(a, b).contains(I)) {
            return false;
        }
        Polynomial p = Canonical.of(a).minus(Canonical.of(b)).num();
        Polynomial real = Polynomial.ZERO;
        Polynomial imaginary = Polynomial.ZERO;
        for (int k = 0; k <= p.degree(I); k++) {
            Polynomial part =
                    k % 4 < 2 ? p.coefficient(I, k) : p.coefficient(I, k).negate();
            real = k % 2 == 0 ? real.plus(part) : real;
            imaginary = k % 2 == 1 ? imaginary.plus(part) : imaginary;
        }
        return real.isZero() && imaginary.isZero();
    }
}
