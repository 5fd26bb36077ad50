package littlesummit.core.grading;

import java.util.List;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Statement;

/** Times of day, to the second. */
final class TimeGrader {
    private TimeGrader() {}

    static Verdict grade(Statement expected, Statement entry) {
        int right = numbers(expected, Reason.TIME_WANTED).getFirst();
        List<Integer> typed = numbers(entry, Reason.TIME_WANTED);
        if (typed.getFirst() == right) {
            return Verdict.CORRECT;
        }
        if (typed.contains(right)) {
            return Verdict.form(Reason.AM_OR_PM);
        }
        boolean isHalfADayOff = Math.abs(typed.getFirst() - right) == ClockText.HALF_A_DAY;
        return isHalfADayOff ? Verdict.slip(Reason.HALF_A_DAY) : Verdict.incorrect();
    }

    /**
     * Each way in which an entry can be meant, as a number.
     *
     * @param wanted what is said where it is none
     * @throws Entries.WrongKind where it is none
     */
    static List<Integer> numbers(Statement entry, Reason wanted) {
        return switch (entry) {
            case Statement.Value(Expr.Num n) -> List.of(n.digits().intValueExact());
            case Statement.Sequence(var joiner, List<Statement> both) ->
                both.stream().flatMap(one -> numbers(one, wanted).stream()).toList();
            default -> throw new Entries.WrongKind(wanted);
        };
    }
}
