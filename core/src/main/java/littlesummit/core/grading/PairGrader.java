package littlesummit.core.grading;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.Equality;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Statement.Joiner;

/** Numbers in order: a point or a vector in the plane or in space. */
final class PairGrader {
    private static final int MOST = 4;

    private PairGrader() {}

    static Verdict grade(AnswerSpec spec, Statement expected, Statement entry) {
        List<Expr> right = coordinates(expected, 0);
        if (RatioGrader.isAsked(spec)) {
            return RatioGrader.judge(spec.form(), right, parts(entry, right.size()));
        }
        List<Expr> typed = coordinates(entry, right.size());
        List<Verdict> each = judge(spec.form(), right, typed);
        if (each.stream().anyMatch(Verdict.Incorrect.class::isInstance)) {
            return slip(spec.form(), right, typed);
        }
        return each.stream()
                .filter(Verdict.WrongForm.class::isInstance)
                .findFirst()
                .orElse(Verdict.CORRECT);
    }

    private static List<Expr> parts(Statement entry, int wanted) {
        try {
            return coordinates(entry, wanted);
        } catch (Entries.WrongKind otherwise) {
            throw new Entries.WrongKind(Reason.RATIO_WANTED);
        }
    }

    private static List<Verdict> judge(Form form, List<Expr> right, List<Expr> typed) {
        return IntStream.range(0, right.size())
                .mapToObj(i -> NumberGrader.judge(form, right.get(i), typed.get(i), false))
                .toList();
    }

    private static Verdict slip(Form form, List<Expr> right, List<Expr> typed) {
        boolean opposite = IntStream.range(0, right.size())
                .allMatch(i -> Equality.same(Canonical.of(right.get(i)).negate(), Canonical.of(typed.get(i))));
        if (opposite) {
            return Verdict.slip(Reason.SIGN);
        }
        return isSwapped(form, right, typed) ? Verdict.slip(Reason.SWAPPED) : Verdict.incorrect();
    }

    /** Whether two of them have changed places. */
    private static boolean isSwapped(Form form, List<Expr> right, List<Expr> typed) {
        for (int i = 0; i < right.size(); i++) {
            for (int k = i + 1; k < right.size(); k++) {
                List<Expr> swapped = new ArrayList<>(typed);
                Collections.swap(swapped, i, k);
                if (judge(form, right, swapped).stream().noneMatch(Verdict.Incorrect.class::isInstance)) {
                    return true;
                }
            }
        }
        return false;
    }

    /** @param wanted how many there have to be; 0 for two or more */
    private static List<Expr> coordinates(Statement statement, int wanted) {
        List<Statement> items =
                switch (statement) {
                    case Statement.Delimited(char open, List<Statement> inside, char close)
                    when open == '(' && close == ')' -> inside;
                    case Statement.Sequence(Joiner joiner, List<Statement> inside)
                    when joiner == Joiner.COMMA || joiner == Joiner.AND && areNamed(inside) -> inside;
                    default -> List.of();
                };
        if (items.size() < 2 || items.size() > MOST || wanted > 0 && items.size() != wanted) {
            throw new Entries.WrongKind(wanted > 2 ? Reason.COORDINATES_WANTED : Reason.PAIR_WANTED);
        }
        return inOrder(items).stream().map(PairGrader::coordinate).toList();
    }

    /** Named coordinates may come in any order: {@code y = -2, x = 3} is (3, −2). */
    private static List<Statement> inOrder(List<Statement> items) {
        List<String> names = items.stream().flatMap(item -> name(item).stream()).toList();
        if (names.size() < items.size()) {
            return items;
        }
        if (names.stream().distinct().count() < names.size()) {
            throw new Entries.WrongKind(Reason.PAIR_WANTED);
        }
        return items.stream()
                .sorted(Comparator.comparing(item -> name(item).orElseThrow()))
                .toList();
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
