package littlesummit.core.working;

import java.util.List;
import java.util.Set;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.Equality;
import littlesummit.core.math.Expr;
import littlesummit.core.math.MathProblem;
import littlesummit.core.math.RationalFunction;
import littlesummit.core.math.RealSet;
import littlesummit.core.math.SolutionSet;
import littlesummit.core.math.Solver;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Statement.Relation;

/**
 * Solutions that a permitted step brings in: squaring both sides, clearing a denominator, multiplying by something that
 * may be zero. Such a step is right; the false solutions have to be left out again later.
 */
final class FalseRoots {
    private final List<Expr> from;
    private final List<Expr> to;
    private final String letter;

    private FalseRoots(List<Expr> from, List<Expr> to, String letter) {
        this.from = from;
        this.to = to;
        this.letter = letter;
    }

    /** Whether a line has all solutions of the one before, and more only because of such a step. */
    static boolean comeInBy(Statement before, Statement line) {
        Set<String> letters = Claim.letters(before);
        if (letters.size() != 1
                || !letters.equals(Claim.letters(line))
                || Claim.equation(before).isEmpty()
                || Claim.equation(line).isEmpty()) {
            return false;
        }
        FalseRoots step = new FalseRoots(
                Claim.equation(before).get(),
                Claim.equation(line).get(),
                letters.iterator().next());
        try {
            return !step.isSolved()
                    && step.isPermitted(Claim.solutions(before, step.letter), Claim.solutions(line, step.letter));
        } catch (MathProblem | Claim.Undecided cannotTell) {
            return false;
        }
    }

    /** x = 3 says that 3 is a solution. */
    private boolean isSolved() {
        return to.get(0) instanceof Expr.Letter && Solver.letters(to.get(1)).isEmpty()
                || to.get(1) instanceof Expr.Letter && Solver.letters(to.get(0)).isEmpty();
    }

    private boolean isPermitted(SolutionSet was, SolutionSet is) {
        return was.isWithin(is) && (isSquared(was, is) || isCleared(was, is) || isMultiplied());
    }

    /** L² = R² says L = R or L = −R; logarithms put together take a product of two negative numbers, too. */
    private boolean isSquared(SolutionSet was, SolutionSet is) {
        if (is.isWithin(Solver.candidates(from.get(0), from.get(1), letter))) {
            return true;
        }
        SolutionSet opposite = Solver.solve(from.get(0), Relation.EQUAL, new Expr.Neg(from.get(1)), letter);
        return is.sameAs(was.union(opposite));
    }

    /** What came in is where a denominator of the line before is zero. */
    private boolean isCleared(SolutionSet was, SolutionSet is) {
        RealSet poles = poles(from.get(0)).union(poles(from.get(1)));
        return !poles.intervals().isEmpty() && is.isWithin(was.union(new SolutionSet(poles, Set.of())));
    }

    private RealSet poles(Expr expr) {
        RealSet all = expr.children().stream().map(this::poles).reduce(RealSet.EMPTY, RealSet::union);
        if (!(expr instanceof Expr.Quotient(Expr num, Expr den))
                || !Solver.letters(den).contains(letter)) {
            return all;
        }
        return all.union(
                Solver.solve(den, Relation.EQUAL, Expr.Num.of(0), letter).exact());
    }

    /** Both sides times the same. */
    private boolean isMultiplied() {
        RationalFunction left = Canonical.of(from.get(0));
        RationalFunction right = Canonical.of(from.get(1));
        return !left.isZero()
                && !right.isZero()
                && Equality.same(
                        Canonical.of(to.get(0)).times(right),
                        Canonical.of(to.get(1)).times(left));
    }
}
