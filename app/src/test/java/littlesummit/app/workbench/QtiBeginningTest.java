package littlesummit.app.workbench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import littlesummit.app.ApiTest;
import littlesummit.app.Client;
import littlesummit.app.Unzipped;
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
            <p><sliderInteraction responseIdentifier="R2"/></p>
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

    /** A package of ours as another program would hand it on: without our own files beside the items. */
    private byte[] handedOn(String query) throws IOException {
        Map<String, String> files = Unzipped.texts(instructor.bytes("/api/exchange/items.zip?" + query));
        return zip(files.entrySet().stream()
                .filter(file -> file.getKey().startsWith("items/"))
                .map(Map.Entry::getValue)
                .toArray(String[]::new));
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
                        .contains("# Item 1 (Sum): An interaction of the kind “sliderInteraction” was left out."),
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
    void ourOwnPackageComesBack() throws IOException {
        byte[] own = handedOn("skill=unit-rate&skill=mean&title=Own");
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
    void wordsThatAreComparedLetterByLetterAreForAReader() {
        JsonNode draft =
                sent(bytes(TYPED.replace("12.5", "twelve {and} a half"))).body();
        assertEquals(0, draft.at("/faults").size(), draft.toString());
        assertTrue(draft.at("/text").asText().contains("letter by letter there; here a person reads it."));
        JsonNode field = item(draft, 1).at("/parts/0/fields/0");
        assertEquals("Said", field.at("/response/kind").asText(), field.toString());
    }

    private static final String GAPS = """
        <qti-assessment-item xmlns="http://www.imsglobal.org/xsd/imsqtiasi_v3p0" identifier="g" title="Halves">
          <qti-response-declaration identifier="R" cardinality="multiple" base-type="directedPair">
            <qti-correct-response><qti-value>B G1</qti-value><qti-value>A G2</qti-value></qti-correct-response>
          </qti-response-declaration>
          <qti-item-body><p>Look at the shares.</p>
            <qti-gap-match-interaction response-identifier="R">
              <qti-prompt>Put each number where it belongs.</qti-prompt>
              <qti-gap-text identifier="A" match-max="1">7</qti-gap-text>
              <qti-gap-text identifier="B" match-max="1">3.5</qti-gap-text>
              <qti-gap-text identifier="C" match-max="1">14</qti-gap-text>
              <p>Half of 7 is <qti-gap identifier="G1"/>, and half of 14 is <qti-gap identifier="G2"/>.</p>
            </qti-gap-match-interaction>
          </qti-item-body>
        </qti-assessment-item>
        """;
    private static final String ROWS = """
        <qti-assessment-item xmlns="http://www.imsglobal.org/xsd/imsqtiasi_v3p0" identifier="m" title="Kinds">
          <qti-response-declaration identifier="R" cardinality="multiple" base-type="directedPair">
            <qti-correct-response><qti-value>T P</qti-value><qti-value>N Q</qti-value></qti-correct-response>
          </qti-response-declaration>
          <qti-item-body><p>Sort them.</p>
            <qti-match-interaction response-identifier="R" max-associations="2">
              <qti-simple-match-set>
                <qti-simple-associable-choice identifier="T">13</qti-simple-associable-choice>
                <qti-simple-associable-choice identifier="N">15</qti-simple-associable-choice>
              </qti-simple-match-set>
              <qti-simple-match-set>
                <qti-simple-associable-choice identifier="P">prime</qti-simple-associable-choice>
                <qti-simple-associable-choice identifier="Q">not prime</qti-simple-associable-choice>
              </qti-simple-match-set>
            </qti-match-interaction>
            <qti-extended-text-interaction response-identifier="W"/>
          </qti-item-body>
        </qti-assessment-item>
        """;

    private String verdict(JsonNode draft, String entries) {
        JsonNode tried = instructor
                .post(
                        "/api/workbench/" + draft.at("/id").asText() + "/item/1/1",
                        "{\"part\":0,\"entries\":" + entries + "}")
                .body();
        return tried.at("/feedback").findValuesAsText("verdict").toString();
    }

    /** Id of the label or option with a text. */
    private static String idOf(JsonNode choices, String text) {
        for (JsonNode choice : choices) {
            if (choice.at("/text").asText().equals(text)) {
                return choice.at("/id").asText();
            }
        }
        throw new AssertionError(text + " in " + choices);
    }

    @Test
    void labelsForGapsComeOverWithTheirText() {
        JsonNode draft = sent(bytes(GAPS)).body();
        assertEquals(0, draft.at("/faults").size(), draft.toString());
        JsonNode part = item(draft, 1).at("/parts/0");
        assertEquals(
                "Half of 7 is {{g1}}, and half of 14 is {{g2}}.",
                part.at("/layout/template").asText(),
                part.toString());
        JsonNode labels = part.at("/fields/0/response/labels");
        assertEquals(3, labels.size());
        assertEquals(
                "[correct, correct]",
                verdict(draft, "{\"g1\":\"" + idOf(labels, "3.5") + "\",\"g2\":\"" + idOf(labels, "7") + "\"}"));
        assertEquals(
                "[incorrect, incorrect]",
                verdict(draft, "{\"g1\":\"" + idOf(labels, "7") + "\",\"g2\":\"" + idOf(labels, "14") + "\"}"));
    }

    @Test
    void rowsBecomeListsToPickFromAndWordsAreForAReader() {
        JsonNode draft = sent(bytes(ROWS)).body();
        assertEquals(0, draft.at("/faults").size(), draft.toString());
        JsonNode fields = item(draft, 1).at("/parts/0/fields");
        assertEquals("[13, 15, Answer 3]", fields.findValuesAsText("label").toString());
        assertEquals("Said", fields.at("/2/response/kind").asText());
        JsonNode options = fields.at("/0/response/options");
        assertTrue(verdict(
                        draft,
                        "{\"t\":\"" + idOf(options, "prime") + "\",\"n\":\"" + idOf(options, "not prime")
                                + "\",\"w\":\"13 has two divisors\"}")
                .startsWith("[correct, correct"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<qti-value>A G2</qti-value>#",
                "<qti-value>B G1</qti-value>#<qti-value>B G1</qti-value><qti-value>C G1</qti-value>",
                ">14<#>7<",
                "B G1#B"
            })
    void gapsThatAreNotPlainAreLeftOut(String change) {
        String[] both = change.split("#", -1);
        String text = GAPS.replace(both[0], both[1]);
        assertTrue(sent(bytes(text)).text().contains("does not say what belongs where"), text);
    }

    /** Without the exact items beside it, our own mark says that a picture is asked for. */
    @Test
    void wordsToAPictureOfOursStillAskForIt() {
        String drawn = ROWS.replace(
                "<qti-extended-text-interaction", "<qti-extended-text-interaction data-summit-picture=\"yes\"");
        JsonNode draft = sent(bytes(drawn)).body();
        assertEquals(
                "InkWords", item(draft, 1).at("/parts/0/fields/2/response/kind").asText());
    }

    /** Items whose processing maps answers to points need not say which one is right. */
    @Test
    void whatBringsMostIsRight() {
        String mapped = TYPED.replaceAll(
                "<correctResponse>.*</correctResponse>",
                "<mapping defaultValue='0'><mapEntry mapKey='13' mappedValue='0.5'/><mapEntry mapKey='12.5'"
                        + " mappedValue='1'/><mapEntry mapKey='14' mappedValue='-1'/></mapping>");
        assertTrue(mapped.contains("mapKey"), mapped);
        JsonNode draft = sent(bytes(mapped)).body();
        assertEquals(0, draft.at("/faults").size(), draft.toString());
        String address = "/api/workbench/" + draft.at("/id").asText() + "/item/1/1";
        for (String[] entry : new String[][] {{"12.5", "correct"}, {"13", "incorrect"}, {"14", "incorrect"}}) {
            JsonNode checked = instructor
                    .post(address, "{\"part\":0,\"entries\":{\"r1\":\"" + entry[0] + "\"}}")
                    .body();
            assertEquals(entry[1], checked.at("/feedback/0/verdict").asText(), checked.toString());
        }
    }

    private static final String SAID = """
        <qti-assessment-item xmlns="http://www.imsglobal.org/xsd/imsqtiasi_v3p0" identifier="c" title="Halves">
          <qti-response-declaration identifier="R" cardinality="single" base-type="identifier">
            <qti-correct-response><qti-value>B</qti-value></qti-correct-response>
          </qti-response-declaration>
          <qti-item-body>
            <p>What is half of 7?</p>
            <qti-choice-interaction response-identifier="R" max-choices="1">
              <qti-simple-choice identifier="A">3<qti-feedback-inline identifier="A">Something is left over.
                </qti-feedback-inline></qti-simple-choice>
              <qti-simple-choice identifier="B">3.5</qti-simple-choice>
              <qti-simple-choice identifier="C">14</qti-simple-choice>
            </qti-choice-interaction>
            <qti-feedback-block outcome-identifier="HELP" identifier="H"><qti-content-body>
              <ol><li>Share it out.</li><li>Into two equal parts.</li></ol>
            </qti-content-body></qti-feedback-block>
          </qti-item-body>
          <qti-response-processing><qti-response-condition>
            <qti-response-if>
              <qti-match><qti-variable identifier="R"/>
                <qti-base-value base-type="identifier">C</qti-base-value></qti-match>
              <qti-set-outcome-value identifier="FEEDBACK">
                <qti-base-value base-type="identifier">M1</qti-base-value>
              </qti-set-outcome-value>
            </qti-response-if>
          </qti-response-condition></qti-response-processing>
          <qti-modal-feedback outcome-identifier="FEEDBACK" identifier="M1"><p>That is twice as much.</p>
          </qti-modal-feedback>
        </qti-assessment-item>
        """;

    @Test
    void whatTheItemSaysOfWrongAnswersAndItsHintsComeOver() {
        JsonNode draft = sent(bytes(SAID)).body();
        assertEquals(0, draft.at("/faults").size(), draft.toString());
        String text = draft.at("/text").asText();
        assertTrue(text.contains("Something is left over."), text);
        assertTrue(text.contains("That is twice as much."), text);
        assertTrue(text.contains("- \"Share it out.\"") && text.contains("- \"Into two equal parts.\""), text);
        assertEquals(
                1, text.split("to be written\\) What is a first step", -1).length - 1, "the third hint is missing");
        JsonNode item = item(draft, 1);
        assertEquals("3", item.at("/parts/0/fields/0/response/options/0/text").asText());
        assertEquals(1, item.at("/stem").size(), "hints are no part of what is asked: " + item.at("/stem"));
        JsonNode wrong = instructor
                .post(
                        "/api/workbench/" + draft.at("/id").asText() + "/item/1/1",
                        "{\"part\":0,\"entries\":{\"r\":\"c\"}}")
                .body();
        assertEquals("That is twice as much.", wrong.at("/feedback/0/message").asText());
    }

    private static final String ORDER = """
        <assessmentItem xmlns="http://www.imsglobal.org/xsd/imsqti_v2p1" identifier="d" title="Order">
          <responseDeclaration identifier="R" cardinality="ordered" baseType="identifier">
            <correctResponse><value>C</value><value>A</value><value>B</value></correctResponse>
          </responseDeclaration>
          <itemBody>
            <orderInteraction responseIdentifier="R" shuffle="true"><prompt>The smallest one first.</prompt>
              <simpleChoice identifier="A">5</simpleChoice><simpleChoice identifier="B">9</simpleChoice>
              <simpleChoice identifier="C">2</simpleChoice></orderInteraction>
          </itemBody>
        </assessmentItem>
        """;

    @Test
    void thingsToPutInOrderComeOver() {
        JsonNode draft = sent(bytes(ORDER)).body();
        assertEquals(0, draft.at("/faults").size(), draft.toString());
        JsonNode options = item(draft, 1).at("/parts/0/fields/0/response/options");
        String right = Stream.of("2", "5", "9")
                .map(text -> {
                    for (JsonNode option : options) {
                        if (option.at("/text").asText().equals(text)) {
                            return option.at("/id").asText();
                        }
                    }
                    throw new AssertionError(options.toString());
                })
                .collect(Collectors.joining(","));
        JsonNode checked = instructor
                .post(
                        "/api/workbench/" + draft.at("/id").asText() + "/item/1/1",
                        "{\"part\":0,\"entries\":{\"r\":\"" + right + "\"}}")
                .body();
        assertEquals("correct", checked.at("/feedback/0/verdict").asText(), checked.toString());
    }

    /** What our packages say beside the standard comes back: what is compared, in which form, and what is said. */
    @ParameterizedTest
    @ValueSource(strings = {"fraction-lowest", "polynomial-factor", "divide-remainder", "decimal-place", "both-sides"})
    void ourOwnItemsKeepTheirFormsMessagesAndHints(String skill) throws IOException {
        byte[] own = handedOn("skill=" + skill + "&count=6");
        Client.Answer answer = sent(own);
        assertEquals(200, answer.status(), answer.text());
        JsonNode draft = answer.body();
        assertEquals(
                0,
                draft.at("/faults").size(),
                draft.at("/faults") + "\n" + draft.at("/text").asText());
        String text = draft.at("/text").asText();
        assertTrue(text.contains("say: "), text);
        assertFalse(text.contains("What may have led to this?"), text);
        assertFalse(text.contains("(to be written) Why?"), text);
        assertFalse(text.contains("Wanted: "), text);
    }

    @Test
    void aFormIsAskedForAsItWas() throws IOException {
        JsonNode draft = sent(handedOn("skill=fraction-lowest&count=9")).body();
        assertTrue(
                draft.at("/text").asText().contains("form: \"fraction-lowest\""),
                draft.at("/text").asText());
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
        String[] more = new String[1001];
        Arrays.fill(more, "<a/>");
        assertTrue(sent(zip(more)).text().contains("more than 1000 files"));
    }

    @Test
    void aZipThatGrowsIsRefused() throws IOException {
        String large = "<a>" + " ".repeat(33 * 1024 * 1024) + "</a>";
        assertTrue(sent(zip(large)).text().contains("larger than 32 MB"));
    }

    @Test
    void thePlanSaysWhatComesInAndBeginsNothing() throws IOException {
        int before = instructor.get("/api/workbench").body().at("/skills").size();
        JsonNode plan = instructor
                .upload("/api/workbench/from-file/plan", zip("<manifest/>", CHOICE, TYPED))
                .body();
        assertEquals(2, plan.at("/items").size());
        assertEquals(1, plan.at("/items/0/places").asInt());
        assertFalse(plan.at("/items/0/title").asText().isBlank());
        assertEquals(
                before, instructor.get("/api/workbench").body().at("/skills").size());
    }

    @Test
    void thePlanSaysWhatIsLeftOut() throws IOException {
        byte[] drawn = handedOn("skill=fraction-line&tier=1&count=6");
        JsonNode items =
                instructor.upload("/api/workbench/from-file/plan", drawn).body().at("/items");
        assertEquals(6, items.size());
        assertTrue(items.toString().contains("picture"), items.toString());
    }

    @Test
    void aDocumentOrNoneAtAllNeedsNoPlan() {
        String path = "/api/workbench/from-file/plan";
        assertTrue(instructor
                .upload(path, bytes("skill: mean"))
                .body()
                .at("/items")
                .isEmpty());
        assertEquals(400, instructor.upload(path, bytes("<nothing/>")).status());
    }
}
