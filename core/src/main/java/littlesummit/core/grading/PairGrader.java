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
        return each.stream()
                .filter(Verdict.WrongForm.class::isInstance)
                .findFirst()
                .orElse(Verdict.CORRECT);
    }

    private static List<Verdict> judge(Form form, List<Expr> right, List<Expr> typed) {
        return List.of(
                NumberGrader.judge(form, right.get(0), typed.get(0), false),
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
        List<Statement> items =
                switch (statement) {
                    case Statement.Delimited(char open, List<Statement> inside, char close)
                    when open == '(' && close == ')' -> inside;
                    case Statement.Sequence(Joiner joiner, List<Statement> inside)
                    when joiner == Joiner.COMMA || joiner == Joiner.AND && areNamed(inside) -> inside;
                    default -> List.of();
                };
        if (items.size() != 2) {
            throw new Entries.WrongKind(Reason.PAIR_WANTED);
        }
        return inOrder(items).stream().map(PairGrader::coordinate).toList();
    }

    /** Named coordinates may come in any order: {@code y = -2, x = 3} is (3, −2). */
    private static List<Statement> inOrder(List<Statement> items) {
        Optional<String> first = name(items.getFirst());
        Optional<String> second = name(items.getLast());
        boolean turned = first.isPresent() && second.isPresent() && first.get().compareTo(second.get()) > 0;
        if (first.isPresent() && first.equals(second)) {
            throw new Entries.WrongKind(Reason.PAIR_WANTED);
        }
        return turned ? items.reversed() : items;
    }

    private static boolean areNamed(List<Statement> items) {
        return items.stream().allMatch(item -> name(item).isPresent());
    }

    private static Optional<String> name(Statement item) {
        return item instanceof Statement.Relations(List<Expr> sides, var signs)
                        && sides.getFirst() instanceof Expr.Letter(String name)
                ? Optional.of(name)
                : Optional.empty();
    }

    private static Expr coordinate(Statement item) {
        if (Numbers.unnamed(item) instanceof Statement.Value(Expr expr) && Numbers.isOne(expr)) {
            return expr;
        }
        throw new Entries.WrongKind(Reason.PAIR_WANTED);
    }
}
