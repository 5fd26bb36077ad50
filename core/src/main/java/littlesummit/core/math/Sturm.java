package littlesummit.core.math;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * How many real roots a squarefree polynomial has, by Sturm's theorem (C. Sturm, 1829; D. Knuth, TAOCP vol. 2, 4.6.2,
 * exercise 22).
 */
final class Sturm {
    private Sturm() {}

    /** @param f coefficients by rising power, the last not zero */
    static int realRoots(BigInteger[] f) {
        List<Rational[]> chain = new ArrayList<>();
        chain.add(Arrays.stream(f).map(Rational::of).toArray(Rational[]::new));
        chain.add(derivative(chain.getFirst()));
        while (chain.getLast().length > 1) {
            Rational[] rest = remainder(chain.get(chain.size() - 2), chain.getLast());
            if (rest.length == 0) {
                break;
            }
            chain.add(Arrays.stream(rest).map(Rational::negate).toArray(Rational[]::new));
        }
        return changes(chain, -1) - changes(chain, 1);
    }

    private static Rational[] derivative(Rational[] f) {
        Rational[] d = new Rational[f.length - 1];
        for (int i = 1; i < f.length; i++) {
            d[i - 1] = f[i].times(Rational.of(i));
        }
        return d;
    }

    /** Without leading zeros; empty for none. */
    private static Rational[] remainder(Rational[] f, Rational[] by) {
        Rational[] rest = f.clone();
        int length = rest.length;
        while (length >= by.length) {
            Rational factor = rest[length - 1].over(by[by.length - 1]);
            for (int i = 0; i < by.length; i++) {
                int at = length - by.length + i;
                rest[at] = rest[at].minus(factor.times(by[i]));
            }
            length--;
            while (length > 0 && rest[length - 1].isZero()) {
                length--;
            }
        }
        return Arrays.copyOf(rest, length);
    }

    /**
     * Changes of sign along the chain far out.
     *
     * @param side −1 to the left, 1 to the right
     */
    private static int changes(List<Rational[]> chain, int side) {
        int changes = 0;
        int before = 0;
        for (Rational[] p : chain) {
            int sign = p[p.length - 1].signum() * (side < 0 && p.length % 2 == 0 ? -1 : 1);
            changes += before != 0 && sign != 0 && sign != before ? 1 : 0;
            before = sign;
        }
        return changes;
    }
}
