package littlesummit.core.math;

import java.util.List;

/**
 * A unit of a quantity, simple or put together, with its exact size in the base units of its dimension.
 *
 * @param symbol as it is written behind a number, with raised digits: cm², km/h
 * @param one its name behind the number 1
 * @param many its name behind any other number
 * @param factor how many base units (g, m, s, °, K) one of it is
 * @param zero where its scale begins, in base units; 0 for all but temperatures
 */
public record Unit(String symbol, String one, String many, Dimension dimension, Rational factor, Rational zero) {

    /** What a unit measures, by the powers of mass, length, time, angle and temperature. */
    public record Dimension(int mass, int length, int time, int angle, int temperature) {
        Dimension times(Dimension other) {
            return new Dimension(
                    mass + other.mass,
                    length + other.length,
                    time + other.time,
                    angle + other.angle,
                    temperature + other.temperature);
        }

        Dimension power(int n) {
            return new Dimension(n * mass, n * length, n * time, n * angle, n * temperature);
        }
    }

    private static final String RAISED = "⁰¹²³⁴⁵⁶⁷⁸⁹";

    /** Whether two units are the same size of the same thing, however they are written: kph and km/h. */
    public boolean isSame(Unit other) {
        return dimension.equals(other.dimension) && factor.equals(other.factor) && zero.equals(other.zero);
    }

    /** A quantity in base units. */
    public RationalFunction inBase(RationalFunction amount) {
        return amount.times(RationalFunction.of(factor)).plus(RationalFunction.of(zero));
    }

    /** @param n 2 or 3 */
    Unit power(int n) {
        String prefix = n == 2 ? "square " : "cubic ";
        return new Unit(
                symbol + RAISED.charAt(n),
                prefix + one,
                prefix + many,
                dimension.power(n),
                factor.power(n),
                Rational.ZERO);
    }

    Unit per(Unit other) {
        return new Unit(
                symbol + "/" + other.symbol,
                one + " per " + other.one,
                many + " per " + other.one,
                dimension.times(other.dimension.power(-1)),
                factor.over(other.factor),
                Rational.ZERO);
    }

    Unit times(Unit other) {
        return new Unit(
                symbol + "·" + other.symbol,
                one + " " + other.one,
                one + " " + other.many,
                dimension.times(other.dimension),
                factor.times(other.factor),
                Rational.ZERO);
    }

    /** For mathematics that is typeset. */
    String latex() {
        if (symbol.equals("°")) {
            return "^{\\circ}";
        }
        StringBuilder latex = new StringBuilder("\\,\\text{");
        for (char c : symbol.toCharArray()) {
            int digit = RAISED.indexOf(c);
            latex.append(digit < 0 ? String.valueOf(c) : "}^{" + digit + "}\\text{");
        }
        return latex.append('}').toString().replaceAll("\\\\text\\{}$", "");
    }

    /** Units that stand for themselves, of the same dimension as this one. */
    public List<Unit> alike() {
        return Units.SIMPLE.stream().filter(u -> u.dimension.equals(dimension)).toList();
    }
}
