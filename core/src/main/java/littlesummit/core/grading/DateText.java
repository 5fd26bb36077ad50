package littlesummit.core.grading;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.Month;
import java.time.MonthDay;
import java.time.format.TextStyle;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Reading;
import littlesummit.core.math.Reading.Problem;
import littlesummit.core.math.Statement;
import littlesummit.core.math.Statement.Joiner;

/**
 * Days of the calendar: 24 December, Dec 24th, the 24th of December, December 24, 2026, 24.12., 24.12.2026, 2026-12-24
 * (ISO 8601), 24/12. Read as a number of eight digits: the year, 0000 where none is written, the month and the day. Of
 * two numbers with a slash between them either may be the month: both days are read where there are two.
 */
final class DateText {
    private static final int OF_YEAR = 10_000;
    private static final int OF_MONTH = 100;
    /** A year with a 29th of February, for days without a year. */
    private static final int LEAP_YEAR = 2000;

    private static final String DAY = "(?<day>\\d{1,2})\\s*(?:st|nd|rd|th|\\.)?";
    private static final String MONTH = "(?<month>[a-z]{3,9})\\.?";
    private static final String YEAR = "(?:[\\s,]\\s*(?<year>[1-9]\\d{3}))?";
    private static final Pattern DAY_FIRST = Pattern.compile("(?:the\\s+)?" + DAY + "\\s*(?:of\\s+)?" + MONTH + YEAR);
    private static final Pattern MONTH_FIRST = Pattern.compile(MONTH + "\\s*(?:the\\s+)?" + DAY + YEAR);
    private static final Pattern POINTS =
            Pattern.compile("(?<day>\\d{1,2})\\s*\\.\\s*(?<month>\\d{1,2})\\s*\\.?\\s*(?<year>[1-9]\\d{3})?");
    private static final Pattern ISO = Pattern.compile("(?<year>[1-9]\\d{3})-(?<month>\\d{2})-(?<day>\\d{2})");
    private static final Pattern SLASHES =
            Pattern.compile("(?<day>\\d{1,2})\\s*/\\s*(?<month>\\d{1,2})(?:\\s*/\\s*(?<year>[1-9]\\d{3}))?");

    private DateText() {}

    static Reading read(String entry) {
        String text = UsualWords.plain(entry);
        if (text.isEmpty()) {
            return new Reading.Stopped(Problem.BLANK, 0);
        }
        for (Pattern pattern : List.of(DAY_FIRST, MONTH_FIRST, POINTS, ISO, SLASHES)) {
            Matcher found = pattern.matcher(text);
            if (found.matches()) {
                return days(found, pattern == SLASHES);
            }
        }
        return new Reading.Stopped(Problem.UNEXPECTED, 0);
    }

    private static Reading days(Matcher found, boolean eitherWay) {
        Optional<Month> month = month(found.group("month"));
        if (month.isEmpty() && Character.isLetter(found.group("month").charAt(0))) {
            return new Reading.Stopped(Problem.UNEXPECTED, 0);
        }
        int year = found.group("year") == null ? 0 : Integer.parseInt(found.group("year"));
        int first = Integer.parseInt(found.group("day"));
        int second = month.map(Month::getValue).orElseGet(() -> Integer.parseInt(found.group("month")));
        List<Statement> days = Stream.of(day(year, second, first), eitherWay ? day(year, first, second) : NO_DAY)
                .flatMap(Optional::stream)
                .distinct()
                .<Statement>map(code -> new Statement.Value(Expr.Num.of(code)))
                .toList();
        return switch (days.size()) {
            case 0 -> new Reading.Stopped(Problem.NO_SUCH_DAY, 0);
            case 1 -> new Reading.Understood(days.getFirst());
            default -> new Reading.Understood(new Statement.Sequence(Joiner.OR, days));
        };
    }

    private static final Optional<Integer> NO_DAY = Optional.empty();

    /** By its name, or by its first letters where these are three at least. */
    private static Optional<Month> month(String written) {
        return Stream.of(Month.values())
                .filter(month -> written.length() >= 3 && name(month).startsWith(written))
                .findFirst();
    }

    private static String name(Month month) {
        return month.getDisplayName(TextStyle.FULL, Locale.ENGLISH).toLowerCase(Locale.ROOT);
    }

    /** Empty where the calendar has no such day. */
    private static Optional<Integer> day(int year, int month, int day) {
        try {
            LocalDate.of(year == 0 ? LEAP_YEAR : year, month, day);
            return Optional.of(year * OF_YEAR + month * OF_MONTH + day);
        } catch (DateTimeException none) {
            return Optional.empty();
        }
    }

    static boolean hasYear(int code) {
        return code >= OF_YEAR;
    }

    /** In a year that is given for a day that has none. */
    static LocalDate date(int code, int year) {
        int within = code % OF_YEAR;
        MonthDay day = MonthDay.of(within / OF_MONTH, within % OF_MONTH);
        return day.atYear(hasYear(code) ? code / OF_YEAR : year);
    }

    /** 24 December, or 24 December 2026. */
    static String written(int code) {
        LocalDate date = date(code, LEAP_YEAR);
        String day = date.getDayOfMonth() + " " + date.getMonth().getDisplayName(TextStyle.FULL, Locale.ENGLISH);
        return hasYear(code) ? day + " " + date.getYear() : day;
    }
}
