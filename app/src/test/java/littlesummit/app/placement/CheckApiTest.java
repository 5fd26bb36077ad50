package littlesummit.app.placement;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import littlesummit.app.ClockedApiTest;
import littlesummit.content.Catalogue;
import littlesummit.core.item.Item;
import littlesummit.core.item.Part;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import org.junit.jupiter.api.Test;

class CheckApiTest extends ClockedApiTest {
    private JsonNode start(boolean wholeCourse) {
        return client.post("/api/check/start", "{\"wholeCourse\":" + wholeCourse + "}")
                .body();
    }

    private JsonNode say(String itemId, String entries, boolean isNew) {
        return client.post(
                        "/api/check/answer",
                        "{\"itemId\":\"" + itemId + "\",\"isNew\":" + isNew + ",\"entries\":" + entries + "}")
                .body();
    }

    private static String right(Item item) {
        List<String> parts = item.parts().stream().map(CheckApiTest::right).toList();
        return "[" + String.join(",", parts) + "]";
    }

    private static String right(Part part) {
        return "{"
                + String.join(
                        ",",
                        part.fields().stream()
                                .map(f -> "\"" + f.id() + "\":\""
                                        + f.response().sentFor(f.answer().key()).replace("\\", "\\\\") + "\"")
                                .toList())
                + "}";
    }

    private static Set<String> with(JsonNode map, String status) {
        Set<String> ids = new HashSet<>();
        map.at("/skills").forEach(s -> {
            if (s.at("/status").textValue().equals(status)) {
                ids.add(s.at("/id").textValue());
            }
        });
        return ids;
    }

    /** Knows what stands in the set and says of the rest that it is new. */
    private JsonNode wholeCheck(Set<String> knows) {
        JsonNode view = start(true);
        while (!view.at("/running").isMissingNode()) {
            String id = view.at("/running/item/id").textValue();
            Item item = itemOf(id);
            boolean known = knows.contains(item.ref().skill());
            view = say(id, known ? right(item) : "[]", !known);
        }
        return view;
    }

    @Test
    void fromStartToMapWithoutAWordOnRightAndWrong() {
        String running = start(true).at("/running").toString();
        assertFalse(running.contains("\"solution\"") || running.contains("\"outcome\""), running);
        JsonNode done = wholeCheck(Set.of("place-value", "compare-whole", "integer-add-subtract", "absolute-value"));
        int asked = done.at("/history/0/items").intValue();
        assertTrue(asked < new Catalogue().skills().size(), "asked " + asked);
        assertTrue(done.at("/last").size() > 20);
        assertEquals(asked, done.at("/history/0/asked").size());
        String first = done.at("/history/0/asked/0/itemId").textValue();
        assertEquals(200, client.get("/api/book/" + first).status());
        assertEquals(200, instructor.get("/api/book/" + first).status());
        assertEquals(404, other.get("/api/book/" + first).status());
        done.at("/last").forEach(s -> assertFalse(s.at("/why").textValue().isBlank()));

        JsonNode map = client.get("/api/map").body();
        assertTrue(
                with(map, "KNOWN").contains("place-value"), with(map, "KNOWN").toString());
        assertFalse(with(map, "READY").isEmpty());
        assertFalse(with(map, "LOCKED").isEmpty());
    }

    @Test
    void aCheckGoesOnWhereItWasLeft() {
        String first = start(true).at("/running/item/id").textValue();
        assertEquals(first, start(true).at("/running/item/id").textValue());
        assertEquals(
                first, client.get("/api/check").body().at("/running/item/id").textValue());
    }

    @Test
    void whatIsTypedAndNotSentIsThereAgain() {
        JsonNode item = start(true).at("/running/item");
        String field = item.at("/parts/0/fields/0/id").textValue();
        assertEquals(
                204,
                client.put(
                                "/api/items/" + item.at("/id").textValue() + "/draft",
                                "{\"entries\":[{\"" + field + "\":\"17\"}]}")
                        .status());
        assertEquals(
                "17",
                client.get("/api/check")
                        .body()
                        .at("/running/item/parts/0/entries/" + field)
                        .textValue());
    }

