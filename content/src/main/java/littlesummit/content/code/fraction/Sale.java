package littlesummit.content.code.fraction;

import littlesummit.core.math.Rational;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Tex;

/**
 * A ware and its price.
 *
 * @param full full price in dollars; the reduced one has whole cents
 */
record Sale(Ware ware, Rational full, int percent) {
    /** Round prices and round percents. */
    static Sale round(Ware ware, Draw draw) {
        return new Sale(
                ware,
                Rational.of(20L * draw.between((ware.from() + 19) / 20, ware.to() / 20)),
                draw.oneOf(10, 20, 25, 30, 40));
    }

    /** Prices to the dollar and percents that are not round. */
    static Sale uneven(Ware ware, Draw draw) {
        return new Sale(
                ware,
                Rational.of(draw.between(ware.from(), ware.to(), n -> n % 10 != 0)),
                draw.oneOf(5, 15, 35, 45, 12, 18, 24, 32));
    }

    /** Prices whose reduced price is a number of whole cents that leads back without remainder. */
    static Sale back(Ware ware, Draw draw) {
        return new Sale(
                ware,
                Rational.of(5L * draw.between((ware.from() + 4) / 5, ware.to() / 5)),
                draw.oneOf(10, 15, 20, 25, 30, 35, 40, 60));
    }

    /** Of 100 dollars, so many percent are so many dollars: then what is a mistake elsewhere is right. */
    private static final Rational HUNDRED = Rational.of(100);

    Sale {
        full = full.equals(HUNDRED) ? Rational.of(120) : full;
    }

    Rational leftShare() {
        return Rational.of(100 - percent, 100);
    }

    Rational moreShare() {
        return Rational.of(100 + percent, 100);
    }

    Rational reduced() {
        return full.times(leftShare());
    }

    /** What is taken off, in dollars. */
    Rational saved() {
        return full.minus(reduced());
    }

    String left() {
        return Tex.plain(leftShare());
    }

    String off() {
        return Tex.plain(Rational.of(percent, 100));
    }

    String more() {
        return Tex.plain(moreShare());
    }
}
