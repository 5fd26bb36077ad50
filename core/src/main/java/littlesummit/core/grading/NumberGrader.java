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

    static Verdict grade(AnswerSpec spec, KnownAnswer answer, Statement entry) {
        Optional<Verdict> boundless = boundless(answer.statement(), entry);
        if (boundless.isPresent()) {
            return boundless.get();
        }
        Expr right = value(answer.statement());
        Expr typed = value(entry);
        if (Numbers.hasSignTwice(typed)) {
            throw new Entries.WrongKind(Reason.SIGN_TWICE);
        }
        RationalFunction worth = answer.canonical(right);
        boolean percentShown = spec.suffix().equals("%");
        Optional<Expr> percent =
                asksPercent(spec.form(), right, percentShown) ? Optional.empty() : Numbers.percentNumber(typed);
        if (percent.isPresent() && percentShown) {
            return judge(spec.form(), right, worth, percent.get(), true);
        }
        Verdict verdict = judge(spec.form(), right, worth, typed, percentShown);
        boolean onlyTheSign = verdict instanceof Verdict.Incorrect
                && percent.isPresent()
                && !(judge(spec.form(), right, worth, percent.get(), percentShown) instanceof Verdict.Incorrect);
        return onlyTheSign ? Verdict.slip(Reason.PERCENT_SIGN_EXTRA) : verdict;
    }

    /** Where the answer is ∞ or −∞, as that of a limit may be; empty for any other. */
    private static Optional<Verdict> boundless(Statement expected, Statement entry) {
        if (!(Numbers.unnamed(expected) instanceof Statement.Value(Expr right) && isBoundless(right))) {
            return Optional.empty();
        }
        boolean isSo = Numbers.unnamed(entry) instanceof Statement.Value(Expr typed) && isBoundless(typed);
        if (!isSo) {
            value(entry);
            return Optional.of(Verdict.incorrect());
        }
        boolean same = Numbers.unnamed(entry) instanceof Statement.Value(Expr typed)
                && (typed instanceof Expr.Neg) == (right instanceof Expr.Neg);
        return Optional.of(same ? Verdict.CORRECT : Verdict.slip(Reason.SIGN));
    }

    private static boolean isBoundless(Expr expr) {
        return Numbers.unsigned(expr) instanceof Expr.Infinity;
    }

    private static boolean asksPercent(Form form, Expr right, boolean percentShown) {
        return form == Form.Shape.PERCENT
                || form instanceof Form.Rounded(int places, boolean p) && p
                || percentShown && right instanceof Expr.Percent;
    }

    /** @throws Entries.WrongKind when it is not one number */
    static Expr value(Statement statement) {
        return switch (Numbers.unnamed(statement)) {
            case Statement.Value(Expr expr) when Numbers.isOne(expr) -> expr;
            case Statement.Sequence s when mixed(s).isPresent() -> mixed(s).get();
            case Statement.Sequence s when hasDecimalComma(s) -> throw new Entries.WrongKind(Reason.DECIMAL_POINT);
            case Statement.Relations r -> throw new Entries.WrongKind(Reason.VALUE_ONLY);
            default -> throw new Entries.WrongKind(Reason.ONE_NUMBER_WANTED);
        };
    }

    /** 2 and 3/4 is said for 2¾. */
    private static Optional<Expr> mixed(Statement.Sequence entry) {
        return entry.joiner() == Statement.Joiner.AND
                        && entry.items().size() == 2
                        && entry.items().getFirst() instanceof Statement.Value(Expr.Num whole)
                        && entry.items().getLast() instanceof Statement.Value(Expr.Quotient(Expr.Num num, Expr.Num den))
                        && whole.places() + num.places() + den.places() == 0
                ? Optional.of(new Expr.Mixed(whole.digits(), num.digits(), den.digits()))
                : Optional.empty();
    }

    /** Two runs of digits with a comma between them, as decimals are written in many countries. */
    private static boolean hasDecimalComma(Statement.Sequence entry) {
        return entry.joiner() == Statement.Joiner.COMMA
                && entry.items().size() == 2
                && entry.items().getFirst() instanceof Statement.Value(Expr whole)
                && Numbers.literal(whole).filter(n -> n.places() == 0).isPresent()
                && entry.items().getLast() instanceof Statement.Value(Expr.Num digits)
                && digits.places() == 0;
    }

    /** @param percentShown whether the field itself shows a percent sign behind the entry */
    static Verdict judge(Form form, Expr expected, Expr entry, boolean percentShown) {
        return judge(form, expected, Canonical.of(expected), entry, percentShown);
    }

    private static Verdict judge(Form form, Expr expected, RationalFunction right, Expr entry, boolean percentShown) {
        RationalFunction value = entry.equals(expected) ? right : Canonical.of(entry);
        if (asksPercent(form, expected, percentShown)) {
            return PercentForms.judge(form, right, entry, value, percentShown);
        }
        if (form instanceof Form.Rounded(int places, boolean p)) {
            return DecimalForms.judge(places, right, expected, entry, value);
        }
        if (!Equality.sameNumber(right, value)) {
            return incorrect(right, value, expected, entry);
        }
        return NumberForms.check(form, Numbers.plain(entry), right)
                .map(Verdict::form)
                .orElse(Verdict.CORRECT);
    }

    /**
     * The first slip that shows, in the order in which they are told; what it says speaks of nothing that is not
     * written there.
     */
    static Verdict incorrect(RationalFunction right, RationalFunction value, Expr expected, Expr entry) {
        if (Equality.same(right.negate(), value)) {
            return Verdict.slip(Reason.SIGN);
        }
        if (Equality.areReciprocal(right, value)) {
            boolean fractions = Numbers.hasQuotient(entry) && Numbers.hasQuotient(expected);
            return Verdict.slip(fractions ? Reason.RECIPROCAL : Reason.DIVIDED_THE_OTHER_WAY);
        }
        if (isPowerOfTen(right, value)) {
            return Verdict.slip(Numbers.hasPower(entry) ? Reason.POWER_OF_TEN : Reason.DIGIT_PLACES);
        }
        return Verdict.incorrect();
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
