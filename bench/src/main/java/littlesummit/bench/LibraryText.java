package littlesummit.bench;

import java.util.stream.Collectors;
import littlesummit.core.math.Expr;

/** Trees in the input form of the algebra library. */
final class LibraryText {
    private LibraryText() {}

    /** With every sign and bracket written. */
    static String of(Expr expr) {
        return switch (expr) {
            case Expr.Num n -> "(" + n.value() + ")";
            case Expr.Mixed m -> "(" + m.value() + ")";
            case Expr.Repeating r -> "(" + r.value() + ")";
            case Expr.Letter(String name) -> name;
            case Expr.Neg(Expr inner) -> "(-1*" + of(inner) + ")";
            case Expr.Sum(var terms) -> terms.stream().map(LibraryText::of).collect(Collectors.joining("+", "(", ")"));
            case Expr.Product(var factors) ->
                factors.stream().map(LibraryText::of).collect(Collectors.joining("*", "(", ")"));
            case Expr.Quotient(Expr num, Expr den) -> "(" + of(num) + "/" + of(den) + ")";
            case Expr.Power(Expr base, Expr exponent) -> "(" + of(base) + "^" + of(exponent) + ")";
            case Expr.Pi p -> "Pi";
            case Expr.Root(int index, Expr radicand) -> "(" + of(radicand) + "^(1/" + index + "))";
            case Expr.Abs(Expr inner) -> "Abs[" + of(inner) + "]";
            case Expr.Percent(Expr inner) -> "(" + of(inner) + "/100)";
            case Expr.Money(Expr inner) -> of(inner);
            case Expr.Degrees(Expr inner) -> of(inner);
            case Expr.Infinity i -> "Infinity";
            case Expr.PlusMinus p -> throw new IllegalArgumentException("two values");
        };
    }
}
