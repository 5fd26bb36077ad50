package littlesummit.core.math;

import java.util.ArrayList;
import java.util.List;

/** One tree with ± in it stands for two. */
public final class Alternatives {
    private Alternatives() {}

    /** The tree itself, or the two with every ± read as + and as −. */
    public static List<Expr> of(Expr expr) {
        return expr.any(Expr.PlusMinus.class::isInstance)
                ? List.of(pick(expr, false), pick(expr, true))
                : List.of(expr);
    }

    /** Whether a ± is in one of them. */
    public static boolean areIn(List<Expr> exprs) {
        return exprs.stream().anyMatch(expr -> of(expr).size() > 1);
    }

    private static Expr pick(Expr expr, boolean minus) {
        return switch (expr) {
            case Expr.PlusMinus(Expr inner) -> minus ? new Expr.Neg(pick(inner, true)) : pick(inner, false);
            case Expr.Neg(Expr inner) -> new Expr.Neg(pick(inner, minus));
            case Expr.Sum(List<Expr> terms) -> new Expr.Sum(all(terms, minus));
            case Expr.Product(List<Expr> factors) -> new Expr.Product(all(factors, minus));
            case Expr.Quotient(Expr num, Expr den) -> new Expr.Quotient(pick(num, minus), pick(den, minus));
            case Expr.Power(Expr base, Expr exponent) -> new Expr.Power(pick(base, minus), pick(exponent, minus));
            case Expr.Root(int index, Expr radicand) -> new Expr.Root(index, pick(radicand, minus));
            case Expr.Abs(Expr inner) -> new Expr.Abs(pick(inner, minus));
            case Expr.Percent(Expr inner) -> new Expr.Percent(pick(inner, minus));
            case Expr.Money(Expr inner) -> new Expr.Money(pick(inner, minus));
            case Expr.Degrees(Expr inner) -> new Expr.Degrees(pick(inner, minus));
            case Expr.Num n -> n;
            case Expr.Mixed m -> m;
            case Expr.Repeating r -> r;
            case Expr.Letter l -> l;
            case Expr.Pi p -> p;
            case Expr.Infinity i -> i;
            case Expr.Euler e -> e;
            case Expr.Call(Fn fn, List<Expr> args) -> new Expr.Call(fn, all(args, minus));
            case Expr.Applied(String name, List<Expr> args) -> new Expr.Applied(name, all(args, minus));
        };
    }

    private static List<Expr> all(List<Expr> exprs, boolean minus) {
        List<Expr> picked = new ArrayList<>();
        exprs.forEach(e -> picked.add(pick(e, minus)));
        return picked;
    }
}
