package littlesummit.app.paper;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashSet;
import java.util.Set;
import java.util.UUID;
import littlesummit.app.ApiTest;
import littlesummit.app.Client;
import littlesummit.app.people.Person;
import org.junit.jupiter.api.Test;

/** Sheets that are made, listed, printed and taken away. */
public class SheetApiTest extends ApiTest {
    static final String STYLE = "{\"size\":\"A4\",\"room\":\"LINES\",\"large\":false,\"twoColumns\":true}";

    public static String wanted(String skill, int items, boolean each) {
        return "{\"title\":\"At home\",\"shares\":[{\"skillId\":\"" + skill + "\",\"items\":" + items
                + ",\"level\":0}],\"style\":" + STYLE + ",\"each\":" + each + "}";
    }

    private static JsonNode make(Client who, String body) {
        Client.Answer answer = who.post("/api/paper", body);
        assertEquals(200, answer.status(), answer.text());
        return answer.body();
    }

    private static String code(JsonNode sheet, int place) {
        return sheet.at("/copies/" + place + "/code").asText();
    }

    private static int shelf(Client who) {
        return who.get("/api/paper").body().at("/sheets").size();
    }

    private static String stems(Client who, String code) {
        StringBuilder text = new StringBuilder();
        who.get("/api/paper/copies/" + code).body().at("/places").forEach(place -> text.append(place.at("/item/stem"))
                .append(place.at("/item/parts/0/prompt")));
        return text.toString();
    }

    @Test
    void oneSheetForAllIsTheSameForEverybody() {
        JsonNode sheet = make(instructor, wanted("mean", 6, false));
        assertEquals(1, sheet.at("/copies").size());
        assertEquals(6, sheet.at("/items").asInt());
        assertTrue(sheet.at("/copies/0/most").asInt() >= 6);
        String code = code(sheet, 0);
        assertEquals(stems(client, code), stems(other, code));
    }

    @Test
    void everybodysOwnSheetHasOtherNumbersAndIsNobodyElses() {
        JsonNode sheet = make(instructor, wanted("mean", 4, true));
        assertEquals(2, sheet.at("/copies").size());
        boolean first = sheet.at("/copies/0/student").asText().equals(student.name());
        String mine = code(sheet, first ? 0 : 1);
        String others = code(sheet, first ? 1 : 0);
        assertNotEquals(stems(client, mine), stems(other, others));
        assertEquals(404, client.get("/api/paper/copies/" + others).status());
        assertEquals(
                404, client.get("/api/paper/copies/" + others + "/sheet.pdf").status());
        assertEquals(1, client.get("/api/paper").body().at("/sheets/0/copies").size());
    }

    @Test
    void everyCopyHasTheMarksOfItsOwnItems() {
        for (JsonNode copy : make(instructor, wanted("both-sides", 20, true)).at("/copies")) {
            Client owner = copy.at("/student").asText().equals(student.name()) ? client : other;
            String path = "/api/paper/copies/" + copy.at("/code").asText();
            int most = owner.get(path).body().at("/most").asInt();
            assertEquals(most, copy.at("/most").asInt());
            assertEquals(
                    most,
                    owner.get("/api/paper")
                            .body()
                            .at("/sheets/0/copies/0/done/0/most")
                            .asInt());
        }
    }

    @Test
    void whoMovesToAnotherClassKeepsTheOwnSheets() {
        JsonNode own = make(client, wanted("mean", 2, false));
        make(instructor, wanted("mean", 2, false));
        String elsewhere = people.addClass("Another hut");
        Client moved = new Client(
                mvc,
                new Person(
                        student.id(),
                        student.username(),
                        student.name(),
                        student.role(),
                        elsewhere,
                        "Another hut",
                        false));
        assertEquals(1, shelf(moved), "the sheet for all stays with its class");
        assertEquals(200, moved.get("/api/paper/copies/" + code(own, 0)).status());
    }

    @Test
    void noTwoItemsOfASheetAreAlike() {
        JsonNode sheet = make(instructor, wanted("both-sides", 20, false));
        Set<String> stems = new HashSet<>();
        client.get("/api/paper/copies/" + code(sheet, 0))
                .body()
                .at("/places")
                .forEach(place -> stems.add(place.at("/item/stem").toString() + place.at("/item/parts")));
        assertEquals(20, stems.size());
    }

    @Test
    void aCodeIsReadHoweverItIsTyped() {
        String code = code(make(instructor, wanted("mean", 2, false)), 0);
        String typed = code.toUpperCase().replace("-", "");
        assertEquals(
                code,
                client.get("/api/paper/copies/" + typed).body().at("/code").asText());
        Client.Answer none = client.get("/api/paper/copies/zzz-zzz");
        assertEquals(404, none.status());
        assertTrue(none.body().at("/detail").asText().contains("code"));
    }

