package littlesummit.core.grading;

import littlesummit.core.math.Expr;
import littlesummit.core.math.MathProblem;
import littlesummit.core.math.RealSet;
import littlesummit.core.math.Statement;

/** Subsets of the real line, in whatever notation; half-planes where the answer is one. */
final class DomainGrader {
    private DomainGrader() {}

    static Verdict grade(AnswerSpec spec, Statement expected, Statement entry) {
        if (HalfPlanes.areMeant(expected)) {
            return HalfPlanes.grade(expected, entry);
        }
        RealSet right = Domains.of(expected);
        RealSet typed = Domains.of(entry);
        if (!right.sameAs(typed)) {
            return slip(right, typed);
        }
        if (spec.form() == Form.Shape.INTERVAL && !isInterval(entry)) {
            return Verdict.form(Reason.INTERVAL_WANTED);
        }
        if (spec.form() == Form.Shape.INEQUALITY && !isInequality(entry)) {
            return Verdict.form(Reason.INEQUALITY_WANTED);
        }
        if (spec.form() instanceof Form.Solved(String letter) && !isSolved(entry, letter)) {
            return Verdict.form(Reason.SOLVED_WANTED);
        }
        return Verdict.CORRECT;
    }

    private static Verdict slip(RealSet right, RealSet typed) {
        if (right.intervals().isEmpty() || typed.intervals().isEmpty()) {
            return Verdict.incorrect();
        }
        try {
            if (right.hasBoundsOf(typed)) {
                return Verdict.slip(Reason.BOUNDARY);
            }
            boolean turned = typed.intervals().stream().noneMatch(RealSet.Interval::isPoint)
                    && right.complement().hasBoundsOf(typed);
            return turned ? Verdict.slip(Reason.DIRECTION) : Verdict.incorrect();
        } catch (MathProblem noSlipToSee) {
            return Verdict.incorrect();
        }
    }

    /** Each side of an inequality is the letter alone or does not have it: what was asked is not just said again. */
    private static boolean isSolved(Statement entry, String letter) {
        Expr alone = new Expr.Letter(letter);
        return switch (entry) {
            case Statement.Relations(var sides, var signs) ->
                sides.stream().allMatch(side -> side.equals(alone) || !side.has(alone));
            case Statement.Sequence(var joiner, var items) -> items.stream().allMatch(i -> isSolved(i, letter));
            case Statement.SetBuilder(String own, Statement condition) -> isSolved(condition, own);
            default -> true;
        };
    }

    private static boolean isInterval(Statement entry) {
        return switch (entry) {
            case Statement.Delimited d -> true;
            case Statement.Union(var parts) -> parts.stream().allMatch(DomainGrader::isInterval);
            case Statement.Sequence(var joiner, var items) -> false;
            case Statement.Nothing n -> true;
            case Statement.Value v -> false;
            case Statement.Relations r -> false;
            case Statement.Reals r -> false;
            case Statement.SetBuilder s -> false;
            case Statement.Measure m -> false;
            case Statement.Measures m -> false;
            case Statement.Continued c -> false;
        };
    }

    /** Words serve for everything and for nothing, which no inequality says well. */
    private static boolean isInequality(Statement entry) {
        return switch (entry) {
            case Statement.Relations r -> true;
            case Statement.Sequence(var joiner, var items) ->
                items.stream().allMatch(i -> isInequality(i) || i instanceof Statement.Value);
            case Statement.Nothing n -> true;
            case Statement.Reals(var except) -> except.isEmpty();
            case Statement.Delimited d -> false;
            case Statement.Union u -> false;
            case Statement.Value v -> false;
            case Statement.SetBuilder s -> false;
            case Statement.Measure m -> false;
            case Statement.Measures m -> false;
            case Statement.Continued c -> false;
        };
    }
}
