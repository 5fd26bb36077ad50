package littlesummit.core.math;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** The rational zeros of a polynomial in one letter, each with how often it is one. */
public final class RationalZeros {
    private static final int LARGEST_TO_SPLIT = 1_000_000;

    private RationalZeros() {}

    /**
     * Tried one by one: numerators divide the number without a letter, denominators the leading coefficient.
     *
     * @return from the smallest on, with its multiplicity
     * @throws MathProblem where other letters are in it, where everything is a zero, or where the ends are too large
     */
    public static Map<Rational, Integer> of(Polynomial p, String letter) {
        if (p.isZero() || !p.letters().stream().allMatch(letter::equals)) {
            throw MathProblem.notSupported("zeros of a polynomial in other letters");
        }
        Map<Rational, Integer> zeros = new TreeMap<>();
        Polynomial left = p.primitive();
        for (Rational candidate : candidates(left, letter)) {
            Polynomial factor = factor(candidate, letter);
            while (left.degree(letter) > 0 && left.exactOver(factor).isPresent()) {
                left = left.exactOver(factor).get();
                zeros.merge(candidate, 1, Integer::sum);
            }
        }
        return zeros;
    }

    /** The factor that is zero there, with whole numbers. */
    static Polynomial factor(Rational zero, String letter) {
        return Polynomial.letter(letter)
                .times(Rational.of(zero.den()))
                .minus(Polynomial.constant(Rational.of(zero.num())));
    }

    private static List<Rational> candidates(Polynomial p, String letter) {
        List<Rational> all = new ArrayList<>(List.of(Rational.ZERO));
        int degree = p.degree(letter);
        int lowest = 0;
        while (lowest < degree && coefficient(p, letter, lowest).isZero()) {
            lowest++;
        }
        for (BigInteger top : divisors(coefficient(p, letter, lowest).num())) {
            for (BigInteger bottom : divisors(coefficient(p, letter, degree).num())) {
                if (top.gcd(bottom).equals(BigInteger.ONE)) {
                    all.add(new Rational(top, bottom));
                    all.add(new Rational(top.negate(), bottom));
                }
            }
        }
        return all;
    }

    private static Rational coefficient(Polynomial p, String letter, int power) {
        return p.coefficient(letter, power).asRational().orElse(Rational.ZERO);
    }

    private static List<BigInteger> divisors(BigInteger whole) {
        BigInteger n = whole.abs();
        if (n.bitLength() > 20 || n.intValue() > LARGEST_TO_SPLIT) {
            throw MathProblem.tooLarge("zeros of a polynomial with such numbers");
        }
        List<BigInteger> all = new ArrayList<>();
        int size = n.intValue();
        for (int d = 1; d * d <= size; d++) {
            if (size % d == 0) {
                all.add(BigInteger.valueOf(d));
                if (d * d != size) {
                    all.add(BigInteger.valueOf(size / d));
                }
            }
        }
        return all;
    }
}
