package littlesummit.core.math;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * A unit of a quantity, simple or put together, with its exact size in the base units of its dimension.
 *
 * @param symbol as it is written behind a number, with raised digits: cm², km/h
 * @param one its name behind the number 1
 * @param many its name behind any other number
 * @param factor how many base units (g, m, s, °, K, a currency) one of it is
 * @param zero where its scale begins, in base units; 0 for all but temperatures
 */
public record Unit(String symbol, String one, String many, Dimension dimension, Rational factor, Rational zero) {

    /** What units measure. Each currency is a thing of its own. */
    enum Base {
        MASS,
        LENGTH,
        TIME,
        ANGLE,
        TEMPERATURE,
        DOLLAR,
        EURO,
        POUND,
        FRANC,
        RUPEE,
        YEN;

        static Base of(Currency currency) {
            return valueOf(currency.name());
        }
    }

    /** What a unit measures, as powers of bases; those of power 0 are left out. */
    public record Dimension(Map<Base, Integer> powers) {
        public Dimension {
            powers = Map.copyOf(powers);
        }

        static Dimension of(Base base) {
            return new Dimension(Map.of(base, 1));
        }

        Dimension times(Dimension other) {
            Map<Base, Integer> sum = new EnumMap<>(Base.class);
            sum.putAll(powers);
            other.powers.forEach((base, power) -> sum.merge(base, power, Integer::sum));
            sum.values().removeIf(power -> power == 0);
            return new Dimension(sum);
        }

        /** @param n not 0 */
        Dimension power(int n) {
            Map<Base, Integer> raised = new EnumMap<>(Base.class);
            powers.forEach((base, power) -> raised.put(base, n * power));
            return new Dimension(raised);
        }
    }

    private static final String RAISED = "⁰¹²³⁴⁵⁶⁷⁸⁹";

    /** Whether two units are the same size of the same thing, however they are written: kph and km/h. */
    public boolean isSame(Unit other) {
        return dimension.equals(other.dimension) && factor.equals(other.factor) && zero.equals(other.zero);
    }

    /** Whether it is the degree of an angle. */
    public boolean isDegree() {
        return symbol.equals("°");
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
