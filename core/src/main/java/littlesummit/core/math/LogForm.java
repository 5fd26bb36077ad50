package littlesummit.core.math;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Equations with powers whose exponents have letters, or with logarithms, as equations between logarithms: y = 3·2^x
 * and x = log₂(y/3) both say that ln y − ln 3 − x·ln 2 is zero. What is lost by that is nothing where both are defined:
 * a power is positive, so what it equals is positive too, and a logarithm that somebody writes has an argument that is.
 */
final class LogForm {
    private LogForm() {}

    /**
     * What has to be zero, up to a number in front.
     *
     * @param sides of an equation
     * @return empty where there is no such form, or another equation would have the same: y² = e^(2x) holds for
     *     negative y, too
     */
    static Optional<Polynomial> of(List<Expr> sides) {
        RationalFunction f = Canonical.of(sides.get(0)).minus(Canonical.of(sides.get(1)));
        Map<Monomial, Polynomial> byPower = byPower(f.num());
        if (byPower.size() == 1 && byPower.containsKey(Monomial.ONE)) {
            return hasLogarithms(f.num()) ? Optional.of(whole(f.num())) : Optional.empty();
        }
        if (byPower.size() != 2) {
            return Optional.empty();
        }
        List<Map.Entry<Monomial, Polynomial>> parts = List.copyOf(byPower.entrySet());
        return equal(parts.get(0), parts.get(1)).map(LogForm::whole);
    }

    private static Polynomial whole(Polynomial p) {
        return Exponentials.withNothingBelow(p).primitive();
    }

    /** The terms by the powers of e in them. */
    private static Map<Monomial, Polynomial> byPower(Polynomial p) {
        Map<Monomial, Polynomial> parts = new HashMap<>();
        for (Map.Entry<Monomial, Rational> term : p.terms().entrySet()) {
            Monomial power = Monomial.ONE;
            Monomial rest = term.getKey();
            for (int i = 0; i < term.getKey().size(); i++) {
                Atom atom = term.getKey().atom(i);
                if (atom instanceof Atom.Exp || atom instanceof Atom.E) {
                    power = power.times(atom, term.getKey().exponent(i));
                    rest = rest.without(atom);
                }
            }
            parts.merge(power, Polynomial.term(term.getValue(), rest), Polynomial::plus);
        }
        return parts;
    }

    private static boolean hasLogarithms(Polynomial p) {
        return p.atoms().stream()
                        .anyMatch(atom -> atom instanceof Atom.Log(Polynomial inner)
                                && inner.asRational().isEmpty())
                && p.atoms().stream().allMatch(atom -> atom instanceof Atom.Log || atom instanceof Atom.Letter);
    }

    /** a·e^m + b·e^n is zero where m − n is the logarithm of −b/a. */
    private static Optional<Polynomial> equal(
            Map.Entry<Monomial, Polynomial> first, Map.Entry<Monomial, Polynomial> second) {
        Polynomial a = first.getValue();
        Polynomial b = second.getValue();
        if (!a.isOrdinary() || !b.isOrdinary()) {
            return Optional.empty();
        }
        Polynomial common = Gcd.of(a, b);
        Polynomial above = b.negate().exactOver(common).orElse(b.negate());
        Polynomial below = a.exactOver(common).orElse(a);
        if (!hasNoRepeatedFactor(above) || !hasNoRepeatedFactor(below)) {
            return Optional.empty();
        }
        RationalFunction logarithm = Exponentials.ln(new RationalFunction(above, below), new Budget());
        RationalFunction difference =
                exponent(first.getKey()).minus(exponent(second.getKey())).minus(logarithm);
        return difference.den().isConstant() ? Optional.of(difference.num()) : Optional.empty();
    }

    private static RationalFunction exponent(Monomial power) {
        RationalFunction sum = RationalFunction.ZERO;
        for (int i = 0; i < power.size(); i++) {
            Rational times = Rational.of(power.exponent(i));
            RationalFunction one = power.atom(i) instanceof Atom.Exp(Monomial m, int share)
                    ? RationalFunction.of(Polynomial.term(Rational.of(1, share), m))
                    : RationalFunction.ONE;
            sum = sum.plus(one.times(RationalFunction.of(times)));
        }
        return sum;
    }

    /** So that its logarithm, which is that of its size, knows each of its factors by its sign as well. */
    private static boolean hasNoRepeatedFactor(Polynomial p) {
        Set<String> letters = new HashSet<>(p.letters());
        return letters.stream().allMatch(letter -> {
            Polynomial shared = Gcd.of(p, p.derivative(letter));
            return shared.degree(letter) == 0;
        });
    }
}
