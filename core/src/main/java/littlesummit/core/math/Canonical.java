package littlesummit.core.math;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Turns a tree into the quotient of polynomials that it stands for. Exact: what cannot be brought there is a
 * {@link MathProblem}, never an approximation.
 */
public final class Canonical {
    private final Budget budget = new Budget();
    private final Map<String, RationalFunction> values;

    private Canonical(Map<String, RationalFunction> values) {
        this.values = values;
    }

    /** @throws MathProblem when undefined everywhere, too large, or not supported */
    public static RationalFunction of(Expr expr) {
        return new Canonical(Map.of()).value(expr);
    }

    /** The value with letters replaced by numbers. */
    static RationalFunction at(Expr expr, Map<String, Rational> values) {
        Map<String, RationalFunction> exact = new HashMap<>();
        values.forEach((letter, value) -> exact.put(letter, RationalFunction.of(value)));
        return atNumbers(expr, exact);
    }

    /** The same with any exact numbers. */
    static RationalFunction atNumbers(Expr expr, Map<String, RationalFunction> values) {
        return new Canonical(values).value(expr);
    }

    private RationalFunction value(Expr expr) {
        return switch (expr) {
            case Expr.Num n -> RationalFunction.of(n.value());
            case Expr.Mixed m -> RationalFunction.of(m.value());
            case Expr.Repeating r -> RationalFunction.of(r.value());
            case Expr.Letter(String name) ->
                values.containsKey(name) ? values.get(name) : RationalFunction.of(Polynomial.letter(name));
            case Expr.Pi p -> RationalFunction.of(Polynomial.atom(new Atom.Pi()));
            case Expr.Infinity i -> throw MathProblem.notSupported("infinity is not a number");
            case Expr.Neg(Expr inner) -> value(inner).negate();
            case Expr.Sum(List<Expr> terms) -> sum(terms);
            case Expr.Product(List<Expr> factors) -> product(factors);
            case Expr.Quotient(Expr num, Expr den) -> value(num).over(value(den), budget);
            case Expr.Power(Expr base, Expr exponent) -> power(value(base), value(exponent));
            case Expr.Root(int index, Expr radicand) -> Roots.root(value(radicand), index, budget);
            case Expr.Abs(Expr inner) -> Roots.abs(value(inner), budget);
            case Expr.Percent(Expr inner) -> value(inner).times(RationalFunction.of(Rational.of(1, 100)), budget);
            case Expr.Money(Expr inner) -> value(inner);
            case Expr.Degrees(Expr inner) -> value(inner);
            case Expr.PlusMinus p -> throw MathProblem.notSupported("two values at once");
        };
    }

    private RationalFunction sum(List<Expr> terms) {
        RationalFunction sum = RationalFunction.ZERO;
        for (Expr term : terms) {
            sum = sum.plus(value(term), budget);
        }
        return sum;
    }

    private RationalFunction product(List<Expr> factors) {
        RationalFunction product = RationalFunction.ONE;
        for (Expr factor : factors) {
            product = product.times(value(factor), budget);
        }
        return product;
    }

    private RationalFunction power(RationalFunction base, RationalFunction exponent) {
        Rational e =
                exponent.asRational().orElseThrow(() -> MathProblem.notSupported("an exponent that is not rational"));
        if (e.isInteger()) {
            return wholePower(base, bounded(e.num()));
        }
        RationalFunction root = Roots.root(base, bounded(e.den()), budget);
        return wholePower(root, bounded(e.num()));
    }

    private static int bounded(java.math.BigInteger exponent) {
        if (exponent.bitLength() > 16) {
            throw MathProblem.tooLarge("exponent " + exponent);
        }
        return exponent.intValueExact();
    }

    private RationalFunction wholePower(RationalFunction base, int exponent) {
        if (base.asRational().isPresent()) {
            return RationalFunction.of(base.asRational().get().power(exponent));
        }
        if (base.isZero() && exponent <= 0) {
            throw MathProblem.undefined("zero to the power " + exponent);
        }
        int limit = base.isConstant() ? Limits.NUMBER_EXPONENT : Limits.EXPRESSION_EXPONENT;
        int size = Math.abs(exponent);
        if (size > limit) {
            throw MathProblem.tooLarge("exponent " + exponent);
        }
        RationalFunction power =
                new RationalFunction(base.num().power(size, budget), base.den().power(size, budget));
        return exponent < 0 ? RationalFunction.ONE.over(power, budget) : power;
    }
}
