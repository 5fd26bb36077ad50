package littlesummit.core.math;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import littlesummit.core.math.Unit.Base;
import littlesummit.core.math.Unit.Dimension;

/**
 * The units that are read: of the SI and those used with it (SI Brochure, 9th edition, tables 2, 4, 7 and 8), and
 * yards, pounds and what is made of them (international yard and pound agreement, 1959).
 */
public final class Units {
    private static final Dimension MASS = Dimension.of(Base.MASS);
    private static final Dimension LENGTH = Dimension.of(Base.LENGTH);
    private static final Dimension VOLUME = LENGTH.power(3);
    private static final Dimension TIME = Dimension.of(Base.TIME);
    private static final Dimension ANGLE = Dimension.of(Base.ANGLE);
    private static final Dimension TEMPERATURE = Dimension.of(Base.TEMPERATURE);

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
        for (Currency currency : Currency.values()) {
            money(currency);
        }
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

    /** A name that means several things, such as cent and pound, keeps the first; see {@link #meant}. */
    private static void money(Currency currency) {
        Dimension dimension = Dimension.of(Base.of(currency));
        Unit whole = new Unit(currency.sign(), currency.one(), currency.many(), dimension, Rational.ONE, Rational.ZERO);
        SIMPLE.add(whole);
        BY_SYMBOL.put(currency.sign(), whole);
        BY_SYMBOL.put(currency.code(), whole);
        BY_NAME.putIfAbsent(currency.one(), whole);
        BY_NAME.putIfAbsent(currency.many(), whole);
        List<String> names = currency.hundredths();
        Unit hundredth = new Unit(
                names.getLast(), currency.hundredth(), names.getFirst(), dimension, Rational.of(1, 100), Rational.ZERO);
        SIMPLE.add(hundredth);
        BY_NAME.putIfAbsent(currency.hundredth(), hundredth);
        names.forEach(name -> BY_NAME.putIfAbsent(name, hundredth));
    }

    /**
     * What a unit means where another is asked for: cents are those of the currency asked for, and a pound is money
     * where the answer is.
     */
    public static Unit meant(Unit typed, Unit asked) {
        return typed.dimension().equals(asked.dimension())
                ? typed
                : asked.alike().stream()
                        .filter(u -> u.one().equals(typed.one()) || u.many().equals(typed.many()))
                        .findFirst()
                        .orElse(typed);
    }

    /** Behind hours an m is minutes: 1 h 30 m. */
    static Unit beside(Unit first, Unit next) {
        boolean isTime = first.dimension().equals(TIME) && next.equals(BY_SYMBOL.get("m"));
        return isTime ? BY_SYMBOL.get("min") : next;
    }

    /** Whether it is money as a whole, whose sign may stand in front. */
    public static boolean isMoney(Unit unit) {
        return unit.factor().equals(Rational.ONE)
                && Currency.word(unit.one()).isPresent()
                && unit.symbol().length() == 1;
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
