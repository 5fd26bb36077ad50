package littlesummit.core.math;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import littlesummit.core.math.Statement.Relation;

/**
 * Whether two equations in several letters say the same. That they do is shown by their forms, that they do not by
 * numbers for all letters but one that leave different solutions; what neither shows is not decided.
 */
public final class Formulas {
    /** What is known of two formulas. */
    public enum Answer {
        SAME,
        /** The same solutions, one of them more than once: (x + y)² = 0 and x + y = 0. */
        SAME_SOLUTIONS,
        /** The same wherever no letter stands for a negative number: A = πr² and r = √(A/π). */
        SAME_WITHOUT_NEGATIVES,
        DIFFERENT,
        UNKNOWN
    }

    private static final Rational[] SAMPLES = {
        Rational.of(3), Rational.of(7, 2), Rational.of(5), Rational.of(2, 3), Rational.of(11), Rational.of(13, 5)
    };
    /** Letters of places in the plane and in space, which are negative as often as not. */
    private static final Set<String> COORDINATES = Set.of("x", "y", "z");

    private static final int TIMES = 3;
    private static final SolutionSet POSITIVE = SolutionSet.of(RealSet.above(RationalFunction.ZERO, false));

    private Formulas() {}

    /**
     * @param a the two sides of an equation
     * @param b those of another one
     * @throws MathProblem where a side is undefined everywhere or too large
     */
    public static Answer compare(List<Expr> a, List<Expr> b) {
        Optional<Polynomial> x = numerator(a);
        Optional<Polynomial> y = numerator(b);
        boolean areOrdinary = x.isPresent() && y.isPresent();
        if (areOrdinary && isEqual(x.get(), y.get())) {
            return Answer.SAME;
        }
        if (areOrdinary
                && !x.get().isZero()
                && !y.get().isZero()
                && isEqual(squarefree(x.get()), squarefree(y.get()))) {
            return Answer.SAME_SOLUTIONS;
        }
        if (areOrdinary && SignChange.tellsApart(x.get(), y.get())) {
            return Answer.DIFFERENT;
        }
        List<String> letters = List.copyOf(new TreeSet<>(Solver.letters(a.get(0), a.get(1), b.get(0), b.get(1))));
        if (!areOrdinary && haveSameForm(a, b)) {
            return byValues(a, b, letters) == Answer.DIFFERENT ? Answer.UNKNOWN : Answer.SAME;
        }
        return Equality.hasFunctions(a.get(0), a.get(1), b.get(0), b.get(1))
                ? byValues(a, b, letters)
                : bySamples(a, b, letters, areOrdinary);
    }

    /** By their forms, functions and all; where it cannot be told, nothing is known. */
    private static boolean haveSameForm(List<Expr> a, List<Expr> b) {
        if (Alternatives.areIn(a) || Alternatives.areIn(b)) {
            return false;
        }
        try {
            Optional<Polynomial> x = LogForm.of(a);
            return FreeForm.isSame(a, b)
                    || x.isPresent()
                            && LogForm.of(b).filter(y -> isEqual(x.get(), y)).isPresent();
        } catch (MathProblem noSuchForm) {
            return false;
        }
    }

    /**
     * With functions in them, formulas are only ever shown to be different by numbers in place of the others: a letter
     * that stands alone in both of them comes to clearly different values, or what it comes to in one of them does
     * clearly not solve the other.
     */
    private static Answer byValues(List<Expr> a, List<Expr> b, List<String> letters) {
        boolean haveInverses = Stream.concat(a.stream(), b.stream()).anyMatch(Formulas::hasInverse);
        for (String letter : letters) {
            for (int i = 0; i < SAMPLES.length; i++) {
                Map<String, Rational> point = new HashMap<>();
                for (int k = 0; k < letters.size(); k++) {
                    // No two alike: ln(y/a) is zero where they are.
                    point.put(letters.get(k), SAMPLES[(i + 2 * k) % SAMPLES.length].plus(Rational.of(k, 7)));
                }
                double x = Approximation.solution(a, letter, point);
                double y = Approximation.solution(b, letter, point);
                boolean fail = !haveInverses && (fail(b, a, letter, x, point, i) || fail(a, b, letter, y, point, i));
                if (fail || Approximation.areApart(x, y)) {
                    return Answer.DIFFERENT;
                }
            }
        }
        return Answer.UNKNOWN;
    }

    /**
     * Whether a solution of one equation does not solve another one.
     *
     * @param value of the letter in the first, where it stands alone there; else not a number
     * @param sample with the first of them solutions are looked for, if there is no such value
     */
    private static boolean fail(
            List<Expr> other, List<Expr> first, String letter, double value, Map<String, Rational> at, int sample) {
        List<Double> values = !Double.isNaN(value)
                ? List.of(value)
                : sample < TIMES ? Approximation.crossings(first, letter, at) : List.of();
        return values.stream().anyMatch(v -> Approximation.failsIn(other, first, letter, v, at));
    }

