package littlesummit.app.calendar;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.component.VTodo;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Date;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Calendar files (RFC 5545), read back by a library of another house than the one that wrote them. */
class CalendarFileTest {
    private static final Instant NOW = Instant.parse("2026-05-01T08:00:00Z");
    private static final Instant DUE = Instant.parse("2026-05-06T21:59:59Z");
    private static final String ODD = "Ropes, knots; and \\ more: “5 m”\nsecond line, a very long one that has to be"
            + " folded since no line of such a file may have so many characters";

    private static Entry.Work work(String title, boolean done, boolean asTask) {
        return new Entry.Work(
                "a1", title, "Target: score 80.", Optional.of(NOW), DUE, done, asTask, "https://hut.example/due");
    }

    private static ICalendar read(Entry... entries) {
        return Biweekly.parse(CalendarFile.of(List.of(entries), NOW)).first();
    }

    @Test
    void workIsAnEventAndATaskAtItsDate() {
        ICalendar calendar = read(work("Hut stores", false, true));
        VEvent event = calendar.getEvents().getFirst();
        assertEquals("Hut stores", event.getSummary().getValue());
        assertEquals(Date.from(DUE), event.getDateStart().getValue());
        assertEquals("https://hut.example/due", event.getUrl().getValue());
        VTodo task = calendar.getTodos().getFirst();
        assertEquals(Date.from(DUE), task.getDateDue().getValue());
        assertEquals(Date.from(NOW), task.getDateStart().getValue());
        assertTrue(task.getStatus().isNeedsAction());
        assertEquals("due-a1@little-summit", event.getUid().getValue());
        assertEquals("task-a1@little-summit", task.getUid().getValue());
    }

    @Test
    void anAlarmGoesADayBefore() {
        ICalendar calendar = read(work("Hut stores", false, true));
        for (var alarm : List.of(
                calendar.getEvents().getFirst().getAlarms().getFirst(),
                calendar.getTodos().getFirst().getAlarms().getFirst())) {
            assertEquals(
                    Date.from(DUE.minus(Duration.ofDays(1))), alarm.getTrigger().getDate());
            assertTrue(alarm.getAction().isDisplay());
        }
    }

    @Test
    void whatIsDoneIsTickedOffAndRingsNoMore() {
        ICalendar calendar = read(work("Hut stores", true, true));
        assertTrue(calendar.getTodos().getFirst().getStatus().isCompleted());
        assertTrue(calendar.getTodos().getFirst().getAlarms().isEmpty());
        assertTrue(calendar.getEvents().getFirst().getAlarms().isEmpty());
    }

    @Test
    void instructorsHaveNoTasks() {
        assertTrue(read(work("Hut stores", false, false)).getTodos().isEmpty());
    }

    @Test
    void aGoalIsADay() {
        VEvent goal = read(new Entry.Goal("c1", "24 skills", "Known by this day.", LocalDate.of(2026, 6, 30)))
                .getEvents()
                .getFirst();
        assertTrue(!goal.getDateStart().getValue().hasTime());
        assertEquals(
                LocalDate.of(2026, 6, 30),
                goal.getDateStart()
                        .getValue()
                        .toInstant()
                        .atZone(ZoneId.systemDefault())
                        .toLocalDate());
    }

    @Test
    void whateverATitleHoldsComesBackAndNoLineIsTooLong() {
        assertEquals(
                ODD,
                read(work(ODD, false, true)).getEvents().getFirst().getSummary().getValue());
        for (String line : CalendarFile.of(List.of(work(ODD, false, true)), NOW).split("\r\n")) {
            assertTrue(line.length() <= 75, line);
        }
    }

    @Test
    void theOtherLibraryFindsNothingToComplainOf() {
        ICalendar calendar = read(
                work("Hut stores", false, true),
                new Entry.Goal("c1", "24 skills", "Known by this day.", LocalDate.of(2026, 6, 30)));
        assertEquals("", calendar.validate(biweekly.ICalVersion.V2_0).toString().strip());
    }

    @Test
    void anEmptyCalendarIsOne() {
        assertTrue(CalendarFile.of(List.of(), NOW).startsWith("BEGIN:VCALENDAR"));
        assertTrue(read().getEvents().isEmpty());
    }
}
