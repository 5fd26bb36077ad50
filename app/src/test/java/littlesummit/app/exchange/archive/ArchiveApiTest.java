package littlesummit.app.exchange.archive;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Map;
import littlesummit.app.ApiTest;
import littlesummit.app.Unzipped;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import org.junit.jupiter.api.Test;

class ArchiveApiTest extends ApiTest {
    private String worked(String line) {
        String path = assigned(new Target.Score(80), Policy.DEFAULT, "both-sides");
        String id = itemId(path);
        client.put("/api/items/" + id + "/work", "{\"lines\":[{\"text\":\"" + line + "\",\"struck\":false}]}");
        return id;
    }

    @Test
    void aStudentTakesAlongWhatWasMade() {
        worked("2x = 8 für Öhi");
        Map<String, String> files = Unzipped.texts(client.bytes("/api/exchange/own-archive.zip"));
        assertTrue(files.get("README.txt").contains(student.name()));
        assertTrue(files.get("account.json").contains(student.username()));
        assertFalse(files.get("statements.jsonl").isBlank());
        String lines = files.entrySet().stream()
                .filter(file -> file.getKey().matches("pages/0001-[-0-9]+-both-sides/lines\\.txt"))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElseThrow();
        assertTrue(lines.contains("2x = 8 für Öhi"), lines);
    }

    @Test
    void noKeyOfAnOpenItemIsInIt() {
        String id = worked("x");
        String key = itemOf(id).parts().getFirst().fields().getFirst().answer().expected();
        Map<String, String> files = Unzipped.texts(client.bytes("/api/exchange/own-archive.zip"));
        String page = files.entrySet().stream()
                .filter(file -> file.getKey().endsWith("page.json"))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElseThrow();
        assertFalse(page.contains("\"expected\""), page);
        assertFalse(page.contains("\"answer\":\"" + key), page);
        assertTrue(page.contains("\"lines\""), page);
    }

    @Test
    void whatTheReaderSaidIsInIt() {
        String id = worked("4x = 12");
        client.post("/api/items/" + id + "/work/hand-in", "{}");
        instructor.post("/api/handed-in/" + id + "/read", "{\"credit\":50,\"comment\":\"Say why you divide.\"}");
        String all =
                Unzipped.texts(client.bytes("/api/exchange/own-archive.zip")).toString();
        assertTrue(all.contains("Say why you divide."), all);
    }

    @Test
    void theInstructorHasTheSameOfAStudentAndNobodyElseHas() {
        worked("3x = 9");
        String path = "/api/exchange/students/" + student.id() + "/archive.zip";
        assertEquals(
                Unzipped.texts(client.bytes("/api/exchange/own-archive.zip")).keySet(),
                Unzipped.texts(instructor.bytes(path)).keySet());
        assertEquals(403, other.get(path).status());
        assertEquals(404, stranger.get(path).status());
    }

    @Test
    void whoMadeNothingHasAnEmptyArchiveThatSaysSo() {
        Map<String, String> files = Unzipped.texts(other.bytes("/api/exchange/own-archive.zip"));
        assertEquals(3, files.size(), files.keySet()::toString);
        assertTrue(files.get("statements.jsonl").isEmpty());
    }

    @Test
    void aClassIsTheRosterTheMarksAndAFolderForEachStudent() {
        worked("5x = 15");
        Map<String, String> all = Unzipped.texts(instructor.bytes("/api/exchange/class-archive.zip"));
        assertEquals(instructor.text("/api/class/users.csv"), all.get("users.csv"));
        assertEquals(instructor.text("/api/class/marks.csv"), all.get("marks.csv"));
        Map<String, String> own = Unzipped.texts(client.bytes("/api/exchange/own-archive.zip"));
        String folder = "students/" + student.username() + "/";
        own.forEach((name, text) -> assertEquals(text, all.get(folder + name), name));
        assertEquals(
                2,
                all.keySet().stream()
                        .filter(name -> name.endsWith("/account.json"))
                        .count());
    }

    @Test
    void aClosedAccountIsStillInIt() {
        worked("5x = 15");
        instructor.put("/api/class/students/" + student.id() + "/closed", "{\"closed\":true}");
        assertTrue(Unzipped.texts(instructor.bytes("/api/exchange/class-archive.zip"))
                .containsKey("students/" + student.username() + "/account.json"));
    }
}
