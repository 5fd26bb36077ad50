package littlesummit.core.math;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * What was written, as a tree: nothing is computed, brackets are the tree itself. Immutable.
 *
 * <p>Subtraction is a {@link Neg} inside a {@link Sum}; implicit and written multiplication are the same {@link
 * Product}.
 */
public sealed interface Expr {

    /**
     * Plain digits as typed: {@code 820,000}, {@code .5}, {@code 1.20}.
     *
     * @param digits all digits as one number, at least zero
     * @param places how many of them stand after the point
     */
    record Num(BigInteger digits, int places) implements Expr {
        public static Num of(long value) {
            return new Num(BigInteger.valueOf(value), 0);
        }

        public Rational value() {
            return places == 0 ? Rational.of(digits) : Rational.decimal(digits, places);
        }
    }

    /** A mixed number such as 2 1/3. The fraction part is as typed: it may be reducible or improper. */
    record Mixed(BigInteger whole, BigInteger num, BigInteger den) implements Expr {
        public Rational value() {
            return Rational.of(whole).plus(new Rational(num, den));
        }
    }

    /**
     * A decimal whose last digits repeat without end: 0.3181818… has the digits 318, three places, and a period of two.
     *
     * @param period how many of the places repeat, at least one
     */
    record Repeating(BigInteger digits, int places, int period) implements Expr {
        public Rational value() {
            BigInteger once = digits.divide(BigInteger.TEN.pow(period));
            BigInteger places = BigInteger.TEN.pow(this.places).subtract(BigInteger.TEN.pow(this.places - period));
            return new Rational(digits.subtract(once), places);
        }

        /** The digits as far as they are written, with a point. */
        public String written() {
            return LatexPrinter.digits(new Num(digits, places));
        }
    }

    /** A letter. */
    record Letter(String name) implements Expr {}

    record Pi() implements Expr {}

    /** Only ever an end of an interval or of an inequality. */
    record Infinity() implements Expr {}

    /** The number e. */
    record Euler() implements Expr {}

    /** A function by its name; most take one argument, see {@link Fn}. */
    record Call(Fn fn, List<Expr> args) implements Expr {
        public Call {
            args = List.copyOf(args);
        }
    }

    /** A function of an author's vocabulary, see {@link Syntax.Vocabulary}; students never write one. */
    record Applied(String name, List<Expr> args) implements Expr {
        public Applied {
            args = List.copyOf(args);
        }
    }

    record Neg(Expr inner) implements Expr {}

    /** Two or more terms. */
    record Sum(List<Expr> terms) implements Expr {
        public Sum {
            terms = List.copyOf(terms);
        }
    }

    /** Two or more factors. */
    record Product(List<Expr> factors) implements Expr {
        public Product {
            factors = List.copyOf(factors);
        }
    }

    record Quotient(Expr num, Expr den) implements Expr {}

    record Power(Expr base, Expr exponent) implements Expr {}

    /** @param index 2 for a square root */
    record Root(int index, Expr radicand) implements Expr {}

    record Abs(Expr inner) implements Expr {}

    record Percent(Expr inner) implements Expr {}

    record Money(Expr inner) implements Expr {}

    record Degrees(Expr inner) implements Expr {}

    /** Both signs; {@link Alternatives} makes two trees of it before anything is computed. */
    record PlusMinus(Expr inner) implements Expr {}

    static Expr integer(long value) {
        return integer(BigInteger.valueOf(value));
    }

    static Expr integer(BigInteger value) {
        Num size = new Num(value.abs(), 0);
        return value.signum() < 0 ? new Neg(size) : size;
    }

    /** An integer, or numerator over denominator with the sign in front. */
    static Expr fraction(Rational value) {
        if (value.isInteger()) {
            return integer(value.num());
        }
        Expr size = new Quotient(new Num(value.num().abs(), 0), new Num(value.den(), 0));
        return value.signum() < 0 ? new Neg(size) : size;
    }

    /**
     * Exact decimal digits.
     *
     * @throws ArithmeticException when the expansion does not end
     */
    static Expr decimal(Rational value) {
        return decimal(value, Math.max(0, value.toBigDecimal().scale()));
    }

    /** Decimal digits with exactly {@code places} of them after the point; {@code value} must have no more. */
    static Expr decimal(Rational value, int places) {
        BigInteger digits = value.abs().times(Rational.of(10).power(places)).num();
        Num size = new Num(digits, places);
        return value.signum() < 0 ? new Neg(size) : size;
    }

