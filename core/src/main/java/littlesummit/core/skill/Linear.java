package littlesummit.core.skill;

import littlesummit.core.math.Expr;
import littlesummit.core.math.PlainPrinter;
import littlesummit.core.math.Polynomial;
import littlesummit.core.math.PolynomialText;
import littlesummit.core.math.Rational;

/** Short ways to write polynomials and fractions in generators. */
public final class Linear {
    private Linear() {}

    /** a·letter + b */
    public static Polynomial of(String letter, long a, long b) {
        return Polynomial.letter(letter).times(Rational.of(a)).plus(Polynomial.constant(Rational.of(b)));
    }

    public static String latex(String letter, long a, long b) {
        return PolynomialText.latex(of(letter, a, b));
    }

    public static String plain(String letter, long a, long b) {
        return PolynomialText.plain(of(letter, a, b));
    }

    /** A fraction as it would be typed, in lowest terms. */
    public static String fraction(Rational value) {
        return PlainPrinter.plain(Expr.fraction(value));
    }

    public static String fractionLatex(Rational value) {
        return Tex.latex(Expr.fraction(value));
    }
}
