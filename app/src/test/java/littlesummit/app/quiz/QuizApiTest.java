package littlesummit.app.quiz;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.TextNode;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import littlesummit.app.Client;
import littlesummit.app.ClockedApiTest;
import littlesummit.app.ToCome;
import littlesummit.core.item.Item;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import littlesummit.core.quiz.PointsScheme;
import littlesummit.core.quiz.QuizPlan;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

class QuizApiTest extends ClockedApiTest {
    private static final String NOTE = "{\"note\":\"I count the places the point moves to the left.\"}";

    @Autowired
    private QuizRecord record;

    private String quiz;

    @BeforeEach
    void aQuizOfTwoItems() {
        quiz = "/api/quiz/"
                + assignments
                        .add(
                                student.classId(),
                                "Round",
                                List.of("scientific-notation"),
                                new Target.Quiz(100),
                                Policy.DEFAULT,
                                Optional.of(new QuizPlan(
                                        List.of(new QuizPlan.Share("scientific-notation", 2)),
                                        45,
                                        3,
                                        100,
                                        PointsScheme.DEFAULT,
                                        Policy.Calculator.AS_ITEM,
                                        true)),
                                Optional.empty(),
                                ToCome.NEXT_YEAR)
                        .id();
    }

    @AfterEach
    void snapshotsAreTheFoldOfTheLog() {
        assertEquals(List.of(), record.differences());
    }

    private void pass(int minutes) {
        now = now.plus(Duration.ofMinutes(minutes));
    }

    private JsonNode start() {
        return client.post(quiz + "/start", "{}").body();
    }

    private String itemId(int slot) {
        return client.get(quiz).body().at("/running/items/" + slot + "/item/id").textValue();
    }

    private Client.Answer save(String item, String entry) {
        return client.put(quiz + "/items/" + item, "{\"entries\":[{\"answer\":\"" + entry + "\"}]}");
    }

    private void right(int slot) {
        String id = itemId(slot);
        Item item = itemOf(id);
        List<String> parts = new ArrayList<>();
        item.parts()
                .forEach(p -> parts.add("{"
                        + String.join(
                                ",",
                                p.fields().stream()
                                        .map(f -> "\"" + f.id() + "\":\""
                                                + f.response()
                                                        .sentFor(f.answer().key()) + "\"")
                                        .toList())
                        + "}"));
        assertEquals(
                204,
                client.put(quiz + "/items/" + id, "{\"entries\":[" + String.join(",", parts) + "]}")
                        .status());
    }

    private JsonNode submit(int round) {
        return client.post(quiz + "/submit", "{\"round\":" + round + "}").body();
    }

    private JsonNode result(int round) {
        return client.get(quiz + "/rounds/" + round).body();
    }

    private JsonNode correct(int round, int slot, String note) {
        return client.post(quiz + "/rounds/" + round + "/corrections/" + slot, note)
                .body();
    }

    @Test
    void theStartPageSaysEverythingAndGivesNoItem() {
        JsonNode page = client.get(quiz).body();
        assertEquals(2, page.at("/items").intValue());
        assertEquals(45, page.at("/minutes").intValue());
        assertEquals(3, page.at("/rounds").intValue());
        assertEquals(100, page.at("/target").intValue());
        assertEquals(40, page.at("/points/most").intValue());
        assertEquals("READY", page.at("/phase").textValue());
        assertTrue(page.at("/rules").size() >= 5);
        assertTrue(page.at("/running").isMissingNode());
    }

    @Test
    void nothingThatTellsLeavesTheServerWhileTheRoundIsOpen() {
        start();
        save(itemId(0), "17");
        String text = client.get(quiz).text();
        Item item = itemOf(itemId(0));
        JsonNode shown = client.get(quiz).body().at("/running/items/0/item");

        assertEquals("OPEN", shown.at("/parts/0/status").textValue());
        for (String empty : new String[] {"/parts/0/answers", "/parts/0/feedback", "/parts/0/hints"}) {
            assertEquals(0, shown.at(empty).size(), empty);
        }
        assertTrue(shown.at("/solution").isMissingNode()
                && shown.at("/example").isMissingNode()
                && shown.at("/outcome").isMissingNode());
        assertFalse(text.contains(item.parts().getFirst().hints().getFirst().substring(0, 12)));
        String page = client.get("/api/book/" + itemId(0)).text();
        assertFalse(page.contains("\"solution\""), page);
        assertEquals(404, client.get(quiz + "/rounds/1").status());
    }

