package littlesummit.core.working;

import static littlesummit.core.working.Rewriting.factors;
import static littlesummit.core.working.Rewriting.negated;
import static littlesummit.core.working.Rewriting.product;
import static littlesummit.core.working.Rewriting.sum;
import static littlesummit.core.working.Rewriting.terms;
import static littlesummit.core.working.Rewriting.without;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Solver;
import littlesummit.core.working.Rewriting.Local;

/** What a known slip makes of one piece of an expression. */
final class WrongMoves {
    private WrongMoves() {}

    static Stream<Local> at(Expr place) {
        return switch (place) {
            case Expr.Product p ->
                Stream.of(
                                halfDistributed(p),
                                exponentsMultiplied(p),
                                coefficientRaised(p),
                                timesAFraction(p),
                                endsOnly(p),
                                wrongShare(p))
                        .flatMap(s -> s);
            case Expr.Neg(Expr.Sum(List<Expr> terms)) ->
                Stream.of(new Local(sum(withFirst(terms, negated(terms.getFirst()))), Slip.LOST_SIGN));
            case Expr.Neg(Expr.Product(List<Expr> factors)) ->
                halfDistributed(new Expr.Product(withFirst(factors, negated(factors.getFirst()))));
            case Expr.Power(Expr base, Expr exponent) -> power(base, exponent);
            case Expr.Quotient(Expr num, Expr den) -> quotient(num, den);
            case Expr.Sum(List<Expr> terms) ->
                Stream.of(addedDenominators(terms), unlikeTerms(terms), leftToRight(terms))
                        .flatMap(s -> s);
            case Expr.Root(int index, Expr.Sum(List<Expr> terms)) ->
                Stream.of(
                        new Local(sum(terms.stream().map(t -> rootOf(index, t)).toList()), Slip.MIDDLE_TERM));
            default -> Stream.empty();
        };
    }

    private static Expr rootOf(int index, Expr term) {
        return term instanceof Expr.Power(Expr base, Expr exponent) && exponent.equals(Expr.Num.of(index))
                ? base
                : new Expr.Root(index, term);
    }

    /** Numbers only: a + b·c as (a + b)·c. */
    private static Stream<Local> leftToRight(List<Expr> terms) {
        return IntStream.range(1, terms.size())
                .filter(i -> Solver.letters(terms.toArray(Expr[]::new)).isEmpty())
                .boxed()
                .flatMap(i -> {
                    boolean minus = terms.get(i) instanceof Expr.Neg;
                    Expr term = minus ? negated(terms.get(i)) : terms.get(i);
                    List<Expr> before = new ArrayList<>(terms.subList(0, i));
                    List<Expr> after = terms.subList(i + 1, terms.size());
                    return joined(before, term, minus).map(front -> {
                        List<Expr> all = new ArrayList<>(List.of(front));
                        all.addAll(after);
                        return new Local(sum(all), Slip.ORDER_OF_OPERATIONS);
                    });
                });
    }

    private static Stream<Expr> joined(List<Expr> before, Expr term, boolean minus) {
        List<Expr> parts = term.children();
        if (!(term instanceof Expr.Product) && !(term instanceof Expr.Quotient)) {
            return Stream.empty();
        }
        before.add(minus ? negated(parts.getFirst()) : parts.getFirst());
        return Stream.of(term.with(0, sum(before)));
    }

    private static List<Expr> withFirst(List<Expr> terms, Expr first) {
        List<Expr> changed = new ArrayList<>(terms);
        changed.set(0, first);
        return changed;
    }

    /** a(b + c) as ab + c, whichever term was multiplied. */
    private static Stream<Local> halfDistributed(Expr.Product p) {
        return IntStream.range(0, p.factors().size())
                .boxed()
                .flatMap(i -> p.factors().get(i) instanceof Expr.Sum(List<Expr> terms)
                        ? IntStream.range(0, terms.size()).mapToObj(k -> {
                            List<Expr> some = new ArrayList<>(terms);
                            List<Expr> rest = new ArrayList<>(without(p.factors(), i));
                            rest.add(terms.get(k));
                            some.set(k, product(rest));
                            return new Local(sum(some), Slip.HALF_DISTRIBUTED);
                        })
                        : Stream.empty());
    }

    /** (a + b)(c + d) as ac + bd. */
    private static Stream<Local> endsOnly(Expr.Product p) {
        return p.factors().size() == 2
                        && p.factors().get(0) instanceof Expr.Sum(List<Expr> a)
                        && p.factors().get(1) instanceof Expr.Sum(List<Expr> b)
                        && a.size() == 2
                        && b.size() == 2
                ? Stream.of(new Local(
                        sum(List.of(product(a.get(0), b.get(0)), product(a.get(1), b.get(1)))), Slip.MIDDLE_TERM))
                : Stream.empty();
    }

