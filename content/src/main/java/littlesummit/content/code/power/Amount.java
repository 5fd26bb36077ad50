package littlesummit.content.code.power;

import littlesummit.core.math.Expr;
import littlesummit.core.math.LatexPrinter;
import littlesummit.core.math.PlainPrinter;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Tex;

/** What is told: the value a · 10^e in a sentence of the valley. */
record Amount(Rational coefficient, int exponent, Sentence sentence) {
    /** Large: thousands to tens of millions. */
    static Amount large(Draw draw) {
        return drawn(draw.between(3, 7), draw);
    }

    /** Small: hundredths to millionths; now and then one between 1 and 10, where nothing moves. */
    static Amount small(Draw draw) {
        return drawn(draw.between(1, 12) == 1 ? 0 : draw.between(-6, -2), draw);
    }

    private static Amount drawn(int exponent, Draw draw) {
        Rational front = draw.between(1, 3) == 1 ? holed(draw) : plainCoefficient(draw);
        return new Amount(front, exponent, Sentence.draw(exponent, draw));
    }

    private static Rational plainCoefficient(Draw draw) {
        return draw.coin()
                ? Rational.of(draw.between(11, 99, n -> n % 10 != 0), 10)
                : Rational.of(draw.between(111, 999, n -> n % 10 != 0 && n / 10 % 10 != 0), 100);
    }

    /** With a zero between other digits. */
    private static Rational holed(Draw draw) {
        int first = draw.between(1, 9);
        int last = draw.between(1, 9);
        return switch (draw.between(1, 3)) {
            case 1 -> Rational.of(100 * first + last, 100);
            case 2 -> Rational.of(1000 * first + 10 * draw.between(1, 9) + last, 1000);
            default -> Rational.of(1000 * first + last, 1000);
        };
    }

    Rational scale() {
        return Rational.of(10).power(exponent);
    }

    Rational value() {
        return at(exponent);
    }

    Rational at(int otherExponent) {
        return coefficient.times(Rational.of(10).power(otherExponent));
    }

    /** Significant digits. */
    int digits() {
        return coefficient.toBigDecimal().stripTrailingZeros().precision();
    }

    int trailingZeros() {
        return Math.max(0, exponent - digits() + 1);
    }

    String firstDigit() {
        return coefficient.floor().toString();
    }

    private Expr expr(Rational front, int power) {
        return Expr.product(Expr.decimal(front), Expr.power(Expr.integer(10), power));
    }

    String scientific() {
        return scientific(exponent);
    }

    String scientific(int otherExponent) {
        return PlainPrinter.plain(expr(coefficient, otherExponent));
    }

    /** The same value with the point {@code hops} places further right in front. */
    String shifted(int hops) {
        return PlainPrinter.plain(expr(coefficient.times(Rational.of(10).power(hops)), exponent - hops));
    }

    String plain() {
        return Tex.plain(value());
    }

    String latex() {
        return LatexPrinter.latex(expr(coefficient, exponent));
    }

    String said() {
        return sentence.with("$" + Tex.number(value()) + "$");
    }

    String saidScientific() {
        return sentence.with("$" + latex() + "$");
    }
}
