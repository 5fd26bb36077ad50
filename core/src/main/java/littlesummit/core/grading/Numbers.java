package littlesummit.core.grading;

import java.util.Optional;
import littlesummit.core.math.Expr;

/** How a number is written. */
final class Numbers {
    private Numbers() {}

    /** Whether it stands for one number: no infinity, no ±. */
    static boolean isOne(Expr expr) {
        return !(expr instanceof Expr.Infinity) && !(expr instanceof Expr.PlusMinus)
                && expr.children().stream().allMatch(Numbers::isOne);
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

    static Expr unsigned(Expr expr) {
        return expr instanceof Expr.Neg(Expr inner) ? inner : expr;
    }

    /** Plain digits with at most one sign. */
    static Optional<Expr.Num> literal(Expr expr) {
        return unsigned(expr) instanceof Expr.Num n ? Optional.of(n) : Optional.empty();
    }
}
