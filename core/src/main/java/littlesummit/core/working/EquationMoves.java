package littlesummit.core.working;

import static littlesummit.core.working.Rewriting.factors;
import static littlesummit.core.working.Rewriting.negated;
import static littlesummit.core.working.Rewriting.product;
import static littlesummit.core.working.Rewriting.sum;
import static littlesummit.core.working.Rewriting.terms;
import static littlesummit.core.working.Rewriting.without;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import littlesummit.core.math.Expr;

/** What a known slip makes of an equation as a whole. */
final class EquationMoves {
    private EquationMoves() {}

    /** @param place the piece that was moved wrongly */
    record Moved(Expr left, Expr right, Expr place, Slip slip) {}

    static Stream<Moved> of(Expr left, Expr right) {
        Stream<Moved> there = oneWay(left, right);
        Stream<Moved> back = oneWay(right, left).map(m -> new Moved(m.right(), m.left(), m.place(), m.slip()));
        return Stream.concat(there, back);
    }

    private static Stream<Moved> oneWay(Expr from, Expr to) {
        return Stream.of(signKept(from, to), oneSideOnly(from, to), factorMoves(from, to), wrongWhole(from, to))
                .flatMap(s -> s);
    }

    /** A term taken to the other side as it is. */
    private static Stream<Moved> signKept(Expr from, Expr to) {
        List<Expr> terms = terms(from);
        return terms.size() < 2
                ? Stream.empty()
                : IntStream.range(0, terms.size()).mapToObj(i -> {
                    List<Expr> added = new ArrayList<>(terms(to));
                    added.add(terms.get(i));
                    return new Moved(sum(without(terms, i)), sum(added), terms.get(i), Slip.SIGN_KEPT);
                });
    }

    /** A term dropped, or a factor divided away, on one side and not on the other. */
    private static Stream<Moved> oneSideOnly(Expr from, Expr to) {
        List<Expr> terms = terms(from);
        Stream<Moved> dropped = terms.size() < 2
                ? Stream.empty()
                : IntStream.range(0, terms.size())
                        .mapToObj(i -> new Moved(sum(without(terms, i)), to, terms.get(i), Slip.ONE_SIDE_ONLY));
        Stream<Moved> divided = Stream.concat(coefficients(from), sharedFactor(terms))
                .map(k -> isMinusOne(k)
                        ? new Moved(negated(from), to, from, Slip.LOST_SIGN)
                        : new Moved(new Expr.Quotient(from, k), to, shown(k, from), Slip.ONE_SIDE_ONLY));
        Stream<Moved> partly = terms.size() < 2
                ? Stream.empty()
                : coefficients(from)
                        .flatMap(k -> IntStream.range(0, terms.size()).mapToObj(i -> {
                            List<Expr> some = new ArrayList<>(terms);
                            some.set(i, new Expr.Quotient(terms.get(i), k));
                            return new Moved(sum(some), new Expr.Quotient(to, k), shown(k, from), Slip.ONE_SIDE_ONLY);
                        }));
        Stream<Moved> multiplied =
                bottoms(from).map(k -> new Moved(product(from, k), to, shown(k, from), Slip.ONE_SIDE_ONLY));
        return Stream.of(dropped, divided, partly, multiplied, onlyOneTerm(from, to))
                .flatMap(s -> s);
    }

    /** One side multiplied or divided whole, of the other one term alone. */
    private static Stream<Moved> onlyOneTerm(Expr from, Expr to) {
        Stream<Moved> multiplied = bottoms(from).flatMap(k -> oneTerm(from, t -> product(t, k))
                .map(left -> new Moved(left, product(to, k), shown(k, from), Slip.ONE_SIDE_ONLY)));
        Stream<Moved> divided = Stream.concat(coefficients(from), sharedFactor(terms(from)))
                .flatMap(k -> oneTerm(to, t -> new Expr.Quotient(t, k))
                        .map(right ->
                                new Moved(new Expr.Quotient(from, k), right, shown(k, from), Slip.ONE_SIDE_ONLY)));
        return Stream.concat(multiplied, divided);
    }

    private static Stream<Expr> oneTerm(Expr side, UnaryOperator<Expr> change) {
        List<Expr> terms = terms(side);
        return terms.size() < 2
                ? Stream.empty()
                : IntStream.range(0, terms.size()).mapToObj(i -> {
                    List<Expr> some = new ArrayList<>(terms);
                    some.set(i, change.apply(terms.get(i)));
                    return sum(some);
                });
    }

