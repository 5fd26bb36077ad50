package littlesummit.core.math;

import java.math.BigInteger;
import java.util.Map;

/**
 * A real number known to lie between two fractions of denominator 2^bits. Used to order and round irrational numbers:
 * the bounds are exact, and precision is doubled until they settle the question, so nothing is ever decided by rounding
 * error.
 *
 * @param low at most the number, in units of 2^−bits
 * @param high at least the number, in units of 2^−bits
 */
record Enclosure(BigInteger low, BigInteger high, int bits) {
    private static final int FIRST_BITS = 128;
    private static final int LAST_BITS = 4096;

    /**
     * −1, 0 or 1.
     *
     * @throws MathProblem when {@value #LAST_BITS} bits do not separate it from zero
     */
    static int sign(RationalFunction constant) {
        if (constant.isZero()) {
            return 0;
        }
        if (constant.asRational().isPresent()) {
            return constant.asRational().get().signum();
        }
        for (int bits = FIRST_BITS; bits <= LAST_BITS; bits *= 2) {
            int num = of(constant.num(), bits).sign();
            int den = of(constant.den(), bits).sign();
            if (num != 0 && den != 0) {
                return num * den;
            }
        }
        throw MathProblem.notSupported("too close to zero to tell");
    }

    private int sign() {
        return low.signum() > 0 ? 1 : high.signum() < 0 ? -1 : 0;
    }

    /** Rounded half up, or cut off, to {@code places}; for a number that is not rational. */
    static Rational decimal(RationalFunction constant, int places, boolean cut) {
        for (int bits = FIRST_BITS; bits <= LAST_BITS; bits *= 2) {
            Enclosure den = of(constant.den(), bits);
            if (den.sign() != 0) {
                Enclosure value = of(constant.num(), bits).over(den);
                Rational a = settle(value.low, bits, places, cut);
                if (a.equals(settle(value.high, bits, places, cut))) {
                    return a;
                }
            }
        }
        throw MathProblem.notSupported("too close to a tie to round");
    }

    private static Rational settle(BigInteger end, int bits, int places, boolean cut) {
        Rational value = new Rational(end, BigInteger.ONE.shiftLeft(bits));
        return cut ? value.truncate(places) : value.roundHalfUp(places);
    }

    private static Enclosure of(Polynomial p, int bits) {
        Enclosure sum = new Enclosure(BigInteger.ZERO, BigInteger.ZERO, bits);
        for (Map.Entry<Monomial, Rational> term : p.terms().entrySet()) {
            Enclosure product = of(term.getValue(), bits);
            for (Map.Entry<BigInteger, Rational> power :
                    term.getKey().surd().powers().entrySet()) {
                BigInteger radicand = power.getKey().pow(power.getValue().num().intValueExact());
                product = product.times(of(Rational.of(radicand), bits)
                        .root(power.getValue().den().intValueExact()));
            }
            for (int i = 0; i < term.getKey().size(); i++) {
                Enclosure atom = of(term.getKey().atom(i), bits);
                for (int k = 0; k < term.getKey().exponent(i); k++) {
                    product = product.times(atom);
                }
            }
            sum = new Enclosure(sum.low.add(product.low), sum.high.add(product.high), bits);
        }
        return sum;
    }

    private static Enclosure of(Atom atom, int bits) {
        return switch (atom) {
            case Atom.Letter l -> throw MathProblem.notSupported("the letter " + l.name() + " has no value");
            case Atom.Pi p -> pi(bits);
            case Atom.Root r -> of(r.radicand(), bits).root(r.index());
            case Atom.Abs a -> of(a.inner(), bits).abs();
            case Atom.E e -> e(bits);
            case Atom.Log(Polynomial inner)
            when inner.asRational().filter(Rational::isInteger).isPresent() ->
                Logarithms.of(inner.asRational().get().num(), bits);
            case Atom.Trig(boolean isSine, Monomial angle, int share) ->
                of(Polynomial.term(Rational.of(1, share), angle), bits).wave(isSine);
            default -> throw MathProblem.notSupported("a function without bounds");
        };
    }

    private static Enclosure of(Rational value, int bits) {
        BigInteger[] parts = value.num().shiftLeft(bits).divideAndRemainder(value.den());
        BigInteger low = parts[1].signum() < 0 ? parts[0].subtract(BigInteger.ONE) : parts[0];
        return new Enclosure(low, parts[1].signum() == 0 ? low : low.add(BigInteger.ONE), bits);
    }

    private Enclosure times(Enclosure other) {
        BigInteger[] ends = {
            low.multiply(other.low), low.multiply(other.high), high.multiply(other.low), high.multiply(other.high)
        };
        BigInteger least = ends[0];
        BigInteger most = ends[0];
        for (BigInteger end : ends) {
            least = least.min(end);
            most = most.max(end);
        }
        return new Enclosure(least.shiftRight(bits), most.shiftRight(bits).add(BigInteger.ONE), bits);
    }

