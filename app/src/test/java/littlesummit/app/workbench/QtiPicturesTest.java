package littlesummit.app.workbench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import littlesummit.app.ApiTest;
import littlesummit.app.Zips;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Items of other programs that show pictures, and ask for places on them. */
class QtiPicturesTest extends ApiTest {
    /** Sixty pixels by thirty, drawn for this test. */
    private static final byte[] HILLS = Base64.getDecoder()
            .decode("iVBORw0KGgoAAAANSUhEUgAAADwAAAAeCAAAAABV8yKTAAAAc0lEQVR42u3QQQrAIAwF0Tnn3H/nJUp3"
                    + "ajFBA4VCs/6PwNAKxxewBaweY31qduys2bKTZs+OmjTpaAdNmnSy/YA06Wy7AWlSXWqypLrWJEk10MRJ"
                    + "NdKESTXUREk11gRJNdG09MVac26Vgr2xBWwB++P38AVfOT4tiNgn9QAAAABJRU5ErkJggg==");

    private static final String HOTSPOTS = """
        <qti-assessment-item xmlns="http://www.imsglobal.org/xsd/imsqtiasi_v3p0" identifier="h" title="Hills">
          <qti-response-declaration identifier="R" cardinality="single" base-type="identifier">
            <qti-correct-response><qti-value>HIGH</qti-value></qti-correct-response>
          </qti-response-declaration>
          <qti-item-body>
            <p>Which hill is higher?</p>
            <qti-hotspot-interaction response-identifier="R" max-choices="1">
              <img src="../pictures/two%20hills.png" alt="Two hills" width="120" height="60"/>
              <qti-hotspot-choice identifier="LOW" shape="rect" coords="4,10,52,58"/>
              <qti-hotspot-choice identifier="HIGH" shape="circle" coords="84,30,20"/>
            </qti-hotspot-interaction>
          </qti-item-body>
        </qti-assessment-item>
        """;

    private static byte[] zip(String item, Map<String, byte[]> files) {
        Map<String, byte[]> all = new HashMap<>(files);
        all.put("units/one.xml", item.getBytes(StandardCharsets.UTF_8));
        return Zips.ofBytes(all);
    }

    private JsonNode begun(String item) {
        var answer = instructor.upload(
                "/api/workbench/from-file",
                zip(item, Map.of("pictures/two hills.png", HILLS, "hills.png", HILLS, "a.svg", svg())));
        assertEquals(200, answer.status(), answer.text());
        assertEquals(0, answer.body().at("/faults").size(), answer.text());
        return answer.body();
    }

    private static byte[] svg() {
        return "<svg xmlns='http://www.w3.org/2000/svg'><script>alert(1)</script></svg>"
                .getBytes(StandardCharsets.UTF_8);
    }

    private JsonNode item(JsonNode draft) {
        return instructor
                .get("/api/workbench/" + draft.at("/id").asText() + "/item/1/1")
                .body()
                .at("/item");
    }

    private String verdict(JsonNode draft, String field, String entry) {
        return instructor
                .post(
                        "/api/workbench/" + draft.at("/id").asText() + "/item/1/1",
                        "{\"part\":0,\"entries\":{\"" + field + "\":\"" + entry + "\"}}")
                .body()
                .at("/feedback/0/verdict")
                .asText();
    }

    private static JsonNode picture(JsonNode item) {
        for (JsonNode block : item.at("/stem")) {
            if (block.at("/kind").asText().equals("Picture")) {
                return block.at("/scene");
            }
        }
        throw new AssertionError("no picture in " + item);
    }

    private static String option(JsonNode item, String text) {
        for (JsonNode option : item.at("/parts/0/fields/0/response/options")) {
            if (option.at("/text").asText().equals(text)) {
                return option.at("/id").asText();
            }
        }
        throw new AssertionError(text + " in " + item);
    }

    @Test
    void placesOnAPictureGetLettersToChoose() {
        JsonNode draft = begun(HOTSPOTS);
        assertFalse(draft.at("/text").asText().contains("exact"), "nothing of ours lies beside it");
        JsonNode item = item(draft);
        JsonNode scene = picture(item);
        assertEquals("Two hills", scene.at("/alt").asText());
        assertTrue(scene.at("/shapes/0/data").asText().startsWith("data:image/png;base64,"), scene.toString());
        assertTrue(scene.findValuesAsText("text").containsAll(List.of("A", "B")), scene.toString());
        assertEquals("ChooseOne", item.at("/parts/0/fields/0/response/kind").asText());
        assertEquals("correct", verdict(draft, "r", option(item, "B")));
        assertEquals("incorrect", verdict(draft, "r", option(item, "A")));
    }