    @Test
    void anEmptyOrUnreadableAnswerCostsNothing() {
        String id = start(true).at("/running/item/id").textValue();
        assertEquals(
                400,
                client.post("/api/check/answer", "{\"itemId\":\"" + id + "\",\"isNew\":false,\"entries\":[]}")
                        .status());
        assertEquals(id, client.get("/api/check").body().at("/running/item/id").textValue());
        assertEquals(
                409,
                client.post("/api/check/answer", "{\"itemId\":\"other\",\"isNew\":true,\"entries\":[]}")
                        .status());
        assertEquals(
                409,
                other.post("/api/check/answer", "{\"itemId\":\"" + id + "\",\"isNew\":true,\"entries\":[]}")
                        .status());
    }

    @Test
    void anAnswerThatIsSentTwiceIsOneAnswer() {
        String first =
                "{\"itemId\":\"" + start(true).at("/running/item/id").textValue() + "\",\"isNew\":true,\"entries\":[]}";
        String then = client.post("/api/check/answer", first, "key")
                .body()
                .at("/running/item/id")
                .textValue();
        assertEquals(
                then,
                client.post("/api/check/answer", first, "key")
                        .body()
                        .at("/running/item/id")
                        .textValue());
        assertEquals(1, client.get("/api/check").body().at("/running/answered").intValue());
        assertEquals(409, client.post("/api/check/answer", first, "another").status());
    }

    @Test
    void takingItAgainFollowsTheRules() {
        wholeCheck(Set.of());
        assertTrue(client.get("/api/check").body().at("/refusal").textValue().contains("5 hours"));
        assertEquals(
                409, client.post("/api/check/start", "{\"wholeCourse\":true}").status());
    }

