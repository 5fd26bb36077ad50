package littlesummit.core.math;

import java.util.List;
import java.util.Map;

/**
 * A number times whole powers of letters, as most terms are: worked out without a polynomial for every part of it.
 *
 * @param coefficient zero for 0·x
 */
record PlainTerm(Rational coefficient, Monomial powers) {
    static final PlainTerm NONE = new PlainTerm(Rational.ZERO, Monomial.ONE);

    /** {@link #NONE} itself, which is compared as an object, where the tree is of another kind or out of bounds. */
    static PlainTerm of(Expr expr) {
        return switch (expr) {
            case Expr.Num n -> new PlainTerm(n.value(), Monomial.ONE);
            case Expr.Letter(String name) -> new PlainTerm(Rational.ONE, Monomial.of(new Atom.Letter(name), 1));
            case Expr.Neg(Expr inner) -> of(inner).negate();
            case Expr.Product(List<Expr> factors) -> product(factors);
            case Expr.Power(Expr.Letter(String name), Expr.Num exponent) -> power(name, exponent);
            default -> NONE;
        };
    }

    private static PlainTerm product(List<Expr> factors) {
        PlainTerm product = of(factors.getFirst());
        for (int i = 1; i < factors.size() && product.isThere(); i++) {
            PlainTerm next = of(factors.get(i));
            product = next.isThere() ? product.times(next) : NONE;
        }
        return product;
    }

    private static PlainTerm power(String letter, Expr.Num exponent) {
        boolean plain = exponent.places() == 0
                && exponent.digits().signum() > 0
                && exponent.digits().bitLength() < Integer.SIZE
                && exponent.digits().intValue() <= Limits.EXPRESSION_EXPONENT;
        return plain
                ? new PlainTerm(
                        Rational.ONE,
                        Monomial.of(new Atom.Letter(letter), exponent.digits().intValue()))
                : NONE;
    }

    boolean isThere() {
        return this != NONE;
    }

    private PlainTerm negate() {
        return isThere() ? new PlainTerm(coefficient.negate(), powers) : NONE;
    }

    private PlainTerm times(PlainTerm other) {
        return new PlainTerm(coefficient.times(other.coefficient), powers.timesPowers(other.powers, Surd.ONE));
    }

    Polynomial polynomial() {
        return Polynomial.term(coefficient, powers);
    }

    void addTo(Map<Monomial, Rational> sum) {
        if (!coefficient.isZero()) {
            Polynomial.add(sum, powers, coefficient);
        }
    }
}
