package littlesummit.app.classroom;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.stream.Collectors;
import littlesummit.app.ApiTest;
import littlesummit.app.Client;
import littlesummit.app.ToCome;
import littlesummit.content.Catalogue;
import org.junit.jupiter.api.Test;

/** What happens to an assignment after it was set. */
class AssigningApiTest extends ApiTest {
    private static final String POLICY =
            "{\"openTries\":3,\"choiceTries\":1,\"allTries\":2,\"freeForms\":1,\"hints\":true,"
                    + "\"example\":true,\"similar\":true,"
                    + "\"lineCheck\":\"ALWAYS\",\"calculator\":\"AS_ITEM\",\"work\":\"OPTIONAL\"}";

    private String set(String title, String dates, String students) {
        return instructor
                .post(
                        "/api/class/assignments",
                        "{\"title\":\"" + title
                                + "\",\"skills\":[\"absolute-value\"],\"target\":\"run:1/1\",\"policy\":" + POLICY + ","
                                + dates + ",\"students\":[" + students + "]}")
                .body()
                .at("/all/0/id")
                .textValue();
    }

    private String set(String title) {
        return set(title, "\"due\":\"" + ToCome.NEXT_YEAR + "\"", "");
    }

    private int assigned() {
        return client.get("/api/due").body().at("/assignments").size();
    }

    private JsonNode put(String id, String what, String body) {
        return instructor.put("/api/class/assignments/" + id + "/" + what, body).body();
    }

    @Test
    void theWholeCourseCanBeSetAtOnce() {
        String skills = new Catalogue()
                .skills().stream().map(skill -> "\"" + skill.id() + "\"").collect(Collectors.joining(","));
        Client.Answer answer = instructor.post(
                "/api/class/assignments",
                "{\"title\":\"Everything\",\"skills\":[" + skills + "],\"target\":\"score:80\","
                        + "\"due\":\"" + ToCome.NEXT_YEAR + "\",\"students\":[],\"policy\":{\"openTries\":3,"
                        + "\"choiceTries\":1,\"allTries\":2,\"freeForms\":1,\"hints\":true,\"example\":true,"
                        + "\"similar\":true,\"lineCheck\":\"ALWAYS\",\"calculator\":\"AS_ITEM\",\"work\":\"NONE\"}}");
        assertEquals(200, answer.status(), answer.text());
        assertEquals(1, assigned());
    }

    @Test
    void whatIsWithdrawnIsGoneAndComesBackWithAllThatWasDone() {
        String id = set("Trail signs");
        String path = "/api/practice/" + id + "/absolute-value";
        String item = itemId(path);
        answerRight(path);
        JsonNode rows = put(id, "withdrawn", "{\"withdrawn\":true}");
        assertEquals("0 1", rows.at("/all").size() + " " + rows.at("/withdrawn").size());
        assertEquals(0, assigned());
        assertEquals(404, client.get(path).status());
        assertEquals(200, client.get("/api/book/" + item).status(), "own work can still be looked at");
        assertEquals(
                "Trail signs",
                client.get("/api/progress").body().at("/assignments/0/title").textValue());
        assertEquals(
                0, instructor.get("/api/class/marks").body().at("/assignments").size());

        put(id, "withdrawn", "{\"withdrawn\":false}");
        assertEquals(1, assigned());
        assertTrue(client.get(path).body().at("/target/reached").booleanValue());
    }

    @Test
    void whatOpensLaterIsNotThereYet() {
        String id = set(
                "Balloon heights", "\"opens\":\"" + ToCome.days(300) + "\",\"due\":\"" + ToCome.NEXT_YEAR + "\"", "");
        assertEquals(0, assigned());
        assertEquals(404, client.get("/api/practice/" + id + "/absolute-value").status());
        JsonNode row = instructor.get("/api/class/assignments").body().at("/all/0");
        assertEquals(ToCome.days(300).toString(), row.at("/opens").textValue());
        assertEquals(
                0, instructor.get("/api/class").body().at("/students/0/open").intValue());
    }

