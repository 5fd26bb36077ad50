package littlesummit.core.grading;

import java.util.Optional;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.Equality;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Rational;
import littlesummit.core.math.RationalFunction;
import littlesummit.core.math.Statement;

/** One real number, exactly. Also judges the numbers inside pairs, sets and quantities. */
final class NumberGrader {
    private NumberGrader() {}

    static Verdict grade(AnswerSpec spec, Statement expected, Statement entry) {
        return judge(spec.form(), value(expected), value(entry), spec.suffix().equals("%"));
    }

    /** @throws Entries.WrongKind when it is not one number */
    static Expr value(Statement statement) {
        return switch (statement) {
            case Statement.Value(Expr expr) when Numbers.isOne(expr) -> expr;
            case Statement.Relations r -> throw new Entries.WrongKind(Reason.VALUE_ONLY);
            default -> throw new Entries.WrongKind(Reason.ONE_NUMBER_WANTED);
        };
    }

    /** @param percentShown whether the field itself shows a percent sign behind the entry */
    static Verdict judge(Form form, Expr expected, Expr entry, boolean percentShown) {
        RationalFunction right = Canonical.of(expected);
        RationalFunction value = Canonical.of(entry);
        boolean percentForm = form == Form.Shape.PERCENT || form instanceof Form.Rounded(int places, boolean p) && p;
        if (percentForm || percentShown && expected instanceof Expr.Percent) {
            return PercentForms.judge(form, right, entry, value, percentShown);
        }
        if (form instanceof Form.Rounded(int places, boolean p)) {
            return DecimalForms.judge(places, right, entry, value);
        }
        if (!Equality.sameNumber(right, value)) {
            return incorrect(right, value);
        }
        return NumberForms.check(form, Numbers.plain(entry), right).map(Verdict::form).orElse(Verdict.CORRECT);
    }

    /** The first slip that shows, in the order in which they are told. */
    static Verdict incorrect(RationalFunction right, RationalFunction value) {
        if (Equality.same(right.negate(), value)) {
            return Verdict.slip(Reason.SIGN);
        }
        if (Equality.same(right.times(value), RationalFunction.ONE)) {
            return Verdict.slip(Reason.RECIPROCAL);
        }
        return isPowerOfTen(right, value) ? Verdict.slip(Reason.POWER_OF_TEN) : Verdict.incorrect();
    }

    private static boolean isPowerOfTen(RationalFunction right, RationalFunction value) {
        Optional<Rational> a = right.asRational();
        Optional<Rational> b = value.asRational();
        if (a.isEmpty() || b.isEmpty() || a.get().isZero() || b.get().isZero()) {
            return false;
        }
        Rational ratio = b.get().over(a.get());
        int k = ratio.decimalExponent();
        return k != 0 && Math.abs(k) <= 1000 && ratio.equals(Rational.of(10).power(k));
    }
}
