package littlesummit.core.math;

import java.util.Map;
import java.util.Optional;

/**
 * A quotient of polynomials. Not reduced in general: two of them are compared by cross-multiplication.
 *
 * @param den not zero; 1 whenever it would be a single number or surd
 */
public record RationalFunction(Polynomial num, Polynomial den) {
    public static final RationalFunction ZERO = of(Polynomial.ZERO);
    public static final RationalFunction ONE = of(Polynomial.ONE);

    public RationalFunction {
        if (den.isZero()) {
            throw MathProblem.undefined("division by zero");
        }
        if (den.size() == 1 && den.isConstant() && !den.isOne()) {
            Map.Entry<Monomial, Rational> only =
                    den.terms().entrySet().iterator().next();
            Surd.Scaled inverse = only.getKey().surd().reciprocal();
            num = num.times(Polynomial.term(inverse.factor().over(only.getValue()), Monomial.of(inverse.surd())));
            den = Polynomial.ONE;
        }
        if (num.isZero()) {
            den = Polynomial.ONE;
        }
    }

    public static RationalFunction of(Polynomial p) {
        return new RationalFunction(p, Polynomial.ONE);
    }

    public static RationalFunction of(Rational value) {
        return of(Polynomial.constant(value));
    }

    RationalFunction plus(RationalFunction other, Budget budget) {
        if (den.equals(other.den)) {
            return new RationalFunction(num.plus(other.num), den);
        }
        return new RationalFunction(
                num.times(other.den, budget).plus(other.num.times(den, budget)), den.times(other.den, budget));
    }

    RationalFunction times(RationalFunction other, Budget budget) {
        return new RationalFunction(num.times(other.num, budget), den.times(other.den, budget));
    }

    RationalFunction over(RationalFunction other, Budget budget) {
        if (other.isZero()) {
            throw MathProblem.undefined("division by zero");
        }
        return new RationalFunction(num.times(other.den, budget), den.times(other.num, budget));
    }

    public RationalFunction minus(RationalFunction other) {
        return plus(other.negate(), new Budget());
    }

    public RationalFunction times(RationalFunction other) {
        return times(other, new Budget());
    }

    public RationalFunction over(RationalFunction other) {
        return over(other, new Budget());
    }

    public RationalFunction plus(RationalFunction other) {
        return plus(other, new Budget());
    }

    public RationalFunction negate() {
        return new RationalFunction(num.negate(), den);
    }

    /** Whether it is zero wherever it is defined, as far as the written form shows. */
    public boolean isZero() {
        return num.isZero();
    }

    public boolean isConstant() {
        return num.isConstant() && den.isConstant();
    }

    /** Whether no letter is left in it, roots of roots included. */
    public boolean isConstantNumber() {
        return isNumber(num) && isNumber(den);
    }

    private static boolean isNumber(Polynomial p) {
        return p.hasOnly(RationalFunction::isNumber);
    }

    private static boolean isNumber(Atom atom) {
        return !(atom instanceof Atom.Letter) && atom.inside().stream().allMatch(RationalFunction::isNumber);
    }

    public Optional<Rational> asRational() {
        Optional<Rational> top = num.asRational();
        return top.isPresent() && den.isOne() ? top : Optional.empty();
    }

    /** The polynomial that it is, where the division comes out even; for ordinary polynomials. */
    public Optional<Polynomial> asPolynomial() {
        if (den.isOne()) {
            return Optional.of(num);
        }
        return num.isOrdinary() && den.isOrdinary() ? num.exactOver(den) : Optional.empty();
    }

    boolean isCanonical() {
        return num.isCanonical() && den.isCanonical();
    }
}
