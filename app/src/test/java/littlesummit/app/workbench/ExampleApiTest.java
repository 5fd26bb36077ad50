package littlesummit.app.workbench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import littlesummit.app.ApiTest;
import littlesummit.app.Client;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** An item that is typed becomes a skill that can be looked at, and whose answers are right whatever is drawn. */
class ExampleApiTest extends ApiTest {
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final String PATH = "/api/workbench/example";
    private static final String HONEY = "A stall sells 6 jars of honey for $42. What does one jar cost, in dollars?";

    private static ObjectNode level(String text, String answer, String formula) {
        ObjectNode level = JSON.createObjectNode()
                .put("text", text)
                .put("answer", answer)
                .put("formula", formula)
                .put("label", "Answer");
        level.putArray("ranges");
        return level;
    }

    private static void vary(ObjectNode level, String letter, String low, String high) {
        level.withArray("ranges")
                .addObject()
                .put("letter", letter)
                .put("low", low)
                .put("high", high);
    }

    private static ObjectNode honey() {
        ObjectNode level = level(HONEY, "7", "b / a");
        vary(level, "a", "3", "12");
        vary(level, "b", "20", "90");
        return level;
    }

    private static String skill(String name, ObjectNode... levels) {
        ObjectNode skill = JSON.createObjectNode().put("name", name);
        for (ObjectNode level : levels) {
            skill.withArray("levels").add(level);
        }
        return skill.toString();
    }

    @Test
    void whatCouldVaryIsSeenAndHowTheAnswerIsWorkedOut() {
        JsonNode look = instructor
                .post(
                        PATH + "/look",
                        JSON.createObjectNode()
                                .put("text", HONEY)
                                .put("answer", "$7")
                                .toString())
                .body();
        assertEquals("What does one jar cost, in dollars?", look.at("/asked").textValue());
        assertEquals("b / a", look.at("/ways/0/formula").textValue());
        assertEquals("42 : 6", look.at("/ways/0/shown").textValue());
        assertEquals(
                "{\"letter\":\"a\",\"value\":\"6\",\"low\":\"3\",\"high\":\"13\"}",
                look.at("/numbers/0").toString());
    }

    /** The document is understood, and its items come at every level. */
    @Test
    void itBecomesASkillWithAllItsLevels() {
        JsonNode draft = instructor.post(PATH, skill("Price of one", honey())).body();
        assertEquals("Price of one", draft.at("/name").textValue());
        assertEquals(0, draft.at("/faults").size(), draft.toString());
        for (int tier = 1; tier <= 3; tier++) {
            for (int seed = 1; seed <= 20; seed++) {
                JsonNode item = instructor
                        .get("/api/workbench/" + draft.at("/id").textValue() + "/item/" + tier + "/" + seed)
                        .body();
                String stem = item.at("/item/stem/0/text").textValue();
                assertTrue(stem.matches("A stall sells \\d+ jars of honey for (\\\\)?\\$\\d+\\."), item.toString());
                String[] numbers = stem.replaceAll("[^\\d ]", "").strip().split(" +");
                int total = Integer.parseInt(numbers[1]);
                int jars = Integer.parseInt(numbers[0]);
                assertEquals(0, total % jars, "a whole answer stays whole: " + stem);
            }
        }
    }

    @Test
    void eachLevelMayHaveAnItemOfItsOwn() {
        ObjectNode trees = level("Of 1,250 trees 20% are firs. How many trees are that?", "250", "a * b / 100");
        vary(trees, "b", "5", "60");
        ObjectNode fence = level("A field is 12.5 m long and 8 m wide. How long is its fence?", "41", "(a + b) * 2");
        vary(fence, "a", "4.5", "25");
        vary(fence, "b", "3", "16");
        JsonNode draft = instructor
                .post(PATH, skill("Of many kinds", honey(), trees, fence))
                .body();
        assertEquals(0, draft.at("/faults").size(), draft.toString());
        String id = draft.at("/id").textValue();
        JsonNode second = instructor.get("/api/workbench/" + id + "/item/2/3").body();
        assertTrue(
                second.at("/item/stem/0/text").textValue().matches("Of 1250 trees \\d+% are firs\\."),
                "what does not vary stays: " + second);
        JsonNode third = instructor.get("/api/workbench/" + id + "/item/3/3").body();
        assertTrue(
                third.at("/item/stem/0/text").textValue().matches("A field is \\d+\\.\\d m long and \\d+ m wide\\."),
                third.toString());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "A stall sells 6 jars for $42.; 7; b / a; ends with a question",
                "What does one jar cost?; 7; b / a; no number",
                "6 jars cost $42. What does one cost?; seven; b / a; is not a number",
                "6 jars cost $42. What does one cost?; 7; a * b; comes to 252, and not to 7",
                "6 jars cost $42. What does one cost?; 7; b over a; cannot be read",
                "6 jars cost $42. What does one cost?; 7; b / (a - a); cannot be read"
            })
    void whatMakesNoSkillIsRefusedWithASentence(String text, String answer, String formula, String sentence) {
        ObjectNode level = level(text, answer, formula);
        vary(level, "a", "3", "12");
        vary(level, "b", "20", "90");
        Client.Answer refused = instructor.post(PATH, skill("A skill", level));
        assertEquals(400, refused.status(), refused.text());
        assertTrue(refused.body().at("/detail").textValue().contains(sentence), refused.text());
    }

    @ParameterizedTest
    @CsvSource({"12, 3", "3, 3", "x, 9", "3, 1/0"})
    void aRangeGoesUp(String low, String high) {
        ObjectNode level = level(HONEY, "7", "b / a");
        vary(level, "a", low, high);
        vary(level, "b", "20", "90");
        assertEquals(400, instructor.post(PATH, skill("A skill", level)).status());
    }

    @Test
    void somethingVariesAndANameIsThere() {
        assertEquals(
                400,
                instructor
                        .post(PATH, skill("A skill", level(HONEY, "7", "b / a")))
                        .status());
        assertEquals(400, instructor.post(PATH, skill("  ", honey())).status());
        assertEquals(400, instructor.post(PATH, skill("None")).status());
        assertEquals(403, client.post(PATH, skill("Not a student's", honey())).status());
    }

    /** A number beside a letter is a product, and no longer number. */
    @Test
    void aFormulaMayBeWrittenWithoutItsTimesSign() {
        ObjectNode level = level("A fence has 6 posts and 4 gates. How many hinges?", "20", "2a + 2b");
        vary(level, "a", "3", "12");
        JsonNode draft = instructor.post(PATH, skill("Hinges", level)).body();
        assertEquals(0, draft.at("/faults").size(), draft.toString());
        assertTrue(draft.at("/text").textValue().contains("answer: \"2a + 2(4)\""), draft.toString());
    }

    /** Braces and dollar signs have a meaning in documents; in an item they are what they are. */
    @Test
    void signsOfTheLanguageDoNoHarm() {
        ObjectNode level = level("{a} costs 5 $ \\ \"and\" # 3: what is that?", "8", "a + b");
        vary(level, "a", "2", "9");
        vary(level, "b", "2", "9");
        JsonNode draft =
                instructor.post(PATH, skill("Odd \"signs\": {x}", level)).body();
        assertEquals(0, draft.at("/faults").size(), draft.toString());
    }
}
