package littlesummit.core.grading;

import java.util.stream.Stream;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.Equality;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Rational;
import littlesummit.core.math.RationalFunction;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Unit;

/** Amounts with a unit; units of one dimension are converted exactly. */
final class QuantityGrader {
    private QuantityGrader() {}

    static Verdict grade(AnswerSpec spec, Statement expected, Statement entry) {
        if (!(expected instanceof Statement.Measure(Expr rightAmount, Unit rightUnit))) {
            throw new IllegalArgumentException("a quantity needs a unit: " + spec.expected());
        }
        RationalFunction right = inBase(rightAmount, rightUnit);
        Unit asked = spec.form() instanceof Form.InUnit(Unit unit) ? unit : rightUnit;
        if (entry instanceof Statement.Measure(Expr amount, Unit unit) && Numbers.isOne(amount)) {
            return judge(spec, right, rightUnit, amount, unit);
        }
        Expr bare = NumberGrader.value(entry);
        if (Unit.of(spec.suffix()).isPresent()) {
            return judge(spec, right, rightUnit, bare, Unit.of(spec.suffix()).get());
        }
        return rightInSomeUnit(right, rightUnit, bare)
                ? Verdict.form(Reason.UNIT_MISSING)
                : NumberGrader.incorrect(
                        right.over(RationalFunction.of(asked.factor())), Canonical.of(bare), rightAmount, bare);
    }

    /** Whether a unit behind the number would make it right. */
    private static boolean rightInSomeUnit(RationalFunction right, Unit rightUnit, Expr bare) {
        return Stream.of(Unit.values())
                .filter(u -> u.dimension() == rightUnit.dimension())
                .anyMatch(u -> Equality.sameNumber(right, inBase(bare, u)));
    }

    private static Verdict judge(AnswerSpec spec, RationalFunction right, Unit rightUnit, Expr amount, Unit unit) {
        RationalFunction value = inBase(amount, unit);
        if (unit.dimension() != rightUnit.dimension()) {
            return Verdict.incorrect();
        }
        if (!Equality.sameNumber(right, value) && rightInSomeUnit(right, rightUnit, amount)) {
            return Verdict.slip(Reason.OTHER_UNIT);
        }
        if (!Equality.sameNumber(right, value)) {
            return NumberGrader.incorrect(right, value, amount, amount);
        }
        boolean wanted = !(spec.form() instanceof Form.InUnit(Unit asked)) || asked == unit;
        return wanted ? Verdict.CORRECT : Verdict.form(Reason.WRONG_UNIT);
    }

    private static RationalFunction inBase(Expr amount, Unit unit) {
        Rational factor = unit.factor();
        return Canonical.of(amount).times(RationalFunction.of(factor));
    }
}