    /** An arc function gives one of the angles; which of them is meant, a formula does not say. */
    private static boolean hasInverse(Expr side) {
        return side.any(e ->
                e instanceof Expr.Call(Fn fn, var args) && (fn == Fn.ARCSIN || fn == Fn.ARCCOS || fn == Fn.ARCTAN));
    }

    /** As far as their forms show: cleared of denominators they are the same up to a number in front. */
    public static boolean areSame(List<Expr> a, List<Expr> b) {
        Optional<Polynomial> x = numerator(a);
        return x.isPresent() && numerator(b).filter(y -> isEqual(x.get(), y)).isPresent();
    }

    /** Whether two equations are the same up to a number in front, with functions in them or not. */
    public static boolean areProportional(List<Expr> a, List<Expr> b) {
        try {
            RationalFunction x = Canonical.of(a.get(0)).minus(Canonical.of(a.get(1)));
            RationalFunction y = Canonical.of(b.get(0)).minus(Canonical.of(b.get(1)));
            return !x.isZero()
                    && !y.isZero()
                    && Exponentials.simplified(x.over(y))
                            .asRational()
                            .filter(factor -> !factor.isZero())
                            .isPresent();
        } catch (MathProblem cannotTell) {
            return false;
        }
    }

    /** Up to the sign. */
    static boolean isEqual(Polynomial a, Polynomial b) {
        return a.equals(b) || a.equals(b.negate());
    }

    /**
     * Left less right over one bottom, without what top and bottom share and without a number in front; empty where
     * roots, absolute values or ± stand in it.
     */
    private static Optional<Polynomial> numerator(List<Expr> sides) {
        if (Alternatives.areIn(sides)) {
            return Optional.empty();
        }
        RationalFunction f = Canonical.of(sides.get(0)).minus(Canonical.of(sides.get(1)));
        if (!f.num().isOrdinary() || !f.den().isOrdinary()) {
            return Optional.empty();
        }
        return Optional.of(f.num().isZero() ? f.num() : cleared(f.num(), f.den()));
    }

    /** Of a quotient that is zero: the top without what it shares with the bottom, and without a number in front. */
    static Polynomial cleared(Polynomial top, Polynomial bottom) {
        Polynomial common = bottom.isConstant() ? Polynomial.ONE : Gcd.of(top, bottom);
        return top.exactOver(common).orElse(top).primitive();
    }

    /** Without repeated factors. */
    private static Polynomial squarefree(Polynomial p) {
        Polynomial repeated = p;
        for (String letter : p.letters()) {
            repeated = Gcd.of(repeated, p.derivative(letter));
        }
        return p.exactOver(repeated).orElse(p).primitive();
    }

    private static Answer bySamples(List<Expr> a, List<Expr> b, List<String> letters, boolean areOrdinary) {
        int alike = 0;
        boolean apart = false;
        for (int i = 0; i < letters.size() * TIMES; i++) {
            try {
                SolutionSet x = at(a, letters, i / TIMES, i % TIMES);
                SolutionSet y = at(b, letters, i / TIMES, i % TIMES);
                if (!positive(x).sameAs(positive(y))) {
                    return Answer.DIFFERENT;
                }
                apart |= !x.sameAs(y);
                alike += positive(x).isEmpty() ? 0 : 1;
            } catch (MathProblem notHere) {
                // other numbers may tell
            }
        }
        if (apart && areOrdinary) {
            return Answer.DIFFERENT;
        }
        boolean areSizes = letters.stream().noneMatch(COORDINATES::contains);
        if (apart && !areSizes) {
            return Answer.DIFFERENT;
        }
        if (alike < letters.size() || areOrdinary) {
            return Answer.UNKNOWN;
        }
        return apart ? Answer.SAME_WITHOUT_NEGATIVES : Answer.SAME;
    }

    private static SolutionSet positive(SolutionSet set) {
        return set.intersection(POSITIVE);
    }

    /** With numbers for all letters but one. */
    private static SolutionSet at(List<Expr> sides, List<String> letters, int open, int sample) {
        Expr left = sides.get(0);
        Expr right = sides.get(1);
        for (int j = 0; j < letters.size(); j++) {
            if (j != open) {
                Rational value = SAMPLES[(2 * j + sample) % SAMPLES.length].plus(Rational.of(j));
                left = left.with(letters.get(j), value);
                right = right.with(letters.get(j), value);
            }
        }
        SolutionSet all = SolutionSet.EMPTY;
        for (Expr l : Alternatives.of(left)) {
            for (Expr r : Alternatives.of(right)) {
                all = all.union(Solver.solve(l, Relation.EQUAL, r, letters.get(open)));
            }
        }
        return all;
    }
}