    static Expr letter(String name) {
        return new Letter(name);
    }

    static Expr sum(Expr... terms) {
        return new Sum(List.of(terms));
    }

    static Expr product(Expr... factors) {
        return new Product(List.of(factors));
    }

    static Expr power(Expr base, long exponent) {
        return new Power(base, integer(exponent));
    }

    /** The integer that is written here with at most one sign in front, if that is what is written. */
    default Optional<BigInteger> asInteger() {
        return switch (this) {
            case Num n when n.value().isInteger() -> Optional.of(n.value().num());
            case Neg(Num n)
            when n.value().isInteger() -> Optional.of(n.value().num().negate());
            default -> Optional.empty();
        };
    }

    /** Direct parts, in reading order. */
    default List<Expr> children() {
        return switch (this) {
            case Num n -> List.of();
            case Mixed m -> List.of();
            case Repeating r -> List.of();
            case Letter l -> List.of();
            case Pi p -> List.of();
            case Infinity i -> List.of();
            case Euler e -> List.of();
            case Call(Fn fn, List<Expr> args) -> args;
            case Applied(String name, List<Expr> args) -> args;
            case Neg(Expr inner) -> List.of(inner);
            case Sum(List<Expr> terms) -> terms;
            case Product(List<Expr> factors) -> factors;
            case Quotient(Expr num, Expr den) -> List.of(num, den);
            case Power(Expr base, Expr exponent) -> List.of(base, exponent);
            case Root(int index, Expr radicand) -> List.of(radicand);
            case Abs(Expr inner) -> List.of(inner);
            case Percent(Expr inner) -> List.of(inner);
            case Money(Expr inner) -> List.of(inner);
            case Degrees(Expr inner) -> List.of(inner);
            case PlusMinus(Expr inner) -> List.of(inner);
        };
    }

    /** Whether this tree, or one of the trees within it, is of a kind. */
    default boolean any(Predicate<Expr> kind) {
        if (kind.test(this)) {
            return true;
        }
        return switch (this) {
            case Num n -> false;
            case Letter l -> false;
            case Quotient(Expr num, Expr den) -> num.any(kind) || den.any(kind);
            case Power(Expr base, Expr exponent) -> base.any(kind) || exponent.any(kind);
            default -> {
                List<Expr> parts = children();
                boolean found = false;
                for (int i = 0; i < parts.size() && !found; i++) {
                    found = parts.get(i).any(kind);
                }
                yield found;
            }
        };
    }

    /** Whether this tree is {@code part}, or has it within. */
    default boolean has(Expr part) {
        return any(part::equals);
    }

    /** The same tree with its i-th part replaced; see {@link #children()}. */
    default Expr with(int i, Expr child) {
        return switch (this) {
            case Neg n -> new Neg(child);
            case Sum(List<Expr> terms) -> new Sum(replaced(terms, i, child));
            case Product(List<Expr> factors) -> new Product(replaced(factors, i, child));
            case Quotient(Expr num, Expr den) -> i == 0 ? new Quotient(child, den) : new Quotient(num, child);
            case Power(Expr base, Expr exponent) -> i == 0 ? new Power(child, exponent) : new Power(base, child);
            case Root(int index, Expr radicand) -> new Root(index, child);
            case Abs a -> new Abs(child);
            case Percent p -> new Percent(child);
            case Money m -> new Money(child);
            case Degrees d -> new Degrees(child);
            case PlusMinus p -> new PlusMinus(child);
            case Call(Fn fn, List<Expr> args) -> new Call(fn, replaced(args, i, child));
            case Applied(String name, List<Expr> args) -> new Applied(name, replaced(args, i, child));
            default -> this;
        };
    }

    /** The same tree with a number for a letter. */
    default Expr with(String letter, Rational value) {
        if (equals(new Letter(letter))) {
            return fraction(value);
        }
        Expr changed = this;
        for (int i = 0; i < children().size(); i++) {
            changed = changed.with(i, children().get(i).with(letter, value));
        }
        return changed;
    }

    private static List<Expr> replaced(List<Expr> list, int i, Expr child) {
        List<Expr> changed = new ArrayList<>(list);
        changed.set(i, child);
        return changed;
    }
}
