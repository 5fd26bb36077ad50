package littlesummit.core.math;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Whether a polynomial is positive at one point and negative at another. Then its zeros separate the two, so there are
 * infinitely many of them; two polynomials without a common factor share too few to have the same ones.
 */
final class SignChange {
    private static final int FARTHEST = 12;
    /** With more letters the grid would be too large. */
    private static final int MOST_LETTERS = 3;

    private SignChange() {}

    /** Whether two polynomials have different real zeros for certain. */
    static boolean tellsApart(Polynomial a, Polynomial b) {
        return Gcd.of(a, b).isConstant() && (isSeen(a) || isSeen(b));
    }

    /** Whether both signs are met: on a grid of whole numbers, or at the middle of a curve of second degree. */
    static boolean isSeen(Polynomial p) {
        List<String> letters = p.letters();
        if (letters.isEmpty() || letters.size() > MOST_LETTERS) {
            return false;
        }
        int step = letters.size() == MOST_LETTERS ? 4 : 1;
        List<Integer> signs = new ArrayList<>();
        middle(p).ifPresent(value -> signs.add(value.signum()));
        collect(p, letters, step, signs);
        return signs.contains(1) && signs.contains(-1);
    }

    private static void collect(Polynomial p, List<String> letters, int step, List<Integer> signs) {
        if (signs.contains(1) && signs.contains(-1)) {
            return;
        }
        if (letters.isEmpty()) {
            p.asRational().ifPresent(value -> signs.add(value.signum()));
            return;
        }
        for (int n = -FARTHEST; n <= FARTHEST; n += step) {
            Polynomial with = p.substitute(letters.getFirst(), Polynomial.constant(Rational.of(n)));
            collect(with, letters.subList(1, letters.size()), step, signs);
        }
    }

    /** The value where both derivatives are zero: the centre of a circle, far out or small as it may be. */
    private static Optional<Rational> middle(Polynomial p) {
        List<String> letters = p.letters();
        if (letters.size() != 2 || p.degree() != 2) {
            return Optional.empty();
        }
        String x = letters.get(0);
        String y = letters.get(1);
        Polynomial dx = p.derivative(x);
        Polynomial dy = p.derivative(y);
        Rational a = number(dx.coefficient(x, 1));
        Rational b = number(dx.coefficient(y, 1));
        Rational d = number(dy.coefficient(y, 1));
        Rational determinant = a.times(d).minus(b.times(b));
        if (determinant.signum() == 0) {
            return Optional.empty();
        }
        Rational e = number(dx.coefficient(x, 0).coefficient(y, 0));
        Rational f = number(dy.coefficient(x, 0).coefficient(y, 0));
        Rational h = b.times(f).minus(d.times(e)).over(determinant);
        Rational k = b.times(e).minus(a.times(f)).over(determinant);
        return p.substitute(x, Polynomial.constant(h))
                .substitute(y, Polynomial.constant(k))
                .asRational();
    }

    private static Rational number(Polynomial p) {
        return p.asRational().orElse(Rational.ZERO);
    }
}
