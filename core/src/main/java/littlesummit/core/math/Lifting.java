package littlesummit.core.math;

import java.math.BigInteger;
import java.util.Arrays;
import java.util.List;

/**
 * Looks for a proper factor of a polynomial in several letters: all letters but one are folded into a single one
 * (Kronecker), a factorisation at one place is lifted (Hensel) with both leading coefficients imposed, and the
 * candidate is folded back and tried by division. See K. Geddes, S. Czapor, G. Labahn, Algorithms for Computer Algebra,
 * 1992, chapter 6.
 */
final class Lifting {
    private static final ModPoly FIELD =
            new ModPoly(BigInteger.ONE.shiftLeft(255).subtract(BigInteger.valueOf(19)));
    private static final int[] PLACES = {0, 1, -1, 2, -2, 3, -3, 5};
    private static final String FOLDED = "\u0001";

    private final Polynomial f;
    private final String main;
    private final List<String> others;
    private final int base;

    private Lifting(Polynomial f, String main, List<String> others) {
        this.f = f;
        this.main = main;
        this.others = others;
        this.base = 1 + others.stream().mapToInt(f::degree).max().orElse(0);
    }

    /** @param f squarefree and without content in any letter */
    static boolean splits(Polynomial f, String main, List<String> others) {
        if (f.terms().values().stream().anyMatch(c -> c.num().bitLength() > 60) || f.degree() > 24) {
            throw MathProblem.tooLarge("a polynomial too large to factor");
        }
        return new Lifting(f, main, others).splits();
    }

    private boolean splits() {
        Polynomial folded = f;
        int power = 1;
        for (String letter : others) {
            folded = folded.substitute(letter, Polynomial.letter(FOLDED).power(power));
            power *= base;
        }
        for (int place : PLACES) {
            Polynomial shifted =
                    folded.substitute(FOLDED, Polynomial.letter(FOLDED).plus(Polynomial.constant(Rational.of(place))));
            Polynomial image = shifted.coefficient(FOLDED, 0);
            if (image.degree(main) == f.degree(main)) {
                BigInteger[] coefficients = Irreducible.coefficients(image.primitive(), main);
                List<BigInteger[]> factors = UnivariateFactors.of(coefficients);
                if (!UnivariateFactors.areRepeated(factors)) {
                    return factors.size() > 1 && anySplit(shifted, place, factors);
                }
            }
        }
        throw MathProblem.notSupported("no suitable place to factor at");
    }

    private boolean anySplit(Polynomial shifted, int place, List<BigInteger[]> factors) {
        int all = (1 << factors.size()) - 1;
        for (int mask = 1; mask < all; mask += 2) {
            Polynomial candidate = lift(shifted, product(factors, mask), product(factors, all ^ mask));
            Polynomial back = candidate.substitute(
                    FOLDED, Polynomial.letter(FOLDED).minus(Polynomial.constant(Rational.of(place))));
            if (!back.isZero() && f.exactOver(unfold(back)).isPresent()) {
                return true;
            }
        }
        return false;
    }

    private static BigInteger[] product(List<BigInteger[]> factors, int mask) {
        BigInteger[] product = {BigInteger.ONE};
        for (int i = 0; i < factors.size(); i++) {
            if ((mask >> i & 1) == 1) {
                product = FIELD.times(product, FIELD.reduce(factors.get(i)));
            }
        }
        return FIELD.monic(product);
    }

    /** The factor that is {@code g} at the place, up to content, if there is one. */
    private Polynomial lift(Polynomial shifted, BigInteger[] g, BigInteger[] h) {
        Polynomial lead = shifted.coefficient(main, shifted.degree(main));
        Polynomial target = shifted.times(lead);
        int steps = target.degree(FOLDED) + 1;
        BigInteger[][] want = layers(target, steps);
        BigInteger[] leads = Arrays.stream(layers(lead, steps))
                .map(l -> l.length == 0 ? BigInteger.ZERO : l[0])
                .toArray(BigInteger[]::new);
        BigInteger[][] left = start(g, leads);
        BigInteger[][] right = start(h, leads);
        BigInteger[] inverse = FIELD.inverse(right[0], left[0]);
        for (int k = 1; k < steps; k++) {
            BigInteger[] error = want[k];
            for (int i = 0; i <= k; i++) {
                error = FIELD.minus(error, FIELD.times(left[i], right[k - i]));
            }
            BigInteger[] addLeft = FIELD.divide(FIELD.times(error, inverse), left[0])[1];
            BigInteger[] addRight = FIELD.divide(FIELD.minus(error, FIELD.times(addLeft, right[0])), left[0])[0];
            left[k] = plus(left[k], addLeft);
            right[k] = plus(right[k], addRight);
        }
        Polynomial lifted = polynomial(left);
        return lifted.exactOver(Gcd.content(lifted.primitive(), main))
                .orElse(Polynomial.ZERO)
                .primitive();
    }

    /** {@code g} with the imposed leading coefficient, layer by layer. */
    private static BigInteger[][] start(BigInteger[] g, BigInteger[] leads) {
        BigInteger[][] layers = new BigInteger[leads.length][];
        for (int k = 0; k < leads.length; k++) {
            BigInteger[] top = new BigInteger[g.length];
            Arrays.fill(top, BigInteger.ZERO);
            top[g.length - 1] = leads[k];
            layers[k] = FIELD.trim(top);
        }
        layers[0] = FIELD.times(g, new BigInteger[] {leads[0]});
        return layers;
    }

    private static BigInteger[] plus(BigInteger[] a, BigInteger[] b) {
        return FIELD.minus(a, FIELD.minus(new BigInteger[0], b));
    }

    /** Coefficients in the main letter, by power of the folded one. */
    private BigInteger[][] layers(Polynomial p, int count) {
        BigInteger[][] layers = new BigInteger[count][];
        for (int k = 0; k < count; k++) {
            layers[k] = FIELD.reduce(Irreducible.coefficients(p.coefficient(FOLDED, k), main));
        }
        return layers;
    }

    private Polynomial polynomial(BigInteger[][] layers) {
        Polynomial sum = Polynomial.ZERO;
        for (int k = 0; k < layers.length; k++) {
            for (int i = 0; i < layers[k].length; i++) {
                BigInteger c = UnivariateFactors.symmetric(layers[k][i], FIELD.prime());
                sum = sum.plus(Polynomial.letter(main)
                        .power(i)
                        .times(Polynomial.letter(FOLDED).power(k))
                        .times(Rational.of(c)));
            }
        }
        return sum;
    }

    private Polynomial unfold(Polynomial p) {
        Polynomial sum = Polynomial.ZERO;
        for (int k = 0; k <= p.degree(FOLDED); k++) {
            Polynomial term = p.coefficient(FOLDED, k);
            int digits = k;
            for (String letter : others) {
                term = term.times(Polynomial.letter(letter).power(digits % base));
                digits /= base;
            }
            sum = sum.plus(term);
        }
        return sum;
    }
}