    @Test
    void noHelpOfPracticeReachesAQuizItem() {
        start();
        String practice = quiz.replace("/quiz/", "/practice/") + "/scientific-notation";
        String own = "/api/practice/own/scientific-notation";
        client.get(own);
        String body = "{\"itemId\":\"" + itemId(0) + "\"}";
        assertEquals(409, client.get(practice).status());
        for (String help : new String[] {"/hint", "/example", "/solution"}) {
            assertTrue(client.post(practice + help, body).status() >= 400, help);
            assertTrue(client.post(own + help, body).status() >= 400, help);
        }
        assertEquals(
                404,
                client.post(own + "/lines", "{\"itemId\":\"" + itemId(0) + "\",\"lines\":[\"4.7\"]}")
                        .status());
        assertTrue(client.post(own + "/check", check(itemId(0), 0, java.util.Map.of("answer", "17")))
                        .status()
                >= 400);
    }

    @Test
    void whatIsSavedIsThereOnAnotherDeviceWithTheSameTimeLeft() {
        start();
        pass(7);
        save(itemId(1), "4.7 x 10^3");
        client.put(quiz + "/items/" + itemId(1) + "/flag", "{\"on\":true}");
        JsonNode again = new Client(mvc, student).get(quiz).body().at("/running");
        assertEquals(38 * 60, again.at("/secondsLeft").intValue());
        assertEquals(
                "4.7 x 10^3", again.at("/items/1/item/parts/0/entries/answer").textValue());
        assertTrue(again.at("/items/1/flagged").booleanValue());
        assertTrue(again.at("/items/1/answered").booleanValue());
        assertFalse(again.at("/items/0/answered").booleanValue());
    }

    @Test
    void beginningTwiceIsTheSameRound() {
        String first = start().at("/running/items/0/item/id").textValue();
        assertEquals(first, start().at("/running/items/0/item/id").textValue());
    }

    @Test
    void atTheEndOfTimeWhatIsSavedCountsAndLaterSavingIsRefusedClearly() {
        start();
        String late = itemId(1);
        right(0);
        pass(46);
        Client.Answer refused = save(late, "17");
        assertEquals(409, refused.status());
        assertTrue(refused.text().contains("time of this round is over"), refused.text());
        assertEquals("CORRECTING", client.get(quiz).body().at("/phase").textValue());
        assertEquals(50, result(1).at("/percent").intValue());
        assertEquals("EMPTY", result(1).at("/items/1/mark").textValue());
    }

    @Test
    void extraTimeIsTheStudentsOwn() {
        instructor.put("/api/class/students/" + student.id() + "/extra-time", "{\"percent\":50}");
        assertEquals(68, start().at("/minutes").intValue() + 1);
        pass(60);
        assertEquals(204, save(itemId(0), "17").status());
        assertEquals(45, other.get(quiz).body().at("/minutes").intValue());
    }

    @Test
    void aClockSetBackGivesNoTimeAndOneSetForwardTakesNoneThatIsSaved() {
        start();
        pass(40);
        right(0);
        pass(-300);
        assertEquals(5 * 60, client.get(quiz).body().at("/running/secondsLeft").intValue());
        pass(10_000);
        assertEquals(50, result(1).at("/percent").intValue());
    }

