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
    private static final String FIELD = "{id: total, label: Apples, kind: number, form: integer, answer: total}";
    private static final String MISTAKES = """
                mistakes:
                  - {value: n + size, slip: added, say: "The apples of every crate count. How many are in two crates?"}
                  - {value: total - size, slip: one-too-few, say: "It looks as if one crate was left out."}
                naive: {adds: n + size}
        """;

    private String path;
    private String item;

    @Autowired
    private ObjectMapper mapper;

    @Autowired
    private PracticeRecord record;

    @BeforeEach
    void anItemWithWordsIsServed() throws InterruptedException {
        String text = Templates.starter()
                .replace("How many apples is that?", "Why does one multiply here?")
                .replace(FIELD, "{id: why, label: Why, kind: text, entry: Each crate holds as many.}")
                .replace(MISTAKES, "");
        path = assigned(new Target.Score(80), Policy.DEFAULT, used(text));
        item = itemId(path);
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
                say("There are as many apples in every crate")
                        .at("/view/item/outcome")
                        .textValue());
        assertEquals(1, target().at("/pagesWaiting").intValue());
        assertEquals(before, target().at("/stands").intValue());
        JsonNode waiting = instructor.get("/api/handed-in").body().at("/waiting/0");
        assertEquals(item, waiting.at("/itemId").textValue());
        JsonNode page = instructor.get("/api/book/" + item).body();
        assertTrue(page.at("/tries").toString().contains("in every crate"), page.toString());
        int hoped = target().at("/hoped").intValue();
        instructor.post("/api/handed-in/" + item + "/read", "{\"credit\":100,\"comment\":\"\"}");
        assertEquals(hoped, target().at("/stands").intValue());
        assertTrue(hoped > before);
        assertEquals(List.of(), record.differences());
    }

    @Test
    void whoGetsThemBackSaysMoreOnThePage() {
        say("There are as many apples in every crate");
        instructor.post("/api/handed-in/" + item + "/send-back", "{\"comment\":\"Say more.\"}");
        String handIn = "/api/items/" + item + "/work/hand-in";
        assertEquals(409, client.post(handIn, "").status());
        client.put(
                "/api/items/" + item + "/work",
                "{\"lines\":[{\"text\":\"each crate holds as many as the first\",\"struck\":false}]}");
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
