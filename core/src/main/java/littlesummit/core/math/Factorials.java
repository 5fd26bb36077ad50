package littlesummit.core.math;

import java.math.BigInteger;
import java.util.List;

/**
 * Factorials of letters, and numbers of choices out of them. (n + 2)! becomes (n + 1)(n + 2) n!, and (n − 1)! becomes
 * n!/n, so that what two of them have in common cancels.
 */
final class Factorials {
    /** So far from n may a factorial of it lie. */
    private static final int MOST = 20;

    private Factorials() {}

    /**
     * @param fn a factorial, or n over k
     * @param of what it is taken of, with a letter somewhere
     * @throws MathProblem where that is no polynomial, or lies too far from one without a number
     */
    static RationalFunction of(Fn fn, List<RationalFunction> of, Budget budget) {
        RationalFunction n = of.getFirst();
        if (fn == Fn.FACTORIAL) {
            return factorial(n, budget);
        }
        RationalFunction k = of.getLast();
        RationalFunction rest = n.minus(k);
        RationalFunction below =
                k.asRational().isPresent() ? k : rest.asRational().isPresent() ? rest : n;
        if (below.equals(n)) {
            return factorial(n, budget).over(factorial(k, budget).times(factorial(rest, budget), budget), budget);
        }
        int count = Limits.exponent(whole(below.asRational().orElseThrow()), MOST);
        if (count < 0) {
            return RationalFunction.ZERO;
        }
        RationalFunction product = RationalFunction.ONE;
        for (int i = 0; i < count; i++) {
            RationalFunction factor = n.minus(RationalFunction.of(Rational.of(i)));
            product = product.times(factor, budget).over(RationalFunction.of(Rational.of(i + 1L)), budget);
        }
        return product;
    }

    private static RationalFunction factorial(RationalFunction of, Budget budget) {
        if (of.isConstant()) {
            return RationalFunction.of(WholeFunctions.value(Fn.FACTORIAL, List.of(of)));
        }
        if (!of.den().isOne()) {
            throw MathProblem.notSupported("a factorial of a fraction with letters below");
        }
        BigInteger constant = of.num().constantTerm().floor();
        int away = Limits.exponent(constant, MOST);
        Polynomial base = of.num().minus(Polynomial.constant(Rational.of(constant)));
        RationalFunction value = RationalFunction.of(Polynomial.atom(new Atom.Factorial(base)));
        for (int i = 1; i <= away; i++) {
            value = value.times(shifted(base, i), budget);
        }
        for (int i = 0; i > away; i--) {
            value = value.over(shifted(base, i), budget);
        }
        return value;
    }

    private static RationalFunction shifted(Polynomial base, long by) {
        return RationalFunction.of(base.plus(Polynomial.constant(Rational.of(by))));
    }

    private static BigInteger whole(Rational value) {
        if (!value.isInteger()) {
            throw MathProblem.undefined("a number of choices of " + value);
        }
        return value.num();
    }
}
