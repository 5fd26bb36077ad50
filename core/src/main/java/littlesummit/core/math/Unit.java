package littlesummit.core.math;

import java.util.Arrays;
import java.util.Optional;

/**
 * Units of quantities, with exact factors to the base of their dimension (SI Brochure, 9th edition, tables 7 and 8).
 */
public enum Unit {
    MILLIGRAM("mg", Dimension.MASS, Rational.of(1, 1000)),
    GRAM("g", Dimension.MASS, Rational.ONE),
    KILOGRAM("kg", Dimension.MASS, Rational.of(1000)),
    MILLIMETRE("mm", Dimension.LENGTH, Rational.of(1, 1000)),
    CENTIMETRE("cm", Dimension.LENGTH, Rational.of(1, 100)),
    METRE("m", Dimension.LENGTH, Rational.ONE),
    KILOMETRE("km", Dimension.LENGTH, Rational.of(1000)),
    SECOND("s", Dimension.TIME, Rational.ONE),
    MINUTE("min", Dimension.TIME, Rational.of(60)),
    HOUR("h", Dimension.TIME, Rational.of(3600)),
    DEGREE("°", Dimension.ANGLE, Rational.ONE);

    /** What a unit measures. */
    public enum Dimension {
        MASS,
        LENGTH,
        TIME,
        ANGLE
    }

    private final String symbol;
    private final Dimension dimension;
    private final Rational factor;

    Unit(String symbol, Dimension dimension, Rational factor) {
        this.symbol = symbol;
        this.dimension = dimension;
        this.factor = factor;
    }

    public String symbol() {
        return symbol;
    }

    public Dimension dimension() {
        return dimension;
    }

    /** How many base units (g, m, s, °) one of this is. */
    public Rational factor() {
        return factor;
    }

    /** Symbols are case-sensitive, as in the SI. */
    public static Optional<Unit> of(String symbol) {
        return Arrays.stream(values()).filter(u -> u.symbol.equals(symbol)).findFirst();
    }
}