    /** Powers of the same base multiplied: exponents multiplied instead of added. */
    private static Stream<Local> exponentsMultiplied(Expr.Product p) {
        List<Expr> f = p.factors();
        return pairs(f.size())
                .filter(ij -> base(f.get(ij[0])).equals(base(f.get(ij[1]))))
                .flatMap(ij -> {
                    Expr b = base(f.get(ij[0]));
                    Expr x = exponent(f.get(ij[0]));
                    Expr y = exponent(f.get(ij[1]));
                    List<Expr> rest = without(without(f, Math.max(ij[0], ij[1])), Math.min(ij[0], ij[1]));
                    List<Expr> all = new ArrayList<>(rest);
                    all.add(new Expr.Power(b, product(x, y)));
                    return Stream.of(new Local(product(all), Slip.EXPONENTS_MULTIPLIED));
                });
    }

    private static Stream<int[]> pairs(int n) {
        return IntStream.range(0, n).boxed().flatMap(i -> IntStream.range(i + 1, n)
                .mapToObj(j -> new int[] {i, j}));
    }

    private static Expr base(Expr expr) {
        return expr instanceof Expr.Power(Expr base, Expr exponent) ? base : expr;
    }

    private static Expr exponent(Expr expr) {
        return expr instanceof Expr.Power(Expr base, Expr exponent) ? exponent : Expr.Num.of(1);
    }

    /** c·bⁿ as (c·b)ⁿ. */
    private static Stream<Local> coefficientRaised(Expr.Product p) {
        List<Expr> f = p.factors();
        return pairs(f.size())
                .filter(ij -> f.get(ij[0]) instanceof Expr.Num && f.get(ij[1]) instanceof Expr.Power)
                .map(ij -> {
                    Expr.Power power = (Expr.Power) f.get(ij[1]);
                    List<Expr> rest = new ArrayList<>(without(without(f, ij[1]), ij[0]));
                    rest.add(new Expr.Power(product(f.get(ij[0]), power.base()), power.exponent()));
                    return new Local(product(rest), Slip.COEFFICIENT_RAISED_TOO);
                });
    }

    /** A factor b/c taken as c/b. */
    private static Stream<Local> timesAFraction(Expr.Product p) {
        return IntStream.range(0, p.factors().size())
                .boxed()
                .flatMap(i -> p.factors().get(i) instanceof Expr.Quotient(Expr num, Expr den)
                        ? Stream.of(new Local(p.with(i, new Expr.Quotient(den, num)), Slip.RECIPROCAL_NOT_TAKEN))
                        : Stream.empty());
    }

    /** A share 1 − p of something taken as p of it, or as 1 + p. */
    private static Stream<Local> wrongShare(Expr.Product p) {
        return IntStream.range(0, p.factors().size()).boxed().flatMap(i -> {
            Expr f = p.factors().get(i);
            if (f instanceof Expr.Sum(List<Expr> terms)
                    && terms.size() == 2
                    && terms.getFirst().equals(Expr.Num.of(1))) {
                Expr share = terms.get(1) instanceof Expr.Neg(Expr inner) ? inner : terms.get(1);
                return Stream.of(
                                p.with(i, share),
                                p.with(i, new Expr.Sum(List.of(terms.getFirst(), negated(terms.get(1))))),
                                new Expr.Quotient(product(without(p.factors(), i)), f))
                        .map(e -> new Local(e, Slip.WRONG_WHOLE));
            }
            return Stream.empty();
        });
    }

    private static Stream<Local> power(Expr base, Expr exponent) {
        List<Local> found = new ArrayList<>();
        if (exponent instanceof Expr.Neg(Expr size)) {
            found.add(new Local(new Expr.Neg(new Expr.Power(base, size)), Slip.NEGATIVE_EXPONENT));
            found.add(new Local(new Expr.Neg(product(base, size)), Slip.NEGATIVE_EXPONENT));
            found.add(new Local(product(base, exponent), Slip.NEGATIVE_EXPONENT));
            found.add(new Local(new Expr.Power(base, size), Slip.NEGATIVE_EXPONENT));
        }
        if (base instanceof Expr.Power(Expr inner, Expr first)) {
            found.add(new Local(new Expr.Power(inner, new Expr.Sum(List.of(first, exponent))), Slip.EXPONENTS_ADDED));
        }
        if (base instanceof Expr.Product(List<Expr> factors)) {
            powerOfProduct(factors, exponent).forEach(found::add);
        }
        if (base instanceof Expr.Sum(List<Expr> terms)) {
            powerOfSum(terms, exponent).forEach(found::add);
        }
        if (base instanceof Expr.Num && exponent instanceof Expr.Num) {
            found.add(new Local(product(base, exponent), Slip.COEFFICIENT_TIMES_EXPONENT));
        }
        return found.stream();
    }

