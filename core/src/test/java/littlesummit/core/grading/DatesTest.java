package littlesummit.core.grading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.LocalDate;
import java.time.Year;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Days of the calendar, beside the calendar of the Java library (ISO 8601). */
class DatesTest {
    private static Verdict grade(String expected, String entry) {
        return Grader.grade(AnswerSpec.of(Kind.DATE, Form.Shape.ANY, expected), entry);
    }

    private static String written(LocalDate day, String pattern) {
        return day.format(DateTimeFormatter.ofPattern(pattern, Locale.ENGLISH));
    }

    static Stream<LocalDate> days() {
        LocalDate first = LocalDate.of(2028, 1, 1);
        return first.datesUntil(first.plusYears(1));
    }

    @ParameterizedTest
    @MethodSource("days")
    void everyDayIsReadAsTheLibraryWritesIt(LocalDate day) {
        for (String pattern :
                List.of("d MMMM uuuu", "MMMM d, uuuu", "uuuu-MM-dd", "d.M.uuuu", "dd.MM.uuuu", "MMM d uuuu")) {
            String entry = written(day, pattern);
            assertEquals(Verdict.CORRECT, grade(written(day, "d MMMM uuuu"), entry), entry);
        }
        String plain = written(day, "d MMMM");
        for (String pattern : List.of("MMMM d", "d MMM", "d.M.", "'the' d'th of' MMMM")) {
            assertEquals(Verdict.CORRECT, grade(plain, written(day, pattern)), written(day, pattern));
        }
    }

    @ParameterizedTest
    @MethodSource("days")
    void theDayAfterAndTheDayBeforeAreADayOff(LocalDate day) {
        String right = written(day, "d MMMM uuuu");
        for (LocalDate near : List.of(day.plusDays(1), day.minusDays(1))) {
            assertEquals(Verdict.slip(Reason.A_DAY_OFF), grade(right, written(near, "d MMMM uuuu")), right);
            assertEquals(Verdict.slip(Reason.A_DAY_OFF), grade(written(day, "d MMMM"), written(near, "d MMMM")), right);
        }
        assertEquals(Verdict.incorrect(), grade(right, written(day.plusDays(2), "d MMMM uuuu")), right);
    }

    /** Of two numbers with a slash, countries differ in which is the month: nobody loses a try by that. */
    @ParameterizedTest
    @MethodSource("days")
    void aSlashIsAskedBackWhereItMayMeanTwoDays(LocalDate day) {
        String right = written(day, "d MMMM uuuu");
        for (String pattern : List.of("d/M/uuuu", "M/d/uuuu")) {
            Verdict verdict = grade(right, written(day, pattern));
            boolean isPlain = day.getDayOfMonth() > 12 || day.getDayOfMonth() == day.getMonthValue();
            if (isPlain) {
                assertEquals(Verdict.CORRECT, verdict, right);
            } else {
                assertEquals(
                        Reason.DAY_OR_MONTH,
                        assertInstanceOf(Verdict.Unreadable.class, verdict).reason(),
                        right);
            }
        }
    }

    /** The rule of the Gregorian calendar: 1900 and 2100 have no 29th of February, 2000 has. */
    @ParameterizedTest
    @ValueSource(ints = {1900, 1996, 1999, 2000, 2024, 2026, 2100, 2400})
    void leapYearsAreThoseOfTheCalendar(int year) {
        Verdict verdict = grade("1 March " + year, "29 February " + year);
        Reason reason = verdict instanceof Verdict.Unreadable u ? u.reason() : Reason.A_DAY_OFF;
        assertEquals(Year.isLeap(year) ? Reason.A_DAY_OFF : Reason.NO_SUCH_DAY, reason);
    }

    @ParameterizedTest
    @ValueSource(strings = {"31 April", "30 February", "0 May", "32 May", "13.13.", "31/31", "2026-02-30", "1.0."})
    void whatTheCalendarDoesNotHaveIsSaid(String entry) {
        assertEquals(
                Reason.NO_SUCH_DAY,
                assertInstanceOf(Verdict.Unreadable.class, grade("9 May", entry))
                        .reason());
    }

    @ParameterizedTest
    @ValueSource(strings = {"May", "9", "9 M", "9 Ma", "9 Mai", "May May", "9/5/26", "9-5", "0000-05-09", "9 May 26"})
    void whatIsNoDateIsAskedForAgain(String entry) {
        assertInstanceOf(Verdict.Unreadable.class, grade("9 May", entry), entry);
    }

    @ParameterizedTest
    @CsvSource({"12/3, '12 March or 3 December'", "2026-05-09, 9 May 2026", "sept 1, 1 September", "24/12, 24 December"
    })
    void howItWasReadIsShown(String entry, String shown) {
        AnswerSpec field = AnswerSpec.of(Kind.DATE, Form.Shape.ANY, "9 May");
        KindPrinter printer = new KindPrinter(Kind.DATE, false);
        var read = (littlesummit.core.math.Reading.Understood) field.read(entry);
        assertEquals(shown, printer.spoken(read.statement()));
        assertEquals("\\text{" + shown + "}", printer.latex(read.statement()));
    }

    @Test
    void aYearIsPartOfTheDayOrNot() {
        assertTrue(DateText.hasYear(20261224));
        assertFalse(DateText.hasYear(1224));
        assertEquals("29 February", DateText.written(229));
        assertEquals("24 December 2026", DateText.written(20261224));
        assertEquals(LocalDate.of(1999, 12, 24), DateText.date(1224, 1999));
        assertEquals(LocalDate.of(2026, 12, 24), DateText.date(20261224, 1999));
    }
}
