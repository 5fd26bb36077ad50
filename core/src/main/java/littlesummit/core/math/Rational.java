package littlesummit.core.math;

import java.math.BigDecimal;
import java.math.BigInteger;

/**
 * An exact fraction in lowest terms.
 *
 * @param num numerator, carries the sign
 * @param den denominator, greater than zero, no factor in common with {@code num}
 */
public record Rational(BigInteger num, BigInteger den) implements Comparable<Rational> {
    public static final Rational ZERO = new Rational(BigInteger.ZERO, BigInteger.ONE);
    public static final Rational ONE = new Rational(BigInteger.ONE, BigInteger.ONE);

    public Rational {
        if (den.signum() == 0) {
            throw MathProblem.undefined("division by zero");
        }
        if (den.signum() < 0) {
            num = num.negate();
            den = den.negate();
        }
        if (!den.equals(BigInteger.ONE)) {
            BigInteger common = common(num, den);
            if (!common.equals(BigInteger.ONE)) {
                num = num.divide(common);
                den = den.divide(common);
            }
        }
        if (num.bitLength() > Limits.NUMBER_BITS || den.bitLength() > Limits.NUMBER_BITS) {
            throw MathProblem.tooLarge("a number of more than " + Limits.NUMBER_BITS + " bits");
        }
    }

    private static final int SMALL_BITS = 62;

    /** Euclid's, without an object a step where both are small, as nearly all are. */
    private static BigInteger common(BigInteger num, BigInteger den) {
        if (num.bitLength() > SMALL_BITS || den.bitLength() > SMALL_BITS) {
            return num.gcd(den);
        }
        long a = Math.abs(num.longValue());
        long b = den.longValue();
        while (b != 0) {
            long rest = a % b;
            a = b;
            b = rest;
        }
        return BigInteger.valueOf(a);
    }

    public static Rational of(long value) {
        return new Rational(BigInteger.valueOf(value), BigInteger.ONE);
    }

    public static Rational of(long num, long den) {
        return new Rational(BigInteger.valueOf(num), BigInteger.valueOf(den));
    }

    public static Rational of(BigInteger value) {
        return new Rational(value, BigInteger.ONE);
    }

    /** @return unscaled · 10^−scale */
    public static Rational decimal(BigInteger unscaled, int scale) {
        return of(unscaled).times(of(10).power(-scale));
    }

    public static Rational of(BigDecimal value) {
        return decimal(value.unscaledValue(), value.scale());
    }

    public Rational plus(Rational other) {
        if (isInteger() && other.isInteger()) {
            return of(num.add(other.num));
        }
        return new Rational(num.multiply(other.den).add(other.num.multiply(den)), den.multiply(other.den));
    }

    public Rational minus(Rational other) {
        return plus(other.negate());
    }

    public Rational times(Rational other) {
        if (isOne() || other.isOne()) {
            return isOne() ? other : this;
        }
        if (isInteger() && other.isInteger()) {
            return of(num.multiply(other.num));
        }
        return new Rational(num.multiply(other.num), den.multiply(other.den));
    }

    /** @throws MathProblem when {@code other} is zero */
    public Rational over(Rational other) {
        return new Rational(num.multiply(other.den), den.multiply(other.num));
    }

    public Rational negate() {
        return new Rational(num.negate(), den);
    }

    public Rational abs() {
        return signum() < 0 ? negate() : this;
    }

    /** @throws MathProblem when zero */
    public Rational reciprocal() {
        return new Rational(den, num);
    }

    /**
     * @param exponent from −{@link Limits#NUMBER_EXPONENT} to {@link Limits#NUMBER_EXPONENT}
     * @throws MathProblem for 0^0, zero to a negative power, or a result out of bounds
     */
    public Rational power(int exponent) {
        int size = Math.abs(exponent);
        if (size > Limits.NUMBER_EXPONENT) {
            throw MathProblem.tooLarge("exponent " + exponent);
        }
        if (signum() == 0 && exponent <= 0) {
            throw MathProblem.undefined("zero to the power " + exponent);
        }
        long bits = (long) Math.max(num.bitLength() - 1, den.bitLength() - 1) * size;
        if (bits > Limits.NUMBER_BITS) {
            throw MathProblem.tooLarge("a power of more than " + Limits.NUMBER_BITS + " bits");
        }
        Rational result = new Rational(num.pow(size), den.pow(size));
        return exponent < 0 ? result.reciprocal() : result;
    }

    public int signum() {
        return num.signum();
    }

    public boolean isZero() {
        return num.signum() == 0;
    }

    public boolean isInteger() {
        return den.equals(BigInteger.ONE);
    }

    public boolean isOne() {
        return isInteger() && num.equals(BigInteger.ONE);
    }

    /** The nearest floating-point number, within one unit in its last place. */
    double toDouble() {
        return new java.math.BigDecimal(num)
                .divide(new java.math.BigDecimal(den), java.math.MathContext.DECIMAL64)
                .doubleValue();
    }

    /** Largest integer not above this. */
    public BigInteger floor() {
        BigInteger[] parts = num.divideAndRemainder(den);
        return parts[1].signum() < 0 ? parts[0].subtract(BigInteger.ONE) : parts[0];
    }

    /** Rounded to {@code places} decimal places; a tie goes away from zero (ISO 80000-1, annex B.3, rule B). */
    public Rational roundHalfUp(int places) {
        Rational scaled = abs().times(of(10).power(places)).plus(of(1, 2));
        Rational rounded = decimal(scaled.floor(), places);
        return signum() < 0 ? rounded.negate() : rounded;
    }

    /** Cut off, toward zero, after {@code places} decimal places. */
    public Rational truncate(int places) {
        Rational cut = decimal(abs().times(of(10).power(places)).floor(), places);
        return signum() < 0 ? cut.negate() : cut;
    }

    /** Whether the decimal expansion ends: the denominator has no prime factor but 2 and 5. */
    public boolean terminates() {
        return stripFactor(stripFactor(den, 2), 5).equals(BigInteger.ONE);
    }

    private static BigInteger stripFactor(BigInteger from, long prime) {
        BigInteger p = BigInteger.valueOf(prime);
        BigInteger rest = from;
        for (BigInteger[] qr = rest.divideAndRemainder(p); qr[1].signum() == 0; qr = rest.divideAndRemainder(p)) {
            rest = qr[0];
        }
        return rest;
    }

    /**
     * The exact decimal expansion, without trailing zeros after the point.
     *
     * @throws ArithmeticException when it does not end
     */
    public BigDecimal toBigDecimal() {
        BigDecimal exact = new BigDecimal(num).divide(new BigDecimal(den));
        return exact.scale() < 0 ? exact.setScale(0) : exact;
    }

    /** @throws ArithmeticException when not an integer that fits */
    public int intValueExact() {
        if (!isInteger()) {
            throw new ArithmeticException(this + " is not an integer");
        }
        return num.intValueExact();
    }

    /** The power of ten k with |this| = a · 10^k, 1 ≤ a &lt; 10; zero for zero. */
    public int decimalExponent() {
        if (isZero()) {
            return 0;
        }
        Rational size = abs();
        int k = size.num.toString().length() - size.den.toString().length();
        return size.compareTo(of(10).power(k)) < 0 ? k - 1 : k;
    }

    @Override
    public int compareTo(Rational other) {
        if (isInteger() && other.isInteger()) {
            return num.compareTo(other.num);
        }
        return num.multiply(other.den).compareTo(other.num.multiply(den));
    }

    @Override
    public String toString() {
        return isInteger() ? num.toString() : num + "/" + den;
    }
}
