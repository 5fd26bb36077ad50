package littlesummit.app.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verifyNoInteractions;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Map;
import littlesummit.app.assignment.AssignmentService;
import littlesummit.app.people.Person;
import littlesummit.app.people.Role;
import littlesummit.app.practice.PracticeService.Attempt;
import littlesummit.app.practice.PracticeService.Place;
import littlesummit.app.served.ServedItems;
import littlesummit.app.web.Problem;
import littlesummit.app.working.WorkService;
import littlesummit.content.Catalogue;
import org.junit.jupiter.api.Test;

/** Too many checks in a minute are refused before anything is read or counted. */
class CheckLimitTest {
    private static final Instant NOW = Instant.parse("2030-01-10T09:00:00Z");
    private final EventRepository events = mock(EventRepository.class);
    private final AssignmentService assignments = mock(AssignmentService.class);
    private final PracticeService practice = new PracticeService(
            assignments,
            mock(ServedItems.class),
            mock(WorkService.class),
            mock(PracticeLog.class),
            events,
            mock(Surroundings.class),
            Clock.fixed(NOW, ZoneOffset.UTC),
            40,
            new Catalogue());

    @Test
    void checksAreLimitedByTheMinute() {
        Person person = new Person("p", "p", "P", Role.STUDENT, "c", "Class", false);
        when(events.countByPersonIdAndAtAfter(eq("p"), any())).thenReturn(40);
        Place place = new Place(person, "a", "mean");
        Attempt attempt = new Attempt("i", 0, Map.of(), false);

        Problem refused = assertThrows(Problem.class, () -> practice.check(place, attempt, "key"));

        assertEquals("That was very quick. Wait a moment; what you entered is kept.", refused.getMessage());
        verifyNoInteractions(assignments);
    }
}
