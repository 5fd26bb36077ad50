package littlesummit.app.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Map;
import littlesummit.app.ApiTest;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** A picture that is drawn, with a sentence: handed in by the student, read by the instructor, then counted. */
class SketchApiTest extends ApiTest {
    private static final String WORDS = "There are equal parts and I shaded some of them";
    private String path;
    private String sketch;

    @Autowired
    private PracticeRecord record;

    @BeforeEach
    void aSketchIsServed() {
        path = assigned(new Target.Score(80), Policy.DEFAULT, "fraction-picture");
        sketch = itemId(path);
        while (!itemOf(sketch).isRead()) {
            answerRight(path);
            onward(path, "NEXT");
            sketch = itemId(path);
        }
    }

    private JsonNode say(String words) {
        return client.post(path + "/check", check(sketch, 0, Map.of("why", words)))
                .body();
    }

    private int showWork() {
        return client.post(path + "/work-shown", "{\"itemId\":\"" + sketch + "\"}")
                .status();
    }

    private void draw(String points) {
        String stroke = "{\"id\":\"a\",\"tool\":\"PEN\",\"width\":2.5,\"colour\":\"BLUE\",\"points\":" + points + "}";
        client.post("/api/items/" + sketch + "/ink", "{\"put\":[" + stroke + "],\"removed\":[]}");
    }

    private void drawAPicture() {
        draw("[100,100,0.5,0,500,100,0.5,20,500,300,0.5,40]");
    }

    private int stands() {
        return client.get(path).body().at("/target/stands").intValue();
    }

    @Test
    void itSaysThatAPictureBelongsToIt() {
        JsonNode item = client.get(path).body().at("/item");

        assertTrue(item.at("/toRead").booleanValue());
        assertEquals("InkWords", item.at("/parts/0/fields/0/response/kind").textValue());
        assertFalse(item.toString().contains("equal parts, and"), "the example answer stays on the server");
    }

    @Test
    void wordsThatSayNothingAreAskedBackAndCostNothing() {
        JsonNode asked = say("because");

        assertEquals("few-words", asked.at("/unread/0/reason").textValue());
        assertEquals(3, asked.at("/view/item/parts/0/triesLeft").intValue());
    }

    @Test
    void wordsAloneDoNotCloseItAndLinesAreNoPicture() {
        JsonNode view = say(WORDS).at("/view");
        assertTrue(view.at("/item/needsWork").booleanValue());
        assertEquals(409, showWork());
        client.put("/api/items/" + sketch + "/work", "{\"lines\":[{\"text\":\"3/5 = 6/10\",\"struck\":false}]}");
        assertEquals(409, showWork());
        draw("[100,100,0.5,0,104,100,0.5,20]");
        assertEquals(409, showWork());
    }

    @Test
    void withAPictureItIsHandedInAndCountsOnceItIsRead() {
        int before = stands();
        say(WORDS);
        drawAPicture();
        assertEquals(200, showWork());
        JsonNode waiting = client.get(path).body().at("/target");
        assertEquals(1, waiting.at("/pagesWaiting").intValue());
        assertEquals(before, waiting.at("/stands").intValue());
        assertTrue(waiting.at("/hoped").intValue() > before);

        assertEquals(
                sketch,
                instructor.get("/api/handed-in").body().at("/waiting/0/itemId").textValue());
        JsonNode page = instructor.get("/api/book/" + sketch).body();
        assertTrue(page.at("/workRequired").booleanValue());
        assertTrue(page.at("/tries").toString().contains(WORDS));
        instructor.post("/api/handed-in/" + sketch + "/read", "{\"credit\":100,\"comment\":\"\"}");
        assertEquals(waiting.at("/hoped").intValue(), stands());
        assertEquals(List.of(), record.differences());
    }

    @Test
    void aPictureThatIsThereAlreadyGoesWithTheWords() {
        drawAPicture();
        JsonNode view = say(WORDS).at("/view");

        assertEquals("UNAIDED_FIRST", view.at("/item/outcome").textValue());
        assertEquals(1, view.at("/target/pagesWaiting").intValue());
    }

    @Test
    void whoLooksAtTheSolutionSeesOneWayToPutIt() {
        JsonNode item = client.post(path + "/solution", "{\"itemId\":\"" + sketch + "\"}")
                .body()
                .at("/item");

        assertEquals("MISSED", item.at("/outcome").textValue());
        assertTrue(item.at("/parts/0/answers/0/words").textValue().contains("equal parts"));
    }

    @Test
    void nothingThatAPersonReadsComesWhereOneGoesOnByWhatIsRightAtOnce() {
        for (int tier = 1; tier <= 3; tier++) {
            for (int i = 0; i < 12; i++) {
                assertFalse(items.serveOpen(student.id(), "refresh", "fraction-picture", tier)
                        .item()
                        .isRead());
            }
        }
    }
}