    /** The 6/7 of x · 6/7 is nowhere written as such: then the side is shown. */
    private static Expr shown(Expr k, Expr side) {
        return k instanceof Expr.Quotient && !side.has(k) ? side : k;
    }

    private static boolean isMinusOne(Expr k) {
        return k.equals(Expr.integer(-1));
    }

    /** A factor k undone by multiplying, or by subtracting it; a fraction taken across without being turned over. */
    private static Stream<Moved> factorMoves(Expr from, Expr to) {
        Stream<Moved> kept = coefficients(from)
                .map(k -> new Moved(
                        new Expr.Quotient(from, k), product(to, k), shown(k, from), Slip.RECIPROCAL_NOT_TAKEN));
        Stream<Moved> turned = coefficients(from)
                .map(k -> new Moved(
                        new Expr.Quotient(from, k),
                        new Expr.Quotient(k, to),
                        shown(k, from),
                        Slip.RECIPROCAL_NOT_TAKEN));
        Stream<Moved> divided = bottoms(from)
                .map(k -> new Moved(
                        product(from, k), new Expr.Quotient(to, k), shown(k, from), Slip.RECIPROCAL_NOT_TAKEN));
        Stream<Moved> sign = coefficients(from)
                .map(k -> new Moved(
                        new Expr.Quotient(from, k), new Expr.Quotient(to, negated(k)), shown(k, from), Slip.LOST_SIGN));
        Stream<Moved> taken = coefficients(from)
                .map(k -> new Moved(
                        new Expr.Quotient(from, k),
                        new Expr.Sum(List.of(to, negated(k))),
                        shown(k, from),
                        Slip.RECIPROCAL_NOT_TAKEN));
        return Stream.of(kept, turned, divided, sign, taken).flatMap(s -> s);
    }

    /** 0.8x = 48 undone by 1.2 times 48. */
    private static Stream<Moved> wrongWhole(Expr from, Expr to) {
        return coefficients(from).map(k -> {
            Expr more = new Expr.Sum(List.of(Expr.Num.of(2), negated(k)));
            return new Moved(new Expr.Quotient(from, k), product(to, more), shown(k, from), Slip.WRONG_WHOLE);
        });
    }

    /** The greatest whole number that divides every term, where it is more than 1. */
    private static Stream<Expr> sharedFactor(List<Expr> terms) {
        BigInteger shared = terms.stream().map(EquationMoves::number).reduce(BigInteger.ZERO, BigInteger::gcd);
        return shared.compareTo(BigInteger.ONE) > 0 ? Stream.of(new Expr.Num(shared, 0)) : Stream.empty();
    }

    private static BigInteger number(Expr term) {
        Expr size = term instanceof Expr.Neg(Expr inner) ? inner : term;
        return factors(size).stream()
                .flatMap(f -> f.asInteger().stream())
                .findFirst()
                .orElse(BigInteger.ONE);
    }

    /** Numbers that stand as factors in terms of a side, with their sign. */
    private static Stream<Expr> coefficients(Expr side) {
        return terms(side).stream()
                .flatMap(t -> {
                    boolean minus = t instanceof Expr.Neg;
                    Expr size = t instanceof Expr.Neg(Expr inner) ? inner : t;
                    if (size instanceof Expr.Quotient(Expr.Product above, Expr.Num below)) {
                        return above.factors().stream()
                                .filter(Expr.Num.class::isInstance)
                                .map(f -> (Expr) new Expr.Quotient(f, below))
                                .map(f -> minus ? new Expr.Neg(f) : f);
                    }
                    if (factors(size).size() < 2) {
                        return minus && !(size instanceof Expr.Num)
                                ? Stream.of((Expr) new Expr.Neg(Expr.Num.of(1)))
                                : Stream.empty();
                    }
                    return factors(size).stream()
                            .filter(f -> f instanceof Expr.Num || f instanceof Expr.Quotient(Expr.Num a, Expr.Num b))
                            .map(f -> minus ? new Expr.Neg(f) : f);
                })
                .distinct();
    }

    private static Stream<Expr> bottoms(Expr side) {
        return terms(side).stream()
                .map(t -> t instanceof Expr.Neg(Expr inner) ? inner : t)
                .flatMap(t -> t instanceof Expr.Quotient(Expr num, Expr den) ? Stream.of(den) : Stream.empty())
                .distinct();
    }
}
