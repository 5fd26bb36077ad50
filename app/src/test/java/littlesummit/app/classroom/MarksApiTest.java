package littlesummit.app.classroom;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import littlesummit.app.ClockedApiTest;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import littlesummit.core.quiz.QuizPlan;
import org.junit.jupiter.api.Test;

class MarksApiTest extends ClockedApiTest {
    private String set(Target target, int dueInDays, String... skills) {
        return assignments
                .add(
                        student.classId(),
                        "In " + dueInDays + " days",
                        List.of(skills),
                        target,
                        Policy.DEFAULT,
                        now.plus(Duration.ofDays(dueInDays)))
                .id();
    }

    private JsonNode own() {
        JsonNode rows = instructor.get("/api/class/marks").body().at("/rows");
        return rows.findParents("studentId").stream()
                .filter(r -> r.at("/studentId").textValue().equals(student.id()))
                .findFirst()
                .orElseThrow();
    }

    private JsonNode mean() {
        return instructor.get("/api/class/marks/means").body().at("/percent/" + student.id());
    }

    private JsonNode marks(String query) {
        return instructor.get("/api/class/marks" + query).body();
    }

    private static String shown(JsonNode marks) {
        return marks.at("/from") + " of " + marks.at("/of") + ": "
                + String.join(", ", marks.at("/assignments").findValuesAsText("title"));
    }

    @Test
    void aPageIsOfNineAssignmentsAndMostOfThemWereDue() {
        for (int day = 1; day <= 20; day++) {
            set(new Target.Run(1, 1), day, "absolute-value");
        }
        assertEquals("In 1 days", marks("").at("/assignments/0/title").textValue(), "nothing was due");
        now = now.plus(Duration.ofDays(11).plusHours(1));
        JsonNode latest = marks("");
        assertEquals("6 of 20", shown(latest).substring(0, 7));
        assertEquals("In 7 days", latest.at("/assignments/0/title").textValue());
        assertEquals(9, latest.at("/assignments").size());
        assertEquals(9, latest.at("/rows/0/cells").size());
        assertEquals(9, latest.at("/most").intValue());
        assertEquals("In 3 days", marks("?from=2").at("/assignments/0/title").textValue());
        assertEquals("11 of 20", shown(marks("?from=19")).substring(0, 8), "a page is full");
        assertEquals("0 of 20", shown(marks("?from=-4")).substring(0, 7));
        now = now.plus(Duration.ofDays(30));
        assertEquals("11 of 20", shown(marks("")).substring(0, 8));
    }

    @Test
    void aPageIsOfWhatIsLookedFor() {
        for (int day = 1; day <= 12; day++) {
            set(new Target.Run(1, 1), day, "absolute-value");
        }
        answerRight("/api/practice/" + set(new Target.Run(1, 1), 13, "mean") + "/mean");
        assertEquals("0 of 1: In 13 days", shown(marks("?words=in 13")));
        assertEquals(
                List.of("0", "100"),
                marks("?words=13").findValuesAsText("mark").stream().sorted().toList());
        assertEquals("0 of 0: ", shown(marks("?words=nowhere")));
        assertEquals("0 of 13", shown(marks("?words= ")).substring(0, 7));
    }

    @Test
    void aMarkSaysHowFarEachSkillIsTowardTheTarget() {
        String id = set(new Target.Run(2, 2), 3, "absolute-value", "scientific-notation");
        answerRight("/api/practice/" + id + "/absolute-value");
        JsonNode cell = own().at("/cells/0");
        assertEquals(
                "true 0 2 25",
                cell.at("/begun") + " " + cell.at("/reached") + " " + cell.at("/skills") + " " + cell.at("/percent"));
        onward("/api/practice/" + id + "/absolute-value", "NEXT");
        answerRight("/api/practice/" + id + "/absolute-value");
        assertEquals("1 50", own().at("/cells/0/reached") + " " + own().at("/cells/0/percent"));
    }

    @Test
    void theMeanIsOfWhatWasDueByNow() {
        String early = set(new Target.Run(1, 1), 1, "absolute-value");
        set(new Target.Run(1, 1), 2, "scientific-notation");
        set(new Target.Run(1, 1), 90, "mean");
        answerRight("/api/practice/" + early + "/absolute-value");
        assertTrue(mean().isMissingNode(), "nothing was due yet");
        now = now.plus(Duration.ofDays(3));
        assertEquals(50, mean().intValue());
    }

    @Test
    void workAfterItsDateIsLate() {
        String id = set(new Target.Run(1, 1), 1, "absolute-value");
        assertFalse(own().at("/cells/0/late").booleanValue());
        now = now.plus(Duration.ofDays(2));
        assertTrue(own().at("/cells/0/late").booleanValue(), "open past its date");
        answerRight("/api/practice/" + id + "/absolute-value");
        assertTrue(own().at("/cells/0/late").booleanValue(), "reached past its date");
    }

    @Test
    void aQuizThatNobodyBeganIsLateAfterItsDate() {
        assignments.add(
                student.classId(),
                "Round",
                List.of("mean"),
                new Target.Quiz(100),
                Policy.DEFAULT,
                Optional.of(QuizPlan.usual(List.of("mean"), 2, 100)),
                Optional.empty(),
                now.plus(Duration.ofDays(1)));
        assertFalse(own().at("/cells/0/late").booleanValue());
        now = now.plus(Duration.ofDays(2));
        assertTrue(own().at("/cells/0/late").booleanValue());
        assertTrue(own().at("/cells/0/percent").isMissingNode(), "a quiz has points");
    }

    @Test
    void theTableAndTheFileSayTheSame() {
        String id = set(new Target.Score(80), 3, "absolute-value");
        answerRight("/api/practice/" + id + "/absolute-value");
        JsonNode table = instructor.get("/api/class/marks").body();
        List<Map<String, String>> rows = Csv.read(instructor.text("/api/class/marks.csv"));
        assertEquals(table.at("/rows").size(), rows.size());
        for (int i = 0; i < rows.size(); i++) {
            JsonNode row = table.at("/rows/" + i);
            JsonNode cell = row.at("/cells/0");
            assertEquals(row.at("/username").textValue(), rows.get(i).get("username"));
            assertEquals(cell.at("/percent").asText(), rows.get(i).get("percentoftarget"));
            assertEquals(
                    cell.at("/reached").asText() + " of " + cell.at("/skills").asText(),
                    rows.get(i).get("skillsreached") + " of " + rows.get(i).get("skills"));
            assertEquals(table.at("/assignments/0/due").textValue(), rows.get(i).get("due"));
        }
    }
}
