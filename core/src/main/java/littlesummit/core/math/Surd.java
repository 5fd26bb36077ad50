package littlesummit.core.math;

import java.math.BigInteger;
import java.util.Map;
import java.util.TreeMap;

/**
 * A product of primes to fractional powers between 0 and 1. Different surds are linearly independent over the rationals
 * (A. S. Besicovitch, On the linear independence of fractional powers of integers, J. London Math. Soc. 15, 1940), so
 * sums of them have one written form only.
 *
 * @param powers by prime; every exponent is greater than 0 and less than 1
 */
record Surd(Map<BigInteger, Rational> powers) {
    static final Surd ONE = new Surd(Map.of());

    /** A surd with the rational that fell out of it. */
    record Scaled(Rational factor, Surd surd) {}

    boolean isOne() {
        return powers.isEmpty();
    }

    Scaled times(Surd other) {
        Map<BigInteger, Rational> sum = new TreeMap<>(powers);
        other.powers.forEach((prime, exponent) -> sum.merge(prime, exponent, Rational::plus));
        return of(sum);
    }

    /** 1/this is rational · surd. */
    Scaled reciprocal() {
        Map<BigInteger, Rational> opposite = new TreeMap<>();
        powers.forEach((prime, exponent) -> opposite.put(prime, exponent.negate()));
        return of(opposite);
    }

    /** Any rational exponents: whole parts go into the factor. */
    static Scaled of(Map<BigInteger, Rational> exponents) {
        Rational factor = Rational.ONE;
        Map<BigInteger, Rational> rest = new TreeMap<>();
        for (Map.Entry<BigInteger, Rational> e : exponents.entrySet()) {
            BigInteger whole = e.getValue().floor();
            if (whole.signum() != 0) {
                factor = factor.times(Rational.of(e.getKey()).power(whole.intValueExact()));
            }
            Rational part = e.getValue().minus(Rational.of(whole));
            if (!part.isZero()) {
                rest.put(e.getKey(), part);
            }
        }
        return new Scaled(factor, rest.isEmpty() ? ONE : new Surd(rest));
    }

    /** The principal {@code index}-th root of a positive rational. */
    static Scaled root(Rational positive, int index) {
        return root(new Scaled(positive, ONE), index);
    }

    /** The same of a positive rational with a surd. */
    static Scaled root(Scaled product, int index) {
        Map<BigInteger, Rational> exponents = new TreeMap<>();
        Rational share = Rational.of(1, index);
        Rational positive = product.factor();
        product.surd().powers().forEach((p, e) -> exponents.put(p, share.times(e)));
        Primes.factor(positive.num())
                .forEach((p, k) -> exponents.merge(p, share.times(Rational.of(k)), Rational::plus));
        Primes.factor(positive.den())
                .forEach((p, k) -> exponents.merge(p, share.times(Rational.of(-k)), Rational::plus));
        return of(exponents);
    }
}
