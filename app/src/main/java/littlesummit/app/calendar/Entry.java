package littlesummit.app.calendar;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;

/** What stands in a calendar. */
sealed interface Entry {
    /** Stays the same for the same thing, so that a calendar changes it in place of showing it twice. */
    String id();

    String title();

    String text();

    /**
     * Work with a date.
     *
     * @param from when it opens, or when it was set; empty for long ago
     * @param done whether all of it is done; for students
     * @param asTask whether it is a task, too, to be ticked off
     * @param address of the page that leads to it
     */
    record Work(
            String id,
            String title,
            String text,
            Optional<Instant> from,
            Instant due,
            boolean done,
            boolean asTask,
            String address)
            implements Entry {}

    /** A goal of a whole class, for a day. */
    record Goal(String id, String title, String text, LocalDate day) implements Entry {}
}
