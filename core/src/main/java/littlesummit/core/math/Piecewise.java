package littlesummit.core.math;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import littlesummit.core.math.RealSet.Interval;
import littlesummit.core.math.Statement.Relation;

/**
 * Equations and inequalities with roots or absolute values of the unknown. The real line is cut wherever a part of a
 * side changes its form or stops being defined; every piece is solved without absolute values, and every cut is tried
 * exactly as it was written.
 */
final class Piecewise {
    private final Expr left;
    private final Relation sign;
    private final Expr right;
    private final String letter;

    private Piecewise(Expr left, Relation sign, Expr right, String letter) {
        this.left = left;
        this.sign = sign;
        this.right = right;
        this.letter = letter;
    }

    /** Whether a side has a root or an absolute value with the letter in it. */
    static boolean isNeeded(Expr side, String letter) {
        return side.any(e -> isRootOrAbs(e) && e.has(new Expr.Letter(letter)));
    }

    private static boolean isRootOrAbs(Expr expr) {
        return switch (expr) {
            case Expr.Root r -> true;
            case Expr.Abs a -> true;
            case Expr.Power(Expr base, Expr exponent) -> !isWhole(exponent);
            default -> false;
        };
    }

    private static boolean isWhole(Expr exponent) {
        return Solver.letters(exponent).isEmpty()
                && Canonical.of(exponent)
                        .asRational()
                        .filter(Rational::isInteger)
                        .isPresent();
    }

    static SolutionSet solve(Expr left, Relation sign, Expr right, String letter) {
        return SolutionSet.of(new Piecewise(left, sign, right, letter).solved());
    }

    static SolutionSet candidates(Expr left, Expr right, String letter) {
        Piecewise equation = new Piecewise(left, Relation.EQUAL, right, letter);
        Polynomial p = Canonical.of(left).minus(Canonical.of(right)).num();
        for (Optional<Atom> atom = equation.bound(Atom.class, p);
                atom.isPresent();
                atom = equation.bound(Atom.class, p)) {
            p = atom.get() instanceof Atom.Abs(Polynomial inner)
                    ? withoutRoot(p, atom.get(), 2, inner.times(inner))
                    : equation.withoutAtom(p, atom.get(), Rational.ZERO);
        }
        return p.isZero() ? SolutionSet.EMPTY : Solver.roots(p, letter);
    }

    private RealSet solved() {
        RealSet points = changes(left).union(changes(right));
        List<RationalFunction> cuts = Solver.cuts(points);
        RealSet result = RealSet.EMPTY;
        for (RationalFunction cut : cuts) {
            result = holdsAt(cut) ? result.union(RealSet.point(cut)) : result;
        }
        for (int i = 0; i <= cuts.size(); i++) {
            Optional<RationalFunction> low = i == 0 ? Optional.empty() : Optional.of(cuts.get(i - 1));
            Optional<RationalFunction> high = i == cuts.size() ? Optional.empty() : Optional.of(cuts.get(i));
            result = result.union(within(low, high));
        }
        return result;
    }

    /** Where a part of an expression changes its form: zeros below roots, in absolute values and in denominators. */
    private RealSet changes(Expr expr) {
        RealSet all = expr.children().stream().map(this::changes).reduce(RealSet.EMPTY, RealSet::union);
        return switch (expr) {
            case Expr.Abs(Expr inner) -> all.union(zeros(inner));
            case Expr.Root(int index, Expr radicand) -> all.union(zeros(radicand));
            case Expr.Quotient(Expr num, Expr den) -> all.union(zeros(den));
            case Expr.Power(Expr base, Expr exponent)
            when Solver.letters(exponent).contains(letter) ->
                throw MathProblem.notSupported("the unknown in an exponent");
            case Expr.Power(Expr base, Expr exponent) -> all.union(zeros(base));
            default -> all;
        };
    }

    /** The ends of the set where it is zero. */
    private RealSet zeros(Expr expr) {
        if (!Solver.letters(expr).contains(letter)) {
            return RealSet.EMPTY;
        }
        RealSet ends = RealSet.EMPTY;
        for (Interval i : Solver.solve(expr, Relation.EQUAL, Expr.Num.of(0), letter)
                .asRealSet()
                .intervals()) {
            ends = i.low().map(RealSet::point).map(ends::union).orElse(ends);
            ends = i.high().map(RealSet::point).map(ends::union).orElse(ends);
        }
        return ends;
    }

    private boolean holdsAt(RationalFunction point) {
        try {
            Map<String, RationalFunction> at = Map.of(letter, point);
            RationalFunction l = Canonical.atNumbers(left, at);
            RationalFunction r = Canonical.atNumbers(right, at);
            return switch (sign) {
                case EQUAL -> Equality.sameNumber(l, r);
                case NOT_EQUAL -> !Equality.sameNumber(l, r);
                default -> sign.holds(Equality.compare(l, r));
            };
        } catch (MathProblem problem) {
            return refused(problem);
        }
    }

    private static boolean refused(MathProblem problem) {
        if (problem.kind() == MathProblem.Kind.UNDEFINED) {
            return false;
        }
        throw problem;
    }

