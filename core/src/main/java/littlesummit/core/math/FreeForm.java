package littlesummit.core.math;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Equations with functions in them as equations between polynomials: each sine, logarithm or root is taken for a letter
 * of its own. Two that are the same then are the same; of two that are not nothing is known, since sin² + cos² is 1.
 */
final class FreeForm {
    private final Map<Atom, String> names = new HashMap<>();

    /** Whether two equations say the same where both are defined, as far as this shows. */
    static boolean isSame(List<Expr> a, List<Expr> b) {
        FreeForm form = new FreeForm();
        Optional<Polynomial> x = form.of(a);
        return x.isPresent()
                && form.of(b).filter(y -> Formulas.isEqual(x.get(), y)).isPresent();
    }

    /** Left less right over one bottom, without what top and bottom share and without a number in front. */
    private Optional<Polynomial> of(List<Expr> sides) {
        RationalFunction f = Canonical.of(sides.get(0)).minus(Canonical.of(sides.get(1)));
        Polynomial num = freed(Exponentials.withNothingBelow(f.num()));
        Polynomial den = freed(Exponentials.withNothingBelow(f.den()));
        return num.isZero() || !num.isOrdinary() || !den.isOrdinary()
                ? Optional.empty()
                : Optional.of(Formulas.cleared(num, den));
    }

    private Polynomial freed(Polynomial p) {
        Polynomial sum = Polynomial.ZERO;
        for (Map.Entry<Monomial, Rational> term : p.terms().entrySet()) {
            Monomial m = term.getKey();
            Monomial free = Monomial.of(m.surd());
            for (int i = 0; i < m.size(); i++) {
                free = free.times(letter(m.atom(i)), m.exponent(i));
            }
            sum = sum.plus(Polynomial.term(term.getValue(), free));
        }
        return sum;
    }

    private Atom letter(Atom atom) {
        return atom instanceof Atom.Letter
                ? atom
                : new Atom.Letter(names.computeIfAbsent(atom, any -> "⟨" + names.size() + "⟩"));
    }
}
