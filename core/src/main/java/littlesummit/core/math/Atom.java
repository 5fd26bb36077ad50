package littlesummit.core.math;

import java.util.List;

/**
 * What polynomials are made of besides numbers: letters, π, e, and roots, absolute values, powers, logarithms,
 * trigonometric functions and factorials that do not reduce further.
 * Numeric roots such as √2 are not atoms: {@link Surd} keeps them.
 */
sealed interface Atom extends Comparable<Atom> {
    record Letter(String name) implements Atom {}

    record Pi() implements Atom {}

    /** The principal root of a polynomial that is not a perfect power, primitive and of positive content. */
    record Root(int index, Polynomial radicand) implements Atom {}

    /** The absolute value of a primitive polynomial with a positive leading coefficient. */
    record Abs(Polynomial inner) implements Atom {}

    /** The number e. */
    record E() implements Atom {}

    /**
     * e to a power with a letter, or with π, in it; always positive.
     *
     * @param exponent a product without number in front
     * @param share what the product is divided by
     */
    record Exp(Monomial exponent, int share) implements Atom {}

    /** The natural logarithm of a prime, or of the size of a primitive polynomial with a positive first coefficient. */
    record Log(Polynomial inner) implements Atom {}

    /**
     * Sine or cosine of an angle in radians.
     *
     * @param angle a product without number in front
     * @param share what the product is divided by
     */
    record Trig(boolean isSine, Monomial angle, int share) implements Atom {}

    /** An arc function of what has no exact value. */
    record Inverse(Fn fn, Polynomial inner) implements Atom {}

    /** The factorial of a polynomial with letters, whose constant is at least 0 and below 1. */
    record Factorial(Polynomial of) implements Atom {}

    private int rank() {
        return switch (this) {
            case Letter l -> 0;
            case Pi p -> 1;
            case Root r -> 2;
            case Abs a -> 3;
            case E e -> 4;
            case Exp e -> 5;
            case Log l -> 6;
            case Trig t -> 7;
            case Inverse i -> 8;
            case Factorial f -> 9;
        };
    }

    /** Polynomials that it holds inside. */
    default List<Polynomial> inside() {
        return switch (this) {
            case Letter l -> List.of();
            case Pi p -> List.of();
            case E e -> List.of();
            case Root r -> List.of(r.radicand());
            case Abs a -> List.of(a.inner());
            case Exp e -> List.of(Polynomial.term(Rational.ONE, e.exponent()));
            case Log l -> List.of(l.inner());
            case Trig t -> List.of(Polynomial.term(Rational.ONE, t.angle()));
            case Inverse i -> List.of(i.inner());
            case Factorial f -> List.of(f.of());
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
            case E e -> true;
            case Exp e -> e.share() == 1 && isPlain(e.exponent());
            case Log l -> false;
            case Trig t -> t.share() == 1 && isPlain(t.angle());
            case Inverse i -> false;
            case Factorial f -> false;
        };
    }

    /** Letters, with at most one logarithm of a prime. */
    private static boolean isPlain(Monomial m) {
        int logs = 0;
        boolean hasLetter = false;
        for (int i = 0; i < m.size(); i++) {
            if (m.atom(i) instanceof Log(Polynomial inner) && inner.asRational().isPresent()) {
                logs += m.exponent(i);
            } else if (m.atom(i) instanceof Letter) {
                hasLetter = true;
            } else {
                return false;
            }
        }
        return logs <= 1 && hasLetter && m.surd().isOne();
    }
}
