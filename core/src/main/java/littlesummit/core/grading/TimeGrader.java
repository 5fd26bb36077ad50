package littlesummit.core.grading;

import java.util.List;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Statement;

/** Times of day, to the second. */
final class TimeGrader {
    private TimeGrader() {}

    static Verdict grade(Statement expected, Statement entry) {
        int right = seconds(expected).getFirst();
        List<Integer> typed = seconds(entry);
        if (typed.getFirst() == right) {
            return Verdict.CORRECT;
        }
        if (typed.contains(right)) {
            return Verdict.form(Reason.AM_OR_PM);
        }
        boolean isHalfADayOff = Math.abs(typed.getFirst() - right) == ClockText.HALF_A_DAY;
        return isHalfADayOff ? Verdict.slip(Reason.HALF_A_DAY) : Verdict.incorrect();
    }

    private static List<Integer> seconds(Statement time) {
        return switch (time) {
            case Statement.Value(Expr.Num n) -> List.of(n.digits().intValueExact());
            case Statement.Sequence(var joiner, List<Statement> both) ->
                both.stream().flatMap(one -> seconds(one).stream()).toList();
            default -> throw new Entries.WrongKind(Reason.TIME_WANTED);
        };
    }
}
