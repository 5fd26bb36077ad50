package littlesummit.app.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.List;
import java.util.Map;
import littlesummit.app.ApiTest;
import littlesummit.content.template.Templates;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Words alone, without a picture: handed in as they are, read by the instructor, then counted. */
class SaidApiTest extends ApiTest {
    private static final int PATIENCE = 600;
    private static final int MOST_MISSED = 12;
    private static final String WHY = """
          - id: why
            tiers: [1]
            draw: {n: 3..9, size: 12..24}
            frames: ["{n} shelves hold {size} cheeses each."]
            parts:
              - ask: Why does one multiply to find how many there are?
                field: {id: why, label: Why, kind: text, entry: Each shelf holds as many.}
                hints: ["How many are on one shelf?", "What is the same of all shelves?", "Draw two shelves."]
            worked:
              - {say: "All shelves together.", math: n * size}
              - {say: "That many cheeses.", math: value(n * size)}
        """;

    private String skill;
    private String path;
    private String item;

    @Autowired
    private ObjectMapper mapper;

    @Autowired
    private PracticeRecord record;

    @BeforeEach
    void anItemWithWordsIsServed() throws InterruptedException {
        skill = used(Templates.starter() + WHY);
        path = assigned(new Target.Score(80), Policy.DEFAULT, skill);
        item = itemId(path);
        // Whoever misses the others stays in the first tier.
        for (int i = 0; i < MOST_MISSED && !itemOf(item).isRead(); i++) {
            client.post(path + "/solution", "{\"itemId\":\"" + item + "\"}");
            onward(path, "NEXT");
            item = itemId(path);
        }
        assertTrue(itemOf(item).isRead(), "each kind comes in turn");
    }

    @Test
    void checksAndQuizzesAskNothingOfTheKind() {
        for (int i = 0; i < 30; i++) {
            assertFalse(
                    items.serveOpen(student.id(), "refresh", skill, 1).item().isRead());
        }
    }

    private String used(String text) throws InterruptedException {
        String body = mapper.createObjectNode().put("text", text).toString();
        JsonNode draft = instructor.post("/api/workbench", body).body();
        assertEquals(0, draft.at("/faults").size(), draft.toString());
        String id = draft.at("/id").asText();
        String proof = instructor.post("/api/workbench/" + id + "/proof", "").text();
        for (int i = 0; i < PATIENCE && !proof.contains("\"DONE\""); i++) {
            Thread.sleep(100);
            proof = instructor.get("/api/workbench/" + id + "/proof").text();
        }
        assertEquals(200, instructor.post("/api/workbench/" + id + "/use", "").status(), proof);
        return id;
    }

    private JsonNode say(String words) {
        return client.post(path + "/check", check(item, 0, Map.of("why", words)))
                .body();
    }

    private JsonNode target() {
        return client.get(path).body().at("/target");
    }

    @Test
    void noPictureBelongsToIt() {
        JsonNode shown = client.get(path).body().at("/item");
        assertTrue(shown.at("/toRead").booleanValue());
        assertFalse(shown.at("/picture").booleanValue());
        assertEquals("Said", shown.at("/parts/0/fields/0/response/kind").textValue());
        assertFalse(shown.toString().contains("holds as many."), "the example answer stays on the server");
    }

    @Test
    void theWordsAreHandedInWithNothingOnThePage() {
        int before = target().at("/stands").intValue();
        assertEquals(
                "UNAIDED_FIRST",
                say("There are as many cheeses on every shelf")
                        .at("/view/item/outcome")
                        .textValue());
        assertEquals(1, target().at("/pagesWaiting").intValue());
        assertEquals(before, target().at("/stands").intValue());
        JsonNode waiting = instructor.get("/api/handed-in").body().at("/waiting/0");
        assertEquals(item, waiting.at("/itemId").textValue());
        JsonNode page = instructor.get("/api/book/" + item).body();
        assertTrue(page.at("/tries").toString().contains("on every shelf"), page.toString());
        int hoped = target().at("/hoped").intValue();
        instructor.post("/api/handed-in/" + item + "/read", "{\"credit\":100,\"comment\":\"\"}");
        assertEquals(hoped, target().at("/stands").intValue());
        assertTrue(hoped > before);
        assertEquals(List.of(), record.differences());
    }

    @Test
    void whoGetsThemBackSaysMoreOnThePage() {
        say("There are as many cheeses on every shelf");
        instructor.post("/api/handed-in/" + item + "/send-back", "{\"comment\":\"Say more.\"}");
        String handIn = "/api/items/" + item + "/work/hand-in";
        assertEquals(409, client.post(handIn, "").status());
        client.put(
                "/api/items/" + item + "/work",
                "{\"lines\":[{\"text\":\"each shelf holds as many as the first\",\"struck\":false}]}");
        assertEquals(200, client.post(handIn, "").status());
        assertEquals(1, target().at("/pagesWaiting").intValue());
    }

    @Test
    void wordsThatSayNothingAreAskedBackAndCostNothing() {
        JsonNode asked = say("because");
        assertEquals("few-words", asked.at("/unread/0/reason").textValue());
        assertEquals(3, asked.at("/view/item/parts/0/triesLeft").intValue());
    }
}