    /** The solutions strictly between two neighbouring cuts. */
    private RealSet within(Optional<RationalFunction> low, Optional<RationalFunction> high) {
        Rational sample = Solver.between(low, high);
        RealSet cell = RealSet.of(new Interval(low, false, high, false));
        if (!isDefinedAt(sample)) {
            return RealSet.EMPTY;
        }
        RationalFunction difference = Canonical.of(unfolded(left, sample)).minus(Canonical.of(unfolded(right, sample)));
        Polynomial withRoots = without(Atom.Abs.class, difference.num(), sample);
        if (withRoots.isZero()) {
            return sign.holds(0) ? cell : RealSet.EMPTY;
        }
        Polynomial plain = without(Atom.class, withRoots, sample);
        if (plain.isZero()) {
            throw MathProblem.notSupported("roots that cancel only here");
        }
        RealSet candidates = Solver.roots(plain, letter).asRealSet().intersection(cell);
        RealSet result = RealSet.EMPTY;
        List<RationalFunction> stops = Solver.cuts(candidates);
        for (RationalFunction stop : stops) {
            result = holdsAt(stop) ? result.union(RealSet.point(stop)) : result;
        }
        for (int i = 0; i <= stops.size() && sign != Relation.EQUAL; i++) {
            Optional<RationalFunction> from = i == 0 ? low : Optional.of(stops.get(i - 1));
            Optional<RationalFunction> to = i == stops.size() ? high : Optional.of(stops.get(i));
            if (holdsAt(RationalFunction.of(Solver.between(from, to)))) {
                result = result.union(RealSet.of(new Interval(from, false, to, false)));
            }
        }
        return result;
    }

    private boolean isDefinedAt(Rational sample) {
        try {
            Map<String, Rational> at = Map.of(letter, sample);
            Canonical.at(left, at);
            Canonical.at(right, at);
            return true;
        } catch (MathProblem problem) {
            return refused(problem);
        }
    }

    /** Without absolute values, whose sign is known from one place in the piece. */
    private Expr unfolded(Expr expr, Rational sample) {
        return switch (expr) {
            case Expr.Abs(Expr inner)
            when Solver.letters(inner).contains(letter) -> {
                Expr plain = unfolded(inner, sample);
                yield signAt(plain, sample) < 0 ? new Expr.Neg(plain) : plain;
            }
            case Expr.Neg(Expr inner) -> new Expr.Neg(unfolded(inner, sample));
            case Expr.Sum(List<Expr> terms) -> new Expr.Sum(unfolded(terms, sample));
            case Expr.Product(List<Expr> factors) -> new Expr.Product(unfolded(factors, sample));
            case Expr.Quotient(Expr num, Expr den) -> new Expr.Quotient(unfolded(num, sample), unfolded(den, sample));
            case Expr.Power(Expr base, Expr exponent) -> new Expr.Power(unfolded(base, sample), exponent);
            case Expr.Root(int index, Expr radicand) -> new Expr.Root(index, unfolded(radicand, sample));
            default -> expr;
        };
    }

    private List<Expr> unfolded(List<Expr> exprs, Rational sample) {
        List<Expr> all = new ArrayList<>();
        exprs.forEach(e -> all.add(unfolded(e, sample)));
        return all;
    }

    private int signAt(Expr expr, Rational sample) {
        return Enclosure.sign(Canonical.at(expr, Map.of(letter, sample)));
    }

    /** A polynomial that is zero wherever the one with bound atoms is; without roots it may have more zeros. */
    private Polynomial without(Class<? extends Atom> kind, Polynomial p, Rational sample) {
        Polynomial plain = p;
        for (Optional<Atom> atom = bound(kind, plain); atom.isPresent(); atom = bound(kind, plain)) {
            plain = withoutAtom(plain, atom.get(), sample);
        }
        return plain;
    }

    /** A root or an absolute value in which the letter occurs. */
    private Optional<Atom> bound(Class<? extends Atom> kind, Polynomial p) {
        return p.atoms().stream()
                .filter(kind::isInstance)
                .filter(a -> switch (a) {
                    case Atom.Root r -> isBound(r.radicand());
                    case Atom.Abs abs -> isBound(abs.inner());
                    default -> false;
                })
                .findFirst();
    }

    private boolean isBound(Polynomial inner) {
        return inner.letters().contains(letter) || bound(Atom.class, inner).isPresent();
    }

    private Polynomial withoutAtom(Polynomial p, Atom atom, Rational sample) {
        return switch (atom) {
            case Atom.Root(int index, Polynomial radicand) -> withoutRoot(p, atom, index, radicand);
            case Atom.Abs(Polynomial inner) ->
                p.coefficient(atom, 1)
                        .times(isNegativeAt(inner, sample) ? inner.negate() : inner)
                        .plus(p.coefficient(atom, 0));
            default -> throw new IllegalStateException("not bound: " + atom);
        };
    }

    /** From A·s + B = 0 with sⁿ known to Aⁿ·sⁿ = (−B)ⁿ, which keeps every solution and may add some. */
    private static Polynomial withoutRoot(Polynomial p, Atom atom, int index, Polynomial power) {
        if (p.terms().keySet().stream().anyMatch(m -> m.exponent(atom) > 1)) {
            throw MathProblem.notSupported("several powers of a higher root");
        }
        return p.coefficient(atom, 1)
                .power(index)
                .times(power)
                .minus(p.coefficient(atom, 0).negate().power(index));
    }

    private boolean isNegativeAt(Polynomial inner, Rational sample) {
        if (inner.hidesLetters()) {
            throw MathProblem.notSupported("roots inside of an absolute value");
        }
        return Enclosure.sign(RationalFunction.of(inner.substitute(letter, Polynomial.constant(sample)))) < 0;
    }
}
