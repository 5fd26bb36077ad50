package littlesummit.core.grading;

import java.math.BigInteger;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.Equality;
import littlesummit.core.math.Expr;
import littlesummit.core.math.RationalFunction;

/** Two to four numbers with colons between them: 2 : 4 : 6 is 1 : 2 : 3. */
final class RatioGrader {
    private RatioGrader() {}

    /** Whether a ratio is asked for; a colon is nothing else in an answer with several numbers. */
    static boolean isAsked(AnswerSpec spec) {
        return spec.kind() == Kind.PAIR && spec.expected().indexOf(':') > 0;
    }

    /** With commas for the colons, or for “to”, so that it is read as any list is; places stay. */
    static Optional<String> asList(String text) {
        String colons =
                text.replaceAll("(?i)(?<=[\\d\\s)])to(?=[\\d\\s(])", ": ").replace('∶', ':');
        return colons.indexOf(':') < 0 || colons.indexOf(',') >= 0
                ? Optional.empty()
                : Optional.of(colons.replace(':', ','));
    }

    static Verdict judge(Form form, List<Expr> right, List<Expr> typed) {
        if (!areProportional(values(right), values(typed))) {
            return right.size() == 2 && areProportional(values(right), values(typed.reversed()))
                    ? Verdict.slip(Reason.SWAPPED)
                    : Verdict.incorrect();
        }
        boolean lowest = form == Form.Shape.FRACTION_LOWEST || form == Form.Shape.LOWEST_TERMS;
        return lowest && !isLowest(typed) ? Verdict.form(Reason.RATIO_LOWEST) : Verdict.CORRECT;
    }

    private static List<RationalFunction> values(List<Expr> parts) {
        return parts.stream().map(Canonical::of).toList();
    }

    /** Whether one is a multiple of the other; a ratio of nothing but zeros is no ratio. */
    private static boolean areProportional(List<RationalFunction> right, List<RationalFunction> typed) {
        return typed.stream().anyMatch(value -> !value.isZero())
                && IntStream.range(1, right.size())
                        .allMatch(i -> Equality.sameNumber(
                                right.get(0).times(typed.get(i)), right.get(i).times(typed.get(0))))
                && right.get(0).isZero() == typed.get(0).isZero();
    }

    private static boolean isLowest(List<Expr> typed) {
        List<BigInteger> whole =
                typed.stream().flatMap(part -> part.asInteger().stream()).toList();
        return whole.size() == typed.size()
                && whole.stream().reduce(BigInteger.ZERO, BigInteger::gcd).equals(BigInteger.ONE);
    }
}
