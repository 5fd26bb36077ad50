package littlesummit.core.template;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.IntStream;
import littlesummit.core.math.Expr;
import littlesummit.core.math.FactoredPolynomial;
import littlesummit.core.math.Polynomial;
import littlesummit.core.math.PolynomialText;
import littlesummit.core.math.Rational;
import littlesummit.core.math.RationalFunction;

/**
 * The functions of formulas beyond those that students type. Each works on values; those that look at how a formula is
 * written ({@code show}, {@code substitute}) are the business of {@link Evaluator}.
 */
final class Functions {
    private static final int MOST_PLACES = 12;

    private interface Maker extends Function<Arguments, Value> {}

    /**
     * @param least number of arguments
     * @param most number of arguments
     */
    private record Entry(int least, int most, Maker maker) {}

    private static final Map<String, Entry> BY_NAME = Map.ofEntries(
            of("mod", 2, 2, a -> a.alike(floorMod(a.number(0), a.number(1)))),
            of("floor", 1, 1, a -> number(Rational.of(a.number(0).floor()))),
            of(
                    "ceil",
                    1,
                    1,
                    a -> number(Rational.of(a.number(0).negate().floor().negate()))),
            of("round", 1, 2, a -> rounded(a)),
            of("min", 1, 9, a -> a.numbers()
                    .min(Comparator.comparing(Value.Number::value))
                    .orElseThrow()),
            of("max", 1, 9, a -> a.numbers()
                    .max(Comparator.comparing(Value.Number::value))
                    .orElseThrow()),
            of("sum", 1, 9, a -> sum(a)),
            of("count", 1, 1, a -> number(Rational.of(a.list(0).size()))),
            of("item", 2, 2, a -> item(a)),
            of("sort", 1, 1, a -> new Value.Several(sorted(a))),
            of("median", 1, 1, a -> median(a)),
            of("digits", 1, 1, a -> digits(a.whole(0))),
            of("digit", 2, 2, a -> digit(a.number(0), a.whole(1).intValueExact())),
            of("num", 1, 1, a -> number(Rational.of(a.number(0).num()))),
            of("den", 1, 1, a -> number(Rational.of(a.number(0).den()))),
            of("mixed", 1, 1, a -> written(Look.mixed(a.number(0)))),
            of("sign", 1, 1, a -> number(Rational.of(a.number(0).signum()))),
            of("primes", 1, 1, a -> primes(a.whole(0))),
            of("divisors", 1, 1, a -> divisors(a.whole(0))),
            of("decimal", 1, 2, a -> decimal(a)),
            of("fraction", 1, 1, a -> Value.Number.of(a.number(0))),
            of("value", 1, 1, a -> a.get(0)),
            of("plus", 1, 1, a -> written(new Expr.Sum(a.exprs(0)))),
            of("times", 1, 1, a -> written(new Expr.Product(a.exprs(0)))),
            of("expand", 1, 1, a -> expanded(a)),
            of("factor", 1, 1, a -> factored(a)),
            of("degree", 1, 1, a -> number(Rational.of(a.polynomial(0).degree()))),
            of("coefficient", 3, 3, a -> coefficient(a)),
            of(Evaluator.SHOW, 1, 1, a -> a.get(0)),
            of(Evaluator.BRACKET, 1, 1, a -> a.get(0)),
            of(Evaluator.SUBSTITUTE, 3, 3, a -> a.get(0)),
            of(Evaluator.SOLUTIONS, 2, 2, a -> a.get(0)));

    static final Set<String> NAMES = BY_NAME.keySet();

    private Functions() {}

    private static Map.Entry<String, Entry> of(String name, int least, int most, Maker maker) {
        return Map.entry(name, new Entry(least, most, maker));
    }

    /** @throws Refused where a function has too few or too many arguments */
    static void check(Formula formula) {
        for (Expr expr : Trees.exprs(formula.statement())) {
            expr.any(part -> {
                if (part instanceof Expr.Applied(String name, List<Expr> args)) {
                    checkCount(formula, name, args.size());
                }
                return false;
            });
        }
    }

    private static void checkCount(Formula formula, String name, int count) {
        Entry function = BY_NAME.get(name);
        if (count < function.least || count > function.most) {
            String takes = function.least == function.most
                    ? String.valueOf(function.least)
                    : function.least + " to " + function.most;
            throw new Refused(
                    formula.at(), name + "(…) takes " + takes + " values in its brackets, not " + count + ".");
        }
    }

    static Value apply(String name, Arguments arguments) {
        return BY_NAME.get(name).maker.apply(arguments);
    }

