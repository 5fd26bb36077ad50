package littlesummit.core.grading;

import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import littlesummit.core.math.Alternatives;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Formulas;
import littlesummit.core.math.Polynomial;
import littlesummit.core.math.Rational;
import littlesummit.core.math.RationalFunction;
import littlesummit.core.math.Solver;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Statement.Relation;

/** Equations: left minus right, up to a nonzero constant factor; formulas in several letters: what they say. */
final class EquationGrader {
    private EquationGrader() {}

    static Verdict grade(AnswerSpec spec, Statement expected, Statement entry) {
        List<Expr> right = sides(expected);
        List<List<Expr>> cases = cases(entry);
        List<Expr> typed = cases.size() == 1 ? cases.getFirst() : inOne(cases);
        if (!proportional(difference(right), difference(typed)) && !isSameFormula(right, typed)) {
            return Verdict.incorrect();
        }
        boolean solved = !(spec.form() instanceof Form.Solved(String letter))
                || cases.stream().allMatch(one -> isSolved(one, letter));
        return solved ? Verdict.CORRECT : Verdict.form(Reason.SOLVED_WANTED);
    }

    /** A formula may be solved for another of its letters; a line or a circle is told by its equation alone. */
    private static boolean isSameFormula(List<Expr> right, List<Expr> typed) {
        Set<String> letters = Solver.letters(right.get(0), right.get(1));
        if (letters.size() < 2 || !letters.equals(Solver.letters(typed.get(0), typed.get(1)))) {
            return false;
        }
        return switch (Formulas.compare(right, typed)) {
            case SAME, SAME_WITHOUT_NEGATIVES -> true;
            case SAME_SOLUTIONS, DIFFERENT -> false;
            case UNKNOWN -> throw new Entries.WrongKind(Reason.NOT_SUPPORTED);
        };
    }

    /** One equation, or several of which one holds: joined by "or", or with a ± in them. */
    private static List<List<Expr>> cases(Statement statement) {
        if (statement instanceof Statement.Sequence(Statement.Joiner joiner, List<Statement> items)
                && joiner == Statement.Joiner.OR) {
            return items.stream().flatMap(item -> cases(item).stream()).toList();
        }
        if (statement instanceof Statement.Relations(List<Expr> sides, List<Relation> signs)
                && sides.size() == 2
                && Alternatives.areIn(sides)) {
            List<Expr> left = Alternatives.of(sides.getFirst());
            List<Expr> right = Alternatives.of(sides.getLast());
            return IntStream.range(0, 2)
                    .mapToObj(i -> sides(new Statement.Relations(
                            List.of(left.get(i % left.size()), right.get(i % right.size())), signs)))
                    .toList();
        }
        return List.of(sides(statement));
    }

    /** One of several equations holds where the product of their differences is zero. */
    private static List<Expr> inOne(List<List<Expr>> cases) {
        return List.of(
                new Expr.Product(cases.stream()
                        .map(sides -> Expr.sum(sides.getFirst(), new Expr.Neg(sides.getLast())))
                        .toList()),
                Expr.Num.of(0));
    }

    private static List<Expr> sides(Statement statement) {
        if (statement instanceof Statement.Relations(List<Expr> sides, List<Relation> signs)
                && signs.equals(List.of(Relation.EQUAL))
                && sides.stream().allMatch(Numbers::isOne)) {
            return sides;
        }
        throw new Entries.WrongKind(Reason.EQUATION_WANTED);
    }

    private static RationalFunction difference(List<Expr> sides) {
        return Canonical.of(sides.get(0)).minus(Canonical.of(sides.get(1)));
    }

    /** Neither is zero and their quotient is a constant. */
    static boolean proportional(RationalFunction a, RationalFunction b) {
        if (a.isZero() || b.isZero()) {
            return a.isZero() && b.isZero();
        }
        Polynomial x = a.num().times(b.den());
        Polynomial y = b.num().times(a.den());
        Rational p = x.anyCoefficient();
        return y.coefficientLike(x).filter(q -> x.times(q).equals(y.times(p))).isPresent();
    }

    private static boolean isSolved(List<Expr> sides, String letter) {
        Expr alone = new Expr.Letter(letter);
        return sides.get(0).equals(alone) && !sides.get(1).has(alone)
                || sides.get(1).equals(alone) && !sides.get(0).has(alone);
    }
}
