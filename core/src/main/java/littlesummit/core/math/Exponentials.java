package littlesummit.core.math;

import java.math.BigInteger;
import java.util.List;
import java.util.Map;

/**
 * Powers whose exponent is no number, and logarithms. Everything is brought to e and to logarithms of primes and
 * of polynomials without common factors: {@code 2^x} is e^(x·ln 2), ln 12 is 2·ln 2 + ln 3. The functions e^(x·ln p)
 * for different primes, e^x, and x are algebraically independent, since 1 and the logarithms of primes are linearly
 * independent over the rationals (A. Baker, Linear forms in the logarithms of algebraic numbers, Mathematika 13, 1966);
 * so what is built of them has one form.
 *
 * <p>Two formulas are compared where both are defined: there the argument of every logarithm is positive, so ln(x²) is
 * 2·ln x.
 */
final class Exponentials {
    private Exponentials() {}

    static final Atom.E E = new Atom.E();

    /** base^exponent for an exponent that is not rational. A number in it is a power of the base as it is: x^(n−1). */
    static RationalFunction power(RationalFunction base, RationalFunction exponent, Budget budget) {
        Rational number = exponent.den().isOne()
                ? exponent.num().terms().getOrDefault(Monomial.ONE, Rational.ZERO)
                : Rational.ZERO;
        RationalFunction rest = exponent.minus(RationalFunction.of(number));
        RationalFunction power = exp(simplified(ln(base, budget).times(rest, budget)), budget);
        return number.isZero() ? power : power.times(raised(base, number, budget), budget);
    }

    /** e to a power. */
    static RationalFunction exp(RationalFunction exponent, Budget budget) {
        if (exponent.den().size() != 1) {
            throw MathProblem.notSupported("a quotient in an exponent");
        }
        Polynomial sum = overOneTerm(exponent);
        RationalFunction product = RationalFunction.ONE;
        for (Map.Entry<Monomial, Rational> term : sum.terms().entrySet()) {
            product = product.times(expOf(term.getKey(), term.getValue(), budget), budget);
        }
        return product;
    }

    /** A sum over a single term, with letters to negative powers: e^(1/x). */
    private static Polynomial overOneTerm(RationalFunction f) {
        Monomial below = f.den().leadingMonomial();
        if (!below.surd().isOne()) {
            throw MathProblem.notSupported("a root below in an exponent");
        }
        return shifted(f.num(), below, -1).times(f.den().leadingCoefficient().reciprocal());
    }

    /** Every term times the powers of letters and functions in a monomial, or over them, whole or not. */
    private static Polynomial shifted(Polynomial p, Monomial by, int sign) {
        Polynomial sum = Polynomial.ZERO;
        for (Map.Entry<Monomial, Rational> term : p.terms().entrySet()) {
            Monomial m = term.getKey();
            for (int i = 0; i < by.size(); i++) {
                m = m.times(by.atom(i), sign * by.exponent(i));
            }
            sum = sum.plus(Polynomial.term(term.getValue(), m));
        }
        return sum;
    }

    /** Times what it has below, so that no exponent is negative: (ln 5)/t + 1 becomes ln 5 + t. */
    static Polynomial withNothingBelow(Polynomial p) {
        if (p.terms().keySet().stream().noneMatch(Monomial::hasNegative)) {
            return p;
        }
        Monomial least = Roots.commonPower(p, 1);
        Monomial below = Monomial.ONE;
        for (int i = 0; i < least.size(); i++) {
            below = below.times(least.atom(i), Math.min(0, least.exponent(i)));
        }
        return shifted(p, below, -1);
    }

    private static RationalFunction expOf(Monomial m, Rational c, Budget budget) {
        if (m.isOne()) {
            return raised(RationalFunction.of(Polynomial.atom(E)), c, budget);
        }
        if (m.size() == 1
                && m.exponent(0) == 1
                && m.surd().isOne()
                && m.atom(0) instanceof Atom.Log(Polynomial inner)) {
            return raised(ofSize(inner, c, budget), c, budget);
        }
        if (c.den().bitLength() > 16) {
            throw MathProblem.tooLarge("an exponent");
        }
        Atom atom = new Atom.Exp(m, c.den().intValueExact());
        return raised(RationalFunction.of(Polynomial.atom(atom)), Rational.of(c.num()), budget);
    }

    /** What a logarithm is of is known but for its sign, which an even power does without. */
    private static RationalFunction ofSize(Polynomial inner, Rational exponent, Budget budget) {
        RationalFunction f = RationalFunction.of(inner);
        boolean isEven = exponent.isInteger() && !exponent.num().testBit(0);
        return isEven ? f : Roots.abs(f, budget);
    }

    private static RationalFunction raised(RationalFunction base, Rational exponent, Budget budget) {
        int top = Limits.exponent(exponent.num().abs(), Limits.EXPRESSION_EXPONENT);
        RationalFunction root = exponent.isInteger()
                ? base
                : Roots.root(base, Limits.exponent(exponent.den(), Limits.EXPRESSION_EXPONENT), budget);
        RationalFunction power =
                new RationalFunction(root.num().power(top, budget), root.den().power(top, budget));
        return exponent.signum() < 0 ? RationalFunction.ONE.over(power, budget) : power;
    }

