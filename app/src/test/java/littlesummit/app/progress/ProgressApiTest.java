package littlesummit.app.progress;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.Duration;
import java.util.List;
import java.util.stream.IntStream;
import littlesummit.app.ClockedApiTest;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import org.junit.jupiter.api.Test;

class ProgressApiTest extends ClockedApiTest {
    @Test
    void knownSkillsActiveTimeAndEveryItemAreSeen() {
        String path = assigned(new Target.Run(3, 3), Policy.DEFAULT, "scientific-notation");
        for (int i = 0; i < 3; i++) {
            answerRight(path);
            now = now.plus(Duration.ofMinutes(4));
            onward(path, "NEXT");
        }
        now = now.plus(Duration.ofHours(2));
        answerRight(path);

        JsonNode own = client.get("/api/progress").body();
        JsonNode today = own.at("/known/0");
        assertEquals(
                "2026-05-04 1 0",
                today.at("/date").textValue() + " " + today.at("/byPractice") + " " + today.at("/byCheck"));
        assertEquals(1, own.at("/known/1/due").intValue());
        assertEquals(12, own.at("/time/41/minutes").intValue());
        assertEquals(4, own.at("/assignments/0/skills/0/items").size());
        assertTrue(own.at("/assignments/0/finished").booleanValue());
        assertEquals(
                "UNAIDED_FIRST",
                own.at("/assignments/0/skills/0/items/0/outcome").textValue());
        String item = own.at("/assignments/0/skills/0/items/0/itemId").textValue();
        assertEquals(200, client.get("/api/book/" + item).status());
        assertEquals(
                "CORRECT",
                instructor.get("/api/book/" + item).body().at("/tries/0/result").textValue());
    }

    @Test
    void whatAsksForMoreIsNotFinished() {
        String path = assigned(new Target.Run(3, 3), Policy.DEFAULT, "scientific-notation", "mean");
        for (int i = 0; i < 3; i++) {
            answerRight(path);
            onward(path, "NEXT");
        }
        JsonNode course = client.get("/api/progress").body().at("/assignments/0");
        assertTrue(course.at("/skills/0/reached").booleanValue());
        assertFalse(course.at("/finished").booleanValue());
        answerRight("/api/practice/own/absolute-value");
        JsonNode own = client.get("/api/progress").body().at("/assignments/1");
        assertEquals("absolute-value", own.at("/skills/0/id").textValue());
        assertFalse(own.at("/finished").booleanValue());
    }

    @Test
    void theLatestAssignmentsComeFirstAndAllWhenTheyAreAskedFor() {
        List<String> ids = IntStream.rangeClosed(1, 22)
                .mapToObj(i -> assignments
                        .add(
                                student.classId(),
                                "Number " + i,
                                List.of("absolute-value"),
                                new Target.Run(3, 3),
                                Policy.DEFAULT,
                                now.plus(Duration.ofDays(i)))
                        .id())
                .toList();
        ids.forEach(id -> answerRight("/api/practice/" + id + "/absolute-value"));
        JsonNode own = client.get("/api/progress").body();
        assertEquals("20 2", own.at("/assignments").size() + " " + own.at("/earlier"));
        assertEquals("Number 3", own.at("/assignments/0/title").textValue());
        assertEquals("[1]", own.at("/assignments/0/skills/0/course").toString());
        JsonNode whole =
                instructor.get("/api/progress/" + student.id() + "?whole=true").body();
        assertEquals("22 0", whole.at("/assignments").size() + " " + whole.at("/earlier"));
        assertEquals("Number 1", whole.at("/assignments/0/title").textValue());
    }

    @Test
    void onlyOneselfAndTheInstructorOfTheClassSeeIt() {
        assertEquals(200, instructor.get("/api/progress/" + student.id()).status());
        assertEquals(403, other.get("/api/progress/" + student.id()).status());
        assertEquals(404, stranger.get("/api/progress/" + student.id()).status());
    }
}
