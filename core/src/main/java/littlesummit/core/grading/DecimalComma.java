package littlesummit.core.grading;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.Expr;
import littlesummit.core.math.MathProblem;
import littlesummit.core.math.Rational;
import littlesummit.core.math.Statement;

/**
 * One comma with three digits behind it, where the answer has decimals: 2,125 may be meant as 2.125, as many countries
 * write it, and may be two thousand. Where the thousands are not right it is asked back, so that no try is lost.
 */
final class DecimalComma {
    private static final Pattern ONE_COMMA = Pattern.compile("\\s*[-+−]?\\s*\\d{1,3}(,|\\{,\\})\\d{3}(?![\\d.,]).*");

    private DecimalComma() {}

    /** Where the comma stands. */
    static Optional<Integer> at(AnswerSpec spec, String entry) {
        boolean isNumber = spec.kind() == Kind.NUMBER || spec.kind() == Kind.QUANTITY;
        if (!isNumber || entry.indexOf(',') < 0) {
            return Optional.empty();
        }
        Matcher comma = ONE_COMMA.matcher(entry);
        return comma.matches() && hasDecimals(KnownAnswer.of(spec).statement())
                ? Optional.of(comma.start(1))
                : Optional.empty();
    }

    private static boolean hasDecimals(Statement expected) {
        Expr amount =
                switch (expected) {
                    case Statement.Value(Expr expr) -> expr;
                    case Statement.Measure(Expr measured, var unit) -> measured;
                    default -> Expr.Num.of(0);
                };
        try {
            return Canonical.of(amount).asRational().filter(Rational::isInteger).isEmpty();
        } catch (MathProblem problem) {
            return false;
        }
    }
}
