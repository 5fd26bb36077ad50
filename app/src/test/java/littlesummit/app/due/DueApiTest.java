package littlesummit.app.due;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.StreamSupport;
import littlesummit.app.ClockedApiTest;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import littlesummit.core.quiz.QuizPlan;
import org.junit.jupiter.api.Test;

class DueApiTest extends ClockedApiTest {
    private String set(String title, Duration dueIn, String... skills) {
        return assignments
                .add(student.classId(), title, List.of(skills), new Target.Run(1, 1), Policy.DEFAULT, now.plus(dueIn))
                .id();
    }

    private JsonNode due() {
        return client.get("/api/due").body();
    }

    private static List<String> titles(JsonNode due) {
        return StreamSupport.stream(due.at("/assignments").spliterator(), false)
                .map(a -> a.at("/title").textValue())
                .toList();
    }

    @Test
    void saysHowSoonEachIsDue() {
        set("Tomorrow", Duration.ofDays(1), "mean");
        set("In a week", Duration.ofDays(8).minusSeconds(1), "mean");
        set("Later", Duration.ofDays(8), "mean");
        JsonNode due = due();
        assertEquals(List.of("Tomorrow", "In a week", "Later"), titles(due));
        assertEquals(List.of("SOON", "SOON", "LATER"), due.findValuesAsText("when"));
        assertEquals("2026-05-04T08:00:00Z", due.at("/now").textValue());
        now = now.plus(Duration.ofDays(2));
        assertEquals(List.of("PAST", "SOON", "SOON"), due().findValuesAsText("when"));
    }

    @Test
    void aRowSaysWhatTheTargetIsAndHowItIsAnswered() {
        set("Stores", Duration.ofDays(3), "mean");
        JsonNode row = due().at("/assignments/0");
        assertEquals("1 false", row.at("/flag") + " " + row.at("/byScore").booleanValue());
        assertFalse(row.at("/target").textValue().isBlank());
        assertTrue(row.at("/policy").size() > 1, "rules in sentences");
        assertFalse(row.at("/check").booleanValue());
        assertTrue(row.at("/quiz").isMissingNode());
    }

    @Test
    void goesOnWithWhatIsBegunAndThenWithWhatIsNot() {
        String id = set("Stores", Duration.ofDays(3), "mean", "absolute-value", "scientific-notation");
        assertEquals("mean", due().at("/assignments/0/resume").textValue());
        assertFalse(due().at("/assignments/0/started").booleanValue());

        client.get("/api/practice/" + id + "/absolute-value");
        assertEquals("absolute-value", due().at("/assignments/0/resume").textValue(), "begun, not done");
        assertTrue(due().at("/assignments/0/started").booleanValue());

        answerRight("/api/practice/" + id + "/absolute-value");
        JsonNode row = due().at("/assignments/0");
        assertEquals("mean", row.at("/resume").textValue(), "the first that is not done");
        assertEquals(List.of("false", "true", "false"), row.at("/skills").findValuesAsText("reached"));
        assertEquals(1, row.at("/skills/1/stands").intValue());
        assertEquals("[1]", row.at("/skills/1/course").toString(), "the picture of how it came along");
        assertFalse(row.at("/finished").booleanValue());
    }

    @Test
    void whatWasShownElsewhereIsKnown() {
        String first = set("First", Duration.ofDays(3), "absolute-value");
        set("Second", Duration.ofDays(4), "absolute-value");
        answerRight("/api/practice/" + first + "/absolute-value");
        JsonNode skill = due().at("/assignments/1/skills/0");
        assertTrue(skill.at("/known").booleanValue());
        assertFalse(skill.at("/started").booleanValue());
    }

    @Test
    void afterItsDateItIsLateUntilItIsFinishedAndStaysSo() {
        String id = set("Stores", Duration.ofDays(1), "absolute-value");
        assertFalse(due().at("/assignments/0/late").booleanValue());
        now = now.plus(Duration.ofDays(2));
        JsonNode due = due();
        assertTrue(due.at("/assignments/0/late").booleanValue());
        assertEquals("1 0", due.at("/late") + " " + due.at("/finished"));
        answerRight("/api/practice/" + id + "/absolute-value");
        JsonNode row = client.get("/api/due?all=true").body().at("/assignments/0");
        assertTrue(row.at("/finished").booleanValue());
        assertTrue(row.at("/late").booleanValue(), "finished after its date");
        assertTrue(row.at("/skills/0/late").booleanValue());
    }

    @Test
    void aQuizBelongsToWhatIsToBeFinished() {
        String id = assignments
                .add(
                        student.classId(),
                        "With a quiz",
                        List.of("absolute-value"),
                        new Target.Run(1, 1),
                        Policy.DEFAULT,
                        Optional.of(QuizPlan.usual(List.of("absolute-value"), 2, 100)),
                        Optional.empty(),
                        now.plus(Duration.ofDays(3)))
                .id();
        assertFalse(due().at("/assignments/0/quiz/open").booleanValue());
        answerRight("/api/practice/" + id + "/absolute-value");
        JsonNode row = due().at("/assignments/0");
        assertTrue(row.at("/quiz/open").booleanValue());
        assertFalse(row.at("/finished").booleanValue());
    }

    @Test
    void whatIsFinishedAndPastIsCountedAndComesWhenItIsAskedFor() {
        String done = set("Done", Duration.ofDays(1), "absolute-value");
        set("Running", Duration.ofDays(9), "mean");
        answerRight("/api/practice/" + done + "/absolute-value");
        assertEquals(List.of("Done", "Running"), titles(due()), "its date is not past yet");
        now = now.plus(Duration.ofDays(2));
        JsonNode due = due();
        assertEquals(List.of("Running"), titles(due));
        assertEquals("0 1", due.at("/late") + " " + due.at("/finished"));
        JsonNode all = client.get("/api/due?all=true").body();
        assertEquals(List.of("Done", "Running"), titles(all));
        assertEquals("0 1", all.at("/late") + " " + all.at("/finished"));
        assertEquals("[1]", all.at("/assignments/0/skills/0/course").toString());
    }

    @Test
    void ofMuchLateWorkTheLatestComesAtFirst() {
        IntStream.rangeClosed(1, 23).forEach(i -> set("Late " + i, Duration.ofHours(i), "mean"));
        set("Running", Duration.ofDays(9), "mean");
        now = now.plus(Duration.ofDays(2));
        JsonNode due = due();
        assertEquals(21, titles(due).size());
        assertEquals("Late 4", titles(due).getFirst());
        assertEquals("Running", titles(due).getLast());
        assertEquals(23, due.at("/late").intValue());
        assertEquals(24, titles(client.get("/api/due?all=true").body()).size());
    }
}
