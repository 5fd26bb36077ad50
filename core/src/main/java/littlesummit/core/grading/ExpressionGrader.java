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

    static Verdict grade(AnswerSpec spec, Statement expected, Statement entry) {
        Expr right = value(expected);
        Expr typed = value(entry);
        if (right.equals(typed)) {
            Canonical.of(typed);
            return form(spec.form(), typed);
        }
        return switch (Equality.of(right, typed)) {
            case EQUAL -> form(spec.form(), typed);
            case DIFFERENT ->
                ComplexUnit.makesEqual(right, typed)
                        ? new Verdict.Unreadable(Reason.NOT_SUPPORTED, 0)
                        : slip(right, typed);
            case UNKNOWN -> new Verdict.Unreadable(Reason.NOT_SUPPORTED, 0);
        };
    }

    private static Expr value(Statement statement) {
        if (statement instanceof Statement.Value(Expr expr) && Numbers.isOne(expr)) {
            return expr;
        }
        throw new Entries.WrongKind(Reason.EXPRESSION_WANTED);
    }

    private static Verdict form(Form form, Expr entry) {
        Optional<Reason> reason =
                form instanceof Form.Shape shape ? ExpressionForms.check(shape, entry) : Optional.empty();
        return reason.map(Verdict::form).orElse(Verdict.CORRECT);
    }

    private static Verdict slip(Expr right, Expr typed) {
        try {
            RationalFunction a = Canonical.of(right);
            RationalFunction b = Canonical.of(typed);
            if (Equality.same(a.negate(), b)) {
                return Verdict.slip(Reason.SIGN);
            }
            return Equality.same(a.times(b), RationalFunction.ONE)
                    ? Verdict.slip(Reason.RECIPROCAL)
                    : Verdict.incorrect();
        } catch (MathProblem noSlipToSee) {
            return Verdict.incorrect();
        }
    }
}
