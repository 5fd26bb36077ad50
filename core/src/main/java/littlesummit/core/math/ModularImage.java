package littlesummit.core.math;

import java.math.BigInteger;
import java.util.Map;

/** A quick proof that two polynomials have no common divisor: an image of them modulo a prime has none. */
final class ModularImage {
    /** The product of two remainders fits into a long. */
    private static final long PRIME = 2147483647L;

    private static final BigInteger BIG_PRIME = BigInteger.valueOf(PRIME);

    private ModularImage() {}

    /** True only when it is sure; false says nothing. */
    static boolean coprime(Polynomial a, Polynomial b, String main) {
        if (!isWhole(a) || !isWhole(b)) {
            return false;
        }
        long[] x = image(a, main);
        long[] y = image(b, main);
        boolean degreesKept = x[x.length - 1] != 0 && y[y.length - 1] != 0;
        return degreesKept && areCoprime(x, y);
    }

    /** Index i holds the coefficient of the i-th power, each other letter has a value. */
    private static long[] image(Polynomial p, String main) {
        Atom.Letter letter = new Atom.Letter(main);
        long[] image = new long[p.degree(letter) + 1];
        for (Map.Entry<Monomial, Rational> term : p.terms().entrySet()) {
            Monomial m = term.getKey();
            long value = term.getValue().num().mod(BIG_PRIME).longValue();
            for (int i = 0; i < m.size(); i++) {
                if (!m.atom(i).equals(letter)) {
                    long at = Math.floorMod(
                            7919L * ((Atom.Letter) m.atom(i)).name().hashCode() + 104729, PRIME);
                    value = value * power(at, m.exponent(i)) % PRIME;
                }
            }
            int k = m.exponent(letter);
            image[k] = (image[k] + value) % PRIME;
        }
        return image;
    }

    private static boolean isWhole(Polynomial p) {
        return p.terms().values().stream().allMatch(Rational::isInteger);
    }

    private static long power(long base, long exponent) {
        long result = 1;
        long square = base;
        for (long rest = exponent; rest > 0; rest >>= 1) {
            result = (rest & 1) == 1 ? result * square % PRIME : result;
            square = square * square % PRIME;
        }
        return result;
    }

    /** By the theorem of Fermat. */
    private static long inverse(long a) {
        return power(a, PRIME - 2);
    }

    /** By Euclid; the last coefficient of either is not zero, and either is used up. */
    private static boolean areCoprime(long[] a, long[] b) {
        long[] high = a;
        long[] low = b;
        int top = a.length - 1;
        int bottom = b.length - 1;
        while (bottom > 0) {
            top = reduce(high, top, low, bottom);
            long[] rest = high;
            high = low;
            low = rest;
            int degree = top;
            top = bottom;
            bottom = degree;
        }
        return bottom == 0;
    }

    /** @return the degree of the remainder that {@code high} has become, -1 for zero */
    private static int reduce(long[] high, int top, long[] low, int bottom) {
        Effort.spend(Math.max(1L, top - bottom + 1) * (bottom + 1), Long.SIZE - 1);
        long lead = inverse(low[bottom]);
        int degree = top;
        for (; degree >= bottom; degree--) {
            long factor = high[degree] * lead % PRIME;
            int shift = degree - bottom;
            for (int i = 0; factor != 0 && i <= bottom; i++) {
                high[shift + i] = Math.floorMod(high[shift + i] - factor * low[i] % PRIME, PRIME);
            }
        }
        while (degree >= 0 && high[degree] == 0) {
            degree--;
        }
        return degree;
    }
}