    /** The natural logarithm. */
    static RationalFunction ln(RationalFunction of, Budget budget) {
        if (of.isZero()) {
            throw MathProblem.undefined("the logarithm of zero");
        }
        if (of.isConstantNumber() && Enclosure.sign(of) < 0) {
            throw MathProblem.undefined("the logarithm of a negative number");
        }
        return ln(of.num(), budget).minus(ln(of.den(), budget));
    }

    /** Of the size of a polynomial: number, letters, powers of e, and what is left. */
    private static RationalFunction ln(Polynomial p, Budget budget) {
        RationalFunction sum = lnOf(p.content());
        Polynomial rest = p.primitive();
        Monomial common = rest.size() == 1 ? rest.leadingMonomial() : Roots.commonPower(rest, 1);
        for (int i = 0; i < common.size(); i++) {
            RationalFunction part = lnOf(common.atom(i), budget);
            sum = sum.plus(part.times(RationalFunction.of(Rational.of(common.exponent(i))), budget), budget);
        }
        for (Map.Entry<BigInteger, Rational> power : common.surd().powers().entrySet()) {
            sum = sum.plus(RationalFunction.of(prime(power.getKey()).times(power.getValue())), budget);
        }
        rest = rest.size() == 1 ? Polynomial.ONE : Roots.divided(rest, common);
        rest = rest.leadingCoefficient().signum() < 0 ? rest.negate() : rest;
        if (rest.equals(Polynomial.ONE)) {
            return sum;
        }
        RationalFunction ofRest = RationalFunction.ZERO;
        for (Polynomial factor : factors(rest)) {
            ofRest = ofRest.plus(RationalFunction.of(Polynomial.atom(new Atom.Log(factor))), budget);
        }
        return sum.plus(ofRest, budget);
    }

    /** Irreducible ones where it has one letter, else itself; a repeated factor stands there as often as it divides. */
    private static List<Polynomial> factors(Polynomial p) {
        if (!p.isOrdinary() || p.letters().size() != 1) {
            return List.of(p);
        }
        return UnivariateFactors.of(p, p.letters().getFirst()).stream()
                .map(factor -> factor.leadingCoefficient().signum() < 0 ? factor.negate() : factor)
                .toList();
    }

    private static RationalFunction lnOf(Atom atom, Budget budget) {
        return switch (atom) {
            case Atom.E e -> RationalFunction.ONE;
            case Atom.Exp(Monomial m, int q) -> RationalFunction.of(Polynomial.term(Rational.of(1, q), m));
            case Atom.Root(int index, Polynomial radicand) ->
                ln(radicand, budget).times(RationalFunction.of(Rational.of(1, index)), budget);
            case Atom.Abs(Polynomial inner) -> ln(inner, budget);
            default -> RationalFunction.of(Polynomial.atom(new Atom.Log(Polynomial.atom(atom))));
        };
    }

    /** @param positive at least zero; zero and one give zero */
    private static RationalFunction lnOf(Rational positive) {
        Polynomial sum = Polynomial.ZERO;
        for (Map.Entry<BigInteger, Integer> p : Primes.factor(positive.num()).entrySet()) {
            sum = sum.plus(prime(p.getKey()).times(Rational.of(p.getValue())));
        }
        for (Map.Entry<BigInteger, Integer> p : Primes.factor(positive.den()).entrySet()) {
            sum = sum.minus(prime(p.getKey()).times(Rational.of(p.getValue())));
        }
        return RationalFunction.of(sum);
    }

    private static Polynomial prime(BigInteger prime) {
        return Polynomial.atom(new Atom.Log(Polynomial.constant(Rational.of(prime))));
    }

    /** To a base: ln x over ln b, a number where one is a multiple of the other. */
    static RationalFunction log(RationalFunction base, RationalFunction of, Budget budget) {
        RationalFunction below = ln(base, budget);
        if (below.isZero()) {
            throw MathProblem.undefined("a logarithm to the base one");
        }
        return simplified(ln(of, budget).over(below, budget));
    }

    /** Without what all terms above and the one below share; a multiple of the bottom becomes a number. */
    static RationalFunction simplified(RationalFunction f) {
        Rational factor = f.num().leadingCoefficient().over(f.den().leadingCoefficient());
        if (f.num().equals(f.den().times(factor))) {
            return RationalFunction.of(factor);
        }
        if (f.den().size() != 1) {
            return f;
        }
        Polynomial top = f.num();
        Polynomial bottom = f.den();
        Monomial below = bottom.leadingMonomial();
        for (int i = 0; i < below.size(); i++) {
            Atom atom = below.atom(i);
            int shared = Math.min(
                    below.exponent(i),
                    top.terms().keySet().stream()
                            .mapToInt(m -> m.exponent(atom))
                            .min()
                            .orElse(0));
            Monomial taken = Monomial.of(atom, shared);
            top = Roots.divided(top, taken);
            bottom = Roots.divided(bottom, taken);
        }
        return new RationalFunction(top, bottom);
    }
}
