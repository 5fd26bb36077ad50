package littlesummit.core.math;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * Equations with the unknown in an exponent or under a logarithm: those with a single such power, which is solved for
 * first, and those with logarithms alone, which come together in one. What comes out is put into the equation. All else
 * is not decided.
 */
final class Transcendental {
    /** A letter that nobody can type. */
    private static final String POWER = "⟨power⟩";

    private final String letter;
    private final Budget budget = new Budget();

    private Transcendental(String letter) {
        this.letter = letter;
    }

    /** Whether a side has the letter in an exponent or inside a function with a name. */
    static boolean isNeeded(Expr side, String letter) {
        Expr unknown = new Expr.Letter(letter);
        return side.any(e -> e instanceof Expr.Call && e.has(unknown)
                || e instanceof Expr.Power(Expr base, Expr exponent) && exponent.has(unknown));
    }

    /** Whether a side has the letter in exponents of positive numbers only: then no step lets a false solution in. */
    static boolean isDefinedEverywhere(Expr side, String letter) {
        if (!Solver.letters(side).contains(letter)) {
            return true;
        }
        boolean isHere =
                switch (side) {
                    case Expr.Call c -> false;
                    case Expr.Root r -> false;
                    case Expr.Abs a -> false;
                    case Expr.Quotient(Expr num, Expr den) ->
                        !Solver.letters(den).contains(letter);
                    default -> true;
                };
        return isHere && side.children().stream().allMatch(child -> isDefinedEverywhere(child, letter));
    }

    /**
     * Numbers that may solve an equation, among them all that do.
     *
     * @param difference left less right, not zero
     */
    static SolutionSet candidates(RationalFunction difference, String letter) {
        return new Transcendental(letter).roots(difference.num());
    }

    private SolutionSet roots(Polynomial p) {
        List<Atom> hiding = p.atoms().stream().filter(this::hides).toList();
        if (hiding.isEmpty()) {
            return new RealRoots(letter).of(p);
        }
        if (p.degree(letter) > 0) {
            throw MathProblem.notSupported("a letter inside and outside of a function");
        }
        if (hiding.size() == 1) {
            return ofOne(p, hiding.getFirst());
        }
        boolean arePowers = hiding.stream().allMatch(Atom.Exp.class::isInstance);
        return arePowers && p.size() == 2 ? ofTwoPowers(p) : ofLogarithms(p, hiding);
    }

    /** a·3^x = b·5^x: where both sides are positive, their logarithms are equal. */
    private SolutionSet ofTwoPowers(Polynomial p) {
        List<Polynomial> sides = p.terms().entrySet().stream()
                .map(term -> Polynomial.term(term.getValue(), term.getKey()))
                .toList();
        RationalFunction quotient = new RationalFunction(sides.get(0).negate(), sides.get(1));
        Rational front = sides.get(0).leadingCoefficient().over(sides.get(1).leadingCoefficient());
        if (front.signum() > 0) {
            return SolutionSet.EMPTY;
        }
        Polynomial logarithm = Exponentials.ln(quotient, budget).num();
        return new RealRoots(letter).of(logarithm);
    }

    private boolean hides(Atom atom) {
        return atom.inside().stream().anyMatch(this::holds);
    }

    private boolean holds(Polynomial p) {
        return p.letters().contains(letter) || p.atoms().stream().anyMatch(this::hides);
    }

    private SolutionSet ofOne(Polynomial p, Atom atom) {
        Polynomial inPower = Polynomial.ZERO;
        for (int k = 0; k <= p.degree(atom); k++) {
            inPower = inPower.plus(
                    p.coefficient(atom, k).times(Polynomial.letter(POWER).power(k)));
        }
        SolutionSet all = SolutionSet.EMPTY;
        for (RationalFunction value : points(new RealRoots(POWER).of(inPower))) {
            all = all.union(where(atom, value));
        }
        return all;
    }

    private static List<RationalFunction> points(SolutionSet set) {
        if (!set.factors().isEmpty()) {
            throw MathProblem.notSupported("roots that have no written form");
        }
        return set.exact().intervals().stream()
                .map(i -> i.low().orElseThrow(() -> MathProblem.notSupported("an interval of candidates")))
                .toList();
    }

