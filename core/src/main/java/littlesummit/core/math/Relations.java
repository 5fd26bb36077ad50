package littlesummit.core.math;

import java.util.Map;

/** What bound atoms satisfy: an n-th root to the n is its radicand, an absolute value squared is the square. */
final class Relations {
    private Relations() {}

    static boolean apply(Monomial m) {
        for (int i = 0; i < m.size(); i++) {
            if (m.exponent(i) >= order(m.atom(i))) {
                return true;
            }
        }
        return false;
    }

    private static int order(Atom atom) {
        return switch (atom) {
            case Atom.Letter l -> Integer.MAX_VALUE;
            case Atom.Pi p -> Integer.MAX_VALUE;
            case Atom.Root r -> r.index();
            case Atom.Abs a -> 2;
            case Atom.Trig t -> t.isSine() ? 2 : Integer.MAX_VALUE;
            case Atom.E e -> Integer.MAX_VALUE;
            case Atom.Exp e -> Integer.MAX_VALUE;
            case Atom.Log l -> Integer.MAX_VALUE;
            case Atom.Inverse i -> Integer.MAX_VALUE;
            case Atom.Factorial f -> Integer.MAX_VALUE;
        };
    }

    static Polynomial reduce(Polynomial p, Budget budget) {
        Polynomial sum = Polynomial.ZERO;
        for (Map.Entry<Monomial, Rational> e : p.terms().entrySet()) {
            sum = sum.plus(reduced(e.getKey(), e.getValue(), budget));
        }
        return sum;
    }

    private static Polynomial reduced(Monomial m, Rational c, Budget budget) {
        for (int i = 0; i < m.size(); i++) {
            Atom atom = m.atom(i);
            int order = order(atom);
            if (m.exponent(i) >= order) {
                int times = m.exponent(i) / order;
                Polynomial rest = Polynomial.term(c, m.times(atom, -times * order));
                return rest.times(replacement(atom, budget).power(times, budget), budget);
            }
        }
        return Polynomial.term(c, m);
    }

    private static Polynomial replacement(Atom atom, Budget budget) {
        return switch (atom) {
            case Atom.Root r -> r.radicand();
            case Atom.Abs a -> a.inner().times(a.inner(), budget);
            case Atom.Trig t ->
                Polynomial.ONE.minus(
                        Polynomial.term(Rational.ONE, Monomial.of(new Atom.Trig(false, t.angle(), t.share()), 2)));
            default -> throw new IllegalStateException("no relation: " + atom);
        };
    }
}
