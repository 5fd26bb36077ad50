package littlesummit.core.math;

/**
 * A number a + bi, exactly.
 *
 * @param real a, without i
 * @param imaginary b, without i
 */
public record ComplexNumber(RationalFunction real, RationalFunction imaginary) {
    private static final String I = "i";

    /**
     * The value of an expression in which i is the imaginary unit. Square roots of negative numbers are multiples of i.
     *
     * @throws MathProblem when it divides by zero, or holds i where it cannot be told apart, such as in an exponent
     */
    public static ComplexNumber of(Expr expr) {
        RationalFunction value = Canonical.of(withRealRoots(expr));
        if (value.num().hidesLetters() || value.den().hidesLetters()) {
            throw MathProblem.notSupported("i inside a function");
        }
        return of(value.num()).over(of(value.den()));
    }

    /** Even and odd powers of i apart. */
    private static ComplexNumber of(Polynomial p) {
        Polynomial real = Polynomial.ZERO;
        Polynomial imaginary = Polynomial.ZERO;
        for (int k = 0; k <= p.degree(I); k++) {
            Polynomial part =
                    k % 4 < 2 ? p.coefficient(I, k) : p.coefficient(I, k).negate();
            real = k % 2 == 0 ? real.plus(part) : real;
            imaginary = k % 2 == 1 ? imaginary.plus(part) : imaginary;
        }
        return new ComplexNumber(RationalFunction.of(real), RationalFunction.of(imaginary));
    }

    private ComplexNumber over(ComplexNumber other) {
        RationalFunction size = other.real.times(other.real).plus(other.imaginary.times(other.imaginary));
        if (size.isZero()) {
            throw MathProblem.undefined("division by zero");
        }
        return new ComplexNumber(
                real.times(other.real).plus(imaginary.times(other.imaginary)).over(size),
                imaginary.times(other.real).minus(real.times(other.imaginary)).over(size));
    }

    /** √−4 is 2i. */
    private static Expr withRealRoots(Expr expr) {
        Expr changed = expr;
        for (int k = 0; k < expr.children().size(); k++) {
            changed = changed.with(k, withRealRoots(expr.children().get(k)));
        }
        return changed instanceof Expr.Root(int index, Expr radicand) && index == 2 && isNegative(radicand)
                ? Expr.product(Expr.letter(I), new Expr.Root(2, new Expr.Neg(radicand)))
                : changed;
    }

    private static boolean isNegative(Expr radicand) {
        return Canonical.of(radicand).asRational().filter(r -> r.signum() < 0).isPresent();
    }

    public boolean isSame(ComplexNumber other) {
        return Equality.sameNumber(real, other.real) && Equality.sameNumber(imaginary, other.imaginary);
    }

    public ComplexNumber conjugate() {
        return new ComplexNumber(real, imaginary.negate());
    }

    public ComplexNumber negate() {
        return new ComplexNumber(real.negate(), imaginary.negate());
    }
}