    private static Stream<Local> powerOfProduct(List<Expr> factors, Expr exponent) {
        List<Expr> notRaised = factors.stream()
                .map(f -> f instanceof Expr.Num ? f : raised(f, exponent))
                .toList();
        List<Expr> times = factors.stream()
                .map(f -> f instanceof Expr.Num ? product(f, exponent) : raised(f, exponent))
                .toList();
        List<Expr> onlyFirst = new ArrayList<>(factors);
        onlyFirst.set(0, raised(factors.getFirst(), exponent));
        List<Expr> added = factors.stream()
                .map(f -> f instanceof Expr.Power(Expr b, Expr e)
                        ? new Expr.Power(b, new Expr.Sum(List.of(e, exponent)))
                        : raised(f, exponent))
                .toList();
        return Stream.of(
                new Local(product(notRaised), Slip.COEFFICIENT_NOT_RAISED),
                new Local(product(times), Slip.COEFFICIENT_TIMES_EXPONENT),
                new Local(product(onlyFirst), Slip.COEFFICIENT_NOT_RAISED),
                new Local(product(added), Slip.EXPONENTS_ADDED));
    }

    private static Expr raised(Expr base, Expr exponent) {
        return new Expr.Power(base, exponent);
    }

    private static Stream<Local> powerOfSum(List<Expr> terms, Expr exponent) {
        List<Expr> each = terms.stream().map(t -> raised(t, exponent)).toList();
        List<Expr> eachWithSign = terms.stream()
                .map(t ->
                        t instanceof Expr.Neg(Expr inner) ? new Expr.Neg(raised(inner, exponent)) : raised(t, exponent))
                .toList();
        List<Expr> plus = terms.stream()
                .map(t -> t instanceof Expr.Neg(Expr inner) ? inner : t)
                .toList();
        Stream<Local> ends =
                Stream.of(new Local(sum(each), Slip.MIDDLE_TERM), new Local(sum(eachWithSign), Slip.MIDDLE_TERM));
        Stream<Local> single = exponent.equals(Expr.Num.of(2)) && terms.size() == 2
                ? Stream.of(new Local(sum(List.of(each.get(0), product(terms), each.get(1))), Slip.MIDDLE_TERM))
                : Stream.empty();
        boolean hadMinus = !plus.equals(terms);
        return Stream.of(
                        ends,
                        single,
                        hadMinus
                                ? Stream.of(new Local(raised(sum(plus), exponent), Slip.ALTERNATE_SIGNS))
                                : Stream.<Local>empty())
                .flatMap(s -> s);
    }

    private static Stream<Local> quotient(Expr num, Expr den) {
        List<Local> found = new ArrayList<>();
        if (den instanceof Expr.Quotient(Expr a, Expr b)) {
            found.add(new Local(product(num, den), Slip.RECIPROCAL_NOT_TAKEN));
            found.add(new Local(new Expr.Quotient(product(b, den), num), Slip.RECIPROCAL_NOT_TAKEN));
        }
        if (num instanceof Expr.Quotient q) {
            found.add(new Local(product(num, new Expr.Quotient(den, Expr.Num.of(1))), Slip.RECIPROCAL_NOT_TAKEN));
        }
        for (Expr n : factors(num)) {
            for (Expr d : factors(den)) {
                if (base(n).equals(base(d)) && !(n.equals(d))) {
                    found.add(new Local(
                            new Expr.Power(base(n), new Expr.Quotient(exponent(n), exponent(d))),
                            Slip.EXPONENTS_DIVIDED));
                    found.add(new Local(
                            new Expr.Power(base(n), new Expr.Sum(List.of(exponent(n), exponent(d)))),
                            Slip.EXPONENTS_ADDED));
                    found.add(new Local(
                            new Expr.Power(base(n), new Expr.Sum(List.of(exponent(d), negated(exponent(n))))),
                            Slip.NEGATIVE_EXPONENT));
                }
            }
        }
        cancelled(num, den).forEach(found::add);
        wrongWhole(num, den).forEach(found::add);
        return found.stream();
    }

