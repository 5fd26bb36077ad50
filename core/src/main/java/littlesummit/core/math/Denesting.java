package littlesummit.core.math;

import java.util.Map;
import java.util.Optional;

/**
 * Square roots of sums with one square root: √(a + b√c) = √((a+d)/2) ± √((a−d)/2) with d = √(a² − b²c), where d is
 * rational (textbook identity; common practice).
 */
final class Denesting {
    private Denesting() {}

    /** @param positive a positive constant */
    static Optional<RationalFunction> squareRoot(RationalFunction positive) {
        if (!positive.den().equals(Polynomial.ONE)
                || positive.num().size() != 2
                || !positive.num().isConstant()) {
            return Optional.empty();
        }
        Rational a = positive.num().terms().get(Monomial.ONE);
        if (a == null) {
            return Optional.empty();
        }
        Map.Entry<Monomial, Rational> root = positive.num().terms().entrySet().stream()
                .filter(e -> !e.getKey().isOne())
                .findFirst()
                .orElseThrow();
        Polynomial part = Polynomial.term(root.getValue(), root.getKey());
        Optional<Rational> square = part.times(part).asRational();
        Optional<Rational> d = square.flatMap(s -> Roots.squareRoot(a.times(a).minus(s)));
        if (d.isEmpty()) {
            return Optional.empty();
        }
        Rational half = Rational.of(1, 2);
        RationalFunction first = simple(a.plus(d.get()).times(half));
        RationalFunction second = simple(a.minus(d.get()).times(half));
        return Optional.of(root.getValue().signum() > 0 ? first.plus(second) : first.minus(second));
    }

    private static RationalFunction simple(Rational positive) {
        return Roots.root(RationalFunction.of(positive), 2, new Budget());
    }
}
