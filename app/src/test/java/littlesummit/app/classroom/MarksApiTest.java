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
        assertTrue(own().at("/mean").isMissingNode(), "nothing was due yet");
        now = now.plus(Duration.ofDays(3));
        assertEquals(50, own().at("/mean").intValue());
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
