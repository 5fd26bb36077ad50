package littlesummit.core.math;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A power whose exponent is a logarithm to the same base, or has some as terms: e^(2·ln(5 − x) + 1) is (5 − x)²·e. Seen
 * as it is written, since a logarithm in its canonical form no longer knows the sign of what it is taken of.
 *
 * @param argument of the logarithm
 * @param times how often it is taken
 */
record UndoneLogarithm(Expr argument, Rational times) {
    /**
     * An exponent, taken apart.
     *
     * @param undone at least one
     * @param rest what else is added
     */
    record Exponent(List<UndoneLogarithm> undone, List<Expr> rest) {}

    /** Empty where no logarithm is undone. */
    static Optional<Exponent> in(Expr base, Expr exponent) {
        List<UndoneLogarithm> undone = new ArrayList<>();
        List<Expr> rest = new ArrayList<>();
        for (Expr term : exponent instanceof Expr.Sum(List<Expr> terms) ? terms : List.of(exponent)) {
            Optional<UndoneLogarithm> one = of(base, term, Rational.ONE);
            one.ifPresentOrElse(undone::add, () -> rest.add(term));
        }
        return undone.isEmpty() ? Optional.empty() : Optional.of(new Exponent(undone, rest));
    }

    private static Optional<UndoneLogarithm> of(Expr base, Expr term, Rational times) {
        return switch (term) {
            case Expr.Neg(Expr inner) -> of(base, inner, times.negate());
            case Expr.Quotient(Expr num, Expr den) ->
                number(den).filter(d -> !d.isZero()).flatMap(d -> of(base, num, times.over(d)));
            case Expr.Product(List<Expr> factors) -> ofProduct(base, factors, times);
            case Expr.Call(Fn fn, List<Expr> args)
            when isTo(base, fn, args) -> Optional.of(new UndoneLogarithm(args.getLast(), times));
            default -> Optional.empty();
        };
    }

    /** Numbers, and one factor that is no number. */
    private static Optional<UndoneLogarithm> ofProduct(Expr base, List<Expr> factors, Rational times) {
        Rational all = times;
        List<Expr> others = new ArrayList<>();
        for (Expr factor : factors) {
            Optional<Rational> number = number(factor);
            all = number.isPresent() ? all.times(number.get()) : all;
            if (number.isEmpty()) {
                others.add(factor);
            }
        }
        return others.size() == 1 ? of(base, others.getFirst(), all) : Optional.empty();
    }

    private static Optional<Rational> number(Expr expr) {
        return switch (expr) {
            case Expr.Num n -> Optional.of(n.value());
            case Expr.Neg(Expr inner) -> number(inner).map(Rational::negate);
            case Expr.Quotient(Expr num, Expr den) ->
                number(num).flatMap(n -> number(den).filter(d -> !d.isZero()).map(n::over));
            default -> Optional.empty();
        };
    }

    private static boolean isTo(Expr base, Fn fn, List<Expr> args) {
        return switch (fn) {
            case LN -> base instanceof Expr.Euler;
            case LOG ->
                args.size() == 1
                        ? base instanceof Expr.Num ten && ten.value().equals(Rational.of(10))
                        : args.getFirst().equals(base);
            default -> false;
        };
    }
}
