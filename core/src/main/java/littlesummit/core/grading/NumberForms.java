package littlesummit.core.grading;

import java.math.BigInteger;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Primes;
import littlesummit.core.math.Rational;
import littlesummit.core.math.RationalFunction;

/** Whether a number of the right value is written in the form asked. The outermost reason is told first. */
final class NumberForms {
    private NumberForms() {}

    static Optional<Reason> check(Form form, Expr entry, RationalFunction value) {
        if (!(form instanceof Form.Shape shape)) {
            return Optional.empty();
        }
        return switch (shape) {
            case INTEGER -> unless(isInteger(entry), Reason.INTEGER_WANTED);
            case FRACTION -> fraction(entry, value, false);
            case FRACTION_LOWEST -> fraction(entry, value, true);
            case MIXED -> mixed(entry, value);
            case DECIMAL ->
                unless(
                        Numbers.literal(entry).isPresent() || Numbers.unsigned(entry) instanceof Expr.Repeating,
                        decimal(value));
            case SCIENTIFIC -> scientific(entry);
            case NUMERAL -> unless(Numbers.literal(entry).isPresent(), Reason.NOT_NUMERAL);
            case PRIME_FACTORS -> primeFactors(entry);
            case SIMPLEST_ROOTS -> RootForms.check(entry);
            case POWER -> unless(isPower(entry), Reason.POWER_WANTED);
            case ANY,
                    IN_ORDER,
                    PERCENT,
                    EXPANDED,
                    FACTORED,
                    SINGLE_FRACTION,
                    LOWEST_TERMS,
                    POSITIVE_EXPONENTS,
                    INTERVAL,
                    INEQUALITY,
                    CARTESIAN -> Optional.empty();
        };
    }

    private static Optional<Reason> unless(boolean right, Reason reason) {
        return right ? Optional.empty() : Optional.of(reason);
    }

    private static boolean isInteger(Expr entry) {
        return Numbers.literal(entry).filter(n -> n.value().isInteger()).isPresent();
    }

    /** A whole number needs no point. */
    static Reason decimal(RationalFunction value) {
        return isWhole(value) ? Reason.WORK_OUT_DECIMAL : Reason.WRITE_AS_DECIMAL;
    }

    private static boolean isWhole(RationalFunction value) {
        return value.asRational().filter(Rational::isInteger).isPresent();
    }

    private static Optional<Reason> fraction(Expr entry, RationalFunction value, boolean lowest) {
        if (isInteger(entry)) {
            return Optional.empty();
        }
        Expr size = Numbers.unsigned(entry);
        if (size instanceof Expr.Mixed) {
            return Optional.of(Reason.IMPROPER_WANTED);
        }
        if (!(size instanceof Expr.Quotient(Expr num, Expr den))
                || num.asInteger().isEmpty()
                || den.asInteger().isEmpty()) {
            return Optional.of(isWhole(value) ? Reason.WORK_OUT : Reason.WRITE_AS_FRACTION);
        }
        BigInteger top = num.asInteger().get();
        BigInteger bottom = den.asInteger().get();
        if (!lowest) {
            return Optional.empty();
        }
        if (!top.gcd(bottom).equals(BigInteger.ONE)) {
            return Optional.of(Reason.NOT_LOWEST_TERMS);
        }
        if (bottom.abs().equals(BigInteger.ONE)) {
            return Optional.of(Reason.DENOMINATOR_ONE);
        }
        return unless(signs(entry, num, den) <= 1, Reason.TWO_MINUS_SIGNS);
    }

    private static int signs(Expr... parts) {
        int signs = 0;
        for (Expr part : parts) {
            signs += part instanceof Expr.Neg ? 1 : 0;
        }
        return signs;
    }

    private static Optional<Reason> mixed(Expr entry, RationalFunction value) {
        Expr size = Numbers.unsigned(entry);
        if (size instanceof Expr.Mixed m) {
            if (m.num().compareTo(m.den()) >= 0) {
                return Optional.of(Reason.FRACTION_PART_TOO_LARGE);
            }
            return unless(
                    m.num().gcd(m.den()).equals(BigInteger.ONE) && m.whole().signum() > 0, Reason.NOT_LOWEST_TERMS);
        }
        Rational exact = value.asRational().orElse(Rational.ZERO).abs();
        boolean hasMixedForm = !exact.isInteger() && exact.compareTo(Rational.ONE) > 0;
        if (hasMixedForm || value.asRational().isEmpty()) {
            return Optional.of(Reason.MIXED_WANTED);
        }
        return fraction(entry, value, true);
    }

    private static Optional<Reason> scientific(Expr entry) {
        Expr size = Numbers.unsigned(entry);
        if (isPowerOfTen(size)) {
            return Optional.of(Reason.COEFFICIENT_RANGE);
        }
        if (size instanceof Expr.Num n && n.value().isZero()) {
            return Optional.empty();
        }
        if (!(size instanceof Expr.Product(List<Expr> factors)) || factors.size() != 2) {
            return Optional.of(Reason.NOT_SCIENTIFIC);
        }
        boolean swapped = isPowerOfTen(factors.get(0)) && !isPowerOfTen(factors.get(1));
        Expr coefficient = factors.get(swapped ? 1 : 0);
        Optional<Expr.Num> digits = Numbers.literal(coefficient);
        if (!isPowerOfTen(factors.get(swapped ? 0 : 1)) || digits.isEmpty() || signs(entry, coefficient) > 1) {
            return Optional.of(Reason.NOT_SCIENTIFIC);
        }
        Rational front = digits.get().value();
        boolean inRange = front.compareTo(Rational.ONE) >= 0 && front.compareTo(Rational.of(10)) < 0;
        return unless(inRange, Reason.COEFFICIENT_RANGE);
    }

    private static boolean isPowerOfTen(Expr expr) {
        return expr instanceof Expr.Power(Expr.Num base, Expr exponent)
                && base.value().equals(Rational.of(10))
                && exponent.asInteger().isPresent();
    }

    private static Optional<Reason> primeFactors(Expr entry) {
        List<Expr> factors = entry instanceof Expr.Product(List<Expr> all) ? all : List.of(entry);
        Set<BigInteger> bases = new HashSet<>();
        boolean repeated = false;
        for (Expr factor : factors) {
            Expr base = factor instanceof Expr.Power(Expr b, Expr e) && isPositive(e) ? b : factor;
            if (!(base instanceof Expr.Num n)
                    || !n.value().isInteger()
                    || !Primes.isPrime(n.value().num())) {
                return Optional.of(entry instanceof Expr.Num ? Reason.PRODUCT_WANTED : Reason.NOT_PRIME);
            }
            repeated |= !bases.add(n.value().num());
        }
        return unless(!repeated, Reason.USE_EXPONENTS);
    }

    private static boolean isPositive(Expr exponent) {
        return exponent.asInteger().filter(e -> e.signum() > 0).isPresent();
    }

    private static boolean isPower(Expr entry) {
        return entry instanceof Expr.Power(Expr base, Expr exponent)
                && !(base instanceof Expr.Power)
                && base.children().stream().noneMatch(Expr.Power.class::isInstance)
                && exponent.asInteger().filter(e -> !e.equals(BigInteger.ONE)).isPresent();
    }
}