    /** The item counts in a picture of 120 pixels; the file has 60. */
    @Test
    void placesAreWhereTheItemSays() {
        JsonNode scene = picture(item(begun(HOTSPOTS)));
        JsonNode outline = scene.at("/shapes/1/points");
        double left = scene.at("/shapes/0/x").asDouble();
        double top = scene.at("/shapes/0/y").asDouble();
        assertEquals(60, scene.at("/shapes/0/width").asDouble());
        assertEquals(2, outline.at("/0").asDouble() - left, 0.01);
        assertEquals(5, outline.at("/1").asDouble() - top, 0.01);
        assertEquals(26, outline.at("/2").asDouble() - left, 0.01);
        assertEquals(29, outline.at("/5").asDouble() - top, 0.01);
    }

    @Test
    void severalPlacesMayBeRight() {
        JsonNode draft = begun(HOTSPOTS.replace("max-choices=\"1\"", "max-choices=\"2\"")
                .replace("<qti-value>HIGH</qti-value>", "<qti-value>HIGH</qti-value><qti-value>LOW</qti-value>")
                .replace(
                        "</qti-hotspot-interaction>",
                        "<qti-hotspot-choice identifier='SKY' shape='poly' coords='60,0,119,0,119,9'/>"
                                + "</qti-hotspot-interaction>"));
        JsonNode item = item(draft);
        assertEquals("ChooseAll", item.at("/parts/0/fields/0/response/kind").asText());
        assertEquals("correct", verdict(draft, "r", option(item, "A") + "," + option(item, "B")));
        assertEquals("incorrect", verdict(draft, "r", option(item, "A") + "," + option(item, "C")));
    }

    @Test
    void placesArePutInOrder() {
        JsonNode draft = begun(HOTSPOTS.replace("hotspot-interaction", "graphic-order-interaction")
                .replace(
                        "</qti-graphic",
                        "<qti-hotspot-choice identifier='SKY' shape='ellipse' coords='60,8,40,6'/></qti-graphic")
                .replace(
                        "<qti-value>HIGH</qti-value>",
                        "<qti-value>LOW</qti-value><qti-value>HIGH</qti-value><qti-value>SKY</qti-value>"));
        JsonNode item = item(draft);
        assertEquals("PutInOrder", item.at("/parts/0/fields/0/response/kind").asText());
        String inOrder = option(item, "A") + "," + option(item, "B") + "," + option(item, "C");
        assertEquals("correct", verdict(draft, "r", inOrder));
        assertEquals(
                "incorrect",
                verdict(
                        draft,
                        "r",
                        option(item, "B") + inOrder.substring(1, 2) + option(item, "C") + "," + option(item, "A")));
    }

    private static final String POINT = """
        <qti-assessment-item xmlns="http://www.imsglobal.org/xsd/imsqtiasi_v3p0" identifier="p" title="Hills">
          <qti-response-declaration identifier="R" cardinality="single" base-type="point">
            <qti-correct-response><qti-value>84 30</qti-value></qti-correct-response>
            <qti-area-mapping default-value="0">
              <qti-area-map-entry shape="rect" coords="70,6,80,16" mapped-value="1"/>
              <!--more-->
            </qti-area-mapping>
          </qti-response-declaration>
          <qti-item-body>
            <p>Where is the top of the higher hill?</p>
            <qti-select-point-interaction response-identifier="R" max-choices="1">
              <object data="../pictures/two%20hills.png" type="image/png" width="120" height="60">Two hills</object>
            </qti-select-point-interaction>
          </qti-item-body>
        </qti-assessment-item>
        """;

    /** The right place lies right and above; its mirror images come before and after it. */
    @Test
    void insteadOfAPointOneChoosesBetweenPlaces() {
        JsonNode draft = begun(POINT);
        JsonNode item = item(draft);
        assertEquals("Two hills", picture(item).at("/alt").asText());
        assertEquals("[Two hills]", picture(item).findValuesAsText("alt").toString());
        assertEquals(
                List.of("A", "B", "C", "D"),
                item.at("/parts/0/fields/0/response/options").findValuesAsText("text"));
        assertEquals("correct", verdict(draft, "r", option(item, "B")));
        assertEquals("incorrect", verdict(draft, "r", option(item, "A")));
        assertTrue(draft.at("/text").asText().contains("here one chooses between places on it."));
        assertFalse(item.at("/stem").toString().contains("Two hillsWhere"), item.toString());
    }

    /** In the middle from side to side: its mirror images at the top and the bottom are one and the same. */
    @Test
    void placesToChooseFromLieApart() {
        JsonNode item = item(begun(POINT.replace("70,6,80,16", "52,6,70,16")));
        assertEquals(
                List.of("A", "B"), item.at("/parts/0/fields/0/response/options").findValuesAsText("text"));
    }

    @Test
    void whereItIsNotSaidOnePlaceIsChosen() {
        JsonNode item = item(begun(HOTSPOTS.replace(" max-choices=\"1\"", "")));
        assertEquals("ChooseOne", item.at("/parts/0/fields/0/response/kind").asText());
    }

