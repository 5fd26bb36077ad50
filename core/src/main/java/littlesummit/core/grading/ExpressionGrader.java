package littlesummit.core.grading;

import java.util.Optional;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.ComplexUnit;
import littlesummit.core.math.Equality;
import littlesummit.core.math.Expr;
import littlesummit.core.math.MathProblem;
import littlesummit.core.math.RationalFunction;
import littlesummit.core.math.Statement;

/** Expressions: the same function on the common domain. */
final class ExpressionGrader {
    private ExpressionGrader() {}

    static Verdict grade(AnswerSpec spec, KnownAnswer answer, Statement entry) {
        Expr right = value(answer.statement());
        Expr typed = value(entry);
        RationalFunction worth = answer.canonical(right);
        int divisor = answer.worth().map(KnownAnswer.Worth::divisor).orElse(-1);
        if (right.equals(typed)) {
            return answer.worth().flatMap(KnownAnswer.Worth::form).orElseGet(() -> form(spec.form(), typed, divisor));
        }
        RationalFunction typedWorth = Canonical.of(typed);
        return switch (Equality.of(right, worth, typed, typedWorth)) {
            case EQUAL -> form(spec.form(), typed, divisor);
            case DIFFERENT ->
                ComplexUnit.makesEqual(right, typed)
                        ? new Verdict.Unreadable(Reason.NOT_SUPPORTED, 0)
                        : slip(worth, typedWorth);
            case UNKNOWN -> new Verdict.Unreadable(Reason.NOT_SUPPORTED, 0);
        };
    }

    private static Expr value(Statement statement) {
        if (statement instanceof Statement.Value(Expr expr) && Numbers.isOne(expr)) {
            return expr;
        }
        throw new Entries.WrongKind(Reason.EXPRESSION_WANTED);
    }

    /**
     * Of an expression that is worth what the answer is.
     *
     * @param divisor of the answer, see {@link KnownAnswer.Worth}
     */
    static Verdict form(Form form, Expr entry, int divisor) {
        Optional<Reason> reason =
                form instanceof Form.Shape shape ? ExpressionForms.check(shape, entry, divisor) : Optional.empty();
        return reason.map(Verdict::form).orElse(Verdict.CORRECT);
    }

    private static Verdict slip(RationalFunction right, RationalFunction typed) {
        try {
            if (Equality.same(right.negate(), typed)) {
                return Verdict.slip(Reason.SIGN);
            }
            return Equality.areReciprocal(right, typed) ? Verdict.slip(Reason.RECIPROCAL) : Verdict.incorrect();
        } catch (MathProblem noSlipToSee) {
            return Verdict.incorrect();
        }
    }
}