    @Test
    void itCannotOpenAfterItIsDueNorBeMovedIntoThePast() {
        var refused = instructor.post(
                "/api/class/assignments",
                "{\"title\":\"T\",\"skills\":[\"mean\"],\"target\":\"score:80\",\"policy\":" + POLICY + ",\"opens\":\""
                        + ToCome.days(800) + "\",\"due\":\"" + ToCome.NEXT_YEAR + "\",\"students\":[]}");
        assertEquals(400, refused.status());
        assertTrue(refused.text().contains("open after it is due"), refused.text());
        String id = set("Moved");
        assertEquals(
                400,
                instructor
                        .put("/api/class/assignments/" + id + "/due", "{\"due\":\"2001-01-01T10:00:00Z\"}")
                        .status());
    }

    @Test
    void whoIsNotInTheClassCannotBeChosen() {
        assertEquals(
                400,
                instructor
                        .post(
                                "/api/class/assignments",
                                "{\"title\":\"T\",\"skills\":[\"mean\"],\"target\":\"score:80\",\"policy\":" + POLICY
                                        + ",\"due\":\"" + ToCome.NEXT_YEAR + "\",\"students\":[\"nobody\"]}")
                        .status());
    }

    @Test
    void aStudentIsLeftOutAndTakenInAgain() {
        String id = set("Snow poles");
        JsonNode row = put(id, "left-out", "{\"student\":\"" + student.id() + "\",\"leftOut\":true}")
                .at("/all/0");
        assertEquals("1 true", row.at("/students") + " " + row.at("/exceptions/0/leftOut"));
        assertEquals(0, assigned());
        assertEquals(1, other.get("/api/due").body().at("/assignments").size());
        put(id, "left-out", "{\"student\":\"" + student.id() + "\",\"leftOut\":false}");
        assertEquals(1, assigned());
    }

    @Test
    void aTitleIsChangedButNeverEmptied() {
        String id = set("Kettel shares");
        assertEquals(
                "Kettle shares",
                put(id, "title", "{\"title\":\" Kettle shares \"}")
                        .at("/all/0/title")
                        .textValue());
        assertEquals(
                400,
                instructor
                        .put("/api/class/assignments/" + id + "/title", "{\"title\":\"  \"}")
                        .status());
    }

    @Test
    void howManyHaveBegunAndFinishedIsCounted() {
        String id = set("Bell codes");
        String path = "/api/practice/" + id + "/absolute-value";
        miss(path);
        JsonNode row = instructor.get("/api/class/assignments").body().at("/all/0");
        assertEquals("1 0 2", row.at("/started") + " " + row.at("/finished") + " " + row.at("/students"));
        onward(path, "NEXT");
        answerRight(path);
        assertEquals(
                1,
                instructor
                        .get("/api/class/assignments")
                        .body()
                        .at("/all/0/finished")
                        .intValue());
    }

    @Test
    void skillsToChooseSayWhatComesBeforeAndWhoKnowsIt() {
        answerRight("/api/practice/" + set("Known") + "/absolute-value");
        JsonNode skills = instructor.get("/api/class/skills").body();
        JsonNode own = skills.findParents("id").stream()
                .filter(s -> s.at("/id").textValue().equals("absolute-value"))
                .findFirst()
                .orElseThrow();
        assertEquals(
                "1 integer-add-subtract",
                own.at("/knownBy") + " " + own.at("/needs/0").textValue());
        JsonNode rational = skills.findParents("id").stream()
                .filter(s -> s.at("/id").textValue().equals("rational-analyse"))
                .findFirst()
                .orElseThrow();
        assertTrue(rational.at("/depth").intValue() > own.at("/depth").intValue());
    }

    @Test
    void nobodyElseChangesIt() {
        String id = set("Mine");
        for (String[] door : new String[][] {
            {"withdrawn", "{\"withdrawn\":true}"},
            {"title", "{\"title\":\"Theirs\"}"},
            {"left-out", "{\"student\":\"" + student.id() + "\",\"leftOut\":true}"},
            {"due", "{\"due\":\"" + ToCome.days(1200) + "\"}"}
        }) {
            assertEquals(
                    403,
                    client.put("/api/class/assignments/" + id + "/" + door[0], door[1])
                            .status(),
                    door[0]);
            assertEquals(
                    404,
                    stranger.put("/api/class/assignments/" + id + "/" + door[0], door[1])
                            .status(),
                    door[0]);
        }
        assertEquals(
                List.of("Mine"),
                client.get("/api/due").body().at("/assignments").findValuesAsText("title"));
    }
}
