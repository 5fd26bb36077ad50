package littlesummit.core.math;

import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

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
    /** In small letters, one and several. */
    private final Set<String> names;

    Unit(String symbol, Dimension dimension, Rational factor) {
        this.symbol = symbol;
        this.dimension = dimension;
        this.factor = factor;
        String name = name().toLowerCase(Locale.ROOT);
        String american = name.replace("metre", "meter");
        this.names = new HashSet<>(List.of(name, name + "s", american, american + "s"));
        switch (symbol) {
            case "s" -> names.addAll(List.of("sec", "secs"));
            case "min" -> names.add("mins");
            case "h" -> names.addAll(List.of("hr", "hrs"));
            case "°" -> names.add("deg");
            default -> {}
        }
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

    /** By its symbol, case-sensitive as in the SI, or by its name in either spelling. */
    public static Optional<Unit> of(String written) {
        String name = written.toLowerCase(Locale.ROOT);
        return Arrays.stream(values())
                .filter(u -> u.symbol.equals(written) || u.names.contains(name))
                .findFirst();
    }
}
