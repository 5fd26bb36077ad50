package littlesummit.content.code.function;

import java.math.BigInteger;

/** The numbers of Pascal's triangle. */
public final class BinomialCoefficients {
    private BinomialCoefficients() {}

    /**
     * In how many ways k of n can be chosen.
     *
     * @param n row, from 0
     * @param k place in the row, from 0 to n
     */
    public static BigInteger of(int n, int k) {
        BigInteger c = BigInteger.ONE;
        for (int i = 1; i <= k; i++) {
            c = c.multiply(BigInteger.valueOf(n - k + i)).divide(BigInteger.valueOf(i));
        }
        return c;
    }
}