    /** Where an atom has a value. */
    private SolutionSet where(Atom atom, RationalFunction value) {
        return switch (atom) {
            case Atom.Exp(Monomial exponent, int share) ->
                Enclosure.sign(value) <= 0
                        ? SolutionSet.EMPTY
                        : whereProduct(
                                exponent,
                                Exponentials.ln(value, budget).times(RationalFunction.of(Rational.of(share))));
            case Atom.Log(Polynomial inner) -> whereSize(inner, Exponentials.exp(value, budget));
            default -> throw MathProblem.notSupported("a function with many solutions");
        };
    }

    private SolutionSet whereProduct(Monomial product, RationalFunction value) {
        Atom unknown = new Atom.Letter(letter);
        int power = product.exponent(unknown);
        Monomial rest = product.without(unknown);
        if (power == 0 || IntStream.range(0, rest.size()).anyMatch(i -> hides(rest.atom(i)))) {
            throw MathProblem.notSupported("a letter deep inside of a function");
        }
        if (power < 0 && value.isZero()) {
            return SolutionSet.EMPTY;
        }
        RationalFunction factor = RationalFunction.of(Polynomial.term(Rational.ONE, rest));
        RationalFunction alone =
                Exponentials.simplified(power > 0 ? value.over(factor, budget) : factor.over(value, budget));
        if (Math.abs(power) == 1) {
            return SolutionSet.of(RealSet.point(alone));
        }
        return new RealRoots(letter)
                .of(Polynomial.letter(letter)
                        .power(Math.abs(power))
                        .times(alone.den())
                        .minus(alone.num()));
    }

    /** Where a polynomial is so far from zero, on either side. */
    private SolutionSet whereSize(Polynomial inner, RationalFunction size) {
        Polynomial scaled = inner.times(size.den());
        return roots(scaled.minus(size.num())).union(roots(scaled.plus(size.num())));
    }

    /** c₁·ln p₁ + … + c₀ = 0 with whole c: the product of the powers is e to the power −c₀, up to its sign. */
    private SolutionSet ofLogarithms(Polynomial p, List<Atom> logs) {
        Polynomial left = Polynomial.ONE;
        Polynomial right = Polynomial.ONE;
        Polynomial rest = p;
        List<Rational> weights = new ArrayList<>();
        Polynomial first = p.coefficient(logs.getFirst(), 1);
        for (Atom atom : logs) {
            if (!(atom instanceof Atom.Log) || p.degree(atom) != 1) {
                throw MathProblem.notSupported("several functions of a letter");
            }
            Polynomial weight = p.coefficient(atom, 1);
            weights.add(Exponentials.simplified(new RationalFunction(weight, first))
                    .asRational()
                    .orElseThrow(() -> MathProblem.notSupported("logarithms to different bases")));
            rest = rest.minus(weight.times(Polynomial.atom(atom)));
        }
        BigInteger whole = weights.stream().map(Rational::den).reduce(BigInteger.ONE, (a, b) -> a.divide(a.gcd(b))
                .multiply(b));
        for (int i = 0; i < logs.size(); i++) {
            Rational weight = weights.get(i).times(Rational.of(whole));
            Polynomial inner = ((Atom.Log) logs.get(i)).inner();
            int times = weight.num().abs().intValueExact();
            left = weight.signum() > 0 ? left.times(inner.power(times)) : left;
            right = weight.signum() < 0 ? right.times(inner.power(times)) : right;
        }
        RationalFunction constant = Exponentials.simplified(new RationalFunction(rest, first))
                .times(RationalFunction.of(Rational.of(whole)))
                .negate();
        RationalFunction size = Exponentials.exp(Exponentials.simplified(constant), budget);
        Polynomial a = left.times(size.den());
        Polynomial b = right.times(size.num());
        return roots(a.minus(b)).union(roots(a.plus(b)));
    }

    /** Whether an equation holds at a number; false where a side is not defined there. */
    static boolean holdsAt(Expr left, Expr right, String letter, RationalFunction root) {
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
}
