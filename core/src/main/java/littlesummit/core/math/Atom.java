package littlesummit.core.math;

/**
 * What polynomials are made of besides numbers: letters, π, and roots and absolute values that do not reduce further.
 * Numeric roots such as √2 are not atoms: {@link Surd} keeps them.
 */
sealed interface Atom extends Comparable<Atom> {
    record Letter(String name) implements Atom {}

    record Pi() implements Atom {}

    /** The principal root of a polynomial that is not a perfect power, primitive and of positive content. */
    record Root(int index, Polynomial radicand) implements Atom {}

    /** The absolute value of a primitive polynomial with a positive leading coefficient. */
    record Abs(Polynomial inner) implements Atom {}

    private int rank() {
        return switch (this) {
            case Letter l -> 0;
            case Pi p -> 1;
            case Root r -> 2;
            case Abs a -> 3;
        };
    }

    /** Letters first, by name; the order of the others is fixed but has no meaning. */
    @Override
    default int compareTo(Atom other) {
        if (this instanceof Letter(String a) && other instanceof Letter(String b)) {
            return a.compareTo(b);
        }
        int byRank = Integer.compare(rank(), other.rank());
        return byRank != 0 ? byRank : toString().compareTo(other.toString());
    }

    /** Whether computing with it needs no rule beyond those of polynomials. */
    default boolean isFree() {
        return switch (this) {
            case Letter l -> true;
            case Pi p -> true;
            case Root r -> false;
            case Abs a -> false;
        };
    }
}
