package littlesummit.core.math;

import java.math.BigInteger;
import java.util.List;

/** Whether a polynomial with rational coefficients has no factors but constants. */
public final class Irreducible {
    private static final int[] PLACES = {2, -3, 5, 7, -11, 13, -1, 3};

    private Irreducible() {}

    /**
     * @param p an ordinary polynomial of degree 1 or more; its numeric content does not matter
     * @throws MathProblem when it is too large to decide
     */
    public static boolean test(Polynomial p) {
        Polynomial f = p.primitive();
        List<String> letters = f.letters();
        for (String letter : letters) {
            if (f.degree(letter) == 1) {
                return letters.size() == 1
                        || Gcd.of(f.coefficient(letter, 1), f.coefficient(letter, 0))
                                        .degree()
                                == 0;
            }
        }
        return letters.size() == 1 ? univariate(f, letters.getFirst()) : multivariate(f, letters);
    }

    private static boolean univariate(Polynomial f, String letter) {
        BigInteger[] coefficients = coefficients(f, letter);
        if (coefficients[0].signum() == 0) {
            return false;
        }
        if (coefficients.length == 3) {
            BigInteger discriminant = coefficients[1]
                    .pow(2)
                    .subtract(coefficients[0].multiply(coefficients[2]).shiftLeft(2));
            return Roots.squareRoot(Rational.of(discriminant)).isEmpty();
        }
        return !UnivariateFactors.hasRationalRoot(coefficients)
                && (coefficients.length == 4
                        || UnivariateFactors.of(coefficients).size() == 1);
    }

    /** Index i holds the coefficient of letter^i. */
    static BigInteger[] coefficients(Polynomial whole, String letter) {
        BigInteger[] c = new BigInteger[whole.degree(letter) + 1];
        for (int i = 0; i < c.length; i++) {
            c[i] = whole.coefficient(letter, i).asRational().orElseThrow().num();
        }
        return c;
    }

    private static boolean multivariate(Polynomial f, List<String> letters) {
        for (String letter : letters) {
            if (Gcd.content(f, letter).degree() > 0) {
                return false;
            }
        }
        String main = letters.stream().min((a, b) -> f.degree(a) - f.degree(b)).orElseThrow();
        if (Gcd.of(f, f.derivative(main)).degree() > 0) {
            return false;
        }
        for (int shift = 0; shift < PLACES.length; shift++) {
            Polynomial image = image(f, main, letters, shift);
            if (image.degree() == f.degree(main) && univariate(image.primitive(), main)) {
                return true;
            }
        }
        return !Lifting.splits(
                f, main, letters.stream().filter(l -> !l.equals(main)).toList());
    }

    private static Polynomial image(Polynomial f, String main, List<String> letters, int shift) {
        Polynomial image = f;
        int i = shift;
        for (String letter : letters) {
            if (!letter.equals(main)) {
                image = image.substitute(letter, Polynomial.constant(Rational.of(PLACES[i++ % PLACES.length])));
            }
        }
        return image;
    }
}