    @Test
    void placesThatBringLessAreThoseToChooseFrom() {
        String more = "<qti-area-map-entry shape='circle' coords='28,30,8' mapped-value='0.5'/>";
        JsonNode draft = begun(POINT.replace("<!--more-->", more));
        JsonNode item = item(draft);
        assertEquals(
                List.of("A", "B"), item.at("/parts/0/fields/0/response/options").findValuesAsText("text"));
        assertEquals("correct", verdict(draft, "r", option(item, "A")));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '#', textBlock = """
        mapped-value="1"#mapped-value="none"
        mapped-value="1"#mapped-value="0"
        70,6,80,16#10,6,110,54
        <!--more-->#<qti-area-map-entry shape="rect" coords="4,4,9,9" mapped-value="1"/>
        70,6,80,16#70,6
        """)
    void aPointThatIsNowhereOrAnywhereIsLeftOut(String old, String changed) {
        var answer = instructor.upload(
                "/api/workbench/from-file", zip(POINT.replace(old, changed), Map.of("pictures/two hills.png", HILLS)));
        assertEquals(400, answer.status(), answer.text());
        assertTrue(answer.text().contains("was left out"), answer.text());
    }

    private static final String CHOICE = """
        <qti-assessment-item xmlns="http://www.imsglobal.org/xsd/imsqtiasi_v3p0" identifier="c" title="Hills">
          <qti-response-declaration identifier="R" cardinality="single" base-type="identifier">
            <qti-correct-response><qti-value>A</qti-value></qti-correct-response>
          </qti-response-declaration>
          <qti-item-body>
            <p>Look at the hills. <img src="%s" alt="Two {hills} for 3$"/></p>
            <qti-choice-interaction response-identifier="R" max-choices="1">
              <qti-prompt>Which picture shows them?</qti-prompt>
              <qti-simple-choice identifier="A"><img src="../pictures/two hills.png" alt="hills"/></qti-simple-choice>
              <qti-simple-choice identifier="B">none</qti-simple-choice>
            </qti-choice-interaction>
          </qti-item-body>
        </qti-assessment-item>
        """;

    @Test
    void picturesStandInTheQuestionAndInItsOptions() {
        JsonNode draft = begun(CHOICE.formatted("../pictures/two%20hills.png"));
        JsonNode item = item(draft);
        assertEquals("Two (hills) for 3 dollars", picture(item).at("/alt").asText());
        assertEquals(
                "hills",
                item.at("/parts/0/fields/0/response/options/0/scene/alt").asText(),
                item.toString());
        assertFalse(draft.at("/text").asText().contains("picture was left out"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "../a.svg",
                "../pictures/none.png",
                "../../../etc/passwd",
                "https://valley.example/hills.png",
                "//valley.example/hills.png",
                "mailto:hills.png",
                "file:///etc/passwd",
                "data:image/png;base64,!!!",
                "data:image/svg+xml;base64,PHN2Zy8+",
                "%",
                ""
            })
    void whatIsNoPictureOfTheFileIsLeftOutAndSaidSo(String address) {
        JsonNode draft = begun(CHOICE.formatted(address));
        String text = draft.at("/text").asText();
        assertTrue(text.contains("A picture was left out"), text);
        assertFalse(text.contains("root:"), text);
        assertFalse(item(draft).at("/stem").toString().contains("Picture"), text);
    }

    /** Forty are opened: that of the option, which is not there, and of fifty others the first. */
    @Test
    void manyPicturesAreNotAllOpened() {
        StringBuilder images = new StringBuilder();
        Map<String, byte[]> files = new HashMap<>();
        for (int i = 0; i < 50; i++) {
            images.append("<img src='../p/").append(i).append(".png' alt='hills'/>");
            files.put("p/" + i + ".png", HILLS);
        }
        String item = CHOICE.replace("<img src=\"%s\" alt=\"Two {hills} for 3$\"/>", images);
        var answer = instructor.upload("/api/workbench/from-file", zip(item, files));
        assertEquals(200, answer.status(), answer.text());
        String text = answer.body().at("/text").asText();
        assertEquals(39, text.split("kind: \"image\"", -1).length - 1);
        assertEquals(1, text.split("A picture was left out", -1).length - 1);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '#', textBlock = """
        4,10,52,58#4,10,52
        4,10,52,58#a,b,c,d
        shape="rect"#shape="default"
        two%20hills.png#no.png
        identifier="HIGH"#identifier="OTHER"
        """)
    void placesThatAreNotPlainAreLeftOut(String old, String changed) {
        var answer = instructor.upload(
                "/api/workbench/from-file",
                zip(HOTSPOTS.replace(old, changed), Map.of("pictures/two hills.png", HILLS)));
        assertEquals(400, answer.status(), answer.text());
        assertTrue(answer.text().contains("was left out"), answer.text());
    }
}
