package littlesummit.core.item;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.Expr;
import littlesummit.core.math.MathProblem;
import littlesummit.core.math.Parser;
import littlesummit.core.math.PlainPrinter;
import littlesummit.core.math.Rational;
import littlesummit.core.math.Syntax;

/** What was marked on a number line, as the grader reads it. Ticks are counted from the left end, which is 0. */
public final class MarkedLine {
    private static final Pattern TICK = Pattern.compile("\\d{1,4}");
    private static final Pattern INEQUALITY = Pattern.compile("([a-z]) *([<>])(=?) *(.+)");
    private static final Pattern RAY = Pattern.compile("([<>]),(open|filled),(\\d{1,4})");
    /** Distances of ticks are fractions with denominators up to this. */
    private static final int LARGEST_DENOMINATOR = 1000;

    private static final double NEARLY = 1e-9;

    private MarkedLine() {}

    /** How many ticks there are from end to end, both counted. */
    public static int ticks(Figure.NumberLine line) {
        return (int) Math.round((line.to() - line.from()) / line.step()) + 1;
    }

    /**
     * The number at a tick, exactly.
     *
     * @throws IllegalArgumentException when the line's ends or step are no such fractions
     */
    public static Rational at(Figure.NumberLine line, int tick) {
        return exact(line.from()).plus(exact(line.step()).times(Rational.of(tick)));
    }

    /**
     * @param sent a tick, such as 3
     * @return the number there; empty for none
     */
    static String number(Figure.NumberLine line, String sent) {
        return TICK.matcher(sent).matches() ? atTick(line, sent) : "";
    }

    /**
     * @param sent which way it runs, whether its end belongs to it, and a tick, such as {@code >,filled,3}
     * @return an inequality; empty for none
     */
    static String inequality(Figure.NumberLine line, String letter, String sent) {
        Matcher ray = RAY.matcher(sent);
        String end = ray.matches() ? atTick(line, ray.group(3)) : "";
        String sign = ray.matches() && ray.group(2).equals("filled") ? "=" : "";
        return end.isEmpty() ? "" : letter + " " + ray.group(1) + sign + " " + end;
    }

    /** The tick of a number; empty where it has none. */
    static String tick(Figure.NumberLine line, String entry) {
        return value(entry)
                .map(number -> number.minus(exact(line.from())).over(exact(line.step())))
                .filter(ticks -> ticks.isInteger() && ticks.signum() >= 0)
                .filter(ticks -> ticks.compareTo(Rational.of(ticks(line))) < 0)
                .map(Rational::toString)
                .orElse("");
    }

    /** Way, end and tick of an inequality such as {@code x >= 3}; empty where its end has no tick. */
    static String ray(Figure.NumberLine line, String letter, String entry) {
        Matcher parts = INEQUALITY.matcher(entry);
        if (!parts.matches() || !parts.group(1).equals(letter)) {
            return "";
        }
        String tick = tick(line, parts.group(4));
        return tick.isEmpty() ? "" : parts.group(2) + "," + (parts.group(3).isEmpty() ? "open" : "filled") + "," + tick;
    }

    private static Optional<Rational> value(String entry) {
        try {
            return Canonical.of(Parser.expr(entry, Syntax.number())).asRational();
        } catch (MathProblem | IllegalArgumentException noNumber) {
            return Optional.empty();
        }
    }

    private static String atTick(Figure.NumberLine line, String digits) {
        int tick = Integer.parseInt(digits);
        if (tick >= ticks(line)) {
            return "";
        }
        Rational value = at(line, tick);
        return PlainPrinter.plain(isDecimal(line) ? Expr.decimal(value) : Expr.fraction(value));
    }

    /** Where the ticks are tenths or hundredths, numbers are written with a point; elsewhere they are fractions. */
    private static boolean isDecimal(Figure.NumberLine line) {
        return exact(line.step()).den().toString().matches("10+")
                && exact(line.from()).terminates();
    }

    private static Rational exact(double value) {
        for (int den = 1; den <= LARGEST_DENOMINATOR; den++) {
            double num = value * den;
            if (Math.abs(num - Math.rint(num)) < NEARLY * den) {
                return Rational.of(Math.round(num), den);
            }
        }
        throw new IllegalArgumentException("no fraction with a small denominator: " + value);
    }
}
