package littlesummit.core.grading;

import java.util.List;
import java.util.Optional;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Polynomial;
import littlesummit.core.math.Rational;
import littlesummit.core.math.RationalFunction;
import littlesummit.core.math.Solver;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Statement.Relation;

/**
 * One inequality in several letters, such as a half-plane. Two are the same when one is a positive multiple of the
 * other, or a negative one with the sign turned. Of two that are not linear and no multiples nothing is said.
 */
final class HalfPlanes {
    private HalfPlanes() {}

    /**
     * An inequality with everything on the left.
     *
     * @param below what is below zero, or at most zero
     * @param strict whether zero is left out
     */
    private record Below(RationalFunction below, boolean strict) {}

    /** Whether the answer is one. */
    static boolean areMeant(Statement expected) {
        return expected instanceof Statement.Relations(List<Expr> sides, var signs)
                && sides.size() == 2
                && Solver.letters(sides.get(0), sides.get(1)).size() > 1
                && below(expected).isPresent();
    }

    static Verdict grade(Statement expected, Statement entry) {
        Below right = below(expected).orElseThrow();
        Below typed = below(entry).orElseThrow(() -> new Entries.WrongKind(Reason.ONE_INEQUALITY_WANTED));
        Optional<Rational> times = ratio(right.below(), typed.below());
        if (times.isEmpty()) {
            if (isLinear(right.below()) && isLinear(typed.below())) {
                return Verdict.incorrect();
            }
            throw new Entries.WrongKind(Reason.NOT_SUPPORTED);
        }
        if (times.get().signum() < 0) {
            return Verdict.slip(Reason.DIRECTION);
        }
        return right.strict() == typed.strict() ? Verdict.CORRECT : Verdict.slip(Reason.BOUNDARY);
    }

    private static Optional<Below> below(Statement statement) {
        if (!(statement instanceof Statement.Relations(List<Expr> sides, List<Relation> signs)) || signs.size() != 1) {
            return Optional.empty();
        }
        RationalFunction left = Canonical.of(sides.get(0)).minus(Canonical.of(sides.get(1)));
        return switch (signs.getFirst()) {
            case LESS -> Optional.of(new Below(left, true));
            case AT_MOST -> Optional.of(new Below(left, false));
            case GREATER -> Optional.of(new Below(left.negate(), true));
            case AT_LEAST -> Optional.of(new Below(left.negate(), false));
            case EQUAL, NOT_EQUAL, ABOUT -> Optional.empty();
        };
    }

    /** So many times the first is the second, where that is a number. */
    private static Optional<Rational> ratio(RationalFunction first, RationalFunction second) {
        if (first.isZero() || second.isZero()) {
            return Optional.empty();
        }
        Polynomial x = first.num().times(second.den());
        Polynomial y = second.num().times(first.den());
        return y.coefficientLike(x).map(q -> q.over(x.anyCoefficient())).filter(times -> x.times(times)
                .equals(y));
    }

    private static boolean isLinear(RationalFunction f) {
        return f.asPolynomial().filter(p -> p.degree() == 1 && p.isOrdinary()).isPresent();
    }
}