    /** A term of the top struck out against the bottom, or against an equal term of it. */
    private static Stream<Local> cancelled(Expr num, Expr den) {
        List<Expr> above = terms(num);
        List<Expr> below = terms(den);
        List<Local> found = new ArrayList<>();
        for (int i = 0; i < above.size() && above.size() > 1; i++) {
            List<Expr> left = without(above, i);
            if (above.get(i).equals(den)) {
                found.add(new Local(sum(left), Slip.CANCELLED_A_TERM));
                List<Expr> withOne = new ArrayList<>(above);
                withOne.set(i, Expr.Num.of(1));
                found.add(new Local(sum(withOne), Slip.CANCELLED_A_TERM));
            }
            List<Expr> divided = new ArrayList<>(above);
            divided.set(i, new Expr.Quotient(above.get(i), den));
            found.add(new Local(sum(divided), Slip.CANCELLED_A_TERM));
            for (int j = 0; j < below.size() && below.size() > 1; j++) {
                if (above.get(i).equals(below.get(j))) {
                    found.add(new Local(new Expr.Quotient(sum(left), sum(without(below, j))), Slip.CANCELLED_A_TERM));
                }
            }
        }
        for (int j = 0; j < below.size() && below.size() > 1; j++) {
            if (below.get(j).equals(num)) {
                found.add(new Local(new Expr.Quotient(Expr.Num.of(1), sum(without(below, j))), Slip.CANCELLED_A_TERM));
            }
        }
        return found.stream();
    }

    /** The share of another number that stands in it: (180 − 135)/180 as (180 − 135)/135. */
    private static Stream<Local> wrongWhole(Expr num, Expr den) {
        Stream<Expr> others = numbers(num).filter(n -> !n.equals(den));
        Stream<Local> share = others.map(n -> new Local(new Expr.Quotient(num, n), Slip.WRONG_WHOLE));
        if (!(den instanceof Expr.Sum(List<Expr> terms)
                && terms.getFirst().equals(Expr.Num.of(1))
                && terms.size() == 2)) {
            return Stream.concat(
                    share,
                    numbers(den)
                            .filter(n -> terms(den).size() > 1)
                            .map(n -> new Local(new Expr.Quotient(num, n), Slip.WRONG_WHOLE)));
        }
        return Stream.of(
                new Local(product(num, den), Slip.WRONG_WHOLE),
                new Local(product(num, new Expr.Sum(List.of(terms.get(0), negated(terms.get(1))))), Slip.WRONG_WHOLE));
    }

    private static Stream<Expr> numbers(Expr expr) {
        return expr instanceof Expr.Num
                ? Stream.of(expr)
                : expr.children().stream().flatMap(WrongMoves::numbers);
    }

    private static Stream<Local> addedDenominators(List<Expr> terms) {
        return pairs(terms.size())
                .filter(ij -> size(terms.get(ij[0])) instanceof Expr.Quotient
                        || size(terms.get(ij[1])) instanceof Expr.Quotient)
                .map(ij -> {
                    Expr a = terms.get(ij[0]);
                    Expr b = terms.get(ij[1]);
                    List<Expr> rest = new ArrayList<>(without(without(terms, ij[1]), ij[0]));
                    rest.add(new Expr.Quotient(
                            sum(List.of(top(a), top(b))), new Expr.Sum(List.of(bottom(a), bottom(b)))));
                    return new Local(sum(rest), Slip.ADDED_DENOMINATORS);
                });
    }

    private static Expr size(Expr expr) {
        return expr instanceof Expr.Neg(Expr inner) ? inner : expr;
    }

    private static Expr top(Expr expr) {
        Expr num = size(expr) instanceof Expr.Quotient(Expr n, Expr d) ? n : size(expr);
        return expr instanceof Expr.Neg ? new Expr.Neg(num) : num;
    }

    private static Expr bottom(Expr expr) {
        return size(expr) instanceof Expr.Quotient(Expr n, Expr d) ? d : Expr.Num.of(1);
    }

    /** 3x + 4 as 7x, or as 7; 3x + 4y as 7xy. */
    private static Stream<Local> unlikeTerms(List<Expr> terms) {
        return pairs(terms.size()).flatMap(ij -> {
            Expr a = terms.get(ij[0]);
            Expr b = terms.get(ij[1]);
            List<Expr> lettersA = letters(a);
            List<Expr> lettersB = letters(b);
            if (lettersA.equals(lettersB)) {
                return Stream.empty();
            }
            Expr number = sum(List.of(coefficient(a), coefficient(b)));
            List<Expr> both = new ArrayList<>(lettersA);
            both.addAll(lettersB);
            return Stream.of(lettersA, lettersB, both).distinct().map(letters -> {
                List<Expr> rest = new ArrayList<>(without(without(terms, ij[1]), ij[0]));
                List<Expr> made = new ArrayList<>(List.of(number));
                made.addAll(letters);
                rest.add(product(made));
                return new Local(sum(rest), Slip.UNLIKE_TERMS);
            });
        });
    }

    private static List<Expr> letters(Expr term) {
        return factors(size(term)).stream()
                .filter(f -> !(f instanceof Expr.Num))
                .toList();
    }

    private static Expr coefficient(Expr term) {
        Expr number = product(
                factors(size(term)).stream().filter(Expr.Num.class::isInstance).toList());
        return term instanceof Expr.Neg ? new Expr.Neg(number) : number;
    }
}
