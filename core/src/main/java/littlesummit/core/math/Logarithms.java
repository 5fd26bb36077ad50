package littlesummit.core.math;

import java.math.BigInteger;

/** Natural logarithms of whole numbers between bounds: powers of two apart, then the series of the area tangent. */
final class Logarithms {
    private static final int GUARD = 40;

    private Logarithms() {}

    /** @param n at least 1 */
    static Enclosure of(BigInteger n, int bits) {
        int twos = n.bitLength() - 1;
        int fine = bits + GUARD;
        BigInteger power = BigInteger.ONE.shiftLeft(twos);
        BigInteger rest = artanh(n.subtract(power), n.add(power), fine);
        BigInteger two = artanh(BigInteger.ONE, BigInteger.valueOf(3), fine);
        return Enclosure.around(two.multiply(BigInteger.valueOf(twos)).add(rest).shiftLeft(1), GUARD, bits);
    }

    /** Of a quotient of at most a third; too small by less than one unit a term. */
    private static BigInteger artanh(BigInteger top, BigInteger bottom, int bits) {
        BigInteger topSquare = top.multiply(top);
        BigInteger bottomSquare = bottom.multiply(bottom);
        BigInteger power = top.shiftLeft(bits).divide(bottom);
        BigInteger sum = BigInteger.ZERO;
        for (int k = 1; power.signum() > 0; k += 2) {
            sum = sum.add(power.divide(BigInteger.valueOf(k)));
            power = power.multiply(topSquare).divide(bottomSquare);
        }
        return sum;
    }
}
