package littlesummit.core.math;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import littlesummit.core.math.Statement.Relation;

/**
 * Exact real solutions of one equation or inequality in one letter. What cannot be told exactly is a {@link
 * MathProblem}.
 */
public final class Solver {
    private final String letter;
    private final Expr left;
    private final Expr right;

    private Solver(Expr left, Expr right, String letter) {
        this.left = left;
        this.right = right;
        this.letter = letter;
    }

    /** @param letter the only letter on both sides; any other name where there is none */
    public static SolutionSet solve(Expr left, Relation sign, Expr right, String letter) {
        Solver solver = new Solver(left, right, letter);
        return switch (sign) {
            case EQUAL -> solver.equation();
            case NOT_EQUAL ->
                SolutionSet.of(placed(solver.equation()).complement()).intersection(solver.domain());
            case LESS, GREATER, AT_MOST, AT_LEAST -> solver.inequality(sign);
            case ABOUT -> throw MathProblem.notSupported("a rounded value is no equation");
        };
    }

    private RationalFunction difference() {
        return Canonical.of(left).minus(Canonical.of(right));
    }

    private SolutionSet equation() {
        RationalFunction f = difference();
        if (f.isZero()) {
            return domain();
        }
        if (f.isConstantNumber()) {
            return Enclosure.sign(f) == 0 ? domain() : SolutionSet.EMPTY;
        }
        Polynomial plain = f.num();
        boolean bound = false;
        for (Optional<Atom> atom = boundAtom(plain); atom.isPresent(); atom = boundAtom(plain)) {
            plain = withoutAtom(plain, atom.get());
            bound = true;
        }
        SolutionSet candidates = roots(plain);
        return bound || !f.den().isConstant() ? kept(candidates, f.den()) : candidates;
    }

    /** A root or an absolute value in which the letter occurs. */
    private Optional<Atom> boundAtom(Polynomial p) {
        return p.atoms().stream()
                .filter(a -> switch (a) {
                    case Atom.Letter l -> false;
                    case Atom.Pi pi -> false;
                    case Atom.Root r ->
                        r.radicand().letters().contains(letter)
                                || boundAtom(r.radicand()).isPresent();
                    case Atom.Abs abs ->
                        abs.inner().letters().contains(letter)
                                || boundAtom(abs.inner()).isPresent();
                })
                .findFirst();
    }

    /** From A·s + B = 0 with s² known to A²·s² − B² = 0, which keeps every solution and may add some. */
    private static Polynomial withoutAtom(Polynomial p, Atom atom) {
        Polynomial square =
                switch (atom) {
                    case Atom.Root(int index, Polynomial radicand) when index == 2 -> radicand;
                    case Atom.Abs(Polynomial inner) -> inner.times(inner);
                    default -> throw MathProblem.notSupported("a higher root of the unknown");
                };
        Polynomial a = p.coefficient(atom, 1);
        Polynomial b = p.coefficient(atom, 0);
        return a.times(a).times(square).minus(b.times(b));
    }

    /** Those that solve the equation as it was written. */
    private SolutionSet kept(SolutionSet candidates, Polynomial den) {
        if (!candidates.factors().isEmpty()) {
            if (den.isOrdinary()
                    && boundAtom(difference().num()).isEmpty()
                    && candidates.factors().stream()
                            .allMatch(f -> Gcd.of(f, den).degree() == 0)) {
                return new SolutionSet(
                        kept(SolutionSet.of(candidates.exact()), den).exact(), candidates.factors());
            }
            throw MathProblem.notSupported("roots that cannot be tried");
        }
        RealSet good = RealSet.EMPTY;
        for (RealSet.Interval i : candidates.exact().intervals()) {
            RationalFunction root = i.low().orElseThrow(() -> MathProblem.notSupported("an interval of candidates"));
            good = solves(root) ? good.union(RealSet.point(root)) : good;
        }
        return SolutionSet.of(good);
    }

    private boolean solves(RationalFunction root) {
        Map<String, RationalFunction> at = Map.of(letter, root);
        try {
            return Equality.sameNumber(Canonical.atNumbers(left, at), Canonical.atNumbers(right, at));
        } catch (MathProblem problem) {
            if (problem.kind() == MathProblem.Kind.UNDEFINED) {
                return false;
            }
            throw problem;
        }
    }

    /** Where both sides are defined, as far as denominators say. */
    private SolutionSet domain() {
        RationalFunction f = difference();
        Polynomial dens =
                Canonical.of(left).den().times(Canonical.of(right).den()).times(f.den());
        return dens.isConstant()
                ? SolutionSet.ALL
                : SolutionSet.of(placed(roots(dens)).complement());
    }

    private static RealSet placed(SolutionSet set) {
        if (!set.factors().isEmpty()) {
            throw MathProblem.notSupported("roots that cannot be placed");
        }
        return set.exact();
    }

