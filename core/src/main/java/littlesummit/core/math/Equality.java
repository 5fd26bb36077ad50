package littlesummit.core.math;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Stream;

/** Whether two expressions are the same function on their common domain. */
public final class Equality {
    /** The three honest answers. */
    public enum Answer {
        EQUAL,
        DIFFERENT,
        UNKNOWN
    }

    /**
     * Where bound atoms are tried: distinct values a letter, so that no accident makes two functions agree at all of
     * them. The last lie far out, since functions with roots may be defined only there.
     */
    private static final int[][] SAMPLES = {
        {3, 1},
        {7, 2},
        {1, 3},
        {-2, 1},
        {-5, 3},
        {11, 1},
        {-13, 2},
        {2, 7},
        {101, 3},
        {-97, 2},
        {1009, 1},
        {-1013, 1},
        {100_003, 1},
        {-100_019, 1}
    };

    /** Where factorials are tried, which only whole numbers have. */
    private static final int[] WHOLE_SAMPLES = {9, 4, 13, 6, 22, 11};

    private Equality() {}

    /** @throws MathProblem when one of them is undefined, too large or not supported */
    public static Answer of(Expr a, Expr b) {
        return of(a, Canonical.of(a), b, Canonical.of(b));
    }

    /**
     * The same where their canonical forms are known already.
     *
     * @param x of a
     * @param y of b
     */
    public static Answer of(Expr a, RationalFunction x, Expr b, RationalFunction y) {
        Answer answer = atOnce(a, x, b, y);
        return answer == Answer.UNKNOWN ? SignCases.compare(a, b) : answer;
    }

    /** For letters of whatever sign, all in one. */
    static Answer atOnce(Expr a, RationalFunction x, Expr b, RationalFunction y) {
        if (same(x, y)) {
            return Answer.EQUAL;
        }
        if (x.isCanonical() && y.isCanonical()) {
            return Answer.DIFFERENT;
        }
        if (x.isConstantNumber() && y.isConstantNumber()) {
            return separated(x, y) || Approximation.differ(a, b, Map.of()) ? Answer.DIFFERENT : Answer.UNKNOWN;
        }
        int share = share(x, y);
        return share > 1 ? ofScaled(scaled(a, share), scaled(b, share), a, b) : bySamples(a, b);
    }

    /**
     * With every letter multiplied by what angles and exponents are divided by, halves become wholes, and two functions
     * are equal as before.
     */
    private static Answer ofScaled(Expr a, Expr b, Expr unscaledA, Expr unscaledB) {
        RationalFunction x = Canonical.of(a);
        RationalFunction y = Canonical.of(b);
        if (same(x, y)) {
            return Answer.EQUAL;
        }
        return x.isCanonical() && y.isCanonical() ? Answer.DIFFERENT : bySamples(unscaledA, unscaledB);
    }

    /** What angles and exponents with letters are divided by, in common; 1 where that would be too much. */
    private static int share(RationalFunction... functions) {
        BigInteger all = BigInteger.ONE;
        for (RationalFunction f : functions) {
            for (Polynomial p : List.of(f.num(), f.den())) {
                for (Atom atom : p.atoms()) {
                    int one =
                            switch (atom) {
                                case Atom.Trig t -> t.share();
                                case Atom.Exp e -> e.share();
                                default -> 1;
                            };
                    all = WholeFunctions.multiple(all, BigInteger.valueOf(one));
                }
            }
        }
        return all.bitLength() > 4 ? 1 : all.intValue();
    }

    private static Expr scaled(Expr expr, int share) {
        if (expr instanceof Expr.Letter) {
            return new Expr.Product(List.of(Expr.Num.of(share), expr));
        }
        Expr changed = expr;
        for (int i = 0; i < expr.children().size(); i++) {
            changed = changed.with(i, scaled(expr.children().get(i), share));
        }
        return changed;
    }

