package littlesummit.bench;

import java.util.stream.Collectors;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Fn;

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
            case Expr.Applied a -> throw new IllegalArgumentException("only authors write " + a.name());
            case Expr.Infinity i -> "Infinity";
            case Expr.Euler e -> "E";
            case Expr.Call(Fn fn, var args) ->
                args.stream().map(LibraryText::of).collect(Collectors.joining(",", name(fn) + "[", "]"));
            case Expr.PlusMinus p -> throw new IllegalArgumentException("two values");
        };
    }

    /** What the library calls a function. */
    private static String name(Fn fn) {
        return switch (fn) {
            case LN -> "Log";
            case BINOMIAL -> "Binomial";
            case FACTORIAL -> "Factorial";
            case GCD -> "GCD";
            case LCM -> "LCM";
            case ARCSIN -> "ArcSin";
            case ARCCOS -> "ArcCos";
            case ARCTAN -> "ArcTan";
            default ->
                fn.symbol().substring(0, 1).toUpperCase(java.util.Locale.ROOT)
                        + fn.symbol().substring(1);
        };
    }
}