    @Test
    void threeStepsToFortyPoints() {
        start();
        right(0);
        assertEquals("10", submit(1).at("/points/have").textValue());
        assertEquals(409, client.post(quiz + "/start", "{}").status());

        JsonNode missed = result(1).at("/items/1");
        assertTrue(missed.at("/wantsNote").booleanValue());
        assertEquals(1, missed.at("/item/parts/0/answers").size());
        assertTrue(missed.at("/item/solution/worked").size() > 0);
        assertTrue(
                correct(1, 1, "{\"note\":\"oops\"}").at("/detail").textValue().contains("too short"));
        StringBuilder explanation = new StringBuilder();
        missed.at("/item/solution/worked")
                .forEach(step -> explanation.append(step.at("/say").textValue()).append(' '));
        assertTrue(
                client.post(quiz + "/rounds/1/corrections/1", "{\"note\":" + new TextNode(explanation.toString()) + "}")
                        .text()
                        .contains("words of the explanation"));
        correct(1, 1, NOTE);
        assertEquals("15", client.get(quiz).body().at("/points/have").textValue());
        assertEquals(409, client.post(quiz + "/rounds/1/corrections/0", NOTE).status());

        String before = result(1).at("/items/0/item/id").textValue();
        start();
        assertEquals(itemOf(before).ref().tier(), itemOf(itemId(0)).ref().tier());
        assertFalse(itemOf(before).fingerprint().equals(itemOf(itemId(0)).fingerprint()));
        right(0);
        right(1);
        JsonNode done = submit(2);
        assertEquals("FINISHED", done.at("/phase").textValue());
        assertEquals("40", done.at("/points/have").textValue());
        assertEquals(
                1, client.get("/api/book?words=point moves").body().at("/pages").size());
        assertTrue(
                client.get("/api/due").body().at("/assignments/0/quiz/finished").booleanValue());
    }

    @Test
    void submittingTwiceOrFromAnOldTabEndsNoOtherRound() {
        start();
        submit(1);
        correct(1, 0, NOTE);
        correct(1, 1, NOTE);
        start();
        assertEquals(2, submit(1).at("/running/number").intValue());
    }

    @Test
    void workOfARoundIsHandedInWithIt() {
        start();
        String item = itemId(0);
        client.put("/api/items/" + item + "/work", lines("4.7 x 1000"));
        assertTrue(client.get(quiz).body().at("/running/items/0/worked").booleanValue());
        submit(1);
        assertEquals(
                item,
                instructor.get("/api/handed-in").body().at("/waiting/0/itemId").textValue());
    }

    @Test
    void badRequestsAreRefusedAndLoseNothing() {
        start();
        String item = itemId(0);
        save(item, "17");
        for (String bad : new String[] {
            "{}",
            "{\"entries\":null}",
            "{\"entries\":[{\"nothing\":\"1\"}]}",
            "{\"entries\":[{\"answer\":null}]}",
            "{\"entries\":[{},{},{},{},{},{}]}",
            "7",
            "{\"entries\":[{\"answer\":\"" + "9".repeat(501) + "\"}]}"
        }) {
            assertEquals(400, client.put(quiz + "/items/" + item, bad).status(), bad);
        }
        assertEquals(
                "17",
                client.get(quiz)
                        .body()
                        .at("/running/items/0/item/parts/0/entries/answer")
                        .textValue());
        assertEquals(
                409, client.put(quiz + "/items/nothing", "{\"entries\":[]}").status());
    }

    @Test
    void nobodyElseIsInThisQuiz() {
        start();
        String item = itemId(0);
        assertEquals(409, other.put(quiz + "/items/" + item, "{\"entries\":[]}").status());
        other.post(quiz + "/start", "{}");
        assertEquals(409, other.put(quiz + "/items/" + item, "{\"entries\":[]}").status());
        assertEquals(404, stranger.get(quiz).status());
    }

    @Test
    void aQuizAtTheEndOpensWhenItsSkillsAreReached() {
        String id = assignments
                .add(
                        student.classId(),
                        "Both",
                        List.of("scientific-notation"),
                        new Target.Run(1, 1),
                        Policy.DEFAULT,
                        Optional.of(QuizPlan.usual(List.of("scientific-notation"), 2, 100)),
                        Optional.empty(),
                        ToCome.NEXT_YEAR)
                .id();
        assertEquals(
                "Powers of ten, both ways",
                client.get("/api/quiz/" + id).body().at("/opensAfter/0").textValue());
        assertEquals(409, client.post("/api/quiz/" + id + "/start", "{}").status());
        answerRight("/api/practice/" + id + "/scientific-notation");
        assertEquals(0, client.get("/api/quiz/" + id).body().at("/opensAfter").size());
        assertEquals(
                "RUNNING",
                client.post("/api/quiz/" + id + "/start", "{}")
                        .body()
                        .at("/phase")
                        .textValue());
    }
}
