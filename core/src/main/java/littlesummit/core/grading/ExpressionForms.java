package littlesummit.core.grading;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Gcd;
import littlesummit.core.math.Polynomial;
import littlesummit.core.math.Rational;
import littlesummit.core.math.RationalFunction;

/** Whether an expression of the right value is written in the form asked. */
final class ExpressionForms {
    private ExpressionForms() {}

    /**
     * @param entry worth what the answer is
     * @param divisor degree of what the answer is divided by in lowest terms; −1 where that is not known
     */
    static Optional<Reason> check(Form.Shape shape, Expr entry, int divisor) {
        return switch (shape) {
            case EXPANDED -> expanded(entry);
            case FACTORED -> FactoredForm.check(entry);
            case SINGLE_FRACTION -> singleFraction(entry);
            case LOWEST_TERMS -> lowestTerms(entry, divisor);
            case POSITIVE_EXPONENTS ->
                hasNegativeExponent(entry) ? Optional.of(Reason.NEGATIVE_EXPONENT) : Optional.empty();
            case ANY,
                    IN_ORDER,
                    INTEGER,
                    FRACTION,
                    FRACTION_LOWEST,
                    MIXED,
                    DECIMAL,
                    PERCENT,
                    SCIENTIFIC,
                    NUMERAL,
                    PRIME_FACTORS,
                    POWER,
                    SIMPLEST_ROOTS,
                    INTERVAL,
                    INEQUALITY,
                    CARTESIAN -> Optional.empty();
        };
    }

    /** A sum of unlike terms, each a coefficient times powers of letters. */
    static Optional<Reason> expanded(Expr entry) {
        List<Expr> terms = entry instanceof Expr.Sum(List<Expr> all) ? all : List.of(entry);
        Set<Object> seen = new HashSet<>();
        for (Expr term : terms) {
            if (!Terms.isTerm(term)) {
                return Optional.of(Reason.NOT_EXPANDED);
            }
        }
        for (Expr term : terms) {
            if (!seen.add(Terms.powers(term))) {
                return Optional.of(Reason.LIKE_TERMS);
            }
        }
        return Optional.empty();
    }

    private static Optional<Reason> singleFraction(Expr entry) {
        Expr size = Numbers.unsigned(entry);
        boolean single = size instanceof Expr.Quotient(Expr num, Expr den)
                ? !hasFraction(num) && !hasFraction(den)
                : !hasFraction(entry);
        return single ? Optional.empty() : Optional.of(Reason.SINGLE_FRACTION_WANTED);
    }

    /** Whether something with a letter stands below a line or to a negative power; numbers as coefficients may. */
    private static boolean hasFraction(Expr expr) {
        return expr.any(e -> e instanceof Expr.Quotient(Expr num, Expr den) && hasLetters(den)
                || e instanceof Expr.Power(Expr base, Expr exponent) && hasLetters(base) && isNegative(exponent));
    }

    private static boolean hasLetters(Expr expr) {
        return expr.any(Expr.Letter.class::isInstance);
    }

    /** Of two quotients that are worth the same, the one that can be reduced has the divisor of the higher degree. */
    private static Optional<Reason> lowestTerms(Expr entry, int divisor) {
        Optional<Reason> shape = singleFraction(entry);
        if (shape.isPresent() || !(Numbers.unsigned(entry) instanceof Expr.Quotient(Expr num, Expr den))) {
            return shape;
        }
        RationalFunction top = Canonical.of(num);
        RationalFunction bottom = Canonical.of(den);
        if (!top.num().isOrdinary() || !bottom.num().isOrdinary()) {
            return Optional.empty();
        }
        boolean letters = divisor < 0
                ? Gcd.of(top.num(), bottom.num()).degree() > 0
                : bottom.num().degree() > divisor;
        return letters || numbersShare(top.num().content(), bottom.num().content())
                ? Optional.of(Reason.COMMON_FACTOR)
                : Optional.empty();
    }

    private static boolean numbersShare(Rational a, Rational b) {
        return a.isInteger() && b.isInteger() && a.num().gcd(b.num()).bitLength() > 1;
    }

    private static boolean hasNegativeExponent(Expr expr) {
        return expr.any(e -> e instanceof Expr.Power(Expr base, Expr exponent) && isNegative(exponent));
    }

    private static boolean isNegative(Expr exponent) {
        return !hasLetters(exponent)
                && Canonical.of(exponent)
                        .asRational()
                        .filter(e -> e.signum() < 0)
                        .isPresent();
    }

    /** The polynomial that a factor stands for, when it is one in letters only. */
    static Optional<Polynomial> polynomial(Expr expr) {
        RationalFunction value = Canonical.of(expr);
        return value.num().isOrdinary() && value.den().isOrdinary() ? value.asPolynomial() : Optional.empty();
    }
}
