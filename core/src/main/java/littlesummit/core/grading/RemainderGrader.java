package littlesummit.core.grading;

import java.util.Optional;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Statement;

/**
 * A quotient with its remainder, of numbers or of polynomials. Where the answer names the division, as in {@code 37/5 =
 * 7 R 2}, a remainder from which the divisor could be taken once more is told from a wrong one.
 */
final class RemainderGrader {
    private RemainderGrader() {}

    /** @param division what was divided by what, where the answer says so */
    private record Divided(Expr quotient, Expr remainder, Optional<Expr.Quotient> division) {}

    static Verdict grade(Statement expected, Statement entry) {
        Divided right = divided(expected);
        Divided typed = divided(entry);
        boolean quotient = Numbers.areSame(right.quotient(), typed.quotient());
        boolean remainder = Numbers.areSame(right.remainder(), typed.remainder());
        if (quotient && remainder) {
            return isWorkedOut(typed.quotient()) && isWorkedOut(typed.remainder())
                    ? Verdict.CORRECT
                    : Verdict.form(Reason.INTEGER_WANTED);
        }
        if (Numbers.areSame(right.quotient(), typed.remainder())
                && Numbers.areSame(right.remainder(), typed.quotient())) {
            return Verdict.slip(Reason.SWAPPED);
        }
        if (quotient && Canonical.of(typed.remainder()).isZero()) {
            return Verdict.slip(Reason.REMAINDER_MISSING);
        }
        return right.division().filter(d -> makesTheWhole(d, typed)).isPresent()
                ? Verdict.slip(Reason.REMAINDER_TOO_LARGE)
                : Verdict.incorrect();
    }

    /** Plain digits, or anything with a letter. */
    private static boolean isWorkedOut(Expr expr) {
        return Numbers.literal(expr).isPresent() || expr.any(Expr.Letter.class::isInstance);
    }

    private static boolean makesTheWhole(Expr.Quotient division, Divided typed) {
        Expr made = Expr.sum(Expr.product(typed.quotient(), division.den()), typed.remainder());
        return Numbers.areSame(made, division.num());
    }

    private static Divided divided(Statement statement) {
        if (statement instanceof Statement.Sequence(var joiner, var items)
                && items.size() == 2
                && items.getLast() instanceof Statement.Value(Expr remainder)) {
            switch (items.getFirst()) {
                case Statement.Value(Expr quotient) -> {
                    return new Divided(quotient, remainder, Optional.empty());
                }
                case Statement.Relations(var sides, var signs)
                when sides.size() == 2 && signs.getFirst() == Statement.Relation.EQUAL -> {
                    return new Divided(
                            sides.getLast(),
                            remainder,
                            Optional.of(sides.getFirst())
                                    .filter(Expr.Quotient.class::isInstance)
                                    .map(Expr.Quotient.class::cast));
                }
                default -> {}
            }
        }
        throw new Entries.WrongKind(Reason.REMAINDER_WANTED);
    }
}
