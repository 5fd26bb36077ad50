package littlesummit.core.grading;

import java.util.List;
import java.util.Optional;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.Equality;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Statement.Joiner;

/** Two numbers in order. */
final class PairGrader {
    private PairGrader() {}

    static Verdict grade(AnswerSpec spec, Statement expected, Statement entry) {
        List<Expr> right = coordinates(expected);
        List<Expr> typed = coordinates(entry);
        List<Verdict> each = judge(spec.form(), right, typed);
        if (each.stream().anyMatch(Verdict.Incorrect.class::isInstance)) {
            return slip(spec.form(), right, typed);
        }
        return each.stream().filter(Verdict.WrongForm.class::isInstance).findFirst().orElse(Verdict.CORRECT);
    }

    private static List<Verdict> judge(Form form, List<Expr> right, List<Expr> typed) {
        return List.of(NumberGrader.judge(form, right.get(0), typed.get(0), false),
                NumberGrader.judge(form, right.get(1), typed.get(1), false));
    }

    private static Verdict slip(Form form, List<Expr> right, List<Expr> typed) {
        boolean opposite = true;
        for (int i = 0; i < 2; i++) {
            opposite &= Equality.same(Canonical.of(right.get(i)).negate(), Canonical.of(typed.get(i)));
        }
        if (opposite) {
            return Verdict.slip(Reason.SIGN);
        }
        boolean swapped = judge(form, right.reversed(), typed).stream().noneMatch(Verdict.Incorrect.class::isInstance);
        return swapped ? Verdict.slip(Reason.SWAPPED) : new Verdict.Incorrect(Optional.empty());
    }

    private static List<Expr> coordinates(Statement statement) {
        List<Statement> items = switch (statement) {
            case Statement.Delimited(char open, List<Statement> inside, char close) when open == '(' && close == ')' -> inside;
            case Statement.Sequence(Joiner joiner, List<Statement> inside) when joiner == Joiner.COMMA -> inside;
            default -> List.of();
        };
        if (items.size() != 2) {
            throw new Entries.WrongKind(Reason.PAIR_WANTED);
        }
        return items.stream().map(PairGrader::coordinate).toList();
    }

    private static Expr coordinate(Statement item) {
        if (item instanceof Statement.Value(Expr expr) && Numbers.isOne(expr)) {
            return expr;
        }
        throw new Entries.WrongKind(Reason.PAIR_WANTED);
    }
}
