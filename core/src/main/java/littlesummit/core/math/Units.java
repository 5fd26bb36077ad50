package littlesummit.core.math;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import littlesummit.core.math.Unit.Dimension;

/**
 * The units that are read: of the SI and those used with it (SI Brochure, 9th edition, tables 2, 4, 7 and 8), and
 * yards, pounds and what is made of them (international yard and pound agreement, 1959).
 */
public final class Units {
    private static final Dimension MASS = new Dimension(1, 0, 0, 0, 0);
    private static final Dimension LENGTH = new Dimension(0, 1, 0, 0, 0);
    private static final Dimension VOLUME = LENGTH.power(3);
    private static final Dimension TIME = new Dimension(0, 0, 1, 0, 0);
    private static final Dimension ANGLE = new Dimension(0, 0, 0, 1, 0);
    private static final Dimension TEMPERATURE = new Dimension(0, 0, 0, 0, 1);

    static final List<Unit> SIMPLE = new ArrayList<>();
    private static final Map<String, Unit> BY_SYMBOL = new HashMap<>();
    private static final Map<String, Unit> BY_NAME = new HashMap<>();

    static final Unit DEGREE = add(ANGLE, "°", "degree", Rational.ONE, "deg");

    static {
        add(MASS, "mg", "milligram", Rational.of(1, 1000));
        add(MASS, "g", "gram", Rational.ONE);
        add(MASS, "kg", "kilogram", Rational.of(1000), "kilo", "kilos");
        add(MASS, "t", "tonne", Rational.of(1_000_000));
        add(MASS, "oz", "ounce", Rational.of(28_349_523_125L, 1_000_000_000));
        add(MASS, "lb", "pound", Rational.of(45_359_237, 100_000), "lbs");
        add(LENGTH, "mm", "millimetre", Rational.of(1, 1000));
        add(LENGTH, "cm", "centimetre", Rational.of(1, 100));
        add(LENGTH, "dm", "decimetre", Rational.of(1, 10));
        add(LENGTH, "m", "metre", Rational.ONE);
        add(LENGTH, "km", "kilometre", Rational.of(1000));
        add(LENGTH, "in", "inch", Rational.of(254, 10_000), "inches");
        add(LENGTH, "ft", "foot", Rational.of(3048, 10_000), "feet");
        add(LENGTH, "yd", "yard", Rational.of(9144, 10_000), "yds");
        add(LENGTH, "mi", "mile", Rational.of(1_609_344, 1000));
        add(VOLUME, "mL", "millilitre", Rational.of(1, 1_000_000), "ml");
        add(VOLUME, "cL", "centilitre", Rational.of(1, 100_000), "cl");
        add(VOLUME, "dL", "decilitre", Rational.of(1, 10_000), "dl");
        add(VOLUME, "L", "litre", Rational.of(1, 1000), "l");
        add(TIME, "s", "second", Rational.ONE, "sec", "secs");
        add(TIME, "min", "minute", Rational.of(60), "mins");
        add(TIME, "h", "hour", Rational.of(3600), "hr", "hrs");
        add(TIME, "d", "day", Rational.of(86_400));
        add(TIME, "wk", "week", Rational.of(604_800));
        temperature("K", "kelvin", Rational.ONE, Rational.ZERO);
        temperature("°C", "degree Celsius", Rational.ONE, Rational.of(27_315, 100));
        temperature("°F", "degree Fahrenheit", Rational.of(5, 9), Rational.of(45_967, 180));
    }

    /** Words that stand in front of a unit and raise it. */
    private static final Map<String, Integer> RAISING = Map.of("sq", 2, "square", 2, "cu", 3, "cubic", 3);
    /** What is written in one word. */
    private static final Map<String, List<String>> TOGETHER = Map.of(
            "kph", List.of("km", "h"), "kmh", List.of("km", "h"), "mph", List.of("mi", "h"), "mps", List.of("m", "s"));

    private Units() {}

    private static Unit add(Dimension dimension, String symbol, String name, Rational factor, String... others) {
        String many = Set.of("inch", "foot").contains(name) ? others[0] : name + "s";
        Unit unit = new Unit(symbol, name, many, dimension, factor, Rational.ZERO);
        SIMPLE.add(unit);
        BY_SYMBOL.put(symbol, unit);
        for (String spelling : List.of(name, many)) {
            BY_NAME.put(spelling, unit);
            BY_NAME.put(spelling.replace("metre", "meter").replace("litre", "liter"), unit);
        }
        for (String other : others) {
            BY_NAME.putIfAbsent(other, unit);
        }
        return unit;
    }

    private static void temperature(String symbol, String name, Rational factor, Rational zero) {
        Unit unit = new Unit(symbol, name, name.replace("degree", "degrees"), TEMPERATURE, factor, zero);
        SIMPLE.add(unit);
        BY_SYMBOL.put(symbol, unit);
        BY_NAME.put(name, unit);
    }

    /** By its symbol, case-sensitive as in the SI, or by its name in either spelling; put together ones too. */
    static Optional<Unit> word(String written) {
        String name = written.toLowerCase(Locale.ROOT);
        if (TOGETHER.containsKey(name)) {
            List<String> parts = TOGETHER.get(name);
            return Optional.of(BY_SYMBOL.get(parts.get(0)).per(BY_SYMBOL.get(parts.get(1))));
        }
        return Optional.ofNullable(BY_SYMBOL.getOrDefault(written, BY_NAME.get(name)));
    }

    /** 2 or 3 for a word that raises the unit behind it. */
    static Optional<Integer> raising(String word) {
        return Optional.ofNullable(RAISING.get(word.toLowerCase(Locale.ROOT)));
    }

    /** Whether a run of letters belongs to a unit. */
    static boolean isWord(String run) {
        return word(run).isPresent() || raising(run).isPresent() || run.equalsIgnoreCase("per");
    }

    /** A unit written by itself, such as km/h or cm^2. */
    public static Optional<Unit> of(String written) {
        return !written.isBlank()
                        && Parser.read("1 " + written, Syntax.quantity())
                                instanceof Reading.Understood(Statement.Measure(Expr amount, Unit unit))
                ? Optional.of(unit)
                : Optional.empty();
    }
}
