package littlesummit.app.exchange.qti;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import littlesummit.app.ApiTest;
import littlesummit.app.Client;
import littlesummit.app.Unzipped;
import littlesummit.core.skill.ItemSource;
import littlesummit.core.skill.Skill;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.w3c.dom.Element;

class QtiApiTest extends ApiTest {
    @Autowired
    private ItemSource source;

    private Map<String, String> unpacked(String query) {
        return Unzipped.texts(instructor.bytes("/api/exchange/items.zip?" + query));
    }

    @Test
    void aPackageListsEveryFileThatIsInItOnce() {
        Map<String, String> files = unpacked("skill=mean&skill=fraction-picture&count=4&title=Huts < peaks");
        Element manifest = Written.root(files.get("imsmanifest.xml"));
        List<String> listed = new ArrayList<>(Written.all(manifest, "file", "href"));
        listed.addAll(List.of("imsmanifest.xml", "README.txt"));
        assertEquals(
                files.keySet().stream().sorted().toList(),
                listed.stream().sorted().toList());
        assertEquals("Huts < peaks", Written.root(files.get("test.xml")).getAttribute("title"));
        assertEquals(
                8,
                Written.all(Written.root(files.get("test.xml")), "qti-assessment-item-ref", "href")
                        .size());
        assertTrue(files.keySet().stream().anyMatch(name -> name.endsWith(".svg")));
    }

    @Test
    void thePicturesThatAnItemShowsAreThere() {
        Map<String, String> files = unpacked("skill=select-shapes&count=3&tier=2");
        files.forEach((name, text) -> {
            if (name.startsWith("items/")) {
                Written.all(Written.root(text), "img", "src")
                        .forEach(src -> assertTrue(files.containsKey(src.replace("../", "")), src));
            }
        });
        assertEquals(
                3,
                files.keySet().stream()
                        .filter(name -> name.startsWith("items/"))
                        .count());
    }

    private String everySkill() {
        return source.skills().stream().map(Skill::id).collect(Collectors.joining(","));
    }

    @Test
    void theWholeCourseFitsIntoOnePackage() {
        assertEquals(
                source.skills().size(),
                unpacked("count=1&skill=" + everySkill()).keySet().stream()
                        .filter(name -> name.startsWith("items/"))
                        .count());
    }

    @Test
    void aPackageWithTooManyItemsIsRefusedWithASentence() {
        Client.Answer refused = instructor.get("/api/exchange/items.zip?count=50&skill=" + everySkill());
        assertEquals(400, refused.status());
        assertEquals(
                "A package has at most 2,000 items: take fewer skills, or fewer items of each.",
                refused.body().at("/detail").textValue());
    }

    @Test
    void whatIsNotThereIsSaid() {
        assertEquals(404, instructor.get("/api/exchange/items.zip?skill=ropes").status());
        assertEquals(
                400,
                instructor.get("/api/exchange/items.zip?skill=mean&count=0").status());
        assertEquals(
                400, instructor.get("/api/exchange/items.zip?skill=mean&tier=4").status());
    }

    @Test
    void noSvgHoldsAScriptOrSomethingFromElsewhere() {
        unpacked("skill=rational-analyse&skill=angle-pairs&count=6").forEach((name, text) -> {
            if (name.endsWith(".svg")) {
                assertFalse(text.contains("<script") || text.contains("href"), name);
            }
        });
    }
}
