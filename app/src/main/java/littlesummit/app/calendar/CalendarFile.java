package littlesummit.app.calendar;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.net.URI;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Property;
import net.fortuna.ical4j.model.PropertyList;
import net.fortuna.ical4j.model.component.VAlarm;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.component.VToDo;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.DtStart;
import net.fortuna.ical4j.model.property.Due;
import net.fortuna.ical4j.model.property.RefreshInterval;
import net.fortuna.ical4j.model.property.Status;
import net.fortuna.ical4j.model.property.Summary;
import net.fortuna.ical4j.model.property.Transp;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.Url;
import net.fortuna.ical4j.model.property.immutable.ImmutableAction;

/**
 * Entries as an iCalendar file (RFC 5545): work with a date as an event at that moment and, for whoever has to do it,
 * as a task, both with an alarm a day before; a goal as a day. Times are in UTC; a calendar shows them in its own zone.
 */
final class CalendarFile {
    private static final String MAKER = "-//Little Summit//Calendar//EN";
    private static final Duration BEFORE = Duration.ofDays(1);
    private static final Duration OFTEN = Duration.ofHours(1);

    private CalendarFile() {}

    /** @param now when it is written */
    static String of(List<Entry> entries, Instant now) {
        Calendar calendar = new Calendar().withProdId(MAKER).withDefaults().getFluentTarget();
        calendar.add(new RefreshInterval(null, OFTEN));
        for (Entry entry : entries) {
            switch (entry) {
                case Entry.Work work -> add(calendar, work, now);
                case Entry.Goal goal -> calendar.add(new VEvent(goal(goal, now)));
            }
        }
        return folded(calendar);
    }

    /** Long lines go on in the next one, as they should: no line has more than 75 characters. */
    private static String folded(Calendar calendar) {
        StringWriter file = new StringWriter();
        try {
            new CalendarOutputter(false).output(calendar, file);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return file.toString();
    }

    private static void add(Calendar calendar, Entry.Work work, Instant now) {
        List<Property> event = facts("due-" + work.id(), work, now);
        event.add(new DtStart<>(work.due()));
        event.add(new Transp(Transp.VALUE_TRANSPARENT));
        event.add(url(work));
        VEvent due = new VEvent(new PropertyList(event));
        if (!work.done()) {
            due.add(alarm(work));
        }
        calendar.add(due);
        if (work.asTask()) {
            calendar.add(task(work, now));
        }
    }

    private static VToDo task(Entry.Work work, Instant now) {
        List<Property> task = facts("task-" + work.id(), work, now);
        work.from().filter(work.due()::isAfter).ifPresent(from -> task.add(new DtStart<>(from)));
        task.add(new Due<>(work.due()));
        task.add(new Status(work.done() ? Status.VALUE_COMPLETED : Status.VALUE_NEEDS_ACTION));
        task.add(url(work));
        VToDo todo = new VToDo(new PropertyList(task));
        if (!work.done()) {
            todo.add(alarm(work));
        }
        return todo;
    }

    private static PropertyList goal(Entry.Goal goal, Instant now) {
        List<Property> day = facts("goal-" + goal.id(), goal, now);
        day.add(new DtStart<LocalDate>(goal.day()));
        day.add(new Transp(Transp.VALUE_TRANSPARENT));
        return new PropertyList(day);
    }

    private static List<Property> facts(String id, Entry entry, Instant now) {
        return new ArrayList<>(List.of(
                new Uid(id + "@little-summit"),
                new DtStamp(now),
                new Summary(entry.title()),
                new Description(entry.text())));
    }

    private static Property url(Entry.Work work) {
        return new Url(URI.create(work.address()));
    }

    /** A day before the date, for an event and a task alike. */
    private static VAlarm alarm(Entry.Work work) {
        VAlarm alarm = new VAlarm(work.due().minus(BEFORE));
        alarm.add(ImmutableAction.DISPLAY);
        alarm.add(new Description(work.title() + " is due tomorrow."));
        return alarm;
    }
}
