package littlesummit.core.math;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import littlesummit.core.math.Statement.Relation;

/**
 * Exact real solutions of one equation or inequality in one letter. What cannot be told exactly is a {@link
 * MathProblem}.
 */
public final class Solver {
    private final String letter;
    private final Expr left;
    private final Expr right;

    private Solver(Expr left, Expr right, String letter) {
        this.left = left;
        this.right = right;
        this.letter = letter;
    }

    /** @param letter the only letter on both sides; any other name where there is none */
    public static SolutionSet solve(Expr left, Relation sign, Expr right, String letter) {
        if (Transcendental.isNeeded(left, letter) || Transcendental.isNeeded(right, letter)) {
            return new Solver(left, right, letter).transcendental(sign);
        }
        if (sign != Relation.ABOUT && (Piecewise.isNeeded(left, letter) || Piecewise.isNeeded(right, letter))) {
            Optional<SolutionSet> byRoots =
                    sign == Relation.EQUAL ? RootSubstitution.solve(left, right, letter) : Optional.empty();
            return byRoots.isPresent() ? byRoots.get() : Piecewise.solve(left, sign, right, letter);
        }
        Solver solver = new Solver(left, right, letter);
        return switch (sign) {
            case EQUAL -> solver.equation();
            case NOT_EQUAL ->
                SolutionSet.of(solver.equation().asRealSet().complement()).intersection(solver.domain());
            case LESS, GREATER, AT_MOST, AT_LEAST -> solver.inequality(sign);
            case ABOUT -> throw MathProblem.notSupported("a rounded value is no equation");
        };
    }

    /**
     * What solves an equation once all roots in it are squared away and all logarithms put together: its solutions, and
     * false ones that came in. Empty where there is nothing of that kind.
     */
    public static SolutionSet candidates(Expr left, Expr right, String letter) {
        if (Transcendental.isNeeded(left, letter) || Transcendental.isNeeded(right, letter)) {
            RationalFunction f = Canonical.of(left).minus(Canonical.of(right));
            return f.isConstantNumber() ? SolutionSet.EMPTY : Transcendental.candidates(f, letter);
        }
        return Piecewise.isNeeded(left, letter) || Piecewise.isNeeded(right, letter)
                ? Piecewise.candidates(left, right, letter)
                : SolutionSet.EMPTY;
    }

    private SolutionSet transcendental(Relation sign) {
        RationalFunction f = difference();
        if (sign != Relation.EQUAL || f.isZero()) {
            throw MathProblem.notSupported("functions in anything but an equation");
        }
        if (f.isConstantNumber()) {
            return Enclosure.sign(f) == 0 ? SolutionSet.ALL : SolutionSet.EMPTY;
        }
        if (Transcendental.isDefinedEverywhere(left, letter) && Transcendental.isDefinedEverywhere(right, letter)) {
            return Transcendental.candidates(f, letter);
        }
        // Nothing is taken without having been put in.
        return kept(Transcendental.candidates(f, letter), Polynomial.atom(new Atom.Pi()));
    }

    private RationalFunction difference() {
        return Canonical.of(left).minus(Canonical.of(right));
    }

    private SolutionSet equation() {
        RationalFunction f = difference();
        if (f.isZero()) {
            return domain();
        }
        if (f.isConstantNumber()) {
            return Enclosure.sign(f) == 0 ? domain() : SolutionSet.EMPTY;
        }
        SolutionSet candidates = roots(f.num(), letter);
        return f.den().isConstant() ? candidates : kept(candidates, f.den());
    }

    /** Those that solve the equation as it was written. */
    private SolutionSet kept(SolutionSet candidates, Polynomial den) {
        if (!candidates.factors().isEmpty()) {
            if (den.isOrdinary()
                    && candidates.factors().stream()
                            .allMatch(f -> Gcd.of(f, den).degree() == 0)) {
                return new SolutionSet(
                        kept(SolutionSet.of(candidates.exact()), den).exact(), candidates.factors());
            }
            throw MathProblem.notSupported("roots that cannot be tried");
        }
        RealSet good = RealSet.EMPTY;
        for (RealSet.Interval i : candidates.exact().intervals()) {
            RationalFunction root = i.low().orElseThrow(() -> MathProblem.notSupported("an interval of candidates"));
            good = solves(root) ? good.union(RealSet.point(root)) : good;
        }
        return SolutionSet.of(good);
    }

