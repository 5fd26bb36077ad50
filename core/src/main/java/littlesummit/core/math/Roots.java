package littlesummit.core.math;

import java.math.BigInteger;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/** Roots and absolute values brought to their simplest form. */
final class Roots {
    private Roots() {}

    /**
     * The principal real root.
     *
     * @throws MathProblem for an even root of a negative number
     */
    static RationalFunction root(RationalFunction radicand, int index, Budget budget) {
        if (index > Limits.EXPRESSION_EXPONENT) {
            throw MathProblem.tooLarge("root of index " + index);
        }
        if (index == 1 || radicand.isZero()) {
            return radicand;
        }
        if (radicand.isConstant() || radicand.isConstantNumber()) {
            int sign = Enclosure.sign(radicand);
            if (sign < 0 && index % 2 == 0) {
                throw MathProblem.undefined("an even root of a negative number");
            }
            return sign < 0 ? root(radicand.negate(), index, budget).negate() : positive(radicand, index, budget);
        }
        return general(radicand, index, budget);
    }

    private static RationalFunction positive(RationalFunction radicand, int index, Budget budget) {
        Optional<Surd.Scaled> alone = surd(radicand);
        if (alone.isPresent()) {
            Surd.Scaled root = Surd.root(alone.get(), index);
            return RationalFunction.of(Polynomial.term(root.factor(), Monomial.of(root.surd())));
        }
        if (index == 2) {
            Optional<RationalFunction> simpler = Denesting.squareRoot(radicand);
            if (simpler.isPresent()) {
                return simpler.get();
            }
        }
        return general(radicand, index, budget);
    }

    /** A rational with one surd, where that is all. */
    private static Optional<Surd.Scaled> surd(RationalFunction number) {
        if (number.num().size() != 1 || number.den().asRational().isEmpty()) {
            return Optional.empty();
        }
        Monomial m = number.num().leadingMonomial();
        Rational factor =
                number.num().leadingCoefficient().over(number.den().asRational().orElseThrow());
        return m.size() == 0 ? Optional.of(new Surd.Scaled(factor, m.surd())) : Optional.empty();
    }

    /** root(n/d) is root(n·d^(index−1)) / d, with |d| for even roots. */
    private static RationalFunction general(RationalFunction radicand, int index, Budget budget) {
        Polynomial whole = radicand.num().times(radicand.den().power(index - 1, budget), budget);
        RationalFunction below = RationalFunction.of(radicand.den());
        return polynomialRoot(whole, index, budget).over(index % 2 == 0 ? abs(below, budget) : below, budget);
    }

    private static RationalFunction polynomialRoot(Polynomial p, int index, Budget budget) {
        Surd.Scaled ofContent = Surd.root(p.content(), index);
        Polynomial factor = Polynomial.term(ofContent.factor(), Monomial.of(ofContent.surd()));
        Polynomial rest = p.primitive();
        boolean flip = index % 2 == 1 && rest.leadingCoefficient().signum() < 0;
        RationalFunction outside = RationalFunction.of(flip ? factor.negate() : factor);
        rest = flip ? rest.negate() : rest;
        if (index == 2) {
            Optional<Polynomial> exact = squareRoot(rest);
            if (exact.isPresent()) {
                return outside.times(abs(RationalFunction.of(exact.get()), budget), budget);
            }
        }
        Monomial common = commonPower(rest, index);
        if (!common.isOne()) {
            Monomial taken = Monomial.ONE;
            for (int i = 0; i < common.size(); i++) {
                taken = taken.times(common.atom(i), common.exponent(i) / index);
            }
            RationalFunction out = RationalFunction.of(Polynomial.term(Rational.ONE, taken));
            rest = divided(rest, common);
            boolean isSigned = index % 2 == 0 && !isOfNoNegative(taken, rest);
            outside = outside.times(isSigned ? abs(out, budget) : out, budget);
        }
        return rest.equals(Polynomial.ONE)
                ? outside
                : outside.times(RationalFunction.of(Polynomial.atom(new Atom.Root(index, rest))), budget);
    }

    /** Under a root of x itself there is no negative x: the root of x³ is x·√x, and never |x|·√x. */
    private static boolean isOfNoNegative(Monomial taken, Polynomial rest) {
        return taken.size() == 1
                && rest.size() == 1
                && rest.leadingCoefficient().signum() > 0
                && rest.leadingMonomial().size() == 1
                && rest.leadingMonomial().atom(0).equals(taken.atom(0))
                && rest.leadingMonomial().exponent(0) % 2 == 1;
    }

