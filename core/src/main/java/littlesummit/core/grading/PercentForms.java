package littlesummit.core.grading;

import java.util.Optional;
import littlesummit.core.math.Equality;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Rational;
import littlesummit.core.math.RationalFunction;

/** Numbers that are asked as a percent. A field that shows the sign itself takes the bare percent number too. */
final class PercentForms {
    private static final RationalFunction HUNDRED = RationalFunction.of(Rational.of(100));

    private PercentForms() {}

    static Verdict judge(Form form, RationalFunction right, Expr entry, RationalFunction value, boolean signShown) {
        RationalFunction wanted = right.times(HUNDRED);
        Expr plain = Numbers.plain(entry);
        Optional<Expr> percentNumber = Numbers.percentNumber(plain);
        if (percentNumber.isPresent()) {
            return judgeNumber(form, wanted, percentNumber.get(), value.times(HUNDRED));
        }
        Verdict asPercentNumber = judgeNumber(form, wanted, plain, value);
        if (signShown && !(asPercentNumber instanceof Verdict.Incorrect)) {
            return asPercentNumber;
        }
        if (!(judgeNumber(form, wanted, plain, value.times(HUNDRED)) instanceof Verdict.Incorrect)
                || Equality.sameNumber(right, value)) {
            return Verdict.form(Reason.WRITE_AS_PERCENT);
        }
        return signShown || asPercentNumber instanceof Verdict.Incorrect
                ? asPercentNumber
                : Verdict.form(Reason.PERCENT_SIGN_MISSING);
    }

    /**
     * @param wanted the exact percent number
     * @param value the percent number entered
     */
    private static Verdict judgeNumber(Form form, RationalFunction wanted, Expr written, RationalFunction value) {
        if (form instanceof Form.Rounded(int places, boolean percent)) {
            return Numbers.literal(written).isPresent() && value.asRational().isPresent()
                    ? DecimalForms.judge(places, wanted, written, shifted(written, value), value)
                    : DecimalForms.judge(places, wanted, written, written, value);
        }
        if (!Equality.sameNumber(wanted, value)) {
            return NumberGrader.incorrect(wanted, value, written, written);
        }
        Expr size = Numbers.unsigned(written);
        boolean simple = size instanceof Expr.Num
                || size instanceof Expr.Mixed
                || size instanceof Expr.Quotient(Expr.Num n, Expr.Num d);
        return simple ? Verdict.CORRECT : Verdict.form(Reason.WRITE_AS_PERCENT);
    }

    /** The digits that would stand before the sign: 0.333 has three places, as a percent number one. */
    private static Expr shifted(Expr written, RationalFunction percentNumber) {
        Expr.Num literal = Numbers.literal(written).orElseThrow();
        Rational size = percentNumber.asRational().orElseThrow().abs();
        if (literal.value().equals(size)) {
            return written;
        }
        int places = Math.max(0, literal.places() - 2);
        Expr moved = Expr.decimal(size, places);
        return written instanceof Expr.Neg ? new Expr.Neg(moved) : moved;
    }
}