    private boolean solves(RationalFunction root) {
        return Transcendental.holdsAt(left, right, letter, root);
    }

    /** Where both sides are defined, as far as denominators say. */
    private SolutionSet domain() {
        RationalFunction f = difference();
        Polynomial dens =
                Canonical.of(left).den().times(Canonical.of(right).den()).times(f.den());
        return dens.isConstant()
                ? SolutionSet.ALL
                : SolutionSet.of(roots(dens, letter).asRealSet().complement());
    }

    /**
     * All real roots.
     *
     * @param p not zero
     */
    static SolutionSet roots(Polynomial p, String letter) {
        return new RealRoots(letter).of(p);
    }

    /** By the sign between neighbouring places where it can change. */
    private SolutionSet inequality(Relation sign) {
        RationalFunction f = difference();
        RealSet zeros = f.isZero() ? RealSet.EMPTY : equation().asRealSet();
        RealSet poles =
                f.den().isConstant() ? RealSet.EMPTY : roots(f.den(), letter).asRealSet();
        List<RationalFunction> cuts = cuts(zeros.union(poles));
        RealSet result = sign.holds(0) && f.isZero() ? RealSet.ALL : sign.holds(0) ? zeros : RealSet.EMPTY;
        for (int i = 0; i <= cuts.size() && !f.isZero(); i++) {
            Optional<RationalFunction> low = i == 0 ? Optional.empty() : Optional.of(cuts.get(i - 1));
            Optional<RationalFunction> high = i == cuts.size() ? Optional.empty() : Optional.of(cuts.get(i));
            if (sign.holds(signAt(between(low, high)))) {
                result = result.union(RealSet.of(new RealSet.Interval(low, false, high, false)));
            }
        }
        return SolutionSet.of(result).intersection(domain());
    }

    static List<RationalFunction> cuts(RealSet points) {
        List<RationalFunction> cuts = new ArrayList<>();
        points.intervals()
                .forEach(i -> cuts.add(i.low().orElseThrow(() -> MathProblem.notSupported("zero on an interval"))));
        return cuts;
    }

    static Rational between(Optional<RationalFunction> low, Optional<RationalFunction> high) {
        if (low.isEmpty() && high.isEmpty()) {
            return Rational.ZERO;
        }
        if (low.isEmpty() || high.isEmpty()) {
            Rational end = Rounding.halfUp(low.or(() -> high).orElseThrow(), 2);
            return end.plus(Rational.of(low.isEmpty() ? -1 : 1));
        }
        for (int places = 2; places <= 24; places += 4) {
            Rational middle = Rounding.halfUp(low.get(), places)
                    .plus(Rounding.halfUp(high.get(), places))
                    .over(Rational.of(2));
            RationalFunction at = RationalFunction.of(middle);
            if (Equality.compare(low.get(), at) < 0 && Equality.compare(at, high.get()) < 0) {
                return middle;
            }
        }
        throw MathProblem.notSupported("roots too close to each other");
    }

    private int signAt(Rational value) {
        Map<String, Rational> at = Map.of(letter, value);
        try {
            return Enclosure.sign(Canonical.at(left, at).minus(Canonical.at(right, at)));
        } catch (MathProblem notDefinedHere) {
            throw MathProblem.notSupported("a side is not defined everywhere");
        }
    }

    /** Letters that occur on either side. */
    public static Set<String> letters(Expr... sides) {
        Set<String> letters = new HashSet<>();
        for (Expr side : sides) {
            collect(side, letters);
        }
        return letters;
    }

    private static void collect(Expr expr, Set<String> letters) {
        if (expr instanceof Expr.Letter(String name)) {
            letters.add(name);
        }
        expr.children().forEach(child -> collect(child, letters));
    }
}