    /** The largest product of letters to multiples of {@code step} in every term. */
    static Monomial commonPower(Polynomial p, int step) {
        Monomial common = Monomial.ONE;
        for (Atom atom : p.atoms()) {
            int least = p.terms().keySet().stream()
                    .mapToInt(m -> m.exponent(atom))
                    .min()
                    .orElse(0);
            common = common.times(atom, least - least % step);
        }
        return common;
    }

    static Polynomial divided(Polynomial p, Monomial by) {
        Map<Monomial, Rational> terms = new HashMap<>();
        p.terms().forEach((m, c) -> terms.put(m.over(by).orElseThrow(), c));
        return Polynomial.of(terms);
    }

    static RationalFunction abs(RationalFunction f, Budget budget) {
        if (f.isConstantNumber()) {
            return Enclosure.sign(f) < 0 ? f.negate() : f;
        }
        return polynomialAbs(f.num(), budget).over(polynomialAbs(f.den(), budget), budget);
    }

    private static RationalFunction polynomialAbs(Polynomial p, Budget budget) {
        if (RationalFunction.of(p).isConstantNumber()) {
            return abs(RationalFunction.of(p), budget);
        }
        Polynomial rest = p.primitive();
        Polynomial result = Polynomial.constant(p.content());
        Monomial common = commonPower(rest, 1);
        for (int i = 0; i < common.size(); i++) {
            Polynomial atom = absoluteAtom(common.atom(i));
            result = result.times(atom.power(common.exponent(i), budget), budget);
        }
        rest = divided(rest, common);
        rest = rest.leadingCoefficient().signum() < 0 ? rest.negate() : rest;
        if (rest.asRational().isPresent()) {
            return RationalFunction.of(result.times(rest.asRational().get().abs()));
        }
        return RationalFunction.of(result.times(Polynomial.atom(new Atom.Abs(rest)), budget));
    }

    private static Polynomial absoluteAtom(Atom atom) {
        return switch (atom) {
            case Atom.Letter l -> Polynomial.atom(new Atom.Abs(Polynomial.atom(l)));
            case Atom.Pi p -> Polynomial.atom(p);
            case Atom.Root r ->
                r.index() % 2 == 0 ? Polynomial.atom(r) : Polynomial.atom(new Atom.Abs(Polynomial.atom(r)));
            case Atom.Abs a -> Polynomial.atom(a);
            case Atom.E e -> Polynomial.atom(e);
            case Atom.Exp e -> Polynomial.atom(e);
            case Atom.Log l -> Polynomial.atom(new Atom.Abs(Polynomial.atom(l)));
            case Atom.Trig t -> Polynomial.atom(new Atom.Abs(Polynomial.atom(t)));
            case Atom.Inverse i -> Polynomial.atom(new Atom.Abs(Polynomial.atom(i)));
            case Atom.Factorial f -> Polynomial.atom(f);
        };
    }

    /** The polynomial whose square this is, if there is one; leading terms first. */
    static Optional<Polynomial> squareRoot(Polynomial p) {
        if (!p.isOrdinary() || p.isZero()) {
            return Optional.empty();
        }
        Optional<Polynomial> lead = termRoot(p.leadingMonomial(), p.leadingCoefficient());
        if (lead.isEmpty()) {
            return Optional.empty();
        }
        Polynomial root = lead.get();
        Polynomial twice = root.times(Rational.of(2));
        for (int i = 0; i <= p.size(); i++) {
            Polynomial rest = p.minus(root.times(root));
            if (rest.isZero()) {
                return Optional.of(root);
            }
            Optional<Monomial> m = rest.leadingMonomial().over(twice.leadingMonomial());
            if (m.isEmpty()) {
                return Optional.empty();
            }
            root = root.plus(Polynomial.term(rest.leadingCoefficient().over(twice.leadingCoefficient()), m.get()));
        }
        return Optional.empty();
    }

    private static Optional<Polynomial> termRoot(Monomial m, Rational c) {
        Monomial half = Monomial.ONE;
        for (int i = 0; i < m.size(); i++) {
            if (m.exponent(i) % 2 != 0) {
                return Optional.empty();
            }
            half = half.times(m.atom(i), m.exponent(i) / 2);
        }
        Monomial root = half;
        return squareRoot(c).map(value -> Polynomial.term(value, root));
    }

    /** The rational whose square this is, if there is one. */
    static Optional<Rational> squareRoot(Rational c) {
        if (c.signum() < 0) {
            return Optional.empty();
        }
        BigInteger num = c.num().sqrt();
        BigInteger den = c.den().sqrt();
        boolean exact = num.multiply(num).equals(c.num()) && den.multiply(den).equals(c.den());
        return exact ? Optional.of(new Rational(num, den)) : Optional.empty();
    }
}
