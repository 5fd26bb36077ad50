package littlesummit.app.paper;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;
import littlesummit.app.ApiTest;
import littlesummit.app.Client;
import littlesummit.core.item.Part;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A student comes back to a sheet with paper in hand, and the instructor looks at the marks. */
class CopyApiTest extends ApiTest {
    private String copy;

    @BeforeEach
    void aSheet() {
        JsonNode sheet = instructor
                .post("/api/paper", SheetApiTest.wanted("scientific-notation", 3, false))
                .body();
        copy = "/api/paper/copies/" + sheet.at("/copies/0/code").asText();
    }

    private JsonNode view() {
        return client.get(copy).body();
    }

    private String itemId(int place) {
        return view().at("/places/" + place + "/item/id").asText();
    }

    private String keys(int place) {
        List<Part> parts = items.item(itemId(place)).orElseThrow().parts();
        return parts.stream()
                .map(part -> part.fields().stream()
                        .map(f -> "\"" + f.id() + "\":\""
                                + f.response().sentFor(f.answer().key()) + "\"")
                        .collect(Collectors.joining(",", "{", "}")))
                .collect(Collectors.joining(",", "{\"entries\":[", "]}"));
    }

    private String wrong(int place) {
        return keys(place).replaceAll(":\"[^\"]*\"", ":\"99999\"");
    }

    private Client.Answer answer(int place, String body) {
        return client.put(copy + "/places/" + place + "/answer", body);
    }

    private void onPaper(int place) {
        assertEquals(
                200,
                client.put(copy + "/places/" + place + "/on-paper", "{\"done\":true}")
                        .status());
    }

    private JsonNode solved() {
        for (int place = 0; place < 3; place++) {
            onPaper(place);
        }
        return client.put(copy + "/solutions", "{}").body();
    }

    private static List<String> earning(JsonNode place) {
        return StreamSupport.stream(place.at("/lines").spliterator(), false)
                .filter(line -> line.at("/mark").asInt() == 1)
                .map(line -> "\"" + line.at("/id").asText() + "\"")
                .toList();
    }

    @Test
    void whatIsTypedAndRightIsClosedAndAMissStaysOpenAndTellsNoAnswer() {
        JsonNode missed = answer(0, wrong(0)).body();
        assertEquals("MISSED", missed.at("/places/0/trial").asText());
        assertTrue(missed.at("/places/0/takesAnswer").asBoolean());
        assertFalse(missed.at("/places/0/item/parts/0/feedback").isEmpty());
        assertTrue(missed.at("/places/0/item/parts/0/answers").isEmpty());
        JsonNode right = answer(0, keys(0)).body();
        assertEquals("RIGHT", right.at("/places/0/trial").asText());
        assertFalse(right.at("/places/0/takesAnswer").asBoolean());
        assertTrue(right.at("/places/0/item/solution").isMissingNode());
        assertEquals("RIGHT", answer(0, wrong(0)).body().at("/places/0/trial").asText(), "it stays so");
    }

    @Test
    void whatCannotBeReadIsToldAndIsNoTry() {
        JsonNode odd = answer(1, keys(1).replaceAll(":\"[^\"]*\"", ":\"1..2\"")).body();
        assertEquals("OPEN", odd.at("/places/1/trial").asText());
        assertEquals(
                "unreadable",
                odd.at("/places/1/item/parts/0/feedback/0/verdict").asText());
        assertEquals("1..2", odd.at("/places/1/item/draft/0").iterator().next().asText(), "and it is kept");
    }

    @Test
    void nothingTellsAnAnswerBeforeTheSolutionsAreOpen() {
        for (JsonNode place : view().at("/places")) {
            assertTrue(place.at("/lines").isEmpty());
            assertTrue(place.at("/item/solution").isMissingNode());
            place.at("/item/parts")
                    .forEach(part -> assertTrue(part.at("/answers").isEmpty()));
        }
        String page = client.get("/api/book/" + itemId(0)).text();
        assertFalse(page.contains("\"worked\""), page);
        onPaper(0);
        Client.Answer early = client.put(copy + "/solutions", "{}");
        assertEquals(409, early.status());
        assertTrue(early.body().at("/detail").asText().contains("Try every item first"));
    }

    @Test
    void solutionsOpenWhenAllIsTriedAndThenTheWorkIsMarkedLineByLine() {
        answer(0, keys(0));
        onPaper(1);
        answer(2, wrong(2));
        JsonNode open = client.put(copy + "/solutions", "{}").body();
        assertTrue(open.at("/solved").asBoolean());
        JsonNode first = open.at("/places/0/lines");
        assertTrue(
                StreamSupport.stream(first.spliterator(), false)
                        .filter(l -> l.at("/id").asText().startsWith("answer"))
                        .allMatch(l -> l.at("/earned").asBoolean()),
                "what was typed and is right is there already");
        assertEquals(409, answer(1, keys(1)).status(), "nothing typed is graded any more");
        List<String> earned = earning(open.at("/places/1"));
        JsonNode marked = client.put(copy + "/marks", "{\"lines\":[[],[" + String.join(",", earned) + "],[]]}")
                .body();
        assertEquals(earned.size(), marked.at("/done/have").asInt());
        assertEquals("MARKED", marked.at("/done/stage").asText());
        assertTrue(client.type(copy + "/solutions.pdf").contains("pdf"));
        assertEquals(409, other.get(copy + "/solutions.pdf").status(), "another one has not tried it");
    }

