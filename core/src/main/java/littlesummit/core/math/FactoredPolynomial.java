package littlesummit.core.math;

import java.util.ArrayList;
import java.util.List;

/** A polynomial of one letter as a product of factors that cannot be split over the rational numbers. */
public final class FactoredPolynomial {
    /** Without a rational zero, a polynomial of at most this degree cannot be split. */
    private static final int CANNOT_SPLIT = 3;

    private FactoredPolynomial() {}

    /**
     * The product as a person writes it: the number in front, then the factors, repeated ones as powers.
     *
     * @throws MathProblem for more than one letter, or for more than can be done
     */
    public static Expr expr(Polynomial p) {
        if (p.letters().isEmpty()) {
            return PolynomialText.expr(p);
        }
        if (p.letters().size() > 1) {
            throw MathProblem.notSupported("factors of a polynomial in several letters");
        }
        String letter = p.letters().getFirst();
        List<Expr> factors = new ArrayList<>();
        Polynomial left = p;
        for (var zero : RationalZeros.of(p, letter).entrySet()) {
            Polynomial factor = RationalZeros.factor(zero.getKey(), letter);
            for (int i = 0; i < zero.getValue(); i++) {
                left = left.exactOver(factor).orElseThrow();
            }
            Expr base = PolynomialText.expr(factor);
            factors.add(zero.getValue() == 1 ? base : Expr.power(base, zero.getValue()));
        }
        if (left.degree(letter) > CANNOT_SPLIT) {
            throw MathProblem.notSupported("factors without a rational zero");
        }
        return withNumber(left, letter, factors);
    }

    private static Expr withNumber(Polynomial left, String letter, List<Expr> factors) {
        Polynomial rest = left.degree(letter) > 0 ? left.primitive() : Polynomial.ONE;
        Rational number = left.exactOver(rest).flatMap(Polynomial::asRational).orElseThrow();
        if (left.degree(letter) > 0) {
            factors.add(PolynomialText.expr(rest));
        }
        if (!number.abs().isOne() || factors.isEmpty()) {
            factors.addFirst(Expr.fraction(number.abs()));
        }
        Expr all = factors.size() == 1 ? factors.getFirst() : new Expr.Product(factors);
        return number.signum() < 0 ? new Expr.Neg(all) : all;
    }
}
