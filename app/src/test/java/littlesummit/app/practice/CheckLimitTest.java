package littlesummit.app.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
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
    private static final int MOST = 40;
    private final AssignmentService assignments = mock(AssignmentService.class);
    private final PracticeService practice = new PracticeService(
            assignments,
            mock(ServedItems.class),
            mock(WorkService.class),
            mock(PracticeLog.class),
            mock(Surroundings.class),
            Clock.fixed(NOW, ZoneOffset.UTC),
            MOST,
            new Catalogue());

    private String refusal(String personId) {
        Person person = new Person(personId, personId, "P", Role.STUDENT, "c", "Class", false);
        Place place = new Place(person, "a", "mean");
        Attempt attempt = new Attempt("i", 0, Map.of(), false);
        return assertThrows(Problem.class, () -> practice.check(place, attempt, "key"))
                .getMessage();
    }

    @Test
    void checksAreLimitedByTheMinute() {
        when(assignments.require(any(), any())).thenThrow(Problem.notFound("No assignment."));
        for (int i = 0; i < MOST; i++) {
            assertEquals("No assignment.", refusal("p"));
        }

        assertEquals("That was very quick. Wait a moment; what you entered is kept.", refusal("p"));
        assertEquals("No assignment.", refusal("q"), "others are not held up");
        verify(assignments, times(MOST + 1)).require(any(), any());
    }
}
