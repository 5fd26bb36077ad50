package littlesummit.app.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import littlesummit.app.ApiTest;
import littlesummit.app.Client;
import littlesummit.app.Client.Answer;
import littlesummit.app.ToCome;
import littlesummit.app.assignment.Assignment;
import littlesummit.app.people.Person;
import littlesummit.app.people.Role;
import littlesummit.content.Catalogue;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Parser;
import littlesummit.core.math.Polynomial;
import littlesummit.core.math.RationalFunction;
import littlesummit.core.math.Syntax;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

class PracticeApiTest extends ApiTest {
    @Autowired
    private PracticeService practice;

    @Autowired
    private PracticeRecord record;

    private String path;

    @BeforeEach
    void anAssignment() {
        path = assigned(new Target.Score(80), Policy.DEFAULT, "scientific-notation");
    }

    private String right(String id) {
        return itemOf(id).parts().getFirst().fields().getFirst().answer().expected();
    }

    private static String check(String itemId, String entry) {
        return "{\"itemId\":\"" + itemId + "\",\"part\":0,\"entries\":{\"answer\":\"" + entry
                + "\"},\"confirmed\":false}";
    }

    private JsonNode open() {
        return client.get(path).body();
    }

    @Test
    void theSameItemIsThereAgainWithTheDraftAndTheLines() {
        String id = open().at("/item/id").textValue();
        client.put("/api/items/" + id + "/draft", "{\"entries\":[{\"answer\":\"4.\"}]}");
        client.put("/api/items/" + id + "/work", lines("a line", "4.7 x 1000"));

        JsonNode again = open();
        assertEquals(id, again.at("/item/id").textValue());
        assertEquals("4.", again.at("/item/draft/0/answer").textValue());
        assertEquals(
                "4.7 x 1000",
                client.get("/api/items/" + id + "/work")
                        .body()
                        .at("/lines/1/text")
                        .textValue());
    }

    @Test
    void aDraftOfAnItemThatWasGoneOnFromIsRefusedAndLeavesNothingToChooseFrom() {
        String id = open().at("/item/id").textValue();
        String draft = "/api/items/" + id + "/draft";
        String opened = client.put(draft, "{\"entries\":[{\"answer\":\"4\"}]}").tag();
        client.put(draft, "{\"entries\":[{\"answer\":\"5\"}]}");
        String late = "{\"entries\":[{\"answer\":\"46\"}]}";
        assertEquals(412, client.put(draft, late, opened).status());

        client.post(path + "/check", check(id, right(id)));
        assertEquals(409, client.put(draft, late, opened).status());
        client.post(path + "/next", "{\"itemId\":\"" + id + "\",\"onward\":\"NEXT\"}");
        assertEquals(409, client.put(draft, late, opened).status());
    }

    @Test
    void noResponseHoldsTheKeyBeforeTheItemIsClosed() {
        JsonNode view = open();
        String id = view.at("/item/id").textValue();
        client.post(path + "/check", check(id, "1"));
        client.post(path + "/example", "{\"itemId\":\"" + id + "\"}");
        for (int i = 0; i < 3; i++) {
            client.post(path + "/hint", "{\"itemId\":\"" + id + "\"}");
        }
        String text = client.get(path).text() + client.get("/api/due").text();
        Item item = itemOf(id);

        assertFalse(text.contains(right(id)), text);
        assertTrue(view.at("/item/parts/0/answers").isEmpty());
        assertFalse(text.contains("mistakes") || text.contains("expected") || text.contains("seed"), text);
        assertFalse(text.contains(item.worked().getLast().math().replace("\\", "\\\\")), text);
    }

    @Test
    void aDoubleClickOrAResendCountsOnce() {
        String id = open().at("/item/id").textValue();
        String key = UUID.randomUUID().toString();
        client.post(path + "/check", check(id, "17"), key);
        Answer again = client.post(path + "/check", check(id, "18"), key);

        assertEquals(2, again.body().at("/view/item/parts/0/triesLeft").intValue());
        assertEquals("17", again.body().at("/view/item/parts/0/entries/answer").textValue());
    }

    @Test
    void theSameEntryTwiceIsNotCountedTwice() {
        String id = open().at("/item/id").textValue();
        client.post(path + "/check", check(id, "17"));
        Answer again = client.post(path + "/check", check(id, "17"));

        assertTrue(again.body().at("/repeated").booleanValue());
        assertEquals(2, again.body().at("/view/item/parts/0/triesLeft").intValue());
    }

