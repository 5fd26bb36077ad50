package littlesummit.core.math;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Polynomials in one letter over the integers modulo a prime; index i holds the coefficient of the i-th power, the last
 * one is not zero, the zero polynomial has length 0.
 */
record ModPoly(BigInteger prime) {
    private static final BigInteger[] ZERO = {};
    /** A remainder costs as much as some products. */
    private static final int REMAINDER = 5;

    BigInteger[] trim(BigInteger[] a) {
        int n = a.length;
        while (n > 0 && a[n - 1].signum() == 0) {
            n--;
        }
        return n == a.length ? a : Arrays.copyOf(a, n);
    }

    BigInteger[] reduce(BigInteger[] integers) {
        return trim(Arrays.stream(integers).map(c -> c.mod(prime)).toArray(BigInteger[]::new));
    }

    BigInteger[] times(BigInteger[] a, BigInteger[] b) {
        if (a.length == 0 || b.length == 0) {
            return ZERO;
        }
        Effort.spend((long) a.length * b.length + (long) REMAINDER * (a.length + b.length), prime.bitLength());
        BigInteger[] product = zeros(a.length + b.length - 1);
        for (int i = 0; i < a.length; i++) {
            for (int j = 0; j < b.length; j++) {
                product[i + j] = product[i + j].add(a[i].multiply(b[j]));
            }
        }
        return reduce(product);
    }

    BigInteger[] minus(BigInteger[] a, BigInteger[] b) {
        BigInteger[] difference = zeros(Math.max(a.length, b.length));
        for (int i = 0; i < difference.length; i++) {
            BigInteger x = i < a.length ? a[i] : BigInteger.ZERO;
            difference[i] = i < b.length ? x.subtract(b[i]) : x;
        }
        return reduce(difference);
    }

    /** Quotient and remainder. */
    BigInteger[][] divide(BigInteger[] a, BigInteger[] b) {
        Effort.spend((long) Math.max(1, a.length - b.length + 1) * b.length * REMAINDER, prime.bitLength());
        BigInteger[] rest = a.clone();
        BigInteger[] quotient = zeros(Math.max(0, a.length - b.length + 1));
        BigInteger inverse = b[b.length - 1].modInverse(prime);
        for (int k = a.length - b.length; k >= 0; k--) {
            BigInteger q = rest[k + b.length - 1].multiply(inverse).mod(prime);
            quotient[k] = q;
            for (int i = 0; i < b.length; i++) {
                rest[k + i] = rest[k + i].subtract(q.multiply(b[i])).mod(prime);
            }
        }
        return new BigInteger[][] {trim(quotient), trim(rest)};
    }

    BigInteger[] monic(BigInteger[] a) {
        BigInteger inverse = a[a.length - 1].modInverse(prime);
        return reduce(Arrays.stream(a).map(c -> c.multiply(inverse)).toArray(BigInteger[]::new));
    }

    BigInteger[] gcd(BigInteger[] a, BigInteger[] b) {
        BigInteger[] x = a;
        BigInteger[] y = b;
        while (y.length > 0) {
            BigInteger[] rest = divide(x, y)[1];
            x = y;
            y = rest;
        }
        return x.length == 0 ? x : monic(x);
    }

    /** @return t with t·a = 1 modulo b, for coprime a and b */
    BigInteger[] inverse(BigInteger[] a, BigInteger[] b) {
        BigInteger[] r0 = b;
        BigInteger[] r1 = divide(a, b)[1];
        BigInteger[] t0 = ZERO;
        BigInteger[] t1 = {BigInteger.ONE};
        while (r1.length > 1) {
            BigInteger[][] qr = divide(r0, r1);
            BigInteger[] t = minus(t0, times(qr[0], t1));
            r0 = r1;
            r1 = qr[1];
            t0 = t1;
            t1 = t;
        }
        return times(t1, new BigInteger[] {r1[0].modInverse(prime)});
    }

    private BigInteger[] power(BigInteger[] base, BigInteger exponent, BigInteger[] modulus) {
        BigInteger[] result = {BigInteger.ONE};
        for (int i = exponent.bitLength() - 1; i >= 0; i--) {
            result = divide(times(result, result), modulus)[1];
            if (exponent.testBit(i)) {
                result = divide(times(result, base), modulus)[1];
            }
        }
        return result;
    }

    BigInteger[] derivative(BigInteger[] a) {
        BigInteger[] d = zeros(Math.max(0, a.length - 1));
        for (int i = 1; i < a.length; i++) {
            d[i - 1] = a[i].multiply(BigInteger.valueOf(i));
        }
        return reduce(d);
    }

    /** Monic irreducible factors of a squarefree polynomial (D. Cantor, H. Zassenhaus, Math. Comp. 36, 1981). */
    List<BigInteger[]> factors(BigInteger[] squarefree) {
        List<BigInteger[]> found = new ArrayList<>();
        BigInteger[] rest = monic(squarefree);
        BigInteger[] x = {BigInteger.ZERO, BigInteger.ONE};
        BigInteger[] frobenius = x;
        for (int d = 1; rest.length - 1 >= 2 * d; d++) {
            frobenius = power(divide(frobenius, rest)[1], prime, rest);
            BigInteger[] ofDegree = gcd(minus(frobenius, x), rest);
            if (ofDegree.length > 1) {
                equalDegree(ofDegree, d, 1, found);
                rest = divide(rest, ofDegree)[0];
            }
        }
        if (rest.length > 1) {
            found.add(rest);
        }
        return found;
    }

    private void equalDegree(BigInteger[] a, int degree, int firstTry, List<BigInteger[]> found) {
        if (a.length - 1 == degree) {
            found.add(a);
            return;
        }
        BigInteger half = prime.pow(degree).shiftRight(1);
        for (int c = firstTry; ; c++) {
            BigInteger[] trial = power(divide(probe(c, degree), a)[1], half, a);
            BigInteger[] part = gcd(minus(trial, new BigInteger[] {BigInteger.ONE}), a);
            if (part.length > 1 && part.length < a.length) {
                equalDegree(part, degree, c + 1, found);
                equalDegree(divide(a, part)[0], degree, c + 1, found);
                return;
            }
        }
    }

    /** Fixed stand-ins for random polynomials: the same factors come out on every machine. */
    private BigInteger[] probe(int c, int degree) {
        BigInteger[] p = zeros(2 * degree);
        for (int i = 0; i < p.length; i++) {
            p[i] = BigInteger.valueOf(1_000_003L * c + 7919L * i * i * c + 31L * i);
        }
        p[p.length - 1] = BigInteger.ONE;
        return reduce(p);
    }

    private static BigInteger[] zeros(int n) {
        BigInteger[] a = new BigInteger[n];
        Arrays.fill(a, BigInteger.ZERO);
        return a;
    }
}
