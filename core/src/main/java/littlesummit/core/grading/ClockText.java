package littlesummit.core.grading;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Reading;
import littlesummit.core.math.Reading.Problem;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Statement.Joiner;

/**
 * Times of day: 14:30, 2:30 p.m., 2.30 pm, 2 pm, 14h30, 14:30 h, 14:30:15, noon, midnight. Read as seconds since
 * midnight; a time that may be before or after noon is read as both, as it stands on a clock of 24 hours first.
 */
final class ClockText {
    private static final int MINUTE = 60;
    private static final int HOUR = 60 * MINUTE;
    static final int HALF_A_DAY = 12 * HOUR;
    private static final Pattern TIME = Pattern.compile(
            "(\\d{1,2})(?:\\s*[:.h]\\s*(\\d{2})(?:\\s*:\\s*(\\d{2}))?)?" + "\\s*(a\\.?m\\.?|p\\.?m\\.?|o['’]?clock|h)?",
            Pattern.CASE_INSENSITIVE);

    private ClockText() {}

    static Reading read(String entry) {
        String text = UsualWords.plain(entry);
        if (text.isEmpty()) {
            return new Reading.Stopped(Problem.BLANK, 0);
        }
        return switch (text) {
            case "noon", "midday" -> one(HALF_A_DAY);
            case "midnight" -> one(0);
            default -> {
                Matcher time = TIME.matcher(text);
                yield time.matches() ? time(time) : new Reading.Stopped(Problem.UNEXPECTED, 0);
            }
        };
    }

    private static Reading time(Matcher time) {
        int hour = Integer.parseInt(time.group(1));
        int minute = number(time.group(2));
        int second = number(time.group(3));
        String half = Optional.ofNullable(time.group(4)).orElse("");
        boolean isHalf = half.startsWith("a") || half.startsWith("p");
        boolean isWhole = time.group(2) == null && half.isEmpty();
        boolean isTooLate = hour > (isHalf ? 12 : 24) || hour == 24 && minute + second > 0;
        if (isWhole || minute > 59 || second > 59 || isTooLate || isHalf && hour == 0) {
            return new Reading.Stopped(Problem.UNEXPECTED, 0);
        }
        int inHour = minute * MINUTE + second;
        if (isHalf) {
            return one((hour % 12 + (half.startsWith("p") ? 12 : 0)) * HOUR + inHour);
        }
        int seconds = hour % 24 * HOUR + inHour;
        boolean mayBeEither = hour >= 1 && hour <= 12 && !time.group(1).startsWith("0");
        return mayBeEither ? either(seconds) : one(seconds);
    }

    private static int number(String digits) {
        return digits == null ? 0 : Integer.parseInt(digits);
    }

    private static Reading one(int seconds) {
        return new Reading.Understood(new Statement.Value(Expr.Num.of(seconds)));
    }

    /** As it stands on a clock of 24 hours first, then half a day later or earlier. */
    private static Reading either(int seconds) {
        int other = (seconds + HALF_A_DAY) % (2 * HALF_A_DAY);
        return new Reading.Understood(new Statement.Sequence(
                Joiner.OR,
                List.of(new Statement.Value(Expr.Num.of(seconds)), new Statement.Value(Expr.Num.of(other)))));
    }
}
