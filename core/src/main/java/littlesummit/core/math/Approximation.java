package littlesummit.core.math;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Floating-point values of trees with functions in them. They only ever serve to tell two functions apart, by more than
 * their error could make: never to call them equal.
 */
final class Approximation {
    private static final double APART = 1e-6;
    private static final double LARGE = 1e9;
    /** Values that were worked out are put in where they are neither so small nor so large that little is left. */
    private static final double LEAST_PUT_IN = 1e-6;

    private static final double MOST_PUT_IN = 1e6;
    private static final double CLEARLY = 1e-3;

    /** How far, and how finely, solutions are looked for. */
    private static final double STEP = 0.3;

    private static final int STEPS = 40;
    private static final int MOST_CROSSINGS = 2;

    private Approximation() {}

    /** Whether two values are finite and clearly different. */
    static boolean differ(Expr a, Expr b, Map<String, Rational> point) {
        return areApart(value(a, point), value(b, point));
    }

    static boolean areApart(double x, double y) {
        double size = Math.max(1, Math.max(Math.abs(x), Math.abs(y)));
        return size < LARGE && Math.abs(x - y) > APART * size;
    }

    /**
     * Whether what a letter comes to in one equation clearly does not solve another one.
     *
     * @param value of the letter in the first
     */
    static boolean failsIn(List<Expr> other, List<Expr> first, String letter, double value, Map<String, Rational> at) {
        double size = Math.abs(value);
        if (!(size > LEAST_PUT_IN && size < MOST_PUT_IN)) {
            return false;
        }
        Map<String, Rational> point = new HashMap<>(at);
        point.put(letter, Rational.of(new BigDecimal(value)));
        return clearly(first, point) == Held.YES && clearly(other, point) == Held.NO;
    }

    private enum Held {
        YES,
        NO,
        UNKNOWN
    }

    private static Held clearly(List<Expr> sides, Map<String, Rational> at) {
        double left = value(sides.get(0), at);
        double right = value(sides.get(1), at);
        double size = Math.max(1, Math.max(Math.abs(left), Math.abs(right)));
        if (!(size < LARGE)) {
            return Held.UNKNOWN;
        }
        double gap = Math.abs(left - right);
        return gap > CLEARLY * size ? Held.NO : gap < APART * size ? Held.YES : Held.UNKNOWN;
    }

    /** What a letter of the first degree has to be in an equation; not a number where it is of another. */
    static double solution(List<Expr> sides, String letter, Map<String, Rational> point) {
        double[] gaps = new double[3];
        for (int i = 0; i < gaps.length; i++) {
            Map<String, Rational> at = new HashMap<>(point);
            at.put(letter, Rational.of(i));
            gaps[i] = value(sides.get(0), at) - value(sides.get(1), at);
        }
        double slope = gaps[1] - gaps[0];
        boolean isStraight = Math.abs(gaps[2] - gaps[1] - slope) < 1e-9 * Math.max(1, Math.abs(slope));
        return isStraight && Math.abs(slope) > APART ? -gaps[0] / slope : Double.NaN;
    }

    /**
     * Where a letter that is positive solves an equation: found by a change of sign, so a pole may be among them.
     *
     * @return none, or a few of them
     */
    static List<Double> crossings(List<Expr> sides, String letter, Map<String, Rational> point) {
        List<Double> found = new ArrayList<>();
        double before = Double.NaN;
        for (int i = 1; i <= STEPS && found.size() < MOST_CROSSINGS; i++) {
            double here = gap(sides, letter, i * STEP, point);
            if (before * here < 0) {
                found.add(between(sides, letter, (i - 1) * STEP, i * STEP, point));
            }
            before = here;
        }
        return found;
    }

    private static double between(
            List<Expr> sides, String letter, double low, double high, Map<String, Rational> point) {
        double from = low;
        double to = high;
        double sign = gap(sides, letter, low, point);
        for (int i = 0; i < Double.SIZE; i++) {
            double middle = (from + to) / 2;
            if (gap(sides, letter, middle, point) * sign > 0) {
                from = middle;
            } else {
                to = middle;
            }
        }
        return from;
    }

    private static double gap(List<Expr> sides, String letter, double at, Map<String, Rational> point) {
        Map<String, Rational> all = new HashMap<>(point);
        all.put(letter, Rational.of(new BigDecimal(at)));
        return value(sides.get(0), all) - value(sides.get(1), all);
    }

    /** Not a number where it is undefined. */
    static double value(Expr expr, Map<String, Rational> at) {
        return switch (expr) {
            case Expr.Num n -> number(n.value());
            case Expr.Mixed m -> number(m.value());
            case Expr.Repeating r -> number(r.value());
            case Expr.Letter(String name) -> at.containsKey(name) ? number(at.get(name)) : Double.NaN;
            case Expr.Pi p -> Math.PI;
            case Expr.Euler e -> Math.E;
            case Expr.Infinity i -> Double.NaN;
            case Expr.Neg(Expr inner) -> -value(inner, at);
            case Expr.Sum(List<Expr> terms) ->
                terms.stream().mapToDouble(t -> value(t, at)).sum();
            case Expr.Product(List<Expr> factors) ->
                factors.stream().mapToDouble(f -> value(f, at)).reduce(1, (a, b) -> a * b);
            case Expr.Quotient(Expr num, Expr den) -> value(num, at) / value(den, at);
            case Expr.Power(Expr base, Expr exponent) -> StrictMath.pow(value(base, at), value(exponent, at));
            case Expr.Root(int index, Expr radicand) -> root(value(radicand, at), index);
            case Expr.Abs(Expr inner) -> Math.abs(value(inner, at));
            case Expr.Percent(Expr inner) -> value(inner, at) / 100;
            case Expr.Money(Expr inner) -> value(inner, at);
            case Expr.Degrees(Expr inner) -> value(inner, at);
            case Expr.PlusMinus p -> Double.NaN;
            case Expr.Applied a -> Double.NaN;
            case Expr.Call(Fn fn, List<Expr> args) -> call(fn, args, at);
        };
    }

    private static double number(Rational value) {
        return value.toDouble();
    }

    private static double root(double radicand, int index) {
        double size = StrictMath.pow(Math.abs(radicand), 1.0 / index);
        return radicand >= 0 ? size : index % 2 == 0 ? Double.NaN : -size;
    }

    private static double call(Fn fn, List<Expr> args, Map<String, Rational> at) {
        double last = value(args.getLast(), at);
        double angle = Canonical.isInDegrees(args.getLast()) ? last * Math.PI / 180 : last;
        return switch (fn) {
            case SIN -> StrictMath.sin(angle);
            case COS -> StrictMath.cos(angle);
            case TAN -> StrictMath.tan(angle);
            case COT -> 1 / StrictMath.tan(angle);
            case SEC -> 1 / StrictMath.cos(angle);
            case CSC -> 1 / StrictMath.sin(angle);
            case ARCSIN -> StrictMath.asin(last);
            case ARCCOS -> StrictMath.acos(last);
            case ARCTAN -> StrictMath.atan(last);
            case SINH -> StrictMath.sinh(last);
            case COSH -> StrictMath.cosh(last);
            case TANH -> StrictMath.tanh(last);
            case LN -> StrictMath.log(last);
            case LOG ->
                args.size() == 1
                        ? StrictMath.log10(last)
                        : StrictMath.log(last) / StrictMath.log(value(args.getFirst(), at));
            case FACTORIAL, BINOMIAL, GCD, LCM -> Double.NaN;
        };
    }
}
