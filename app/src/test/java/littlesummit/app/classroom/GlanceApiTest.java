package littlesummit.app.classroom;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import littlesummit.app.ClockedApiTest;
import littlesummit.content.Catalogue;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import littlesummit.core.quiz.QuizPlan;
import org.junit.jupiter.api.Test;

class GlanceApiTest extends ClockedApiTest {
    private String set(int dueInDays, String skill) {
        String id = assignments
                .add(
                        student.classId(),
                        "Snow poles",
                        List.of(skill),
                        new Target.Run(2, 2),
                        Policy.DEFAULT,
                        now.plus(Duration.ofDays(dueInDays)))
                .id();
        return "/api/practice/" + id + "/" + skill;
    }

    private JsonNode own() {
        JsonNode rows = instructor.get("/api/class").body().at("/students");
        return rows.findParents("student").stream()
                .filter(r -> r.at("/student/id").textValue().equals(student.id()))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void whereSomebodyWorksAndSinceWhen() {
        assertTrue(own().at("/where").isMissingNode());
        answerRight(set(3, "absolute-value"));
        JsonNode where = own().at("/where");
        assertEquals(
                "Snow poles, Absolute value: 1 of 2",
                where.at("/assignment").textValue() + ", " + where.at("/skill").textValue() + ": " + where.at("/stands")
                        + " of " + where.at("/flag"));
        assertEquals(now, Instant.parse(own().at("/lastAt").textValue()));
    }

    @Test
    void ownChoiceIsAPlaceAsWell() {
        answerRight("/api/practice/own/absolute-value");
        assertEquals("Own choice", own().at("/where/assignment").textValue());
    }

    @Test
    void openAndLateAreCountedUntilAllIsReached() {
        String path = set(2, "absolute-value");
        set(9, "scientific-notation");
        assertEquals("2 0", own().at("/open") + " " + own().at("/late"));
        now = now.plus(Duration.ofDays(3));
        assertEquals("1 1", own().at("/open") + " " + own().at("/late"));
        answerRight(path);
        onward(path, "NEXT");
        answerRight(path);
        assertEquals("1 0 1", own().at("/open") + " " + own().at("/late") + " " + own().at("/known"));
    }

    @Test
    void minutesAreOfThisWeekInPracticeAndQuizzesAndWithoutPauses() {
        String path = set(3, "absolute-value");
        answerRight(path);
        now = now.plus(Duration.ofMinutes(6));
        onward(path, "NEXT");
        assertEquals(6, own().at("/minutesThisWeek").intValue());
        now = now.plus(Duration.ofMinutes(40));
        String quiz = "/api/quiz/"
                + assignments
                        .add(
                                student.classId(),
                                "Round",
                                List.of("mean"),
                                new Target.Quiz(100),
                                Policy.DEFAULT,
                                Optional.of(QuizPlan.usual(List.of("mean"), 1, 100)),
                                Optional.empty(),
                                now.plus(Duration.ofDays(5)))
                        .id();
        String item = client.post(quiz + "/start", "{}")
                .body()
                .at("/running/items/0/item/id")
                .textValue();
        now = now.plus(Duration.ofMinutes(5));
        client.put(quiz + "/items/" + item, "{\"entries\":[]}");
        assertEquals(11, own().at("/minutesThisWeek").intValue());
        now = now.plus(Duration.ofDays(8));
        assertEquals(0, own().at("/minutesThisWeek").intValue());
    }

    @Test
    void whoseAccountIsClosedIsCountedNowhere() {
        String path = set(3, "absolute-value");
        for (int i = 0; i < 4; i++) {
            miss(path);
            onward(path, "NEXT");
        }
        assertEquals(1, instructor.get("/api/class").body().at("/stuck").size());
        JsonNode closed = instructor
                .put("/api/class/students/" + student.id() + "/closed", "{\"closed\":true}")
                .body();
        assertEquals(
                "1 1 0",
                closed.at("/students").size() + " " + closed.at("/closed").size() + " "
                        + closed.at("/stuck").size());
        assertEquals(1, instructor.get("/api/class/marks").body().at("/rows").size());
        assertEquals(
                1,
                instructor
                        .get("/api/class/assignments")
                        .body()
                        .at("/all/0/students")
                        .intValue());
    }

    @Test
    void theMapHasItsSkillsAndAnEmptyClassNobody() {
        assertEquals(
                new Catalogue().skills().size(),
                instructor.get("/api/class").body().at("/skills").intValue());
        assertEquals(0, stranger.get("/api/class").body().at("/students").size());
        assertEquals(0, stranger.get("/api/class/marks").body().at("/rows").size());
        assertEquals(0, stranger.get("/api/class/assignments").body().at("/all").size());
    }
}
