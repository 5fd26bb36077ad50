package littlesummit.core.working;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import littlesummit.core.math.Expr;

/** Trees with one place changed. */
final class Rewriting {
    private Rewriting() {}

    /**
     * @param whole the changed tree
     * @param place what stood there before
     */
    record Changed(Expr whole, Expr place, Slip slip) {}

    /** What a rule makes of one place. */
    record Local(Expr result, Slip slip) {}

    /** Every tree that differs from this one in one place, changed by the rule. */
    static Stream<Changed> oneEach(Expr expr, Function<Expr, Stream<Local>> rule) {
        Stream<Changed> here = rule.apply(expr).map(local -> new Changed(local.result(), expr, local.slip()));
        List<Expr> children = expr.children();
        Stream<Changed> below = Stream.iterate(0, i -> i < children.size(), i -> i + 1)
                .flatMap(i -> oneEach(children.get(i), rule)
                        .map(c -> new Changed(expr.with(i, c.whole()), c.place(), c.slip())));
        return Stream.concat(here, below);
    }

    static Expr sum(List<Expr> terms) {
        return terms.size() == 1
                ? terms.getFirst()
                : terms.isEmpty() ? new Expr.Num(java.math.BigInteger.ZERO, 0) : new Expr.Sum(terms);
    }

    static Expr product(List<Expr> factors) {
        return factors.size() == 1
                ? factors.getFirst()
                : factors.isEmpty() ? new Expr.Num(java.math.BigInteger.ONE, 0) : new Expr.Product(factors);
    }

    static Expr product(Expr... factors) {
        return product(List.of(factors));
    }

    static <T> List<T> without(List<T> list, int i) {
        List<T> rest = new ArrayList<>(list);
        rest.remove(i);
        return rest;
    }

    /** Terms at the top, with the sign in front of each kept on it; a bracket under a minus is one term. */
    static List<Expr> terms(Expr expr) {
        return expr instanceof Expr.Sum(List<Expr> terms) ? terms : List.of(expr);
    }

    static List<Expr> factors(Expr expr) {
        return expr instanceof Expr.Product(List<Expr> factors) ? factors : List.of(expr);
    }

    static Expr negated(Expr expr) {
        return expr instanceof Expr.Neg(Expr inner) ? inner : new Expr.Neg(expr);
    }
}
