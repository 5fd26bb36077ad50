package littlesummit.core.math;

import java.math.BigInteger;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Sines and cosines, exactly: sums of angles and their multiples are taken apart, so that what is left are sine and
 * cosine of single products, with sin² written as 1 − cos² (see {@link Relations}). Angles are in radians. Values at
 * parts of π by the addition theorems and the half-angle formulas.
 */
final class Trigonometry {
    private static final int MOST_MULTIPLE = 16;

    private Trigonometry() {}

    /** Cosine and sine of one angle. */
    private record Pair(RationalFunction cosine, RationalFunction sine) {
        Pair plus(Pair other, Budget budget) {
            return new Pair(
                    cosine.times(other.cosine, budget)
                            .plus(sine.times(other.sine, budget).negate(), budget),
                    sine.times(other.cosine, budget).plus(cosine.times(other.sine, budget), budget));
        }

        Pair turned(boolean back) {
            return back ? new Pair(cosine, sine.negate()) : this;
        }
    }

    static boolean isOne(Fn fn) {
        return switch (fn) {
            case SIN, COS, TAN, COT, SEC, CSC -> true;
            default -> false;
        };
    }

    static RationalFunction value(Fn fn, RationalFunction angle, Budget budget) {
        Pair pair = pair(angle, budget);
        return switch (fn) {
            case SIN -> pair.sine;
            case COS -> pair.cosine;
            case TAN -> pair.sine.over(pair.cosine, budget);
            case COT -> pair.cosine.over(pair.sine, budget);
            case SEC -> RationalFunction.ONE.over(pair.cosine, budget);
            default -> RationalFunction.ONE.over(pair.sine, budget);
        };
    }

    private static Pair pair(RationalFunction angle, Budget budget) {
        Rational below = angle.den().asRational().orElseThrow(() -> MathProblem.notSupported("a quotient as an angle"));
        Pair sum = new Pair(RationalFunction.ONE, RationalFunction.ZERO);
        for (Map.Entry<Monomial, Rational> term : angle.num().terms().entrySet()) {
            Rational c = term.getValue().over(below);
            Optional<Pair> known = isPi(term.getKey()) ? known(c, budget) : Optional.empty();
            sum = sum.plus(known.isPresent() ? known.get() : multiple(term.getKey(), c, budget), budget);
        }
        return sum;
    }

    private static boolean isPi(Monomial m) {
        return m.size() == 1
                && m.atom(0) instanceof Atom.Pi
                && m.exponent(0) == 1
                && m.surd().isOne();
    }

    /** Of so many times a product: powers of cos + i·sin. */
    private static Pair multiple(Monomial m, Rational c, Budget budget) {
        BigInteger times = c.num().abs();
        if (times.bitLength() > 8 || times.intValue() > MOST_MULTIPLE || c.den().bitLength() > 16) {
            throw MathProblem.tooLarge("a multiple of an angle");
        }
        int share = c.den().intValueExact();
        Pair one = new Pair(
                RationalFunction.of(Polynomial.atom(new Atom.Trig(false, m, share))),
                RationalFunction.of(Polynomial.atom(new Atom.Trig(true, m, share))));
        Pair sum = one;
        for (int i = 1; i < times.intValue(); i++) {
            sum = sum.plus(one, budget);
        }
        return sum.turned(c.signum() < 0);
    }

    /** Of a part of π with an exact value: twelfths, tenths and eighths. */
    private static Optional<Pair> known(Rational part, Budget budget) {
        Rational turns = part.over(Rational.of(2));
        Rational rest = turns.minus(Rational.of(turns.floor())).times(Rational.of(2));
        boolean isLower = rest.compareTo(Rational.ONE) > 0;
        Rational upper = isLower ? Rational.of(2).minus(rest) : rest;
        boolean isLeft = upper.compareTo(Rational.of(1, 2)) > 0;
        Rational first = isLeft ? Rational.ONE.minus(upper) : upper;
        return cosine(first, budget).map(c -> {
            RationalFunction square = c.times(c, budget);
            RationalFunction sine = Roots.root(RationalFunction.ONE.plus(square.negate(), budget), 2, budget);
            return new Pair(isLeft ? c.negate() : c, isLower ? sine.negate() : sine);
        });
    }

    /** @param part of π, from 0 to a half */
    private static Optional<RationalFunction> cosine(Rational part, Budget budget) {
        RationalFunction two = root(2, budget);
        RationalFunction three = root(3, budget);
        RationalFunction five = root(5, budget);
        RationalFunction six = root(6, budget);
        return switch (part.toString()) {
            case "0" -> Optional.of(RationalFunction.ONE);
            case "1/2" -> Optional.of(RationalFunction.ZERO);
            case "1/3" -> Optional.of(RationalFunction.of(Rational.of(1, 2)));
            case "1/4" -> Optional.of(over(two, 2));
            case "1/6" -> Optional.of(over(three, 2));
            case "1/12" -> Optional.of(over(six.plus(two), 4));
            case "5/12" -> Optional.of(over(six.minus(two), 4));
            case "1/5" -> Optional.of(over(five.plus(RationalFunction.ONE), 4));
            case "2/5" -> Optional.of(over(five.minus(RationalFunction.ONE), 4));
            case "1/8", "3/8", "1/10", "3/10" -> half(part, budget);
            default -> Optional.empty();
        };
    }

    private static Optional<RationalFunction> half(Rational part, Budget budget) {
        Rational twice = part.times(Rational.of(2));
        boolean isLeft = twice.compareTo(Rational.of(1, 2)) > 0;
        return cosine(isLeft ? Rational.ONE.minus(twice) : twice, budget)
                .map(c -> over((isLeft ? c.negate() : c).plus(RationalFunction.ONE), 2))
                .map(square -> Roots.root(square, 2, budget));
    }

    private static RationalFunction root(long n, Budget budget) {
        return Roots.root(RationalFunction.of(Rational.of(n)), 2, budget);
    }

    private static RationalFunction over(RationalFunction top, long bottom) {
        return top.times(RationalFunction.of(Rational.of(1, bottom)));
    }

    private static final List<Integer> PARTS = List.of(12, 10, 8);

    /** The angle whose sine, cosine or tangent a number is, where it is a known part of π. */
    static RationalFunction inverse(Fn fn, RationalFunction of, Budget budget) {
        if (of.isConstantNumber()) {
            for (int parts : PARTS) {
                int low = fn == Fn.ARCCOS ? 0 : -parts / 2;
                int high = fn == Fn.ARCCOS ? parts : parts / 2;
                for (int i = low; i <= high; i++) {
                    Optional<Pair> pair = known(Rational.of(i, parts), budget);
                    if (pair.isPresent() && fits(fn, pair.get(), of, budget)) {
                        return RationalFunction.of(
                                Polynomial.atom(new Atom.Pi()).times(Rational.of(i, parts)));
                    }
                }
            }
        }
        if (of.den().asRational().isEmpty()) {
            throw MathProblem.notSupported("an arc function of a quotient");
        }
        Polynomial inner = of.num().times(of.den().asRational().orElseThrow().reciprocal());
        return RationalFunction.of(Polynomial.atom(new Atom.Inverse(fn, inner)));
    }

    private static boolean fits(Fn fn, Pair pair, RationalFunction value, Budget budget) {
        return switch (fn) {
            case ARCSIN -> Equality.same(pair.sine, value);
            case ARCCOS -> Equality.same(pair.cosine, value);
            default -> !pair.cosine.isZero() && Equality.same(pair.sine.over(pair.cosine, budget), value);
        };
    }
}
