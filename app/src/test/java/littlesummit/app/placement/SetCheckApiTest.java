package littlesummit.app.placement;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.Duration;
import java.time.Instant;
import littlesummit.app.ClockedApiTest;
import org.junit.jupiter.api.Test;

/** The starting check as an assignment. */
class SetCheckApiTest extends ClockedApiTest {
    private static final String WISH = "{\"title\":\"What do you"
            + " know?\",\"skills\":[],\"target\":\"check\",\"policy\":{\"openTries\":3,\"choiceTries\":1,"
            + "\"allTries\":2,\"freeForms\":1,"
            + "\"hints\":true,\"example\":true,\"similar\":true,\"lineCheck\":\"AFTER_MISS\","
            + "\"calculator\":\"AS_ITEM\",\"work\":\"OPTIONAL\"},\"due\":\"2026-05-10T20:00:00Z\",\"students\":[]}";

    private void everythingIsNew() {
        JsonNode view =
                client.post("/api/check/start", "{\"wholeCourse\":true}").body();
        while (!view.at("/running").isMissingNode()) {
            view = client.post(
                            "/api/check/answer",
                            "{\"itemId\":\"" + view.at("/running/item/id").textValue()
                                    + "\",\"isNew\":true,\"entries\":[]}")
                    .body();
        }
        now = now.plus(Duration.ofHours(1));
    }

    private JsonNode due() {
        return client.get("/api/due").body().at("/assignments/0");
    }

    @Test
    void itIsDueUntilItIsTaken() {
        assertEquals(200, instructor.post("/api/class/assignments", WISH).status());
        assertTrue(due().at("/check").booleanValue());
        assertFalse(due().at("/finished").booleanValue());
        everythingIsNew();
        assertTrue(due().at("/finished").booleanValue());
        assertEquals(
                1,
                instructor
                        .get("/api/class/assignments")
                        .body()
                        .at("/all/0/finished")
                        .intValue());
    }

    @Test
    void oneThatWasTakenBeforeItWasSetDoesNotCountAndMayBeTakenAgainAtOnce() {
        everythingIsNew();
        assertFalse(client.get("/api/check").body().at("/refusal").textValue().isEmpty());
        instructor.post("/api/class/assignments", WISH);
        assertFalse(due().at("/finished").booleanValue());
        assertEquals("", client.get("/api/check").body().at("/refusal").textValue());
        everythingIsNew();
        assertTrue(due().at("/finished").booleanValue());
        assertFalse(client.get("/api/check").body().at("/refusal").textValue().isEmpty());
    }

    @Test
    void itIsLateAfterItsDateAndHasNoMark() {
        instructor.post("/api/class/assignments", WISH);
        now = Instant.parse("2026-05-12T08:00:00Z");
        assertTrue(due().at("/late").booleanValue());
        JsonNode row = instructor.get("/api/class/marks").body().at("/rows/0");
        assertTrue(row.at("/mean").isMissingNode() || row.at("/mean").isNull(), row.toString());
    }

    @Test
    void aCheckIsNoPlaceToPractise() {
        String id = instructor
                .post("/api/class/assignments", WISH)
                .body()
                .at("/all/0/id")
                .textValue();
        int status = client.get("/api/practice/" + id + "/mean").status();
        assertTrue(status >= 400 && status < 500, "status " + status);
    }
}
