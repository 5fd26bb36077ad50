package littlesummit.app.working;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import littlesummit.app.ApiTest;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class WorkApiTest extends ApiTest {
    private static final Policy REQUIRED = new Policy(
            3, 1, 2, 1, true, true, true, Policy.LineCheck.ALWAYS, Policy.Calculator.AS_ITEM, Policy.Work.REQUIRED);
    private String practice;
    private String item;
    private String page;

    @BeforeEach
    void anItemWhoseWorkIsRequired() {
        practice = assigned(new Target.Score(80), REQUIRED, "scientific-notation");
        item = itemId(practice);
        page = "/api/items/" + item;
    }

    private static String stroke(String id, String points) {
        return "{\"id\":\"" + id + "\",\"tool\":\"PEN\",\"width\":2.5,\"colour\":\"BLUE\",\"points\":" + points + "}";
    }

    private static String ink(String put, String removed) {
        return "{\"put\":[" + put + "],\"removed\":[" + removed + "]}";
    }

    private int draw(String put, String removed) {
        return client.post(page + "/ink", ink(put, removed))
                .body()
                .at("/strokes")
                .intValue();
    }

    private String state() {
        return client.get(page + "/work").body().at("/state/kind").textValue();
    }

    @Test
    void aStrokeSentTwiceIsThereOnceAndAnErasedOneIsGone() {
        assertEquals(1, draw(stroke("a", "[1,2,0.5,0]"), ""));
        assertEquals(2, draw(stroke("a", "[1,2,0.5,0]") + "," + stroke("b", "[3,4,0.5,0]"), ""));
        assertEquals(1, draw("", "\"a\",\"never\""));
        assertEquals("b", client.get(page + "/ink").body().at("/work/0/id").textValue());
    }

    @Test
    void aMovedStrokeKeepsItsPlaceInTheOrder() {
        draw(stroke("a", "[1,2,0.5,0]") + "," + stroke("b", "[3,4,0.5,0]"), "");
        draw(stroke("a", "[100,2,0.5,0]"), "");
        JsonNode work = client.get(page + "/ink").body().at("/work");
        assertEquals("a", work.at("/0/id").textValue());
        assertEquals(100, work.at("/0/points/0").intValue());
    }

    @Test
    void badStrokesAreRefusedAndNothingIsLost() {
        draw(stroke("a", "[1,2,0.5,0]"), "");
        for (String bad : new String[] {
            stroke("b", "[1,2,0.5]"),
            stroke("", "[1,2,0.5,0]"),
            stroke("b", "[]"),
            stroke("b", "[1e9,2,0.5,0]"),
            "null",
            "{}",
            "7"
        }) {
            assertEquals(400, client.post(page + "/ink", ink(bad, "")).status(), bad);
        }
        assertEquals(1, client.get(page + "/ink").body().at("/work").size());
    }

    @Test
    void theInstructorMarksInALayerOfTheirOwn() {
        draw(stroke("a", "[1,2,0.5,0]"), "");
        assertEquals(
                1,
                instructor
                        .post(page + "/ink", ink(stroke("m", "[5,5,0.5,0]"), "\"a\""))
                        .body()
                        .at("/strokes")
                        .intValue());
        draw("", "\"m\"");
        draw(stroke("m", "[9,9,0.5,0]"), "");
        JsonNode ink = client.get(page + "/ink").body();
        assertEquals(1, ink.at("/work").size());
        assertEquals(5, ink.at("/marks/0/points/0").intValue());
    }

    @Test
    void nobodyElseSeesOrChangesThePage() {
        draw(stroke("a", "[1,2,0.5,0]"), "");
        for (String door : new String[] {"/ink", "/work", "/work.svg", "/work.inkml", "/work.txt", "/work.tex"}) {
            assertEquals(404, other.get(page + door).status(), door);
            assertEquals(404, stranger.get(page + door).status(), door);
            assertEquals(
                    200,
                    instructor
                            .get(page + door.replace("svg", "none").replace("/work.none", "/work"))
                            .status(),
                    door);
        }
        assertEquals(
                404,
                other.post(page + "/ink", ink(stroke("x", "[1,2,0.5,0]"), "")).status());
        assertEquals(404, instructor.put(page + "/work", lines("not theirs")).status());
        assertEquals(404, instructor.post(page + "/work/hand-in", "{}").status());
        assertEquals(404, other.post(page + "/work/hand-in", "{}").status());
        assertEquals(403, client.get("/api/handed-in").status());
        assertEquals(
                403,
                client.post("/api/handed-in/" + item + "/read", "{\"credit\":100,\"comment\":\"\"}")
                        .status());
    }

    @Test
    void struckLinesAreKeptAndNotCounted() {
        client.put(
                page + "/work",
                "{\"lines\":[{\"text\":\"x = 1\",\"struck\":true},{\"text\":\"\",\"struck\":false},{\"text\":\"x ="
                        + " 2\",\"struck\":false}]}");
        JsonNode lines = client.get(page + "/work").body().at("/lines");
        assertEquals(3, lines.size());
        assertTrue(lines.at("/0/struck").booleanValue());
        assertEquals("", lines.at("/1/text").textValue());
        assertEquals("x = 2", lines.at("/2/text").textValue());
    }

    private JsonNode view() {
        return client.get(practice).body();
    }

    private String stands() {
        JsonNode target = view().at("/target");
        return target.at("/stands") + " " + target.at("/hoped") + " " + target.at("/pagesWaiting");
    }

    private littlesummit.app.Client.Answer showWork() {
        return client.post(practice + "/work-shown", "{\"itemId\":\"" + item + "\"}");
    }

    @Test
    void aRightAnswerWaitsForWorkThatIsMoreThanNothing() {
        answerRight(practice);
        assertTrue(view().at("/item/needsWork").booleanValue());
        assertTrue(view().at("/item/outcome").isMissingNode());
        assertTrue(view().at("/item/solution").isMissingNode(), "the solution could be copied as work");
        assertEquals(0, client.get(practice).text().split("worked").length - 1);
        assertEquals("0 0 0", stands());
        assertTrue(showWork().text().contains("nothing on your page"), "an empty page");
        client.put(page + "/work", lines("7"));
        var refused = showWork();
        assertEquals(409, refused.status());
        assertTrue(refused.text().contains("how you got your answer"), refused.text());
        assertEquals("Kept", state());

        client.put(page + "/work", lines("4.7 x 1000"));
        assertEquals(200, showWork().status());
        assertEquals("HandedIn", state());
        assertEquals("UNAIDED_FIRST", view().at("/item/outcome").textValue());
        assertTrue(view().at("/history/0/waiting").booleanValue());
        assertEquals("0 18 1", stands());
        assertEquals(
                "0 18 1",
                client.get("/api/due").body().at("/assignments/0/skills/0").at("/stands") + " "
                        + client.get("/api/due").body().at("/assignments/0/skills/0/hoped") + " "
                        + client.get("/api/due").body().at("/assignments/0/skills/0/pagesWaiting"));
    }

    @Test
    void workThatStandsThereAlreadyGoesInWithTheAnswer() {
        client.put(page + "/work", lines("4.7 x 1000"));
        answerRight(practice);
        assertEquals("HandedIn", state());
        assertEquals("0 18 1", stands());
        onward(practice, "NEXT");
        assertEquals(2, view().at("/item/number").intValue());
    }

    @Test
    void readingGivesTheGainInProportionAndCanBeTakenBack() {
        client.put(page + "/work", lines("4.7 x 1000"));
        answerRight(practice);
        instructor.post("/api/handed-in/" + item + "/read", "{\"credit\":50,\"comment\":\"\"}");
        assertEquals("9 9 0", stands());
        assertEquals(
                200, instructor.post("/api/handed-in/" + item + "/unread", "{}").status());
        assertEquals("HandedIn", state());
        assertEquals("0 18 1", stands());
        assertEquals(
                409, instructor.post("/api/handed-in/" + item + "/unread", "{}").status());
        assertEquals(
                404, stranger.post("/api/handed-in/" + item + "/unread", "{}").status());
        assertEquals(
                403, client.post("/api/handed-in/" + item + "/unread", "{}").status());
    }

    @Test
    void requiredWorkGoesFromWaitingToSentBackToRead() {
        client.put(page + "/work", lines("4.7 x 1000"));
        answerRight(practice);
        assertEquals(
                item,
                instructor.get("/api/handed-in").body().at("/waiting/0/itemId").textValue());
        assertEquals(0, stranger.get("/api/handed-in").body().at("/waiting").size());

        instructor.post("/api/handed-in/" + item + "/send-back", "{\"comment\":\"Show how you counted the places.\"}");
        assertEquals("SentBack", state());
        assertEquals(
                "Show how you counted the places.",
                client.get("/api/due")
                        .body()
                        .at("/assignments/0/pagesBack/0/comment")
                        .textValue());
        assertEquals("0 18 1", stands());
        client.put(page + "/work", lines("4.7 x 1000", "three places"));
        client.post(page + "/work/hand-in", "{}");
        instructor.post("/api/handed-in/" + item + "/read", "{\"credit\":75,\"comment\":\"Clear now.\"}");

        JsonNode read = client.get(page + "/work").body().at("/state");
        assertEquals("Read", read.at("/kind").textValue());
        assertEquals(75, read.at("/credit").intValue());
        assertEquals("Clear now.", read.at("/comment").textValue());
        assertEquals("14 14 0", stands());
        assertEquals(0, instructor.get("/api/handed-in").body().at("/waiting").size());
    }

    @Test
    void aMissedItemNeedsNoWork() {
        miss(practice);
        assertEquals(2, onward(practice, "NEXT").at("/item/number").intValue());
    }

    @Test
    void workThatWasNotHandedInCannotBeRead() {
        client.put(page + "/work", lines("4.7"));
        assertEquals(
                409,
                instructor
                        .post("/api/handed-in/" + item + "/read", "{\"credit\":100,\"comment\":\"\"}")
                        .status());
        assertEquals(
                400,
                instructor
                        .post("/api/handed-in/" + item + "/read", "{\"credit\":101,\"comment\":\"\"}")
                        .status());
        assertEquals(
                400,
                instructor
                        .post("/api/handed-in/" + item + "/send-back", "{\"comment\":\"  \"}")
                        .status());
        assertEquals(
                404,
                stranger.post("/api/handed-in/" + item + "/read", "{\"credit\":100,\"comment\":\"\"}")
                        .status());
    }

    @Test
    void inkMlGoesOutAndComesInAgain() {
        draw(stroke("a", "[1,2,0.5,0,3,4,0.5,8]"), "");
        String file = client.text(page + "/work.inkml");
        assertTrue(file.contains("<trace"), file);
        String escaped = file.replace("\\", "\\\\").replace("\"", "\\\"").replace("\n", "\\n");
        assertEquals(
                2,
                client.post(page + "/ink/import", "{\"inkml\":\"" + escaped + "\"}")
                        .body()
                        .at("/strokes")
                        .intValue());
        assertEquals(
                400, client.post(page + "/ink/import", "{\"inkml\":\"no xml\"}").status());
    }

    @Test
    void savedCommentsAreTheInstructorsOwn() {
        instructor.post("/api/handed-in/comments", "{\"text\":\"Show every step.\"}");
        JsonNode saved = instructor
                .post("/api/handed-in/comments", "{\"text\":\"Show every step.\"}")
                .body();
        assertEquals(1, saved.size());
        assertEquals(0, stranger.get("/api/handed-in").body().at("/comments").size());
        assertEquals(
                0,
                instructor
                        .delete("/api/handed-in/comments/" + saved.at("/0/id").textValue())
                        .body()
                        .size());
    }

    @Test
    void theBookIsFoundByWordsAndSkillAndShowsTheAnswerOnlyWhenTheItemIsClosed() {
        client.put(page + "/work", lines("counted THREE places", "4.7 x 1000"));
        assertEquals(
                1,
                client.get("/api/book?words=three places").body().at("/pages").size());
        assertEquals(0, client.get("/api/book?words=four").body().at("/pages").size());
        assertEquals(
                0,
                client.get("/api/book?skill=percent-parts").body().at("/pages").size());
        assertEquals(
                0,
                client.get("/api/book/" + item)
                        .body()
                        .at("/item/parts/0/answers")
                        .size());
        assertTrue(client.get("/api/book/" + item).body().at("/item/solution").isMissingNode());
        miss(practice);
        onward(practice, "NEXT");
        assertEquals(
                1,
                client.get("/api/book/" + item)
                        .body()
                        .at("/item/parts/0/answers")
                        .size());
        assertEquals(404, other.get("/api/book/" + item).status());
        assertEquals(404, stranger.get("/api/book/" + item).status());
        assertEquals(200, instructor.get("/api/book/" + item).status());
        assertEquals(0, other.get("/api/book").body().at("/pages").size());
    }
}