    @Test
    void aStudentMakesASheetForOneselfAlone() {
        JsonNode sheet = make(client, wanted("mean", 3, true));
        assertEquals(1, sheet.at("/copies").size());
        assertEquals(student.name(), sheet.at("/copies/0/student").asText());
        assertEquals(1, shelf(client));
        assertEquals(0, shelf(other));
        assertEquals(1, shelf(instructor), "the instructor sees what the class works on");
        assertEquals(0, shelf(stranger));
    }

    @Test
    void aSheetThatIsSentTwiceIsMadeOnce() {
        String key = UUID.randomUUID().toString();
        JsonNode first =
                instructor.post("/api/paper", wanted("mean", 2, false), key).body();
        JsonNode second =
                instructor.post("/api/paper", wanted("mean", 2, false), key).body();
        assertEquals(code(first, 0), code(second, 0));
        assertEquals(1, shelf(instructor));
    }

    @Test
    void whatCannotBePrintedIsRefusedInASentence() {
        assertRefused(wanted("mean", 21, false), "at most 20 items");
        assertRefused(wanted("mean", 0, false), "at least one item");
        assertRefused(wanted("no-such-skill", 2, false), "no such skill");
        assertRefused(wanted("mean", 2, false).replace("At home", " "), "title");
        assertRefused(wanted("mean", 2, false).replace("\"level\":0", "\"level\":4"), "1 to 3");
        String share = "{\"skillId\":\"mean\",\"items\":20,\"level\":1}";
        assertRefused(
                wanted("mean", 2, false).replace("\"shares\":[", "\"shares\":[" + share + "," + share + ","),
                "at most 40 items");
        assertEquals(0, shelf(instructor));
    }

    private void assertRefused(String body, String sentence) {
        Client.Answer answer = instructor.post("/api/paper", body);
        assertEquals(400, answer.status());
        assertTrue(answer.body().at("/detail").asText().contains(sentence), answer.text());
    }

    @Test
    void aSheetCanBeTakenAwayUntilSomebodyHasBegunIt() {
        JsonNode sheet = make(instructor, wanted("mean", 2, false));
        String path = "/api/paper/" + sheet.at("/id").asText();
        assertTrue(sheet.at("/removable").asBoolean());
        assertEquals(404, client.delete(path).status(), "it is the instructor's");
        assertEquals(404, stranger.delete(path).status());
        client.get("/api/paper/copies/" + code(sheet, 0));
        assertEquals(409, instructor.delete(path).status());
        JsonNode unused = make(instructor, wanted("mean", 2, true));
        assertEquals(
                204,
                instructor.delete("/api/paper/" + unused.at("/id").asText()).status());
        assertEquals(1, shelf(instructor));
    }

    @Test
    void sheetsArePdfAndSolutionsWaitForTheStudent() {
        JsonNode sheet = make(instructor, wanted("mean", 2, false));
        String copy = "/api/paper/copies/" + code(sheet, 0);
        assertTrue(client.type(copy + "/sheet.pdf").contains("pdf"));
        assertEquals(409, client.get(copy + "/solutions.pdf").status());
        assertTrue(instructor.type(copy + "/solutions.pdf").contains("pdf"));
        String all = "/api/paper/" + sheet.at("/id").asText();
        assertTrue(instructor.type(all + "/sheets.pdf").contains("pdf"));
        assertEquals(403, client.get(all + "/solutions.pdf").status());
        assertEquals(404, stranger.get(copy + "/solutions.pdf").status());
        assertEquals(404, stranger.get(all + "/sheets.pdf").status());
    }

    @Test
    void aClassHasWordsOfItsOwnForMarks() {
        assertEquals(0, client.get("/api/paper/scale").body().at("/grades").size());
        String scale = "{\"grades\":[{\"from\":0,\"word\":\"begun\"},{\"from\":80,\"word\":\" sure \"}]}";
        assertEquals(403, client.put("/api/paper/scale", scale).status());
        assertEquals(
                "sure",
                instructor
                        .put("/api/paper/scale", scale)
                        .body()
                        .at("/grades/0/word")
                        .asText());
        assertEquals(2, client.get("/api/paper/scale").body().at("/grades").size());
        Client.Answer holes = instructor.put("/api/paper/scale", scale.replace("\"from\":0", "\"from\":10"));
        assertEquals(400, holes.status());
        assertFalse(holes.body().at("/detail").asText().isBlank());
        assertEquals(0, stranger.get("/api/paper/scale").body().at("/grades").size());
    }
}
