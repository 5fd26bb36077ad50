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
            case Atom.Letter l -> throw new IllegalStateException("a letter has no relation: " + l);
            case Atom.Pi p -> throw new IllegalStateException("pi has no relation");
            case Atom.Root r -> r.radicand();
            case Atom.Abs a -> a.inner().times(a.inner(), budget);
        };
    }
}
