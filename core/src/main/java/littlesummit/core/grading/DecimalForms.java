package littlesummit.core.grading;

import java.util.Optional;
import littlesummit.core.math.Equality;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Rational;
import littlesummit.core.math.RationalFunction;
import littlesummit.core.math.Rounding;

/** Numbers that are asked rounded half up to so many places. */
final class DecimalForms {
    private DecimalForms() {}

    static Verdict judge(int places, RationalFunction exact, Expr expected, Expr entry, RationalFunction value) {
        Rational right = Rounding.halfUp(exact, places);
        Expr plain = Numbers.plain(entry);
        Optional<Expr.Num> literal = Numbers.literal(plain);
        if (literal.isPresent()) {
            return judgeDigits(places, exact, right, value.asRational().orElseThrow(), literal.get());
        }
        boolean same = Equality.sameNumber(exact, value) || Equality.sameNumber(RationalFunction.of(right), value);
        if (same && plain instanceof Expr.Repeating) {
            return Verdict.form(Reason.NOT_ROUNDED);
        }
        if (same) {
            return Verdict.form(NumberForms.decimal(RationalFunction.of(right)));
        }
        return slip(exact, right, value, expected, entry);
    }

    private static Verdict judgeDigits(
            int places, RationalFunction exact, Rational right, Rational typed, Expr.Num written) {
        int digits = written.places();
        if (typed.equals(right)) {
            return Verdict.CORRECT;
        }
        boolean toNothing = typed.isZero() && !exact.isZero();
        if (digits > places && typed.roundHalfUp(places).equals(right)) {
            return Verdict.form(Reason.NOT_ROUNDED);
        }
        if (digits < places && !toNothing && Rounding.halfUp(exact, digits).equals(typed)) {
            return Verdict.form(Reason.ROUNDED_TOO_FAR);
        }
        Verdict slip = slip(exact, right, RationalFunction.of(typed), written, written);
        boolean cut = digits <= places
                && !toNothing
                && Rounding.truncated(exact, digits).equals(typed);
        return slip.why().isEmpty() && cut ? Verdict.slip(Reason.TRUNCATED) : slip;
    }

    /** Slips are looked for in the rounded value first, then in the exact one. */
    private static Verdict slip(
            RationalFunction exact, Rational right, RationalFunction value, Expr expected, Expr entry) {
        Verdict ofRounded = NumberGrader.incorrect(RationalFunction.of(right), value, expected, entry);
        return ofRounded.why().isPresent() ? ofRounded : NumberGrader.incorrect(exact, value, expected, entry);
    }
}
