package littlesummit.core.math;

import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * The real numbers for which something holds, in one normal form: equal sets are found exactly.
 *
 * @param exact the part that is known by its bounds
 * @param factors irreducible polynomials of degree 3 and more, primitive, whose real roots belong to it too
 */
public record SolutionSet(RealSet exact, Set<Polynomial> factors) {
    public static final SolutionSet EMPTY = new SolutionSet(RealSet.EMPTY, Set.of());
    public static final SolutionSet ALL = new SolutionSet(RealSet.ALL, Set.of());

    public SolutionSet {
        factors = Set.copyOf(factors);
    }

    static SolutionSet of(RealSet exact) {
        return new SolutionSet(exact, Set.of());
    }

    /** @throws MathProblem where roots that are known only by their polynomial belong to it */
    public RealSet asRealSet() {
        if (!factors.isEmpty()) {
            throw MathProblem.notSupported("roots that cannot be placed");
        }
        return exact;
    }

    public SolutionSet union(SolutionSet other) {
        Set<Polynomial> both = new TreeSet<>((a, b) -> a.toString().compareTo(b.toString()));
        both.addAll(factors);
        both.addAll(other.factors);
        return new SolutionSet(exact.union(other.exact), both.stream().collect(Collectors.toSet()));
    }

    /** @throws MathProblem where roots that are known only by their polynomial would have to be placed */
    public SolutionSet intersection(SolutionSet other) {
        if (factors.isEmpty() && other.factors.isEmpty()) {
            return of(exact.intersection(other.exact));
        }
        if (equals(ALL) || sameAs(other)) {
            return other;
        }
        if (other.equals(ALL)) {
            return this;
        }
        throw MathProblem.notSupported("roots that cannot be placed");
    }

    /** @throws MathProblem where a number of one set may be a root that the other one knows by its polynomial */
    public boolean sameAs(SolutionSet other) {
        tryRoots(other);
        other.tryRoots(this);
        return factors.equals(other.factors) && exact.sameAs(other.exact);
    }

    private void tryRoots(SolutionSet other) {
        for (Polynomial factor : factors) {
            if (!other.factors.contains(factor)) {
                other.exact.intervals().stream()
                        .flatMap(i -> i.low().stream())
                        .filter(number -> number.asRational().isEmpty())
                        .forEach(number -> tryRoot(factor, number));
            }
        }
    }

    private static void tryRoot(Polynomial factor, RationalFunction number) {
        String letter = factor.letters().getFirst();
        RationalFunction value = RationalFunction.ZERO;
        for (int k = factor.degree(letter); k >= 0; k--) {
            value = value.times(number).plus(RationalFunction.of(factor.coefficient(letter, k)));
        }
        if (Enclosure.sign(value) == 0) {
            throw MathProblem.notSupported("a root of a polynomial that has others");
        }
    }

    /** Whether everything in it lies in the other one too. */
    public boolean isWithin(SolutionSet other) {
        return other.factors.containsAll(factors)
                && exact.intersection(other.exact).sameAs(exact);
    }

    public boolean isEmpty() {
        return factors.isEmpty() && exact.intervals().isEmpty();
    }

    /** Whether it consists of single numbers only. */
    public boolean isFinite() {
        return exact.intervals().stream()
                .allMatch(i -> i.low().isPresent()
                        && i.high().isPresent()
                        && Equality.compare(i.low().get(), i.high().get()) == 0);
    }
}
