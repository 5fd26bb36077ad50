package littlesummit.core.math;

import java.util.List;
import java.util.stream.Collectors;

/** Trees as they would be typed on a plain keyboard; {@link Parser} reads them back to the same tree. */
public final class PlainPrinter {
    private PlainPrinter() {}

    public static String plain(Expr expr) {
        return switch (expr) {
            case Expr.Num n -> LatexPrinter.digits(n);
            case Expr.Mixed m -> m.whole() + " " + m.num() + "/" + m.den();
            case Expr.Repeating r ->
                r.written() + r.written().substring(r.written().length() - r.period()) + "...";
            case Expr.Letter(String name) -> name;
            case Expr.Pi p -> "pi";
            case Expr.Infinity i -> "inf";
            case Expr.Euler e -> "e";
            case Expr.Call(Fn fn, List<Expr> args) -> call(fn, args);
            case Expr.Applied(String name, List<Expr> args) -> name + "(" + commas(args) + ")";
            case Expr.Neg(Expr inner) -> "-" + term(inner);
            case Expr.PlusMinus(Expr inner) -> "±" + term(inner);
            case Expr.Sum(List<Expr> terms) -> sum(terms);
            case Expr.Product(List<Expr> factors) -> product(factors);
            case Expr.Quotient(Expr num, Expr den) ->
                (num instanceof Expr.Quotient || num instanceof Expr.Product ? plain(num) : atom(num)) + "/"
                        + atom(den);
            case Expr.Power(Expr base, Expr exponent) -> atom(base) + "^" + exponent(exponent);
            case Expr.Root(int index, Expr radicand) ->
                index == 2 ? "sqrt(" + plain(radicand) + ")" : "root(" + index + "," + plain(radicand) + ")";
            case Expr.Abs(Expr inner) -> "|" + plain(inner) + "|";
            case Expr.Percent(Expr inner) -> atom(inner) + "%";
            case Expr.Money(Expr inner) ->
                "$" + (inner instanceof Expr.Neg(Expr positive) ? "-" + factor(positive) : factor(inner));
            case Expr.Degrees(Expr inner) -> atom(inner) + "°";
        };
    }

    private static String call(Fn fn, List<Expr> args) {
        String list = args.stream().map(PlainPrinter::plain).collect(Collectors.joining(","));
        return switch (fn) {
            case FACTORIAL -> atom(args.getFirst()) + "!";
            case LOG ->
                args.size() == 1
                        ? "log(" + list + ")"
                        : "log_{" + plain(args.getFirst()) + "}(" + plain(args.getLast()) + ")";
            default -> fn.symbol() + "(" + list + ")";
        };
    }

    private static String term(Expr expr) {
        return expr instanceof Expr.Sum ? "(" + plain(expr) + ")" : plain(expr);
    }

    private static String sum(List<Expr> terms) {
        StringBuilder text = new StringBuilder(term(terms.getFirst()));
        for (Expr next : terms.subList(1, terms.size())) {
            text.append(
                    switch (next) {
                        case Expr.Neg(Expr inner) -> " - " + term(inner);
                        case Expr.PlusMinus(Expr inner) -> " ± " + term(inner);
                        default -> " + " + term(next);
                    });
        }
        return text.toString();
    }

    private static String product(List<Expr> factors) {
        Expr first = factors.getFirst();
        String start = first instanceof Expr.Quotient ? plain(first) : factor(first);
        StringBuilder text = new StringBuilder(start);
        for (int i = 1; i < factors.size(); i++) {
            boolean sideBySide = factors.get(i - 1) instanceof Expr.Num && isLetters(factors.get(i))
                    || factors.get(i - 1) instanceof Expr.Letter && isLetters(factors.get(i))
                    || factors.get(i) instanceof Expr.Sum && !(factors.get(i - 1) instanceof Expr.Quotient);
            text.append(sideBySide ? "" : "*").append(factor(factors.get(i)));
        }
        return text.toString();
    }

    private static String commas(List<Expr> args) {
        return args.stream().map(PlainPrinter::plain).collect(Collectors.joining(", "));
    }

    private static boolean isLetters(Expr expr) {
        return expr instanceof Expr.Letter || expr instanceof Expr.Power(Expr.Letter base, Expr e);
    }

    private static String factor(Expr expr) {
        return switch (expr) {
            case Expr.Sum s -> "(" + plain(expr) + ")";
            case Expr.Product p -> "(" + plain(expr) + ")";
            case Expr.Quotient q -> "(" + plain(expr) + ")";
            case Expr.Neg n -> "(" + plain(expr) + ")";
            case Expr.PlusMinus p -> "(" + plain(expr) + ")";
            default -> plain(expr);
        };
    }

    private static String atom(Expr expr) {
        return switch (expr) {
            case Expr.Num n -> plain(expr);
            case Expr.Letter l -> plain(expr);
            case Expr.Pi p -> plain(expr);
            case Expr.Euler e -> plain(expr);
            case Expr.Call(Fn fn, List<Expr> args) when fn != Fn.FACTORIAL -> plain(expr);
            case Expr.Call c -> "(" + plain(expr) + ")";
            case Expr.Applied a -> plain(expr);
            case Expr.Abs a -> plain(expr);
            case Expr.Root r -> plain(expr);
            case Expr.Mixed m -> "(" + plain(expr) + ")";
            case Expr.Power p -> "(" + plain(expr) + ")";
            case Expr.Percent p -> plain(expr);
            case Expr.Degrees d -> plain(expr);
            case Expr.Infinity i -> plain(expr);
            case Expr.Money m -> "(" + plain(expr) + ")";
            default -> factor(expr);
        };
    }

    private static String exponent(Expr expr) {
        return expr instanceof Expr.Neg(Expr.Num n) ? "-" + plain(n) : atom(expr);
    }

    /** Our own lists: elements in braces. */
    public static String set(List<Expr> elements) {
        return elements.isEmpty()
                ? "none"
                : elements.stream().map(PlainPrinter::plain).collect(Collectors.joining(", ", "{", "}"));
    }
}