    private static Value.Number number(Rational value) {
        return Value.Number.of(value);
    }

    private static Value written(Expr expr) {
        return new Value.Written(expr);
    }

    private static Rational floorMod(Rational a, Rational b) {
        if (b.isZero()) {
            throw new Stuck("a remainder of a division by zero");
        }
        return a.minus(b.times(Rational.of(a.over(b).floor())));
    }

    private static Value rounded(Arguments a) {
        int places = a.count() == 1 ? 0 : a.small(1, MOST_PLACES);
        return new Value.Number(a.number(0).roundHalfUp(places), places == 0 ? -1 : places);
    }

    private static Value decimal(Arguments a) {
        Rational value = a.number(0);
        if (!value.terminates()) {
            throw new Stuck(value + " as a decimal, whose digits do not end");
        }
        return new Value.Number(value, a.count() == 1 ? 0 : a.small(1, MOST_PLACES));
    }

    private static Value sum(Arguments a) {
        Rational sum = Rational.ZERO;
        int places = -1;
        for (Value.Number n : a.numbers().toList()) {
            sum = sum.plus(n.value());
            places = Math.max(places, n.places());
        }
        return new Value.Number(sum, places);
    }

    private static Value item(Arguments a) {
        List<Value> list = a.list(0);
        int i = a.whole(1).intValueExact();
        if (i < 1 || i > list.size()) {
            throw new Stuck("place " + i + " of a list of " + list.size());
        }
        return list.get(i - 1);
    }

    private static List<Value> sorted(Arguments a) {
        return a.numbersOf(0).stream()
                .sorted(Comparator.comparing(Value.Number::value))
                .map(Value.class::cast)
                .toList();
    }

    private static Value median(Arguments a) {
        List<Value> sorted = sorted(a);
        Value.Number low = (Value.Number) sorted.get((sorted.size() - 1) / 2);
        Value.Number high = (Value.Number) sorted.get(sorted.size() / 2);
        Rational middle = low.value().plus(high.value()).over(Rational.of(2));
        return new Value.Number(middle, middle.isInteger() ? low.places() : Math.max(0, low.places()));
    }

    /** From the first to the last. */
    private static Value digits(BigInteger whole) {
        return new Value.Several(whole.abs()
                .toString()
                .chars()
                .mapToObj(c -> (Value) Value.Number.of(c - '0'))
                .toList());
    }

    /** The digit that counts powers of ten: 0 for ones, 1 for tens, −1 for tenths. */
    private static Value digit(Rational value, int power) {
        if (Math.abs(power) > MOST_PLACES) {
            throw new Stuck("a digit so far from the point");
        }
        BigInteger shifted = value.abs().times(Rational.of(10).power(-power)).floor();
        return number(Rational.of(shifted.mod(BigInteger.TEN)));
    }

    private static final int LARGEST_TO_SPLIT = 1_000_000;

    private static Value primes(BigInteger whole) {
        List<Value> primes = new ArrayList<>();
        int left = small(whole);
        for (int p = 2; p * p <= left; p++) {
            for (; left % p == 0; left /= p) {
                primes.add(Value.Number.of(p));
            }
        }
        if (left > 1) {
            primes.add(Value.Number.of(left));
        }
        return new Value.Several(primes);
    }

    private static Value divisors(BigInteger whole) {
        int n = small(whole);
        return new Value.Several(IntStream.rangeClosed(1, n)
                .filter(d -> n % d == 0)
                .mapToObj(d -> (Value) Value.Number.of(d))
                .toList());
    }

    private static int small(BigInteger whole) {
        if (whole.signum() <= 0 || whole.bitLength() > 20 || whole.intValue() > LARGEST_TO_SPLIT) {
            throw new Stuck("the factors of " + whole + ": from 1 to a million it can be done");
        }
        return whole.intValue();
    }

    private static Value expanded(Arguments a) {
        return written(PolynomialText.expr(a.polynomial(0)));
    }

    private static Value factored(Arguments a) {
        return written(FactoredPolynomial.expr(a.polynomial(0)));
    }

    private static Value coefficient(Arguments a) {
        if (!(a.get(1) instanceof Value.Written(Expr.Letter(String letter)))) {
            throw new Stuck("a coefficient: the second value is a letter");
        }
        Polynomial of = a.polynomial(0).coefficient(letter, a.small(2, MOST_PLACES));
        return number(
                RationalFunction.of(of).asRational().orElseThrow(() -> new Stuck("a coefficient that is a number")));
    }
}
