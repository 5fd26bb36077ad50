package littlesummit.core.grading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import littlesummit.core.math.Alternatives;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.Equality;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Statement.Joiner;

/** Finitely many numbers in any order, repeats ignored. */
final class SetGrader {
    private SetGrader() {}

    static Verdict grade(AnswerSpec spec, Statement expected, Statement entry) {
        List<Expr> right = elements(expected);
        List<Expr> typed = elements(entry);
        Optional<Verdict> form = Optional.empty();
        boolean missing = false;
        boolean extra = false;
        for (Expr wanted : right) {
            missing |= typed.stream().allMatch(e -> isWrong(spec.form(), wanted, e));
        }
        for (Expr element : typed) {
            Optional<Verdict> best = right.stream()
                    .map(wanted -> NumberGrader.judge(spec.form(), wanted, element, false))
                    .filter(v -> !(v instanceof Verdict.Incorrect))
                    .findFirst();
            extra |= best.isEmpty();
            form = form.or(() -> best.filter(Verdict.WrongForm.class::isInstance));
        }
        if (missing || extra) {
            boolean someRight =
                    typed.stream().anyMatch(e -> right.stream().anyMatch(wanted -> !isWrong(spec.form(), wanted, e)));
            return slip(right, typed, missing, extra, someRight);
        }
        return form.orElse(Verdict.CORRECT);
    }

    private static boolean isWrong(Form form, Expr wanted, Expr element) {
        return NumberGrader.judge(form, wanted, element, false) instanceof Verdict.Incorrect;
    }

    private static Verdict slip(List<Expr> right, List<Expr> typed, boolean missing, boolean extra, boolean someRight) {
        boolean opposite = !typed.isEmpty() && covers(right, typed) && covers(typed, right);
        if (opposite) {
            return Verdict.slip(Reason.SIGN);
        }
        if (!missing) {
            return Verdict.slip(Reason.EXTRA_ELEMENT);
        }
        return Verdict.slip(
                someRight && !extra
                        ? Reason.MISSING_ELEMENT
                        : typed.isEmpty() ? Reason.NO_ELEMENT : Reason.ELEMENT_WRONG);
    }

    /** Whether the opposite of every one of {@code some} is among {@code all}. */
    private static boolean covers(List<Expr> all, List<Expr> some) {
        return some.stream().allMatch(e -> all.stream()
                .anyMatch(a -> Equality.same(Canonical.of(a).negate(), Canonical.of(e))));
    }

    private static List<Expr> elements(Statement statement) {
        List<Expr> elements = new ArrayList<>();
        collect(statement, elements, true);
        return elements;
    }

    private static void collect(Statement statement, List<Expr> into, boolean outermost) {
        switch (Numbers.unnamed(statement)) {
            case Statement.Nothing n when outermost -> {}
            case Statement.Value(Expr expr) -> Alternatives.of(expr).forEach(e -> into.add(finite(e)));
            case Statement.Union(List<Statement> parts)
            when outermost -> parts.forEach(part -> collect(part, into, true));
            case Statement.Sequence(Joiner joiner, List<Statement> items) ->
                items.forEach(i -> collect(i, into, false));
            case Statement.Delimited(char open, List<Statement> items, char close)
            when open == '{' && outermost -> items.forEach(i -> collect(i, into, false));
            default -> throw new Entries.WrongKind(Reason.NUMBERS_WANTED);
        }
    }

    private static Expr finite(Expr expr) {
        if (!Numbers.isOne(expr)) {
            throw new Entries.WrongKind(Reason.NUMBERS_WANTED);
        }
        return expr;
    }
}
