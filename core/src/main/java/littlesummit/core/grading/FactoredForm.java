package littlesummit.core.grading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Irreducible;
import littlesummit.core.math.Polynomial;
import littlesummit.core.math.Rational;

/** A product of polynomials that do not come apart over the integers, numeric content taken out. */
final class FactoredForm {
    private FactoredForm() {}

    static Optional<Reason> check(Expr entry) {
        if (Numbers.unsigned(entry) instanceof Expr.Quotient(Expr num, Expr den) && !isNumber(den)) {
            return check(num).or(() -> check(den));
        }
        List<Expr> factors = new ArrayList<>();
        collect(entry, factors);
        boolean product = !isSum(entry);
        for (Expr factor : factors) {
            if (!isIrreducible(factor)) {
                return Optional.of(product ? Reason.FACTOR_FURTHER : Reason.NOT_FACTORED);
            }
        }
        for (Expr factor : factors) {
            if (factor instanceof Expr.Sum && ExpressionForms.expanded(factor).isPresent()) {
                return Optional.of(Reason.LIKE_TERMS);
            }
        }
        return Optional.empty();
    }

    /** Whether nothing is multiplied yet: a sum, whatever its sign, or a sum over a number. */
    private static boolean isSum(Expr entry) {
        return switch (entry) {
            case Expr.Sum sum -> true;
            case Expr.Neg(Expr inner) -> isSum(inner);
            case Expr.Quotient(Expr num, Expr den) -> isNumber(den) && isSum(num);
            default -> false;
        };
    }

    private static boolean isNumber(Expr expr) {
        return ExpressionForms.polynomial(expr).flatMap(Polynomial::asRational).isPresent();
    }

    private static boolean hasFunctions(Expr expr) {
        return expr.any(e -> e instanceof Expr.Call
                || e instanceof Expr.Euler
                || e instanceof Expr.Power(Expr base, Expr exponent) && exponent.any(Expr.Letter.class::isInstance));
    }

    /** What is multiplied, through signs, products, whole powers and numeric denominators. */
    private static void collect(Expr expr, List<Expr> into) {
        switch (expr) {
            case Expr.Neg(Expr inner) -> collect(inner, into);
            case Expr.Product(List<Expr> factors) -> factors.forEach(f -> collect(f, into));
            case Expr.Power(Expr base, Expr exponent)
            when exponent.asInteger().filter(e -> e.signum() > 0).isPresent() -> collect(base, into);
            case Expr.Quotient(Expr num, Expr den) when isNumber(den) -> collect(num, into);
            default -> into.add(expr);
        }
    }

    /** Functions and powers with letters above count as factors that come apart no further. */
    private static boolean isIrreducible(Expr factor) {
        if (hasFunctions(factor)) {
            return true;
        }
        Optional<Polynomial> p = ExpressionForms.polynomial(factor);
        if (p.isEmpty() || p.get().asRational().isPresent()) {
            return p.isPresent() && !(factor instanceof Expr.Sum);
        }
        return p.get().content().equals(Rational.ONE) && Irreducible.test(p.get());
    }
}
