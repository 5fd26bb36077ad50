package littlesummit.core.grading;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.stream.IntStream;
import littlesummit.core.math.Statement;

/** Days of the calendar. A year belongs to the answer or it does not; which is asked back, and costs no try. */
final class DateGrader {
    /** A leap year and the one before: days without a year lie a day apart where they do so in one of them. */
    private static final int[] YEARS = {1999, 2000};

    private DateGrader() {}

    static Verdict grade(Statement expected, Statement entry) {
        int right = Entries.numbers(expected, Reason.DATE_WANTED).getFirst();
        List<Integer> typed = Entries.numbers(entry, Reason.DATE_WANTED);
        boolean hasYear = DateText.hasYear(typed.getFirst());
        if (hasYear != DateText.hasYear(right)) {
            return new Verdict.Unreadable(hasYear ? Reason.YEAR_EXTRA : Reason.YEAR_WANTED, 0);
        }
        if (typed.size() > 1 && typed.contains(right)) {
            return new Verdict.Unreadable(Reason.DAY_OR_MONTH, 0);
        }
        if (typed.contains(right)) {
            return Verdict.CORRECT;
        }
        return typed.size() == 1 && isADayOff(right, typed.getFirst())
                ? Verdict.slip(Reason.A_DAY_OFF)
                : Verdict.incorrect();
    }

    private static boolean isADayOff(int right, int typed) {
        return IntStream.of(YEARS).anyMatch(year -> {
            LocalDate day = DateText.date(right, year);
            LocalDate other = DateText.date(typed, year);
            long between = Math.abs(ChronoUnit.DAYS.between(day, other));
            return between == 1 || !DateText.hasYear(right) && between == day.lengthOfYear() - 1;
        });
    }
}
