package littlesummit.core.grading;

import java.util.List;
import java.util.Optional;
import littlesummit.core.math.Equality;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Statement;

/** How a number is written. */
final class Numbers {
    private Numbers() {}

    /** Whether it stands for one number: no infinity, no ±. */
    static boolean isOne(Expr expr) {
        return switch (expr) {
            case Expr.Num n -> true;
            case Expr.Letter l -> true;
            case Expr.Infinity i -> false;
            case Expr.PlusMinus p -> false;
            case Expr.Neg(Expr inner) -> isOne(inner);
            case Expr.Quotient(Expr num, Expr den) -> isOne(num) && isOne(den);
            case Expr.Power(Expr base, Expr exponent) -> isOne(base) && isOne(exponent);
            default -> areOne(expr.children());
        };
    }

    private static boolean areOne(List<Expr> parts) {
        for (int i = 0; i < parts.size(); i++) {
            if (!isOne(parts.get(i))) {
                return false;
            }
        }
        return true;
    }

    /** Without a currency or degree sign, which change no value. */
    static Expr plain(Expr expr) {
        return switch (expr) {
            case Expr.Money(Expr inner) -> plain(inner);
            case Expr.Degrees(Expr inner) -> plain(inner);
            case Expr.Neg(Expr inner) -> new Expr.Neg(plain(inner));
            default -> expr;
        };
    }

    /** What stands behind {@code x =}, and anything else as it is. */
    static Statement unnamed(Statement statement) {
        if (statement instanceof Statement.Relations(List<Expr> sides, List<Statement.Relation> signs)
                && signs.equals(List.of(Statement.Relation.EQUAL))) {
            if (sides.getFirst() instanceof Expr.Letter) {
                return new Statement.Value(sides.getLast());
            }
            if (sides.getLast() instanceof Expr.Letter) {
                return new Statement.Value(sides.getFirst());
            }
        }
        return statement;
    }

    /** Whether a percent, degree or currency sign stands there twice. */
    static boolean hasSignTwice(Expr expr) {
        return expr.any(e -> isSigned(e) && isSigned(unsigned(e.children().getFirst())));
    }

    private static boolean isSigned(Expr expr) {
        return expr instanceof Expr.Percent || expr instanceof Expr.Degrees || expr instanceof Expr.Money;
    }

    /** What stands before a percent sign, with its own sign of plus or minus; empty where there is none. */
    static Optional<Expr> percentNumber(Expr entry) {
        return switch (entry) {
            case Expr.Percent(Expr inner) -> Optional.of(inner);
            case Expr.Neg(Expr.Percent(Expr inner)) -> Optional.of(new Expr.Neg(inner));
            default -> Optional.empty();
        };
    }

    static boolean hasQuotient(Expr expr) {
        return expr.any(Expr.Quotient.class::isInstance);
    }

    static boolean hasPower(Expr expr) {
        return expr.any(Expr.Power.class::isInstance);
    }

    static Expr unsigned(Expr expr) {
        return expr instanceof Expr.Neg(Expr inner) ? inner : expr;
    }

    /** Plain digits with at most one sign. */
    static Optional<Expr.Num> literal(Expr expr) {
        return unsigned(expr) instanceof Expr.Num n ? Optional.of(n) : Optional.empty();
    }

    /**
     * Whether two values or formulas are equal.
     *
     * @throws Entries.WrongKind when it cannot be told
     */
    static boolean areSame(Expr a, Expr b) {
        return switch (Equality.of(a, b)) {
            case EQUAL -> true;
            case DIFFERENT -> false;
            case UNKNOWN -> throw new Entries.WrongKind(Reason.NOT_SUPPORTED);
        };
    }
}
