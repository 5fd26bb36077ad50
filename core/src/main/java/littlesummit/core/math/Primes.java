package littlesummit.core.math;

import java.math.BigInteger;
import java.util.SortedMap;
import java.util.TreeMap;

/** Prime numbers and factoring into them. */
public final class Primes {
    private static final int TRIAL_LIMIT = 10_000;
    private static final int CERTAINTY = 60;
    /** Steps of Pollard's rho (BIT 15, 1975) before giving up; enough for factors of about 8 digits. */
    private static final int RHO_STEPS = 20_000;

    private Primes() {}

    public static boolean isPrime(BigInteger n) {
        if (n.compareTo(BigInteger.TWO) < 0) {
            return false;
        }
        return n.bitLength() <= SMALL ? isSmallPrime(n.intValueExact()) : n.isProbablePrime(CERTAINTY);
    }

    /** Bits of a number for which trial division is quicker. */
    private static final int SMALL = 14;

    private static boolean isSmallPrime(int n) {
        for (int d = 2; d * d <= n; d++) {
            if (n % d == 0) {
                return false;
            }
        }
        return true;
    }

    /**
     * @param n greater than zero
     * @return exponent by prime, in ascending order; empty for 1
     * @throws MathProblem when a large cofactor does not fall apart in reasonable time
     */
    public static SortedMap<BigInteger, Integer> factor(BigInteger n) {
        if (n.signum() <= 0) {
            throw new IllegalArgumentException("cannot factor " + n);
        }
        SortedMap<BigInteger, Integer> factors = new TreeMap<>();
        BigInteger rest = n;
        for (int p = 2; p <= TRIAL_LIMIT && !rest.equals(BigInteger.ONE); p += p == 2 ? 1 : 2) {
            if ((long) p * p > 0 && rest.bitLength() < 62 && (long) p * p > rest.longValue()) {
                break;
            }
            BigInteger prime = BigInteger.valueOf(p);
            for (BigInteger[] qr = rest.divideAndRemainder(prime);
                    qr[1].signum() == 0;
                    qr = rest.divideAndRemainder(prime)) {
                factors.merge(prime, 1, Integer::sum);
                rest = qr[0];
            }
        }
        split(rest, factors);
        return factors;
    }

    private static void split(BigInteger n, SortedMap<BigInteger, Integer> into) {
        if (n.equals(BigInteger.ONE)) {
            return;
        }
        if (n.bitLength() <= 26 || isPrime(n)) {
            into.merge(n, 1, Integer::sum);
            return;
        }
        BigInteger root = n.sqrt();
        BigInteger factor = root.multiply(root).equals(n) ? root : rho(n);
        split(factor, into);
        split(n.divide(factor), into);
    }

    private static BigInteger rho(BigInteger n) {
        if (n.bitLength() > 256) {
            throw MathProblem.tooLarge("a number too large to factor");
        }
        for (int c = 1; c <= 3; c++) {
            BigInteger add = BigInteger.valueOf(c);
            BigInteger slow = BigInteger.TWO;
            BigInteger fast = BigInteger.TWO;
            for (int i = 0; i < RHO_STEPS; i++) {
                slow = slow.multiply(slow).add(add).mod(n);
                fast = fast.multiply(fast).add(add).mod(n);
                fast = fast.multiply(fast).add(add).mod(n);
                BigInteger common = slow.subtract(fast).gcd(n);
                if (common.equals(n)) {
                    break;
                }
                if (!common.equals(BigInteger.ONE)) {
                    return common;
                }
            }
        }
        throw MathProblem.tooLarge("a number too large to factor");
    }
}