    /**
     * All real roots.
     *
     * @param p not zero
     */
    private SolutionSet roots(Polynomial p) {
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
            return roots(quadratic(p));
        }
        SolutionSet all = SolutionSet.EMPTY;
        for (Polynomial factor : factors(squarefree(p))) {
            all = all.union(rootsOfFactor(factor));
        }
        return all;
    }

    private SolutionSet point(RationalFunction root) {
        return SolutionSet.of(RealSet.point(root));
    }

    /** Coefficients that are no rationals: the formula for degree 2, nothing beyond. */
    private List<RationalFunction> quadratic(Polynomial p) {
        if (p.degree(letter) != 2
                || !RationalFunction.of(p.coefficient(letter, 2)).isConstantNumber()) {
            throw MathProblem.notSupported("coefficients that are not rational");
        }
        return List.of(
                RationalFunction.of(p.coefficient(letter, 2)),
                RationalFunction.of(p.coefficient(letter, 1)),
                RationalFunction.of(p.coefficient(letter, 0)));
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
        Polynomial derivative = Polynomial.ZERO;
        for (int k = 1; k <= p.degree(letter); k++) {
            derivative = derivative.plus(p.coefficient(letter, k)
                    .times(Polynomial.letter(letter).power(k - 1))
                    .times(Rational.of(k)));
        }
        Polynomial common = Gcd.of(p, derivative);
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
        UnivariateFactors.of(Irreducible.coefficients(rest, letter)).forEach(c -> found.add(polynomial(c)));
        return found;
    }

    private Polynomial polynomial(java.math.BigInteger[] coefficients) {
        Polynomial sum = Polynomial.ZERO;
        for (int i = 0; i < coefficients.length; i++) {
            sum = sum.plus(Polynomial.letter(letter).power(i).times(Rational.of(coefficients[i])));
        }
        return sum;
    }

    private SolutionSet rootsOfFactor(Polynomial f) {
        int degree = f.degree(letter);
        if (degree == 1) {
            return roots(f);
        }
        if (degree == 2) {
            return roots(quadratic(f));
        }
        Polynomial normal = f.leadingCoefficient().signum() < 0 ? f.negate() : f;
        return Sturm.realRoots(Irreducible.coefficients(f, letter)) == 0
                ? SolutionSet.EMPTY
                : new SolutionSet(RealSet.EMPTY, Set.of(normal));
    }

    /** By the sign between neighbouring places where it can change. */
    private SolutionSet inequality(Relation sign) {
        RationalFunction f = difference();
        RealSet zeros = f.isZero() ? RealSet.EMPTY : placed(equation());
        RealSet poles = f.den().isConstant() ? RealSet.EMPTY : placed(roots(f.den()));
        List<RationalFunction> cuts = cuts(zeros.union(poles));
        RealSet result = sign.holds(0) && f.isZero() ? RealSet.ALL : sign.holds(0) ? zeros : RealSet.EMPTY;
        for (int i = 0; i <= cuts.size() && !f.isZero(); i++) {
            Optional<RationalFunction> low = i == 0 ? Optional.empty() : Optional.of(cuts.get(i - 1));
            Optional<RationalFunction> high = i == cuts.size() ? Optional.empty() : Optional.of(cuts.get(i));
            if (sign.holds(signAt(between(low, high)))) {
                result = result.union(RealSet.of(new RealSet.Interval(low, false, high, false)));
            }
        }
        return SolutionSet.of(result).intersection(domain());
    }

    private static List<RationalFunction> cuts(RealSet points) {
        List<RationalFunction> cuts = new ArrayList<>();
        points.intervals()
                .forEach(i -> cuts.add(i.low().orElseThrow(() -> MathProblem.notSupported("zero on an interval"))));
        return cuts;
    }

    private static Rational between(Optional<RationalFunction> low, Optional<RationalFunction> high) {
        if (low.isEmpty() && high.isEmpty()) {
            return Rational.ZERO;
        }
        if (low.isEmpty() || high.isEmpty()) {
            Rational end = Rounding.halfUp(low.or(() -> high).orElseThrow(), 2);
            return end.plus(Rational.of(low.isEmpty() ? -1 : 1));
        }
        for (int places = 2; places <= 24; places += 4) {
            Rational middle = Rounding.halfUp(low.get(), places)
                    .plus(Rounding.halfUp(high.get(), places))
                    .over(Rational.of(2));
            RationalFunction at = RationalFunction.of(middle);
            if (Equality.compare(low.get(), at) < 0 && Equality.compare(at, high.get()) < 0) {
                return middle;
            }
        }
        throw MathProblem.notSupported("roots too close to each other");
    }

    private int signAt(Rational value) {
        Map<String, Rational> at = Map.of(letter, value);
        try {
            return Enclosure.sign(Canonical.at(left, at).minus(Canonical.at(right, at)));
        } catch (MathProblem notDefinedHere) {
            throw MathProblem.notSupported("a side is not defined everywhere");
        }
    }

    /** Letters that occur on either side. */
    public static Set<String> letters(Expr... sides) {
        Set<String> letters = new HashSet<>();
        for (Expr side : sides) {
            collect(side, letters);
        }
        return letters;
    }

    private static void collect(Expr expr, Set<String> letters) {
        if (expr instanceof Expr.Letter(String name)) {
            letters.add(name);
        }
        expr.children().forEach(child -> collect(child, letters));
    }
}
