package littlesummit.app.workbench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.UnaryOperator;
import java.util.zip.GZIPOutputStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import littlesummit.app.ApiTest;
import littlesummit.app.Client;
import littlesummit.app.Unzipped;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Items that stand whole in a document: those of our own packages, come back. */
class WholeItemsTest extends ApiTest {
    private static final int PATIENCE = 600;
    private static final String BEGIN = "/api/workbench/from-file";

    private Map<String, String> packed(String query) {
        return new LinkedHashMap<>(Unzipped.texts(instructor.bytes("/api/exchange/items.zip?" + query)));
    }

    private static byte[] zip(Map<String, String> files) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, String> file : files.entrySet()) {
                zip.putNextEntry(new ZipEntry(file.getKey()));
                zip.write(file.getValue().getBytes(StandardCharsets.UTF_8));
            }
        }
        return out.toByteArray();
    }

    private JsonNode begun(Map<String, String> files) throws IOException {
        Client.Answer answer = instructor.upload(BEGIN, zip(files));
        assertEquals(200, answer.status(), answer.text());
        return answer.body();
    }

    private JsonNode proof(String id) throws InterruptedException {
        JsonNode proof = instructor.post("/api/workbench/" + id + "/proof", "").body();
        for (int i = 0; i < PATIENCE && !proof.at("/state").asText().equals("DONE"); i++) {
            Thread.sleep(100);
            proof = instructor.get("/api/workbench/" + id + "/proof").body();
        }
        return proof;
    }

    private String used(String query) throws IOException, InterruptedException {
        JsonNode draft = begun(packed(query));
        assertEquals(0, draft.at("/faults").size(), draft.at("/faults").toString());
        String id = draft.at("/id").asText();
        JsonNode proof = proof(id);
        assertTrue(proof.at("/holds").asBoolean(), proof.toString());
        assertEquals(200, instructor.post("/api/workbench/" + id + "/use", "").status());
        return id;
    }

    /** Drawn, in tables, on pictures and read by a person: kinds that the standard has no words for. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "fraction-line",
                "two-way-read",
                "circle-center",
                "angle-pairs",
                "select-shapes",
                "add-subtract-written"
            })
    void whatWentOutIsUsedAgainAsItWas(String skill) throws IOException, InterruptedException {
        String id = used("count=6&skill=" + skill);
        String path = assigned(new Target.Score(80), Policy.DEFAULT, id);
        JsonNode view = client.get(path).body();
        assertEquals(
                instructor.get("/api/workbench/" + id).body().at("/name").asText(),
                view.at("/skill").asText());
        JsonNode right = answerRight(path);
        assertTrue(right.at("/item/outcome").asText().startsWith("UNAIDED"), right.toString());
    }

    /** Each item is there once, so that the same one again would be its own solution. */
    @Test
    void anExampleIsNeverTheItemItself() throws IOException, InterruptedException {
        String id = used("count=6&skill=unit-rate");
        String path = assigned(new Target.Score(80), Policy.DEFAULT, id);
        JsonNode item = client.get(path).body().at("/item");
        JsonNode shown = Assertions.assertTimeoutPreemptively(
                        Duration.ofMinutes(1),
                        () -> client.post(
                                path + "/example",
                                "{\"itemId\":\"" + item.at("/id").asText() + "\"}"))
                .body()
                .at("/item/example");
        assertFalse(shown.isMissingNode(), "an example");
        assertNotEquals(item.at("/stem"), shown.at("/stem"));
    }

    @Test
    void oneItemAloneCannotBeTriedAgain() throws IOException, InterruptedException {
        JsonNode draft = begun(packed("count=1&skill=mean"));
        JsonNode proof = proof(draft.at("/id").asText());
        assertFalse(proof.at("/holds").asBoolean());
        assertTrue(proof.toString().contains("There are 1 different items; a student needs 2."), proof.toString());
    }

    private Map<String, String> changed(String folder, UnaryOperator<String> change) {
        Map<String, String> files = packed("count=2&skill=unit-rate");
        files.replaceAll((name, text) -> name.startsWith(folder) ? change.apply(text) : text);
        return files;
    }

    @Test
    void whatAnotherProgramHasChangedCountsAsItIsNow() throws IOException {
        Map<String, String> files = changed("items/", xml -> xml.replace("</p>", " Think.</p>"));
        JsonNode draft = begun(files);
        String text = draft.at("/text").asText();
        assertTrue(text.contains("Think."), text);
        assertFalse(text.contains("whole:"), text);
        assertTrue(text.contains("): Another program has changed it since it left Little Summit"), text);
        JsonNode plan = instructor.upload(BEGIN + "/plan", zip(files)).body();
        assertTrue(plan.at("/items/0/lost").toString().contains("Another program"), plan.toString());
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "{", "[]", "{\"beside\":1}", "\u0000", "null"})
    void aDamagedFileOfOursIsSaidAndTheOtherOneRead(String damaged) throws IOException {
        JsonNode draft = begun(changed("exact/", json -> damaged));
        String text = draft.at("/text").asText();
        assertTrue(text.contains("field:") || text.contains("fields:"), text);
        assertTrue(text.contains("cannot be used") || text.contains("Another program has changed it"), text);
    }

    private static final String WHOLE = """
        skill: whole
        name: Whole
        asks: {tier 1: a, tier 2: b, tier 3: c}
        variants:
          - id: one
            tiers: [1, 2, 3]
            whole: ITEM
        """;

    private static final String ITEM = """
        {"stem":[{"kind":"Text","text":"Ropes"},
          {"kind":"Picture","figure":{"kind":"NumberLine","alt":"A line","from":0,"to":1,"step":0.5,
            "marks":[{"at":0.5,"label":"P","open":false}],"endsOnly":false}}],
         "parts":[{"prompt":"How many?","layout":{"kind":"Stacked"},"hints":["a","b","c"],
          "fields":[{"id":"n","label":"Ropes","wanted":"a whole number","response":{"kind":"Typed","palette":[]},
           "answer":{"kind":"number","form":"any","expected":"4","letters":[],"suffix":"","options":[]},
           "mistakes":[]}]}],
         "worked":[],"calculator":false,"given":""}\
        """.replace("\n", " ");

    private JsonNode written(String item) {
        String body = new ObjectMapper()
                .createObjectNode()
                .put("text", WHOLE.replace("ITEM", item))
                .toString();
        Client.Answer answer = instructor.post("/api/workbench", body);
        assertEquals(200, answer.status(), answer.text());
        return answer.body();
    }

    @Test
    void anItemIsReadAsKeysAndValues() {
        JsonNode draft = written(ITEM);
        assertEquals(0, draft.at("/faults").size(), draft.toString());
        JsonNode shown = instructor
                .get("/api/workbench/" + draft.at("/id").asText() + "/item/2/5")
                .body();
        assertEquals("Ropes", shown.at("/item/stem/0/text").asText(), shown.toString());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '#',
            value = {
                "\"expected\":\"4\" # \"expected\":\"((\" # does not take its own answer",
                "\"expected\":\"4\" # \"expected\":\"\" # does not take its own answer",
                "\"form\":\"any\" # \"form\":\"scientific\" # does not take its own answer",
                "\"kind\":\"number\" # \"kind\":\"numbers\" # no kind numbers",
                "\"step\":0.5 # \"step\":0.000000001 # more than 500 steps",
                "\"step\":0.5 # \"step\":0 # in steps larger than 0",
                "\"to\":1 # \"to\":1e300 # too large to be drawn",
                "\"to\":1 # \"to\":NaN # too large to be drawn",
                "\"at\":0.5 # \"at\":7 # outside of the line",
                "\"prompt\":\"How many?\", # '' # “parts[1].prompt” is missing",
                "\"stem\":[ # \"stem\":7,\"other\":[ # “stem” is not what belongs there",
                "\"calculator\":false # \"calculator\":[] # “calculator” is not what belongs there",
                "\"kind\":\"Stacked\" # \"kind\":\"OnFigure\" # is missing",
                "{\"kind\":\"Stacked\"} # {\"kind\":\"InSentence\",\"template\":\"It is.\"} # has no place",
                "{\"kind\":\"Stacked\"} # {\"kind\":\"InSentence\",\"template\":\"{{n}} {{m}}\"} # no field “m”",
                "{\"kind\":\"Typed\",\"palette\":[]} # {\"kind\":\"ChooseOne\",\"options\":[]} # nothing to choose"
                        + " from",
                "{\"kind\":\"Typed\",\"palette\":[]} # {\"kind\":\"Runtime\"} # is not what belongs there",
            })
    void whatIsNoItemIsSaidAndNeverShown(String old, String changed, String sentence) {
        String item = ITEM.replace(old.strip(), changed.strip());
        assertNotEquals(ITEM, item);
        JsonNode draft = written(item);
        assertTrue(
                draft.at("/faults").toString().contains(sentence.strip()),
                draft.at("/faults").toString());
        Client.Answer shown = instructor.get("/api/workbench/" + draft.at("/id").asText() + "/item/1/1");
        assertEquals(200, shown.status(), shown.text());
        assertFalse(shown.body().at("/item").isObject(), shown.text());
    }

    /** A line that was cut, one that is none, and one that would become very long. */
    @ParameterizedTest
    @ValueSource(strings = {"gzip H4sIAAAA", "gzip", "7", "gzip !!!", "BOMB"})
    void aPackedLineThatCannotBeUsedIsSaid(String line) throws IOException {
        JsonNode draft = written(line.equals("BOMB") ? bomb() : "\"" + line + "\"");
        assertTrue(
                draft.at("/faults").toString().contains("no packed item"),
                draft.at("/faults").toString());
    }

    private static String bomb() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (var gzip = new GZIPOutputStream(out)) {
            gzip.write(("{\"stem\":[" + " ".repeat(50_000_000) + "]}").getBytes(StandardCharsets.UTF_8));
        }
        return "\"gzip " + Base64.getEncoder().encodeToString(out.toByteArray()) + "\"";
    }
}