    private Enclosure over(Enclosure other) {
        BigInteger one = BigInteger.ONE.shiftLeft(2 * bits);
        BigInteger a = one.divide(other.low);
        BigInteger b = one.divide(other.high);
        Enclosure inverse =
                new Enclosure(a.min(b).subtract(BigInteger.ONE), a.max(b).add(BigInteger.ONE), bits);
        return times(inverse);
    }

    private Enclosure abs() {
        return switch (sign()) {
            case 1 -> this;
            case -1 -> new Enclosure(high.negate(), low.negate(), bits);
            default -> new Enclosure(BigInteger.ZERO, low.abs().max(high.abs()), bits);
        };
    }

    /** Of odd index also of what is negative; below one of even index nothing is. */
    private Enclosure root(int index) {
        boolean isOdd = index % 2 == 1;
        BigInteger least = isOdd && low.signum() < 0
                ? rootOf(low.negate(), index).add(BigInteger.ONE).negate()
                : rootOf(low.max(BigInteger.ZERO), index);
        BigInteger most = isOdd && high.signum() < 0
                ? rootOf(high.negate(), index).negate()
                : rootOf(high.max(BigInteger.ZERO), index).add(BigInteger.ONE);
        return new Enclosure(least, most, bits);
    }

    private BigInteger rootOf(BigInteger size, int index) {
        return floorRoot(size.shiftLeft(bits * (index - 1)), index);
    }

    /** Largest integer whose power is not above {@code n}: Newton's iteration from above. */
    private static BigInteger floorRoot(BigInteger n, int index) {
        if (index == 2 || n.signum() == 0) {
            return n.sqrt();
        }
        BigInteger size = BigInteger.valueOf(index);
        BigInteger x = BigInteger.ONE.shiftLeft(n.bitLength() / index + 1);
        while (true) {
            BigInteger next = x.multiply(size.subtract(BigInteger.ONE))
                    .add(n.divide(x.pow(index - 1)))
                    .divide(size);
            if (next.compareTo(x) >= 0) {
                return x;
            }
            x = next;
        }
    }

    /** Sine or cosine by their series at the middle; they change no faster than the angle. */
    private Enclosure wave(boolean isSine) {
        int guard = 64;
        if (low.abs().max(high.abs()).bitLength() > bits + 6) {
            throw MathProblem.notSupported("an angle that is too large");
        }
        BigInteger middle = low.add(high).shiftLeft(guard - 1);
        int fine = bits + guard;
        BigInteger term = isSine ? middle : BigInteger.ONE.shiftLeft(fine);
        BigInteger sum = BigInteger.ZERO;
        for (int k = isSine ? 1 : 0; term.signum() != 0; k += 2) {
            sum = sum.add(term);
            term = term.multiply(middle)
                    .shiftRight(fine)
                    .multiply(middle)
                    .shiftRight(fine)
                    .negate()
                    .divide(BigInteger.valueOf((k + 1L) * (k + 2L)));
        }
        BigInteger half = high.subtract(low).add(BigInteger.ONE);
        BigInteger value = sum.shiftRight(guard);
        return new Enclosure(
                value.subtract(half).subtract(BigInteger.ONE), value.add(half).add(BigInteger.TWO), bits);
    }

    /** The sum of the reciprocals of the factorials. */
    private static Enclosure e(int bits) {
        int guard = 32;
        BigInteger term = BigInteger.ONE.shiftLeft(bits + guard);
        BigInteger sum = BigInteger.ZERO;
        for (int k = 1; term.signum() > 0; k++) {
            sum = sum.add(term);
            term = term.divide(BigInteger.valueOf(k));
        }
        return around(sum, guard, bits);
    }

    /** A value that is too small by less than 2 to the power {@code guard}, without its guard digits. */
    static Enclosure around(BigInteger value, int guard, int bits) {
        BigInteger low = value.shiftRight(guard).subtract(BigInteger.ONE);
        return new Enclosure(low, low.add(BigInteger.valueOf(3)), bits);
    }

    /** Machin 1706: π = 16 arctan(1/5) − 4 arctan(1/239). */
    private static Enclosure pi(int bits) {
        int guard = 32;
        BigInteger value = arctanOfInverse(5, bits + guard)
                .shiftLeft(4)
                .subtract(arctanOfInverse(239, bits + guard).shiftLeft(2));
        return around(value, guard, bits);
    }

    /** Within a few hundred units of 2^−bits, one for each term of the series. */
    private static BigInteger arctanOfInverse(int n, int bits) {
        BigInteger square = BigInteger.valueOf((long) n * n);
        BigInteger power = BigInteger.ONE.shiftLeft(bits).divide(BigInteger.valueOf(n));
        BigInteger sum = BigInteger.ZERO;
        for (int k = 1; power.signum() > 0; k += 2) {
            BigInteger term = power.divide(BigInteger.valueOf(k));
            sum = k % 4 == 1 ? sum.add(term) : sum.subtract(term);
            power = power.divide(square);
        }
        return sum;
    }
}
