package littlesummit.core.math;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/** The real roots of a polynomial in one letter: as numbers where roots of roots say them, else by their polynomial. */
final class RealRoots {
    private final String letter;

    RealRoots(String letter) {
        this.letter = letter;
    }

    /**
     * All real roots. Where the letter is below as well, as in 1/t − 2, zero is none of them.
     *
     * @param p not zero
     */
    SolutionSet of(Polynomial p) {
        return ofWhole(Exponentials.withNothingBelow(p));
    }

    private SolutionSet ofWhole(Polynomial p) {
        if (p.degree(letter) == 1) {
            return point(RationalFunction.of(p.coefficient(letter, 0).negate())
                    .over(RationalFunction.of(p.coefficient(letter, 1))));
        }
        if (p.degree(letter) == 0) {
            return SolutionSet.EMPTY;
        }
        if (!p.letters().equals(List.of(letter))
                || !p.isOrdinary()
                || p.terms().keySet().stream().anyMatch(m -> !m.surd().isOne() || m.size() > 1)) {
            return withIrrational(p);
        }
        Polynomial once = squarefree(p);
        Optional<SolutionSet> byRoots =
                once.degree(letter) > 2 ? byRoots(Irreducible.coefficients(once, letter)) : Optional.empty();
        if (byRoots.isPresent()) {
            return byRoots.get();
        }
        SolutionSet all = SolutionSet.EMPTY;
        for (Polynomial factor : factors(once)) {
            all = all.union(rootsOfFactor(factor));
        }
        return all;
    }

    private SolutionSet point(RationalFunction root) {
        return SolutionSet.of(RealSet.point(root));
    }

    /** Coefficients that are no rationals: degree 2, and a power alone; nothing beyond. */
    private SolutionSet withIrrational(Polynomial p) {
        int degree = p.degree(letter);
        RationalFunction first = RationalFunction.of(p.coefficient(letter, degree));
        boolean alone = IntStream.range(1, degree)
                .allMatch(k -> p.coefficient(letter, k).isZero());
        if (degree > 2 && !alone || !first.isConstantNumber()) {
            throw MathProblem.notSupported("coefficients that are not rational");
        }
        RationalFunction last = RationalFunction.of(p.coefficient(letter, 0));
        return alone
                ? powers(degree, last.negate().over(first))
                : roots(List.of(first, RationalFunction.of(p.coefficient(letter, 1)), last));
    }

    /** Where a power of the letter has a value. */
    private SolutionSet powers(int exponent, RationalFunction value) {
        int sign = Enclosure.sign(value);
        if (sign < 0 && exponent % 2 == 0) {
            return SolutionSet.EMPTY;
        }
        RationalFunction root = Roots.root(value, exponent, new Budget());
        return exponent % 2 == 0 ? point(root).union(point(root.negate())) : point(root);
    }

    private SolutionSet roots(List<RationalFunction> abc) {
        RationalFunction a = abc.get(0);
        RationalFunction b = abc.get(1);
        RationalFunction discriminant =
                b.times(b).minus(a.times(abc.get(2)).times(RationalFunction.of(Rational.of(4))));
        int sign = Enclosure.sign(discriminant);
        if (sign < 0) {
            return SolutionSet.EMPTY;
        }
        RationalFunction root = Roots.root(discriminant, 2, new Budget());
        RationalFunction twice = a.times(RationalFunction.of(Rational.of(2)));
        return point(root.minus(b).over(twice))
                .union(point(root.plus(b).negate().over(twice)));
    }

    private Polynomial squarefree(Polynomial p) {
        Polynomial common = Gcd.of(p, p.derivative(letter));
        Polynomial once = common.degree() == 0 ? p : p.exactOver(common).orElseThrow();
        Polynomial primitive = once.primitive();
        return primitive.leadingCoefficient().signum() < 0 ? primitive.negate() : primitive;
    }

    private List<Polynomial> factors(Polynomial p) {
        Polynomial x = Polynomial.letter(letter);
        List<Polynomial> found = new ArrayList<>();
        Polynomial rest = p;
        if (rest.coefficient(letter, 0).isZero()) {
            found.add(x);
            rest = rest.exactOver(x).orElseThrow();
        }
        if (rest.degree(letter) < 2) {
            found.add(rest);
            return found.stream().filter(f -> f.degree(letter) > 0).toList();
        }
        found.addAll(UnivariateFactors.of(rest, letter));
        return found;
    }

    private SolutionSet rootsOfFactor(Polynomial f) {
        int degree = f.degree(letter);
        if (degree <= 2) {
            return degree == 1 ? of(f) : withIrrational(f);
        }
        BigInteger[] coefficients = Irreducible.coefficients(f, letter);
        if (Sturm.realRoots(coefficients) == 0) {
            return SolutionSet.EMPTY;
        }
        Polynomial normal = f.leadingCoefficient().signum() < 0 ? f.negate() : f;
        return byRoots(coefficients).orElse(new SolutionSet(RealSet.EMPTY, Set.of(normal)));
    }

    /** With y = x + s the second term goes, and only powers of one power of y may be left: a·y²ᵏ + b·yᵏ + c. */
    private Optional<SolutionSet> byRoots(BigInteger[] f) {
        int degree = f.length - 1;
        Rational shift = Rational.of(f[degree - 1]).over(Rational.of(f[degree]).times(Rational.of(degree)));
        Rational[] g = shifted(f, shift.negate());
        int step = 0;
        for (int k = 1; k <= degree; k++) {
            step = g[k].isZero()
                    ? step
                    : BigInteger.valueOf(step).gcd(BigInteger.valueOf(k)).intValue();
        }
        if (degree > Limits.EXPRESSION_EXPONENT || degree / step > 2 || step == 1) {
            return Optional.empty();
        }
        SolutionSet values = degree == step
                ? point(RationalFunction.of(g[0].negate().over(g[degree])))
                : roots(List.of(
                        RationalFunction.of(g[degree]), RationalFunction.of(g[step]), RationalFunction.of(g[0])));
        SolutionSet all = SolutionSet.EMPTY;
        for (RationalFunction value : Solver.cuts(values.exact())) {
            for (RationalFunction y : Solver.cuts(powers(step, value).exact())) {
                all = all.union(point(y.minus(RationalFunction.of(shift))));
            }
        }
        return Optional.of(all);
    }

    /** Coefficients of f(y + by), by Horner's scheme. */
    private static Rational[] shifted(BigInteger[] f, Rational by) {
        Rational[] g = Arrays.stream(f).map(Rational::of).toArray(Rational[]::new);
        for (int low = 0; low < g.length - 1; low++) {
            for (int i = g.length - 2; i >= low; i--) {
                g[i] = g[i].plus(by.times(g[i + 1]));
            }
        }
        return g;
    }
}
