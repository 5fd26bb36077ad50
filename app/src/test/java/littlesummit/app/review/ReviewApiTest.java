package littlesummit.app.review;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import littlesummit.app.ClockedApiTest;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Three skills were reached, and eight days have gone by. */
class ReviewApiTest extends ClockedApiTest {
    private static final List<String> SKILLS = List.of("scientific-notation", "absolute-value", "integer-add-subtract");

    @BeforeEach
    void threeSkillsAreKnown() {
        SKILLS.forEach(skill -> answerRight(assigned(new Target.Run(1, 1), Policy.DEFAULT, skill)));
        now = now.plus(Duration.ofDays(8));
    }

    private JsonNode review() {
        return client.get("/api/review").body();
    }

    private JsonNode begin(String skills) {
        return client.post("/api/review/set", "{\"skills\":[" + skills + "]}").body();
    }

    private static String current(JsonNode review) {
        return review.at("/set/places/" + review.at("/set/current").intValue() + "/skillId")
                .textValue();
    }

    private String next(String skill) {
        return "{\"itemId\":\"" + itemId("/api/practice/refresh/" + skill) + "\"}";
    }

    private JsonNode known(String skill) {
        return review().at("/skills").findParents("id").stream()
                .filter(s -> s.at("/id").textValue().equals(skill))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void whatWasReachedAWeekAgoIsDue() {
        assertEquals(3, review().at("/skills").size());
        assertTrue(known("absolute-value").at("/isDue").booleanValue());
        assertEquals(
                "2026-05-11T08:00:00Z", known("absolute-value").at("/dueAt").textValue());
        assertTrue(review().at("/set").isMissingNode());
    }

    @Test
    void whatGoesRightInASetIsKeptForTwoWeeks() {
        JsonNode set = begin("");
        assertEquals(3, set.at("/set/places").size());
        while (set.at("/set/current").intValue() >= 0) {
            String skill = current(set);
            assertEquals(409, client.post("/api/review/set/next", next(skill)).status(), "still open");
            answerRight("/api/practice/refresh/" + skill);
            set = client.post("/api/review/set/next", next(skill)).body();
        }
        assertEquals(3, set.at("/set/places").findValues("outcome").size());
        SKILLS.forEach(skill -> {
            assertFalse(known(skill).at("/isDue").booleanValue(), skill);
            assertEquals(
                    now.plus(Duration.ofDays(14)),
                    Instant.parse(known(skill).at("/dueAt").textValue()),
                    skill);
        });
    }

    @Test
    void whatIsMissedStaysKnownAndStaysDue() {
        String skill = current(begin("\"absolute-value\""));
        miss("/api/practice/refresh/" + skill);
        JsonNode done = client.post("/api/review/set/next", next(skill)).body();
        assertEquals("MISSED", done.at("/set/places/0/outcome").textValue());
        assertEquals(-1, done.at("/set/current").intValue());
        assertTrue(known("absolute-value").at("/isDue").booleanValue());
        String map = client.get("/api/map").body().at("/skills").findParents("id").stream()
                .filter(s -> s.at("/id").textValue().equals("absolute-value"))
                .findFirst()
                .orElseThrow()
                .at("/status")
                .textValue();
        assertEquals("REFRESH", map);
    }

    @Test
    void practisingAKnownSkillOnceMoreRisksNothingAndARightAnswerConfirmsIt() {
        String path = "/api/practice/own/absolute-value";
        miss(path);
        onward(path, "NEXT");
        miss(path);
        assertTrue(known("absolute-value").at("/isDue").booleanValue(), "still known, still due");
        onward(path, "NEXT");
        answerRight(path);
        assertFalse(known("absolute-value").at("/isDue").booleanValue());
        assertEquals(now, Instant.parse(known("absolute-value").at("/shownAt").textValue()));
    }

    @Test
    void aResentStepCountsOnce() {
        String skill = current(begin(""));
        answerRight("/api/practice/refresh/" + skill);
        String step = next(skill);
        JsonNode first = client.post("/api/review/set/next", step).body();
        JsonNode again = client.post("/api/review/set/next", step).body();
        assertEquals(first.at("/set"), again.at("/set"));
        assertEquals(1, first.at("/set/current").intValue());
    }

    @Test
    void aSecondSetBringsAnotherItem() {
        begin("\"absolute-value\"");
        String path = "/api/practice/refresh/absolute-value";
        String before = itemId(path);
        answerRight(path);
        client.post("/api/review/set/next", next("absolute-value"));
        begin("\"absolute-value\"");
        JsonNode item = client.get(path).body().at("/item");
        assertFalse(item.at("/id").textValue().equals(before));
        assertTrue(item.at("/outcome").isMissingNode());
        assertEquals("second", item.at("/level").textValue());
    }

    @Test
    void onlyKnownSkillsCanBeMixedAndNothingDueIsSaid() {
        assertEquals(
                400,
                client.post("/api/review/set", "{\"skills\":[\"absolute-value\",\"mean\"]}")
                        .status());
        assertEquals(
                409, client.post("/api/review/set", "{\"skills\":[\"mean\"]}").status());
        assertEquals(409, other.post("/api/review/set", "{\"skills\":[]}").status());
        assertEquals(0, other.get("/api/review").body().at("/skills").size());
    }

    @Test
    void nobodyStepsOnWithSomebodyElsesItem() {
        String skill = current(begin(""));
        assertEquals(404, other.post("/api/review/set/next", next(skill)).status());
    }

    @Test
    void aSetCanBeEnded() {
        begin("");
        assertTrue(client.delete("/api/review/set").body().at("/set").isMissingNode());
        assertEquals(200, client.delete("/api/review/set").status());
    }
}
