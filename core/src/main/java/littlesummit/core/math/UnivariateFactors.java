package littlesummit.core.math;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Factors of a polynomial in one letter over the integers: factored modulo one prime above twice Mignotte's bound (M.
 * Mignotte, Math. Comp. 28, 1974), then recombined (H. Zassenhaus, J. Number Theory 1, 1969). Index i holds the
 * coefficient of the i-th power.
 */
final class UnivariateFactors {
    /** Making a candidate whole and free of common divisors, for each coefficient, in products. */
    private static final int WHOLE = 25;
    /** Mersenne primes and 2^255 − 19. */
    private static final List<BigInteger> PRIMES = List.of(
            mersenne(61),
            mersenne(89),
            mersenne(127),
            BigInteger.ONE.shiftLeft(255).subtract(BigInteger.valueOf(19)),
            mersenne(521));

    /** Any will do. */
    private static final String LETTER = "x";

    private static final int MOST_TRIALS = 20_000;
    private static final int MOST_DEGREE = 64;

    private UnivariateFactors() {}

    private static BigInteger mersenne(int exponent) {
        return BigInteger.ONE.shiftLeft(exponent).subtract(BigInteger.ONE);
    }

    /**
     * Checks the divisors of the outer coefficients while these are small; false may also mean that it was not tried.
     */
    static boolean hasRationalRoot(BigInteger[] f) {
        if (f[0].bitLength() > 16 || f[f.length - 1].bitLength() > 12) {
            return f.length == 4 && of(f).size() > 1;
        }
        int constant = f[0].abs().intValue();
        int lead = f[f.length - 1].abs().intValue();
        for (int q = 1; q <= lead; q++) {
            for (int p = 1; lead % q == 0 && p <= constant; p++) {
                if (constant % p == 0 && (isZeroAt(f, p, q) || isZeroAt(f, -p, q))) {
                    return true;
                }
            }
        }
        return false;
    }

    private static boolean isZeroAt(BigInteger[] f, int p, int q) {
        BigInteger sum = BigInteger.ZERO;
        BigInteger scale = BigInteger.ONE;
        for (int i = f.length - 1; i >= 0; i--) {
            sum = sum.multiply(BigInteger.valueOf(p)).add(f[i].multiply(scale));
            scale = scale.multiply(BigInteger.valueOf(q));
        }
        return sum.signum() == 0;
    }

    /**
     * The same for a polynomial in one letter.
     *
     * @param p primitive, with no other letter
     */
    static List<Polynomial> of(Polynomial p, String letter) {
        return of(Irreducible.coefficients(p, letter)).stream()
                .map(factor -> polynomial(factor, letter))
                .toList();
    }

    private static Polynomial polynomial(BigInteger[] coefficients, String letter) {
        Polynomial sum = Polynomial.ZERO;
        for (int i = 0; i < coefficients.length; i++) {
            sum = sum.plus(Polynomial.letter(letter).power(i).times(Rational.of(coefficients[i])));
        }
        return sum;
    }

    /**
     * @param f primitive
     * @return primitive irreducible factors; a repeated factor is listed as often as it divides
     * @throws MathProblem when there are too many ways to recombine
     */
    static List<BigInteger[]> of(BigInteger[] f) {
        if (f.length - 1 > MOST_DEGREE) {
            throw MathProblem.tooLarge("a polynomial of degree above " + MOST_DEGREE);
        }
        for (BigInteger prime : primes(f)) {
            ModPoly field = new ModPoly(prime);
            BigInteger[] image = field.reduce(f);
            if (field.gcd(image, field.derivative(image)).length <= 1) {
                return recombine(f, field, new ArrayList<>(field.factors(image)));
            }
        }
        return repeated(f);
    }

    /** With repeated factors: each of those that are there once, as often as it divides. */
    private static List<BigInteger[]> repeated(BigInteger[] f) {
        Polynomial p = polynomial(f, LETTER);
        Polynomial common = Gcd.of(p, p.derivative(LETTER));
        if (common.isConstant()) {
            throw MathProblem.tooLarge("coefficients too large to factor");
        }
        List<BigInteger[]> all = new ArrayList<>();
        Polynomial once = p.exactOver(common).orElseThrow().primitive();
        for (Polynomial factor : of(once, LETTER)) {
            for (Optional<Polynomial> rest = p.exactOver(factor);
                    rest.isPresent();
                    rest = rest.get().exactOver(factor)) {
                all.add(Irreducible.coefficients(factor, LETTER));
            }
        }
        return all;
    }

