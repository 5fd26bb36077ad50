package littlesummit.core.math;

import java.util.stream.Collectors;
import org.matheclipse.core.eval.ExprEvaluator;
import org.matheclipse.core.interfaces.IExpr;

/** A general-purpose computer algebra library (Symja), asked for a second opinion. */
public final class Library {
    private final ExprEvaluator evaluator = new ExprEvaluator(false, (short) 5);

    public boolean findsEqual(Expr a, Expr b) {
        return evaluator
                .eval("Together[Expand[(" + text(a) + ")-(" + text(b) + ")]]")
                .isZero();
    }

    /** What the library makes of a command in its own language, as text. */
    public String eval(String command) {
        return evaluator.eval(command).toString();
    }

    public boolean findsIrreducible(Expr polynomial) {
        IExpr factored = evaluator.eval("Factor[" + text(polynomial) + "]");
        if (factored.isTimes() && factored.size() == 3 && factored.first().isNumber()) {
            factored = factored.second();
        }
        return !factored.isTimes() && !factored.isPower();
    }

    /** With every sign and bracket written. */
    public static String text(Expr expr) {
        return switch (expr) {
            case Expr.Num n -> "(" + n.value() + ")";
            case Expr.Mixed m -> "(" + m.value() + ")";
            case Expr.Repeating r -> "(" + r.value() + ")";
            case Expr.Letter(String name) -> name;
            case Expr.Neg(Expr inner) -> "(-1*" + text(inner) + ")";
            case Expr.Sum(var terms) -> terms.stream().map(Library::text).collect(Collectors.joining("+", "(", ")"));
            case Expr.Product(var factors) ->
                factors.stream().map(Library::text).collect(Collectors.joining("*", "(", ")"));
            case Expr.Quotient(Expr num, Expr den) -> "(" + text(num) + "/" + text(den) + ")";
            case Expr.Power(Expr base, Expr exponent) -> "(" + text(base) + "^" + text(exponent) + ")";
            case Expr.Pi p -> "Pi";
            case Expr.Root(int index, Expr radicand) -> "(" + text(radicand) + "^(1/" + index + "))";
            case Expr.Abs(Expr inner) -> "Abs[" + text(inner) + "]";
            case Expr.Percent(Expr inner) -> "(" + text(inner) + "/100)";
            case Expr.Money(Expr inner) -> text(inner);
            case Expr.Degrees(Expr inner) -> text(inner);
            case Expr.Applied a -> throw new IllegalArgumentException("only authors write " + a.name());
            case Expr.Infinity i -> "Infinity";
            case Expr.Euler e -> "E";
            case Expr.Call(Fn fn, var args) ->
                args.stream().map(Library::text).collect(Collectors.joining(",", name(fn) + "[", "]"));
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
