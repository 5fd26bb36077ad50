package littlesummit.content.code.function;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import littlesummit.core.item.Block;
import littlesummit.core.item.Item;
import littlesummit.core.math.Polynomial;
import littlesummit.core.math.PolynomialText;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Items;

/**
 * (first + second)^n, and its terms by Pascal's triangle.
 *
 * @param second carries the sign
 */
record BinomialPower(Polynomial first, Polynomial second, int n) {
    static final Polynomial X = Polynomial.letter("x");
    static final Polynomial Y = Polynomial.letter("y");

    static Polynomial number(long value) {
        return Polynomial.constant(Rational.of(value));
    }

    static Polynomial times(long coefficient, Polynomial letter) {
        return letter.times(Rational.of(coefficient));
    }

    Polynomial term(int k) {
        return first.power(n - k).times(second.power(k)).times(Rational.of(BinomialCoefficients.of(n, k)));
    }

    Polynomial whole() {
        return first.plus(second).power(n);
    }

    String latex() {
        return "\\left(" + PolynomialText.latex(first) + signed(second) + "\\right)^{" + n + "}";
    }

    String plain() {
        return "(" + PolynomialText.plain(first) + " + (" + PolynomialText.plain(second) + "))^" + n;
    }

    private static String signed(Polynomial p) {
        boolean minus = p.content().signum() > 0 && PolynomialText.latex(p).startsWith("-");
        return minus ? " - " + PolynomialText.latex(p.negate()) : " + " + PolynomialText.latex(p);
    }

    String[] letters() {
        return whole().letters().toArray(String[]::new);
    }

    String[] hints() {
        return new String[] {
            "How many terms does the expansion have? One more than the exponent.",
            "The coefficients come from Pascal's triangle. Powers of the first go down by one, powers of the second up"
                    + " by one.",
            "Row " + n + " of the triangle starts with 1, " + n + ". The first term is $"
                    + PolynomialText.latex(term(0)) + "$."
        };
    }

    /** Both steps from the power to its terms, and the triangle as a second view. */
    Item finished(Items item) {
        return item.step(
                        "Take the coefficients of row " + n
                                + " of Pascal's triangle; the powers of the first go down, those of the second up.",
                        IntStream.rangeClosed(0, n).mapToObj(this::raw).collect(Collectors.joining(" + ")))
                .step("Work out each term.", PolynomialText.latex(whole()))
                .given(plain())
                .second(
                        "Pascal's triangle",
                        new Block.Text(
                                "Each number is the sum of the two above it. Row " + n + " gives the coefficients."),
                        triangle())
                .build();
    }

    /** A term before it is worked out. */
    String raw(int k) {
        List<String> factors = new ArrayList<>();
        if (!BinomialCoefficients.of(n, k).equals(BigInteger.ONE)) {
            factors.add(BinomialCoefficients.of(n, k).toString());
        }
        if (k < n) {
            factors.add(power(PolynomialText.latex(first), n - k));
        }
        if (k > 0) {
            factors.add(power(PolynomialText.latex(second), k));
        }
        return String.join("\\cdot ", factors);
    }

    /** With brackets where the exponent, or the sign of multiplication before it, would not reach all of it. */
    private static String power(String base, int exponent) {
        boolean bare = exponent == 1 ? !base.startsWith("-") : base.matches("[a-z]|\\d+");
        return (bare ? base : "\\left(" + base + "\\right)") + (exponent == 1 ? "" : "^{" + exponent + "}");
    }

    Block triangle() {
        List<List<String>> rows = new ArrayList<>();
        for (int r = 0; r <= n; r++) {
            List<String> row = new ArrayList<>();
            for (int k = 0; k <= r; k++) {
                row.add(BinomialCoefficients.of(r, k).toString());
            }
            rows.add(List.of("row " + r, String.join("   ", row)));
        }
        return new Block.Table(List.of("", "coefficients"), rows);
    }
}
