package littlesummit.core.math;

import java.math.BigInteger;
import java.util.List;

/** Functions of whole numbers: n!, n over k, the greatest common divisor and the least common multiple. */
final class WholeFunctions {
    private static final int MOST = 500;

    private WholeFunctions() {}

    /** @throws MathProblem where an argument is no whole number, or too large */
    static Rational value(Fn fn, List<RationalFunction> args) {
        List<BigInteger> whole = args.stream().map(WholeFunctions::whole).toList();
        BigInteger first = whole.getFirst();
        return Rational.of(
                switch (fn) {
                    case FACTORIAL -> factorial(bounded(first));
                    case BINOMIAL -> binomial(bounded(first), bounded(whole.getLast()));
                    case GCD -> whole.stream().reduce(BigInteger.ZERO, BigInteger::gcd);
                    default -> whole.stream().reduce(BigInteger.ONE, WholeFunctions::multiple);
                });
    }

    /** The least common multiple, which is 0 where one of them is. */
    static BigInteger multiple(BigInteger a, BigInteger b) {
        if (a.signum() == 0 || b.signum() == 0) {
            return BigInteger.ZERO;
        }
        return a.divide(a.gcd(b)).multiply(b).abs();
    }

    private static BigInteger whole(RationalFunction value) {
        Rational number = value.asRational().orElseThrow(() -> MathProblem.notSupported("a function of letters"));
        if (!number.isInteger()) {
            throw MathProblem.undefined("a function of whole numbers at " + number);
        }
        return number.num();
    }

    private static int bounded(BigInteger n) {
        if (n.signum() < 0) {
            throw MathProblem.undefined("a factorial of a negative number");
        }
        if (n.bitLength() > 16 || n.intValue() > MOST) {
            throw MathProblem.tooLarge("a factorial of " + n);
        }
        return n.intValue();
    }

    private static BigInteger factorial(int n) {
        BigInteger product = BigInteger.ONE;
        for (int i = 2; i <= n; i++) {
            product = product.multiply(BigInteger.valueOf(i));
        }
        return product;
    }

    private static BigInteger binomial(int n, int k) {
        return k > n ? BigInteger.ZERO : factorial(n).divide(factorial(k)).divide(factorial(n - k));
    }
}
