package littlesummit.core.math;

import java.math.BigInteger;

/** A quick proof that two polynomials have no common divisor: an image of them modulo a prime has none. */
final class ModularImage {
    private static final ModPoly FIELD = new ModPoly(BigInteger.valueOf(2147483647L));

    private ModularImage() {}

    /** True only when it is sure; false says nothing. */
    static boolean coprime(Polynomial a, Polynomial b, String main) {
        BigInteger[] x = image(a, main);
        BigInteger[] y = image(b, main);
        boolean degreesKept = x.length == a.degree(main) + 1 && y.length == b.degree(main) + 1;
        return degreesKept && FIELD.gcd(x, y).length == 1;
    }

    private static BigInteger[] image(Polynomial p, String main) {
        BigInteger[] image = new BigInteger[p.degree(main) + 1];
        java.util.Arrays.fill(image, BigInteger.ZERO);
        p.terms().forEach((m, c) -> {
            BigInteger value = c.num().multiply(c.den().modInverse(FIELD.prime()));
            int k = 0;
            for (int i = 0; i < m.size(); i++) {
                String letter = ((Atom.Letter) m.atom(i)).name();
                if (letter.equals(main)) {
                    k = m.exponent(i);
                } else {
                    BigInteger at = BigInteger.valueOf(7919L * letter.hashCode() + 104729);
                    value = value.multiply(at.pow(m.exponent(i))).mod(FIELD.prime());
                }
            }
            image[k] = image[k].add(value).mod(FIELD.prime());
        });
        return FIELD.trim(image);
    }
}
