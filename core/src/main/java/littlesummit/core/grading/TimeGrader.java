package littlesummit.core.grading;

import java.util.List;
import littlesummit.core.math.Statement;

/** Times of day, to the second. */
final class TimeGrader {
    private TimeGrader() {}

    static Verdict grade(Statement expected, Statement entry) {
        int right = Entries.numbers(expected, Reason.TIME_WANTED).getFirst();
        List<Integer> typed = Entries.numbers(entry, Reason.TIME_WANTED);
        if (typed.getFirst() == right) {
            return Verdict.CORRECT;
        }
        if (typed.contains(right)) {
            return Verdict.form(Reason.AM_OR_PM);
        }
        boolean isHalfADayOff = Math.abs(typed.getFirst() - right) == ClockText.HALF_A_DAY;
        return isHalfADayOff ? Verdict.slip(Reason.HALF_A_DAY) : Verdict.incorrect();
    }
}