    @Test
    void anEntryThatDiffersFromTheLastLineIsAskedAboutFirst() {
        String id = open().at("/item/id").textValue();
        client.put("/api/items/" + id + "/work", lines("36"));
        Answer asked = client.post(path + "/check", check(id, "63"));
        assertEquals("36", asked.body().at("/conflict/lastLine").textValue());
        assertEquals(3, asked.body().at("/view/item/parts/0/triesLeft").intValue());

        Answer insisted = client.post(path + "/check", check(id, "63").replace("false", "true"));
        assertEquals(2, insisted.body().at("/view/item/parts/0/triesLeft").intValue());
    }

    /** A mark is sent as a tick; what is compared with the lines is the number there. */
    @Test
    void aMarkIsComparedAsTheNumberThatItStandsFor() {
        String marks = assigned(new Target.Score(100), Policy.DEFAULT, "fraction-line");
        Field field = itemOf(itemId(marks)).parts().getFirst().fields().getFirst();
        for (int i = 0; i < 60 && !(field.response() instanceof Response.MarkOnLine); i++) {
            answerRight(marks);
            onward(marks, "NEXT");
            field = itemOf(itemId(marks)).parts().getFirst().fields().getFirst();
        }
        String id = itemId(marks);
        String key = field.answer().key();
        String tick = field.response().sentFor(key);
        client.put("/api/items/" + id + "/work", lines(key));
        String unconfirmed = check(id, 0, Map.of(field.id(), tick)).replace("true}", "false}");
        JsonNode same = client.post(marks + "/check", unconfirmed).body();
        assertTrue(same.at("/conflict").isMissingNode(), same.toString());
        assertEquals("RIGHT", same.at("/view/item/parts/0/status").textValue(), same.toString());
    }

    @Test
    void anotherStudentsItemIsNotFound() {
        String id = open().at("/item/id").textValue();

        assertEquals(404, other.get("/api/items/" + id + "/work").status());
        assertEquals(404, other.put("/api/items/" + id + "/work", lines("mine")).status());
        assertEquals(
                404,
                other.put("/api/items/" + id + "/draft", "{\"entries\":[]}").status());
        assertEquals(404, other.post(path + "/check", check(id, "5")).status());
        assertEquals(
                404,
                other.post(path + "/solution", "{\"itemId\":\"" + id + "\"}").status());
        assertEquals(
                404,
                other.post(path + "/next", "{\"itemId\":\"" + id + "\",\"onward\":\"NEXT\"}")
                        .status());
    }

    @Test
    void anotherClassesAssignmentIsNotFound() {
        Person stranger = people.add(
                "x" + UUID.randomUUID().toString().substring(0, 8),
                "Stranger",
                Role.STUDENT,
                "pw",
                people.addClass("Else"));

        assertEquals(404, new Client(mvc, stranger).get(path).status());
    }

    @Test
    void badInputIsRefusedInAClearSentenceAndCountsNothing() {
        String id = open().at("/item/id").textValue();
        List<Answer> refused = List.of(
                client.post(path + "/check", "{\"itemId\":"),
                client.post(path + "/check", "[]"),
                client.post(
                        path + "/check",
                        "{\"itemId\":\"" + id + "\",\"part\":0,\"entries\":{\"answer\":null},\"confirmed\":false}"),
                client.post(path + "/check", check(id, "9".repeat(10_000))),
                client.post(path + "/check", check(id, "5").replace("answer", "forged")),
                client.post(path + "/check", check(id, "5").replace("\"part\":0", "\"part\":7")),
                client.post(path + "/check", check("forged", "5")),
                client.post(path + "/check", check(id, "5"), "k".repeat(100)),
                client.get("/api/practice/none/scientific-notation"),
                client.get(path.replace("scientific-notation", "none")),
                client.put("/api/items/" + id + "/work", lines("9".repeat(501))));
        for (Answer answer : refused) {
            assertTrue(answer.status() >= 400 && answer.status() < 500, answer.text());
            assertFalse(answer.body().at("/detail").textValue().isBlank(), answer.text());
            assertFalse(answer.text().contains("Exception"), answer.text());
        }
        assertEquals(3, open().at("/item/parts/0/triesLeft").intValue());
    }