    private JsonNode onMap(String skill) {
        return client.get("/api/map").body().at("/skills").findParents("id").stream()
                .filter(s -> s.at("/id").textValue().equals(skill))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void theMapSaysHowLikelyASkillIsKnownAndWhyUntilPracticeSaysMore() {
        wholeCheck(Set.of("place-value"));
        JsonNode known = onMap("place-value");
        assertFalse(known.at("/said/why").textValue().isBlank());
        JsonNode unknown = onMap("absolute-value");
        assertFalse(unknown.at("/said/why").textValue().isBlank());
        assertTrue(unknown.at("/shownAt").isMissingNode());

        now = now.plus(Duration.ofHours(1));
        answerRight(assigned(new Target.Run(1, 1), Policy.DEFAULT, "absolute-value"));
        assertEquals("KNOWN", onMap("absolute-value").at("/status").textValue());
        assertTrue(onMap("absolute-value").at("/said").isMissingNode(), "practice has shown more since");
    }

    @Test
    void aLaterCheckOverTheCoursePutsBackWhatIsClearlyGone() {
        wholeCheck(Set.of("place-value", "compare-whole", "tile-length"));
        assertTrue(with(client.get("/api/map").body(), "KNOWN").contains("tile-length"));
        String practice = assigned(new Target.Score(100), Policy.DEFAULT, "scientific-notation");
        for (int i = 0; i < 36; i++) {
            answerRight(practice);
            now = now.plus(Duration.ofMinutes(9));
            onward(practice, "NEXT");
        }
        now = now.plus(Duration.ofDays(3));
        assertEquals("", client.get("/api/check").body().at("/refusal").textValue());
        JsonNode again = wholeCheck(Set.of("place-value", "compare-whole"));
        List<String> fell = texts(again.at("/history/0/fell"));
        assertTrue(fell.contains(new Catalogue().require("tile-length").name()), fell.toString());
        assertFalse(with(client.get("/api/map").body(), "KNOWN").contains("tile-length"));
        assertTrue(with(client.get("/api/map").body(), "KNOWN").contains("place-value"));
        assertFalse(onMap("tile-length").at("/fallenAt").isMissingNode());
        assertTrue(again.at("/refusal").textValue().contains("5 hours"));
    }

    private static List<String> texts(JsonNode array) {
        List<String> texts = new ArrayList<>();
        array.forEach(t -> texts.add(t.textValue()));
        return texts;
    }

    @Test
    void aShortCheckConfirmsOrPutsBackIntoPracticeAndPracticeBringsItBack() {
        String practice = assigned(new Target.Run(1, 1), Policy.DEFAULT, "scientific-notation");
        answerRight(practice);
        assertEquals(
                409, client.post("/api/check/start", "{\"wholeCourse\":false}").status());
        now = now.plus(Duration.ofDays(8));
        assertEquals(
                "scientific-notation",
                client.get("/api/check").body().at("/due/0/id").textValue());

        String id = start(false).at("/running/item/id").textValue();
        JsonNode confirmed = say(id, right(itemOf(id)), false);
        assertEquals(1, confirmed.at("/history/0/known").size());
        assertTrue(with(client.get("/api/map").body(), "KNOWN").contains("scientific-notation"));

        now = now.plus(Duration.ofDays(8));
        assertEquals(0, client.get("/api/check").body().at("/due").size());
        now = now.plus(Duration.ofDays(7));
        JsonNode fell = say(start(false).at("/running/item/id").textValue(), "[]", true);
        assertEquals("Powers of ten, both ways", fell.at("/history/0/fell/0").textValue());
        assertTrue(with(client.get("/api/map").body(), "IN_PROGRESS").contains("scientific-notation"));

        now = now.plus(Duration.ofHours(1));
        onward(practice, "NEXT");
        answerRight(practice);
        assertTrue(with(client.get("/api/map").body(), "KNOWN").contains("scientific-notation"));
    }

    @Test
    void theListAgreesWithTheMapAlsoAfterPractice() {
        wholeCheck(Set.of("place-value", "compare-whole"));
        agrees();
        String mean = assigned(
                new littlesummit.core.practice.Target.Run(1, 1),
                littlesummit.core.practice.Policy.DEFAULT,
                "absolute-value");
        answerRight(mean);
        agrees();
        JsonNode list = client.get("/api/check").body().at("/last");
        JsonNode reached = list.findParents("id").stream()
                .filter(s -> s.at("/id").textValue().equals("absolute-value"))
                .findFirst()
                .orElseThrow();
        assertEquals(
                "KNOWN You have shown it in practice.",
                reached.at("/standing").textValue() + " " + reached.at("/why").textValue());
    }

    private void agrees() {
        JsonNode map = client.get("/api/map").body();
        client.get("/api/check").body().at("/last").forEach(s -> {
            JsonNode node = map.findParents("status").stream()
                    .filter(n -> n.at("/id").textValue().equals(s.at("/id").textValue()))
                    .findFirst()
                    .orElseThrow();
            boolean known =
                    List.of("KNOWN", "REFRESH").contains(node.at("/status").textValue());
            assertEquals(
                    known,
                    s.at("/standing").textValue().equals("KNOWN"),
                    s.at("/id").textValue());
        });
    }

    @Test
    void theInstructorOpensItOnceMore() {
        wholeCheck(Set.of("place-value"));
        assertFalse(client.get("/api/check").body().at("/refusal").textValue().isEmpty());
        assertEquals(
                404,
                stranger.post("/api/class/students/" + student.id() + "/another-check", "{}")
                        .status());
        assertEquals(
                403,
                client.post("/api/class/students/" + student.id() + "/another-check", "{}")
                        .status());
        assertEquals(
                204,
                instructor
                        .post("/api/class/students/" + student.id() + "/another-check", "{}")
                        .status());
        assertEquals("", client.get("/api/check").body().at("/refusal").textValue());
        assertEquals(
                200, client.post("/api/check/start", "{\"wholeCourse\":true}").status());
    }
}
