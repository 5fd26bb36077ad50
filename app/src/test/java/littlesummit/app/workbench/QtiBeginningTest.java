package littlesummit.app.workbench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import littlesummit.app.ApiTest;
import littlesummit.app.Client;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** QTI items of other programs, and our own, become the beginning of a skill. */
class QtiBeginningTest extends ApiTest {
    private static final String CHOICE = """
        <qti-assessment-item xmlns="http://www.imsglobal.org/xsd/imsqtiasi_v3p0" identifier="a" title="Slopes">
          <qti-response-declaration identifier="RESPONSE" cardinality="single" base-type="identifier">
            <qti-correct-response><qti-value>B</qti-value></qti-correct-response>
          </qti-response-declaration>
          <qti-item-body>
            <p>The path climbs {steeply} for $5.</p>
            <qti-choice-interaction response-identifier="RESPONSE" max-choices="1">
              <qti-prompt>Which is
                 <math xmlns="http://www.w3.org/1998/Math/MathML">
                       <mfrac><mn>1</mn><mn>2</mn></mfrac></math>?</qti-prompt>
              <qti-simple-choice identifier="A">0.2</qti-simple-choice>
              <qti-simple-choice identifier="B">0.5</qti-simple-choice>
            </qti-choice-interaction>
          </qti-item-body>
        </qti-assessment-item>
        """;

    /** As version 2.1 writes it. */
    private static final String TYPED = """
        <assessmentItem xmlns="http://www.imsglobal.org/xsd/imsqti_v2p1" identifier="b" title="Sum">
          <responseDeclaration identifier="R1" cardinality="single" baseType="float">
            <correctResponse><value>12.5</value></correctResponse>
          </responseDeclaration>
          <itemBody>
            <p>Add 10 and 2.5.</p>
            <p><textEntryInteraction responseIdentifier="R1" expectedLength="5"/></p>
            <p><extendedTextInteraction responseIdentifier="R2"/></p>
          </itemBody>
        </assessmentItem>
        """;

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }

    private static byte[] zip(String... files) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (int i = 0; i < files.length; i++) {
                zip.putNextEntry(new ZipEntry("items/" + i + ".xml"));
                zip.write(bytes(files[i]));
            }
        }
        return out.toByteArray();
    }

    private Client.Answer sent(byte[] file) {
        return instructor.upload("/api/workbench/from-file", file);
    }

    private JsonNode item(JsonNode draft, int seed) {
        return instructor
                .get("/api/workbench/" + draft.at("/id").asText() + "/item/1/" + seed)
                .body()
                .at("/item");
    }

    @Test
    void aChoiceComesOverWithItsMathematics() {
        JsonNode draft = sent(bytes(CHOICE)).body();
        assertEquals(0, draft.at("/faults").size(), draft.toString());
        JsonNode item = item(draft, 1);
        assertEquals(
                "The path climbs (steeply) for \\$5.", item.at("/stem/0/text").asText());
        assertEquals("Which is $\\frac{1}{2}$?", item.at("/parts/0/prompt").asText());
        assertEquals("0.5", item.at("/parts/0/fields/0/response/options/1/text").asText());
        JsonNode wrong = instructor
                .post(
                        "/api/workbench/" + draft.at("/id").asText() + "/item/1/1",
                        "{\"part\":0,\"entries\":{\"response\":\"a\"}}")
                .body();
        assertEquals("incorrect", wrong.at("/feedback/0/verdict").asText(), wrong.toString());
    }

    @Test
    void aNumberOfAnOlderVersionComesOverAndWhatCannotIsSaid() {
        JsonNode draft = sent(bytes(TYPED)).body();
        assertEquals(0, draft.at("/faults").size(), draft.toString());
        assertTrue(
                draft.at("/text")
                        .asText()
                        .contains("# Item 1 (Sum): An interaction of the kind “extendedTextInteraction” was left out."),
                draft.at("/text").asText());
        String address = "/api/workbench/" + draft.at("/id").asText() + "/item/1/1";
        JsonNode right = instructor
                .post(address, "{\"part\":0,\"entries\":{\"r1\":\"25/2\"}}")
                .body();
        assertEquals("correct", right.at("/feedback/0/verdict").asText(), right.toString());
    }

    @Test
    void aPackageBringsAllItsItems() throws IOException {
        JsonNode draft = sent(zip("<manifest/>", CHOICE, TYPED)).body();
        assertEquals(0, draft.at("/faults").size(), draft.toString());
        assertTrue(
                draft.at("/text").asText().contains("id: \"item-2\""),
                draft.at("/text").asText());
    }

    @Test
    void ourOwnPackageComesBack() {
        byte[] own = instructor.bytes("/api/exchange/items.zip?skill=unit-rate&skill=mean&title=Own");
        Client.Answer answer = sent(own);
        assertEquals(200, answer.status(), answer.text());
        assertEquals(
                0,
                answer.body().at("/faults").size(),
                answer.body().at("/faults").toString());
        JsonNode item = item(answer.body(), 1);
        assertTrue(item.at("/parts/0/fields").size() >= 1, item.toString());
    }

    @Test
    void nothingThatIsStillToBeWrittenCanBePutToUse() throws InterruptedException {
        String id = sent(bytes(CHOICE)).body().at("/id").asText();
        String proof = "";
        for (int i = 0; i < 600 && !proof.contains("\"DONE\""); i++) {
            proof = instructor.post("/api/workbench/" + id + "/proof", "").text();
            Thread.sleep(100);
        }
        assertTrue(proof.contains("Something is still to be written here."), proof);
        assertEquals(409, instructor.post("/api/workbench/" + id + "/use", "").status());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<!DOCTYPE a [<!ENTITY b \"cc\"><!ENTITY d \"&b;&b;\">]><a>&d;</a>",
                "<!DOCTYPE a SYSTEM \"file:///etc/passwd\"><a/>",
                "<a",
                "<html><p>No item.</p></html>",
                "<qti-assessment-item identifier=\"x\"/>"
            })
    void whatHoldsNoItemIsRefusedInASentence(String xml) {
        Client.Answer answer = sent(bytes(xml));
        assertEquals(400, answer.status(), answer.text());
        assertTrue(answer.body().at("/detail").asText().endsWith("."), answer.text());
        assertFalse(answer.text().contains("root:"), answer.text());
        assertEquals(0, instructor.get("/api/workbench").body().at("/skills").size());
    }

    @Test
    void aZipOfTooManyItemsIsRefused() throws IOException {
        String[] many = new String[61];
        Arrays.fill(many, CHOICE);
        assertTrue(sent(zip(many)).text().contains("61 items"));
        String[] more = new String[501];
        Arrays.fill(more, "<a/>");
        assertTrue(sent(zip(more)).text().contains("more than 500 files"));
    }

    @Test
    void aZipThatGrowsIsRefused() throws IOException {
        String large = "<a>" + " ".repeat(33 * 1024 * 1024) + "</a>";
        assertTrue(sent(zip(large)).text().contains("larger than 32 MB"));
    }
}
