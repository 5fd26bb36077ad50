package littlesummit.app.people;

import java.time.LocalDate;
import java.util.Optional;

/**
 * A class as the one who teaches it sees it.
 *
 * @param students that are in it now
 * @param isOver whether it is out of the way
 * @param isOpen whether it is the one that the instructor has open
 */
public record SchoolClass(String id, String name, int students, Optional<Goal> goal, boolean isOver, boolean isOpen) {
    /** So many skills are to be known by a date; the pace is counted from the start. */
    public record Goal(int skills, LocalDate start, LocalDate date) {}
}
