package littlesummit.core.math;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Turns a tree into the quotient of polynomials that it stands for. Exact: what cannot be brought there is a
 * {@link MathProblem}, never an approximation.
 */
public final class Canonical {
    /** A first bound, so that no int overflows; powers of numbers and of letters have limits of their own. */
    private static final int MOST_EXPONENT = 65_535;

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
            case Expr.Euler e -> RationalFunction.of(Polynomial.atom(Exponentials.E));
            case Expr.Call(Fn fn, List<Expr> args) -> call(fn, args);
            case Expr.Infinity i -> throw MathProblem.notSupported("infinity is not a number");
            case Expr.Neg(Expr inner) -> value(inner).negate();
            case Expr.Sum(List<Expr> terms) -> sum(terms);
            case Expr.Product p -> product(p);
            case Expr.Quotient(Expr num, Expr den) -> value(num).over(value(den), budget);
            case Expr.Power p -> power(p);
            case Expr.Root(int index, Expr radicand) -> Roots.root(value(radicand), index, budget);
            case Expr.Abs(Expr inner) -> Roots.abs(value(inner), budget);
            case Expr.Percent(Expr inner) -> value(inner).times(RationalFunction.of(Rational.of(1, 100)), budget);
            case Expr.Money(Expr inner) -> value(inner);
            case Expr.Degrees(Expr inner) -> value(inner);
            case Expr.Applied a -> throw MathProblem.notSupported("a function of an author");
            case Expr.PlusMinus p -> throw MathProblem.notSupported("two values at once");
        };
    }

    /** Terms without a letter below the line are added up in one go: sums of many terms are the usual case. */
    private RationalFunction sum(List<Expr> terms) {
        Map<Monomial, Rational> whole = new HashMap<>();
        RationalFunction sum = RationalFunction.ZERO;
        for (Expr term : terms) {
            PlainTerm plain = plainTerm(term);
            if (plain.isThere()) {
                plain.addTo(whole);
                continue;
            }
            RationalFunction value = value(term);
            if (value.den().isOne()) {
                value.num().addTo(whole);
            } else {
                sum = sum.plus(value, budget);
            }
        }
        RationalFunction plain = RationalFunction.of(Polynomial.of(whole));
        return sum.isZero() ? plain : sum.plus(plain, budget);
    }

    private PlainTerm plainTerm(Expr term) {
        return values.isEmpty() ? PlainTerm.of(term) : PlainTerm.NONE;
    }

    private RationalFunction product(Expr.Product expr) {
        PlainTerm plain = plainTerm(expr);
        if (plain.isThere()) {
            return RationalFunction.of(plain.polynomial());
        }
        RationalFunction product = RationalFunction.ONE;
        for (Expr factor : expr.factors()) {
            product = product.times(value(factor), budget);
        }
        return product;
    }

    private RationalFunction power(Expr.Power expr) {
        PlainTerm plain = plainTerm(expr);
        if (plain.isThere()) {
            return RationalFunction.of(plain.polynomial());
        }
        Optional<UndoneLogarithm.Exponent> undone = UndoneLogarithm.in(expr.base(), expr.exponent());
        return undone.isPresent()
                ? undone(expr.base(), undone.get())
                : power(value(expr.base()), value(expr.exponent()));
    }

    private RationalFunction undone(Expr base, UndoneLogarithm.Exponent exponent) {
        RationalFunction product = exponent.rest().isEmpty()
                ? RationalFunction.ONE
                : power(
                        value(base),
                        exponent.rest().size() == 1 ? value(exponent.rest().getFirst()) : sum(exponent.rest()));
        for (UndoneLogarithm logarithm : exponent.undone()) {
            RationalFunction argument = value(logarithm.argument());
            // So that it is said where there is none.
            Exponentials.ln(argument, budget);
            product = product.times(power(argument, RationalFunction.of(logarithm.times())), budget);
        }
        return product;
    }

    private RationalFunction power(RationalFunction base, RationalFunction exponent) {
        if (exponent.asRational().isEmpty()) {
            return unusualPower(base, exponent);
        }
        Rational e = exponent.asRational().get();
        if (e.isInteger()) {
            return wholePower(base, Limits.exponent(e.num(), MOST_EXPONENT));
        }
        RationalFunction root = Roots.root(base, Limits.exponent(e.den(), MOST_EXPONENT), budget);
        return wholePower(root, Limits.exponent(e.num(), MOST_EXPONENT));
    }

    private RationalFunction unusualPower(RationalFunction base, RationalFunction exponent) {
        if (base.isConstantNumber() && Enclosure.sign(base) <= 0) {
            throw MathProblem.notSupported("a power of a negative number with a letter above");
        }
        return Exponentials.power(base, exponent, budget);
    }

    private RationalFunction call(Fn fn, List<Expr> args) {
        if (args.getLast() instanceof Expr.Call(Fn inner, List<Expr> of)
                && fn.inverse().filter(inverse -> inverse == inner).isPresent()) {
            return value(of.getLast());
        }
        List<RationalFunction> values = args.stream().map(this::value).toList();
        RationalFunction last = values.getLast();
        return switch (fn) {
            case SIN, COS, TAN, COT, SEC, CSC ->
                Trigonometry.value(fn, isInDegrees(args.getLast()) ? last.times(DEGREE) : last, budget);
            case ARCSIN, ARCCOS, ARCTAN -> Trigonometry.inverse(fn, last, budget);
            case SINH, COSH, TANH -> hyperbolic(fn, last);
            case LN -> Exponentials.ln(last, budget);
            case LOG ->
                Exponentials.log(
                        values.size() == 1 ? RationalFunction.of(Rational.of(10)) : values.getFirst(), last, budget);
            case FACTORIAL, BINOMIAL ->
                values.stream().allMatch(RationalFunction::isConstant)
                        ? RationalFunction.of(WholeFunctions.value(fn, values))
                        : Factorials.of(fn, values, budget);
            case GCD, LCM -> RationalFunction.of(WholeFunctions.value(fn, values));
        };
    }

    private static final RationalFunction DEGREE =
            RationalFunction.of(Polynomial.atom(new Atom.Pi()).times(Rational.of(1, 180)));

    /** Whether an angle is written in degrees. */
    static boolean isInDegrees(Expr angle) {
        return angle.any(Expr.Degrees.class::isInstance);
    }

    private RationalFunction hyperbolic(Fn fn, RationalFunction of) {
        RationalFunction up = Exponentials.exp(of, budget);
        RationalFunction down = RationalFunction.ONE.over(up, budget);
        RationalFunction half = RationalFunction.of(Rational.of(1, 2));
        RationalFunction sine = up.plus(down.negate(), budget).times(half, budget);
        RationalFunction cosine = up.plus(down, budget).times(half, budget);
        return fn == Fn.SINH ? sine : fn == Fn.COSH ? cosine : sine.over(cosine, budget);
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