    @Test
    void fromNothingToTheTargetTheReplayedLogAgrees() {
        for (int i = 0; i < 6; i++) {
            String id = open().at("/item/id").textValue();
            client.post(path + "/check", check(id, right(id)));
            client.post(path + "/next", "{\"itemId\":\"" + id + "\",\"onward\":\"NEXT\"}");
        }
        JsonNode view = open();

        assertEquals(88, view.at("/target/stands").intValue());
        assertTrue(view.at("/target/reached").booleanValue());
        assertEquals(List.of(), record.differences());
    }

    @Test
    void aMissIsMadeGoodByAnotherLikeIt() {
        for (int i = 0; i < 3; i++) {
            String id = open().at("/item/id").textValue();
            client.post(path + "/check", check(id, right(id)));
            client.post(path + "/next", "{\"itemId\":\"" + id + "\",\"onward\":\"NEXT\"}");
        }
        String id = open().at("/item/id").textValue();
        client.post(path + "/solution", "{\"itemId\":\"" + id + "\"}");
        JsonNode missed = open();
        assertTrue(missed.at("/target/stands").intValue() < 49);
        assertTrue(missed.at("/item/solution/worked").size() >= 2);
        client.post(path + "/next", "{\"itemId\":\"" + id + "\",\"onward\":\"LIKE\"}");
        String like = open().at("/item/id").textValue();
        assertNotEquals(id, like);
        assertEquals(itemOf(id).ref().variant(), itemOf(like).ref().variant());
        client.post(path + "/check", check(like, right(like)));
        assertEquals(49, open().at("/target/stands").intValue());
    }

    @Test
    void everySkillCanBePractisedToItsTarget() {
        List<String> ids = someSkills();
        Assignment all = assignments.add(
                student.classId(), "Everything", ids, new Target.Score(80), Policy.DEFAULT, ToCome.NEXT_YEAR);
        for (String skill : ids) {
            PracticeService.Place place = new PracticeService.Place(student, all.id(), skill);
            for (int i = 0; i < 14; i++) {
                solve(place, practice.currentItem(place));
            }
            assertTrue(
                    practice.open(place).target().reached(),
                    skill + " stands at " + practice.open(place).target().stands());
        }
    }

    /** One of four; the long run takes all. */
    private static List<String> someSkills() {
        List<String> ids = new Catalogue().skills().stream().map(s -> s.id()).toList();
        int step = Boolean.getBoolean("thorough") ? 1 : 4;
        return IntStream.iterate(0, i -> i < ids.size(), i -> i + step)
                .mapToObj(ids::get)
                .toList();
    }

    private void solve(PracticeService.Place place, String id) {
        List<Part> parts = itemOf(id).parts();
        if (itemOf(id).isRead()) {
            String stroke = "{\"id\":\"a\",\"tool\":\"PEN\",\"width\":2.5,\"colour\":\"BLUE\",\"points\":"
                    + "[100,100,0.5,0,500,100,0.5,20]}";
            client.post("/api/items/" + id + "/ink", "{\"put\":[" + stroke + "],\"removed\":[]}");
        }
        for (int i = 0; i < parts.size(); i++) {
            java.util.Map<String, String> entries = new java.util.HashMap<>();
            parts.get(i)
                    .fields()
                    .forEach(f -> entries.put(
                            f.id(),
                            f.response() instanceof Response.PlotLine
                                    ? twoPoints(f.answer().expected())
                                    : f.response().sentFor(f.answer().key())));
            practice.check(
                    place,
                    new PracticeService.Attempt(id, i, entries, true),
                    UUID.randomUUID().toString());
        }
        instructor.post("/api/handed-in/" + id + "/read", "{\"credit\":100,\"comment\":\"\"}");
        practice.next(place, id, PracticeService.Onward.NEXT, UUID.randomUUID().toString());
    }

    /** Two points of y = ax + b. */
    private static String twoPoints(String equation) {
        Expr right = Parser.expr(equation.split("=")[1], Syntax.expression(java.util.Set.of("x")));
        RationalFunction line = Canonical.of(right);
        String at0 = line.num()
                .substitute("x", Polynomial.ZERO)
                .asRational()
                .orElseThrow()
                .toString();
        String at1 = line.num()
                .substitute("x", Polynomial.ONE)
                .asRational()
                .orElseThrow()
                .toString();
        return "(0, " + at0 + "), (1, " + at1 + ")";
    }

    @Test
    void nextWaitsForTheItemToBeClosed() {
        String id = open().at("/item/id").textValue();
        client.post(path + "/next", "{\"itemId\":\"" + id + "\",\"onward\":\"NEXT\"}");

        assertEquals(id, open().at("/item/id").textValue());
    }
}