    /** Whether one of the factors that were found is there more than once. */
    static boolean areRepeated(List<BigInteger[]> factors) {
        return IntStream.range(1, factors.size()).anyMatch(i -> Arrays.equals(factors.get(i - 1), factors.get(i)));
    }

    /** So large that the coefficients of every factor are seen in its image. */
    private static List<BigInteger> primes(BigInteger[] f) {
        BigInteger norm = Arrays.stream(f).map(BigInteger::abs).reduce(BigInteger.ZERO, BigInteger::add);
        BigInteger bound = norm.multiply(f[f.length - 1].abs()).shiftLeft(f.length + 1);
        List<BigInteger> large =
                PRIMES.stream().filter(p -> p.compareTo(bound) > 0).toList();
        if (large.isEmpty()) {
            throw MathProblem.tooLarge("coefficients too large to factor");
        }
        return large;
    }

    private static List<BigInteger[]> recombine(BigInteger[] f, ModPoly field, List<BigInteger[]> modular) {
        List<BigInteger[]> found = new ArrayList<>();
        BigInteger[] rest = f;
        int trials = 0;
        int size = 1;
        while (2 * size <= modular.size()) {
            boolean split = false;
            for (int mask : subsets(modular.size(), size)) {
                if (++trials > MOST_TRIALS) {
                    throw MathProblem.tooLarge("too many factors to recombine");
                }
                BigInteger[] candidate = lifted(rest, field, modular, mask);
                BigInteger[] quotient = quotient(rest, candidate);
                if (quotient.length > 0) {
                    found.add(candidate);
                    rest = quotient;
                    modular = remaining(modular, mask);
                    split = true;
                    break;
                }
            }
            size += split ? 0 : 1;
        }
        if (rest.length > 1) {
            found.add(rest);
        }
        return found;
    }

    /** All masks of {@code n} bits with {@code size} of them set. */
    static List<Integer> subsets(int n, int size) {
        if (n > 20) {
            throw MathProblem.tooLarge("too many factors to recombine");
        }
        List<Integer> masks = new ArrayList<>();
        for (int mask = 1; mask < 1 << n; mask++) {
            if (Integer.bitCount(mask) == size) {
                masks.add(mask);
            }
        }
        return masks;
    }

    private static List<BigInteger[]> remaining(List<BigInteger[]> all, int mask) {
        List<BigInteger[]> rest = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            if ((mask >> i & 1) == 0) {
                rest.add(all.get(i));
            }
        }
        return rest;
    }

    private static BigInteger[] lifted(BigInteger[] f, ModPoly field, List<BigInteger[]> modular, int mask) {
        Effort.spend((long) WHOLE * f.length, field.prime().bitLength());
        BigInteger[] product = {f[f.length - 1].mod(field.prime())};
        for (int i = 0; i < modular.size(); i++) {
            if ((mask >> i & 1) == 1) {
                product = field.times(product, modular.get(i));
            }
        }
        return primitive(
                Arrays.stream(product).map(c -> symmetric(c, field.prime())).toArray(BigInteger[]::new));
    }

    static BigInteger symmetric(BigInteger c, BigInteger prime) {
        return c.compareTo(prime.shiftRight(1)) > 0 ? c.subtract(prime) : c;
    }

    private static BigInteger[] primitive(BigInteger[] f) {
        BigInteger content = Arrays.stream(f).reduce(BigInteger.ZERO, BigInteger::gcd);
        return Arrays.stream(f).map(c -> c.divide(content)).toArray(BigInteger[]::new);
    }

    /** Empty when the division is not exact over the integers. */
    private static BigInteger[] quotient(BigInteger[] f, BigInteger[] divisor) {
        Effort.spend((long) (f.length - divisor.length + 1) * divisor.length, f[0].bitLength());
        BigInteger[] rest = f.clone();
        BigInteger[] quotient = new BigInteger[f.length - divisor.length + 1];
        for (int k = quotient.length - 1; k >= 0; k--) {
            BigInteger[] qr = rest[k + divisor.length - 1].divideAndRemainder(divisor[divisor.length - 1]);
            if (qr[1].signum() != 0) {
                return new BigInteger[0];
            }
            quotient[k] = qr[0];
            for (int i = 0; i < divisor.length; i++) {
                rest[k + i] = rest[k + i].subtract(qr[0].multiply(divisor[i]));
            }
        }
        return Arrays.stream(rest).allMatch(c -> c.signum() == 0) ? quotient : new BigInteger[0];
    }
}
