package littlesummit.core.math;

import java.math.BigInteger;
import java.util.Optional;
import littlesummit.core.math.Statement.Relation;

/**
 * Equations in roots of the bare letter, x^(2/3) − ³√x = 2. With w for the root of x that all of these are powers of
 * it is an equation without roots, and each of its solutions is raised to the power again.
 */
final class RootSubstitution {
    /** The largest index of that root. */
    private static final int MOST = 12;

    private final Expr letter;
    private final BigInteger index;

    private RootSubstitution(Expr letter, BigInteger index) {
        this.letter = letter;
        this.index = index;
    }

    /** Empty where it is no such equation, or its solutions cannot be written one by one. */
    static Optional<SolutionSet> solve(Expr left, Expr right, String name) {
        Expr letter = new Expr.Letter(name);
        BigInteger index = WholeFunctions.multiple(index(left, letter), index(right, letter));
        if (index.equals(BigInteger.ONE) || index.compareTo(BigInteger.valueOf(MOST)) > 0) {
            return Optional.empty();
        }
        RootSubstitution way = new RootSubstitution(letter, index);
        Expr newLeft = way.rewritten(left);
        Expr newRight = way.rewritten(right);
        if (Piecewise.isNeeded(newLeft, name) || Piecewise.isNeeded(newRight, name)) {
            return Optional.empty();
        }
        SolutionSet roots = Solver.solve(newLeft, Relation.EQUAL, newRight, name);
        boolean areSingle =
                roots.factors().isEmpty() && roots.exact().intervals().stream().allMatch(RealSet.Interval::isPoint);
        return areSingle ? Optional.of(SolutionSet.of(way.back(roots.exact()))) : Optional.empty();
    }

    /** A root of even index is never negative, whatever solves the equation without it. */
    private RealSet back(RealSet roots) {
        RealSet back = RealSet.EMPTY;
        for (RealSet.Interval root : roots.intervals()) {
            RationalFunction w = root.low().orElseThrow();
            if (index.testBit(0) || Enclosure.sign(w) >= 0) {
                RationalFunction x = RationalFunction.ONE;
                for (int i = 0; i < index.intValue(); i++) {
                    x = x.times(w);
                }
                back = back.union(RealSet.point(x));
            }
        }
        return back;
    }

    /** What the exponents of the bare letter are divided by, in common. */
    private static BigInteger index(Expr expr, Expr letter) {
        BigInteger own = exponent(expr, letter).map(Rational::den).orElse(BigInteger.ONE);
        return expr.children().stream().map(part -> index(part, letter)).reduce(own, WholeFunctions::multiple);
    }

    /** Of the letter, where this is a root or a power of it with a number above. */
    private static Optional<Rational> exponent(Expr expr, Expr letter) {
        return switch (expr) {
            case Expr.Root(int index, Expr radicand) when radicand.equals(letter) -> Optional.of(Rational.of(1, index));
            case Expr.Power(Expr base, Expr exponent)
            when base.equals(letter) && Solver.letters(exponent).isEmpty() ->
                Canonical.of(exponent).asRational();
            default -> expr.equals(letter) ? Optional.of(Rational.ONE) : Optional.empty();
        };
    }

    private Expr rewritten(Expr expr) {
        Optional<Rational> exponent = exponent(expr, letter);
        if (exponent.isPresent()) {
            return new Expr.Power(letter, Expr.fraction(exponent.get().times(Rational.of(index))));
        }
        Expr changed = expr;
        for (int i = 0; i < expr.children().size(); i++) {
            changed = changed.with(i, rewritten(expr.children().get(i)));
        }
        return changed;
    }
}
