package littlesummit.core.grading;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.Equality;
import littlesummit.core.math.Expr;
import littlesummit.core.math.RationalFunction;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Unit;
import littlesummit.core.math.Units;

/** Amounts with a unit; units of one dimension are converted exactly. */
final class QuantityGrader {
    private final AnswerSpec spec;
    private final List<Statement.Measure> expected;
    private final RationalFunction right;

    private QuantityGrader(AnswerSpec spec, List<Statement.Measure> expected) {
        this.spec = spec;
        this.expected = expected;
        this.right = total(expected);
    }

    static Verdict grade(AnswerSpec spec, Statement expected, Statement entry) {
        List<Statement.Measure> right = measures(expected);
        if (right.isEmpty()) {
            throw new IllegalArgumentException("a quantity needs a unit: " + spec.expected());
        }
        return new QuantityGrader(spec, right).grade(entry);
    }

    private static List<Statement.Measure> measures(Statement statement) {
        return switch (statement) {
            case Statement.Measure measure -> List.of(measure);
            case Statement.Measures(List<Statement.Measure> parts) -> parts;
            default -> List.of();
        };
    }

    /** The unit of the answer, or the largest of several. */
    private Unit unit() {
        return expected.getFirst().unit();
    }

    private Verdict grade(Statement entry) {
        List<Statement.Measure> typed = measures(entry).stream()
                .map(m -> new Statement.Measure(m.amount(), Units.meant(m.unit(), unit())))
                .toList();
        if (!typed.isEmpty()
                && !isDegreesOfSomeScale(typed)
                && typed.stream().allMatch(m -> Numbers.isOne(m.amount()))) {
            return judge(typed);
        }
        Expr bare = isDegreesOfSomeScale(typed) ? typed.getFirst().amount() : NumberGrader.value(entry);
        Optional<Unit> suffix = Units.of(spec.suffix());
        if (suffix.isPresent()) {
            return judge(List.of(new Statement.Measure(bare, suffix.get())));
        }
        return rightInSomeUnit(bare)
                ? Verdict.form(Reason.UNIT_MISSING)
                : NumberGrader.incorrect(
                        right.over(RationalFunction.of(asked().orElse(unit()).factor())),
                        Canonical.of(bare),
                        expected.getFirst().amount(),
                        bare);
    }

    /** 20 degrees where a temperature is asked for: the scale is missing. */
    private boolean isDegreesOfSomeScale(List<Statement.Measure> typed) {
        return typed.size() == 1
                && typed.getFirst().unit().isDegree()
                && unit().alike().stream().anyMatch(u -> u.symbol().equals("°C"));
    }

    private Optional<Unit> asked() {
        return spec.form() instanceof Form.InUnit(Unit unit) ? Optional.of(unit) : Optional.empty();
    }

    /** Whether a unit behind the number would make it right. */
    private boolean rightInSomeUnit(Expr bare) {
        RationalFunction amount = Canonical.of(bare);
        return Stream.concat(Stream.of(unit()), unit().alike().stream())
                .anyMatch(u -> Equality.sameNumber(right, u.inBase(amount)));
    }

    private Verdict judge(List<Statement.Measure> typed) {
        if (typed.stream().anyMatch(m -> !m.unit().dimension().equals(unit().dimension()))) {
            boolean isMoney =
                    Units.isMoney(unit()) && Units.isMoney(typed.getFirst().unit());
            return Verdict.slip(isMoney ? Reason.OTHER_CURRENCY : Reason.OTHER_KIND_OF_UNIT);
        }
        RationalFunction value = total(typed);
        Expr amount = typed.getFirst().amount();
        if (Equality.sameNumber(right, value)) {
            boolean isWanted = asked().filter(
                            u -> typed.size() > 1 || !u.isSame(typed.getFirst().unit()))
                    .isEmpty();
            return isWanted ? Verdict.CORRECT : Verdict.form(Reason.WRONG_UNIT);
        }
        return typed.size() == 1 && rightInSomeUnit(amount)
                ? Verdict.slip(Reason.OTHER_UNIT)
                : NumberGrader.incorrect(
                        inUnit(right, typed.getFirst().unit()),
                        inUnit(value, typed.getFirst().unit()),
                        amount,
                        amount);
    }

    private static RationalFunction inUnit(RationalFunction base, Unit unit) {
        return base.minus(RationalFunction.of(unit.zero())).over(RationalFunction.of(unit.factor()));
    }

    private static RationalFunction total(List<Statement.Measure> parts) {
        return parts.stream()
                .map(m -> m.unit().inBase(Canonical.of(m.amount())))
                .reduce(RationalFunction.ZERO, RationalFunction::plus);
    }
}
