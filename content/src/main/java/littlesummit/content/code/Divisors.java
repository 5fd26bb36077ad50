package littlesummit.content.code;

import java.math.BigInteger;

/** What whole numbers share. */
public final class Divisors {
    private Divisors() {}

    /** The greatest common divisor, never negative; that of 0 and a number is the size of the number. */
    public static int gcd(int a, int b) {
        return BigInteger.valueOf(a).gcd(BigInteger.valueOf(b)).intValueExact();
    }
}