    @Test
    void marksThatDoNotFitAreRefusedInASentence() {
        assertEquals(409, client.put(copy + "/marks", "{\"total\":1}").status());
        int most = solved().at("/most").asInt();
        Client.Answer many = client.put(copy + "/marks", "{\"total\":" + (most + 1) + "}");
        assertEquals(400, many.status());
        assertTrue(many.body().at("/detail").asText().contains("from 0 to " + most));
        assertEquals(400, client.put(copy + "/marks", "{}").status());
        assertEquals(
                400,
                client.put(copy + "/marks", "{\"lines\":[[\"step-99\"],[],[]]}").status());
        assertEquals(
                most,
                client.put(copy + "/marks", "{\"total\":" + most + "}")
                        .body()
                        .at("/done/have")
                        .asInt());
    }

    @Test
    void theInstructorAcceptsOrReturnsAndTheStudentMarksAgain() {
        instructor.put(
                "/api/paper/scale", "{\"grades\":[{\"from\":0,\"word\":\"begun\"},{\"from\":100,\"word\":\"sure\"}]}");
        int most = solved().at("/most").asInt();
        client.put(copy + "/marks", "{\"total\":" + most + "}");
        String standing = copy + "/students/" + student.id() + "/standing";
        assertEquals(
                403,
                client.put(standing, "{\"word\":\"ACCEPTED\",\"comment\":\"\"}").status());
        assertEquals(
                404,
                stranger.put(standing, "{\"word\":\"ACCEPTED\",\"comment\":\"\"}")
                        .status());
        instructor.put(standing, "{\"word\":\"RETURNED\",\"comment\":\"Look at item 2 again.\"}");
        JsonNode returned = view();
        assertEquals("RETURNED", returned.at("/done/stage").asText());
        assertEquals("Look at item 2 again.", returned.at("/done/comment").asText());
        client.put(copy + "/marks", "{\"total\":" + (most - 1) + "}");
        JsonNode accepted = instructor
                .put(standing, "{\"word\":\"ACCEPTED\",\"comment\":\"\"}")
                .body();
        assertEquals(most - 1, accepted.at("/done/have").asInt());
        assertEquals("begun", accepted.at("/done/word").asText());
        assertEquals(409, client.put(copy + "/marks", "{\"total\":1}").status());
        instructor.put(standing, "{\"word\":\"OPEN\",\"comment\":\"\"}");
        assertEquals(200, client.put(copy + "/marks", "{\"total\":1}").status());
    }

    @Test
    void theInstructorSeesWhoIsHowFar() {
        answer(0, keys(0));
        onPaper(1);
        JsonNode done = instructor.get("/api/paper").body().at("/sheets/0/copies/0/done/0");
        assertEquals(student.name(), done.at("/student").asText());
        assertEquals("OPENED", done.at("/stage").asText());
        assertEquals(2, done.at("/tried").asInt());
        assertEquals(1, done.at("/right").asInt());
        String mine = copy + "/students/" + student.id();
        assertEquals(3, instructor.get(mine).body().at("/places").size());
        assertEquals(403, other.get(mine).status());
        assertEquals(
                409,
                instructor
                        .put(mine + "/standing", "{\"word\":\"ACCEPTED\",\"comment\":\"\"}")
                        .status());
        other.get(copy);
        assertTrue(
                other.get("/api/paper").body().at("/sheets/0/copies/0/done").size() == 1,
                "a student sees only oneself");
    }

    @Test
    void workCanBeLaidBesideAnItemAndIsInTheBook() {
        String item = itemId(0);
        assertEquals(
                200,
                client.put("/api/items/" + item + "/work", lines("4.7 * 10^5")).status() / 100 * 100);
        JsonNode pages = client.get("/api/book").body().at("/pages");
        assertEquals(1, pages.size());
        assertEquals("On paper", pages.at("/0/assignment").asText());
        assertEquals(200, client.get("/api/book/" + item).status());
        assertEquals(404, other.get("/api/book/" + item).status());
    }

    @Test
    void aPlaceThatTheSheetDoesNotHaveAndFieldsThatNoItemHasAreRefused() {
        assertEquals(404, answer(3, "{\"entries\":[]}").status());
        assertEquals(404, answer(-1, "{\"entries\":[]}").status());
        assertEquals(400, answer(0, "{\"entries\":[{\"nothing\":\"1\"}]}").status());
        assertEquals(409, instructor.get(copy).status());
    }

    @Test
    void marksOnPaperStandInTheMarksAndCountForNothing() {
        int most = solved().at("/most").asInt();
        client.put(copy + "/marks", "{\"total\":" + most + "}");
        String csv = instructor.text("/api/class/marks.csv");
        assertTrue(csv.contains("At home,,no,100,"), csv);
        assertTrue(csv.contains(most + " of " + most + ", not accepted"), csv);
        instructor.put(copy + "/students/" + student.id() + "/standing", "{\"word\":\"ACCEPTED\",\"comment\":\"\"}");
        assertTrue(instructor.text("/api/class/marks.csv").contains(most + " of " + most + ", accepted"));
        assertTrue(instructor.get("/api/class/marks").body().at("/rows/0/mean").isMissingNode());
    }
}