    /** Equal as far as the canonical forms show; for canonical ones that is the whole truth. */
    public static boolean same(RationalFunction x, RationalFunction y) {
        if (x.den().equals(y.den())) {
            return x.num().equals(y.num());
        }
        Budget budget = new Budget();
        return x.num().times(y.den(), budget).equals(y.num().times(x.den(), budget));
    }

    /** Whether their product is 1. Of ordinary polynomials the degrees say mostly that it is not. */
    public static boolean areReciprocal(RationalFunction x, RationalFunction y) {
        boolean ordinary = x.num().isOrdinary()
                && x.den().isOrdinary()
                && y.num().isOrdinary()
                && y.den().isOrdinary();
        int above = x.num().degree() + y.num().degree();
        int below = x.den().degree() + y.den().degree();
        return (!ordinary || above == below) && same(x.times(y), RationalFunction.ONE);
    }

    /**
     * Equal numbers, as far as it can be told.
     *
     * @throws MathProblem when it cannot
     */
    public static boolean sameNumber(RationalFunction x, RationalFunction y) {
        if (same(x, y)) {
            return true;
        }
        if (x.isCanonical() && y.isCanonical() || separated(x, y)) {
            return false;
        }
        throw MathProblem.notSupported("cannot tell whether two roots are equal");
    }

    /** −1, 0 or 1 as x is below, at or above y. */
    public static int compare(RationalFunction x, RationalFunction y) {
        return same(x, y) ? 0 : Enclosure.sign(x.minus(y));
    }

    private static boolean separated(RationalFunction x, RationalFunction y) {
        try {
            return Enclosure.sign(x.minus(y)) != 0;
        } catch (MathProblem unknown) {
            return false;
        }
    }

    private static Answer bySamples(Expr a, Expr b) {
        Set<String> letters = new TreeSet<>(Solver.letters(a, b));
        if (hasFactorials(a, b) && differAtWholeNumbers(List.copyOf(letters), a, b)) {
            return Answer.DIFFERENT;
        }
        for (int i = 0; i < SAMPLES.length; i++) {
            Map<String, Rational> point = new TreeMap<>();
            List<String> names = new ArrayList<>(letters);
            for (int j = 0; j < names.size(); j++) {
                int[] value = SAMPLES[(i + 3 * j) % SAMPLES.length];
                point.put(names.get(j), Rational.of(value[0] + j, value[1]));
            }
            if (differAt(point, a, b)) {
                return Answer.DIFFERENT;
            }
        }
        return Answer.UNKNOWN;
    }

    private static boolean hasFactorials(Expr... sides) {
        return Stream.of(sides)
                .anyMatch(side -> side.any(e ->
                        e instanceof Expr.Call(Fn fn, List<Expr> args) && (fn == Fn.FACTORIAL || fn == Fn.BINOMIAL)));
    }

    private static boolean differAtWholeNumbers(List<String> letters, Expr a, Expr b) {
        for (int i = 0; i < WHOLE_SAMPLES.length; i++) {
            Map<String, Rational> point = new TreeMap<>();
            for (int j = 0; j < letters.size(); j++) {
                point.put(letters.get(j), Rational.of(WHOLE_SAMPLES[(i + j) % WHOLE_SAMPLES.length]));
            }
            if (differAt(point, a, b)) {
                return true;
            }
        }
        return false;
    }

    private static boolean differAt(Map<String, Rational> point, Expr a, Expr b) {
        try {
            RationalFunction x = Canonical.at(a, point);
            RationalFunction y = Canonical.at(b, point);
            return !same(x, y) && (separated(x, y) || hasFunctions(a, b) && Approximation.differ(a, b, point));
        } catch (MathProblem notHere) {
            return hasFunctions(a, b) && Approximation.differ(a, b, point);
        }
    }

    static boolean hasFunctions(Expr... sides) {
        return Stream.of(sides).anyMatch(side -> side.any(e -> e instanceof Expr.Call || e instanceof Expr.Euler));
    }
}
