package littlesummit.app.classroom;

import static org.junit.jupiter.api.Assertions.assertEquals;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.Duration;
import java.util.List;
import littlesummit.app.ClockedApiTest;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import org.junit.jupiter.api.Test;

/** Assignments whose date is past are many in the end: they are counted, and come when they are asked for. */
class PastAssignmentsTest extends ClockedApiTest {
    private String set(int dueInDays) {
        return assignments
                .add(
                        student.classId(),
                        "In " + dueInDays + " days",
                        List.of("absolute-value"),
                        new Target.Run(1, 1),
                        Policy.DEFAULT,
                        now.plus(Duration.ofDays(dueInDays)))
                .id();
    }

    private JsonNode list(String query) {
        return instructor.get("/api/class/assignments" + query).body();
    }

    private static String row(JsonNode row) {
        return row.at("/title").textValue() + ": " + row.at("/started") + "/" + row.at("/finished");
    }

    @Test
    void areCountedAndListedOnlyWhenAskedFor() {
        String first = set(1);
        set(2);
        set(9);
        answerRight("/api/practice/" + first + "/absolute-value");
        now = now.plus(Duration.ofDays(3));
        JsonNode running = list("");
        assertEquals("1 2", running.at("/all").size() + " " + running.at("/past"));
        assertEquals("In 9 days: 0/0", row(running.at("/all/0")));
        JsonNode all = list("?past=true");
        assertEquals("3 2", all.at("/all").size() + " " + all.at("/past"));
        assertEquals("In 1 days: 1/1", row(all.at("/all/0")));
    }

    @Test
    void oneThatIsWithdrawnShowsWhatWasDoneInIt() {
        String id = set(1);
        answerRight("/api/practice/" + id + "/absolute-value");
        now = now.plus(Duration.ofDays(3));
        JsonNode answer = instructor
                .put("/api/class/assignments/" + id + "/withdrawn", "{\"withdrawn\":true}")
                .body();
        assertEquals("0 0", answer.at("/all").size() + " " + answer.at("/past"));
        assertEquals("In 1 days: 1/1", row(answer.at("/withdrawn/0")));
    }
}
