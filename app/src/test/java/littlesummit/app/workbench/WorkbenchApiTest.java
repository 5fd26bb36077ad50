package littlesummit.app.workbench;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.Arrays;
import java.util.stream.StreamSupport;
import littlesummit.app.ApiTest;
import littlesummit.app.Client;
import littlesummit.app.ToCome;
import littlesummit.content.template.Templates;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import org.junit.jupiter.api.Test;

class WorkbenchApiTest extends ApiTest {
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final int PATIENCE = 600;
    private static final String POLICY =
            "{\"openTries\":3,\"choiceTries\":1,\"allTries\":2,\"freeForms\":1,\"hints\":true,\"example\":true,"
                    + "\"similar\":true,\"lineCheck\":\"ALWAYS\",\"calculator\":\"AS_ITEM\",\"work\":\"OPTIONAL\"}";

    private String begun(String body) {
        Client.Answer answer = instructor.post("/api/workbench", body);
        assertEquals(200, answer.status(), answer.text());
        return answer.body().at("/id").asText();
    }

    private static String text(String text) {
        return JSON.createObjectNode().put("text", text).toString();
    }

    private Client.Answer write(String id, String text) {
        return instructor.put("/api/workbench/" + id, text(text));
    }

    /** Looks at all items and waits for the end. */
    private JsonNode proof(String id) throws InterruptedException {
        JsonNode proof = instructor.post("/api/workbench/" + id + "/proof", "").body();
        for (int i = 0; i < PATIENCE && !proof.at("/state").asText().equals("DONE"); i++) {
            Thread.sleep(100);
            proof = instructor.get("/api/workbench/" + id + "/proof").body();
        }
        assertEquals("DONE", proof.at("/state").asText(), proof.toString());
        return proof;
    }

    /** A skill of the class that is in use. */
    private String used(String text) throws InterruptedException {
        String id = begun(text(text));
        assertTrue(proof(id).at("/holds").asBoolean());
        assertEquals(200, instructor.post("/api/workbench/" + id + "/use", "").status());
        return id;
    }

    private static boolean has(JsonNode list, String id) {
        return StreamSupport.stream(list.spliterator(), false)
                .anyMatch(skill -> skill.at("/id").asText().equals(id));
    }

    @Test
    void anEmptyBeginningIsAnExampleInWhichEverythingHolds() throws InterruptedException {
        String id = begun("{}");
        JsonNode draft = instructor.get("/api/workbench/" + id).body();
        assertEquals("DRAFT", draft.at("/state").asText());
        assertEquals(Templates.starter(), draft.at("/text").asText());
        assertEquals(0, draft.at("/faults").size());
        JsonNode proof = proof(id);
        assertTrue(proof.at("/holds").asBoolean() && proof.at("/current").asBoolean(), proof.toString());
        assertTrue(proof.at("/extent").asText().matches("4\\d\\d of about 5,460 items"), proof.toString());
        assertEquals(
                "PROVED",
                instructor.get("/api/workbench/" + id).body().at("/state").asText());
    }

    @Test
    void aCopyOfASkillThatShipsHasItsText() {
        String id = begun("{\"source\":\"unit-rate\"}");
        JsonNode draft = instructor.get("/api/workbench/" + id).body();
        assertEquals(
                Templates.document("unit-rate").orElseThrow(), draft.at("/text").asText());
        assertEquals("Price of one", draft.at("/name").asText());
        assertEquals(
                404,
                instructor
                        .post("/api/workbench", "{\"source\":\"mean-of-nothing\"}")
                        .status());
    }

    @Test
    void theSameRequestTwiceBeginsOneSkill() {
        instructor.post("/api/workbench", "{}", "once");
        instructor.post("/api/workbench", "{}", "once");
        assertEquals(1, instructor.get("/api/workbench").body().at("/skills").size());
    }

    @Test
    void whatCannotBeReadIsKeptAndSaysWhere() {
        String id = begun("{}");
        String broken = Templates.starter().replace("n: 3..9", "n: three");
        JsonNode draft = write(id, broken).body();
        assertEquals(broken, draft.at("/text").asText());
        JsonNode fault = draft.at("/faults/0");
        int line = broken.substring(0, broken.indexOf("n: three")).split("\n", -1).length;
        assertEquals(line, fault.at("/line").asInt(), fault.toString());
        assertTrue(fault.at("/sentence").asText().contains("three"), fault.toString());
        JsonNode shown = instructor.get("/api/workbench/" + id + "/item/1/1").body();
        assertTrue(shown.at("/item").isMissingNode() || shown.at("/item").isNull(), shown.toString());
        assertEquals(fault, shown.at("/faults/0"));
        assertEquals(409, instructor.post("/api/workbench/" + id + "/use", "").status());
    }

    @Test
    void aChangeOnAnOldVersionIsRefusedAndLosesNothing() {
        String id = begun("{}");
        String tag = instructor.get("/api/workbench/" + id).body().at("/tag").asText();
        assertEquals(
                200,
                instructor
                        .put("/api/workbench/" + id, text("skill: first"), tag)
                        .status());
        Client.Answer late = instructor.put("/api/workbench/" + id, text("skill: second"), tag);
        assertEquals(412, late.status());
        assertEquals("skill: first", late.body().at("/current/text").asText());
    }

    @Test
    void theLiveItemIsThatOfTheDraftAndIsGraded() {
        String id = begun("{}");
        String item = "/api/workbench/" + id + "/item/1/5";
        JsonNode shown = instructor.get(item).body().at("/item");
        int[] numbers = shown.at("/stem/0/text")
                .asText()
                .replaceAll("\\D+", " ")
                .strip()
                .transform(s ->
                        Arrays.stream(s.split(" ")).mapToInt(Integer::parseInt).toArray());
        String right = String.valueOf(numbers[0] * numbers[1]);
        String added = String.valueOf(numbers[0] + numbers[1]);
        JsonNode good = instructor
                .post(item, "{\"part\":0,\"entries\":{\"total\":\"" + right + "\"}}")
                .body();
        assertEquals("correct", good.at("/feedback/0/verdict").asText(), good.toString());
        JsonNode bad = instructor
                .post(item, "{\"part\":0,\"entries\":{\"total\":\"" + added + "\"}}")
                .body();
        assertTrue(bad.toString().contains("The apples of every crate count"), bad.toString());
        assertFalse(good.toString().contains("The apples of every crate count"), good.toString());
    }

    @Test
    void whatDoesNotHoldIsSaidWithAnExampleAndCannotBeUsed() throws InterruptedException {
        String id = begun(text(Templates.starter().replace("Begin with $n * 10$.", "It is {total}.")));
        JsonNode proof = proof(id);
        assertFalse(proof.at("/holds").asBoolean());
        JsonNode complaint = proof.at("/complaints/0");
        assertEquals("This hint holds the answer.", complaint.at("/sentence").asText());
        assertTrue(complaint.at("/line").asInt() > 1, complaint.toString());
        assertTrue(complaint.at("/example/stem/0/text").asText().contains("crates"), complaint.toString());
        assertEquals(409, instructor.post("/api/workbench/" + id + "/use", "").status());
    }

    @Test
    void aProofIsOfTheTextThatItLookedAt() throws InterruptedException {
        String id = begun("{}");
        proof(id);
        write(id, Templates.starter().replace("n: 3..9", "n: 3..8"));
        assertFalse(instructor
                .get("/api/workbench/" + id + "/proof")
                .body()
                .at("/current")
                .asBoolean());
        assertEquals(
                "DRAFT",
                instructor.get("/api/workbench/" + id).body().at("/state").asText());
        assertEquals(409, instructor.post("/api/workbench/" + id + "/use", "").status());
    }

    @Test
    void whatIsInUseIsAssignedPractisedAndOnTheMapOfItsClassAlone() throws InterruptedException {
        String id = used(Templates.starter());
        assertTrue(has(instructor.get("/api/class/skills").body(), id));
        assertFalse(has(stranger.get("/api/class/skills").body(), id));
        assertTrue(has(client.get("/api/map").body().at("/skills"), id));
        assertTrue(has(client.get("/api/paper/skills").body(), id));
        String path = assigned(new Target.Score(80), Policy.DEFAULT, id);
        assertEquals("A skill of mine", client.get(path).body().at("/skill").asText());
        JsonNode view = answerRight(path);
        assertTrue(view.at("/item/outcome").asText().startsWith("UNAIDED"), view.toString());
        assertEquals(
                200, client.get("/api/book/" + view.at("/item/id").asText()).status());
        String own = "/api/practice/own/" + id;
        assertEquals(200, client.get(own).status(), "also by one's own choice");
        Client.Answer far = stranger.post(
                "/api/class/assignments",
                "{\"title\":\"T\",\"skills\":[\"" + id + "\"],\"target\":\"score:80\",\"policy\":" + POLICY
                        + ",\"due\":\"" + ToCome.NEXT_YEAR + "\",\"students\":[]}");
        assertEquals(400, far.status());
        assertTrue(far.text().contains("Choose at least one skill of the map"), far.text());
    }

    @Test
    void anOpenItemStaysWhatItWasWhenANewVersionComes() throws InterruptedException {
        String id = used(Templates.starter());
        String path = assigned(new Target.Score(80), Policy.DEFAULT, id);
        JsonNode before = client.get(path).body().at("/item/stem");
        String changed = Templates.starter()
                .replace("In the cellar stand {n} crates", "Down in the cellar stand {n} crates")
                .replace("The school gets", "The village school gets");
        write(id, changed);
        assertEquals(
                "CHANGED",
                instructor.get("/api/workbench/" + id).body().at("/state").asText());
        assertTrue(proof(id).at("/holds").asBoolean());
        JsonNode draft = instructor.post("/api/workbench/" + id + "/use", "").body();
        assertEquals(
                "IN_USE 2",
                draft.at("/state").asText() + " " + draft.at("/version").asInt());
        assertEquals(before, client.get(path).body().at("/item/stem"));
        answerRight(path);
        onward(path, "NEXT");
        String next = client.get(path).body().at("/item/stem").toString();
        assertTrue(next.contains("Down in the cellar") || next.contains("village school"), next);
        assertNotEquals(before.toString(), next);
    }

    @Test
    void whatIsTakenOutOfUseStaysForWhoHasIt() throws InterruptedException {
        String id = used(Templates.starter());
        String path = assigned(new Target.Score(80), Policy.DEFAULT, id);
        itemId(path);
        assertEquals(409, instructor.delete("/api/workbench/" + id).status());
        JsonNode draft = instructor.delete("/api/workbench/" + id + "/use").body();
        assertEquals("WITHDRAWN", draft.at("/state").asText());
        assertFalse(has(instructor.get("/api/class/skills").body(), id));
        assertFalse(has(client.get("/api/map").body().at("/skills"), id));
        assertTrue(answerRight(path).at("/item/outcome").asText().startsWith("UNAIDED"));
        assertEquals(200, instructor.get("/api/class/marks").status());
        assertEquals(
                "IN_USE",
                instructor
                        .post("/api/workbench/" + id + "/use", "")
                        .body()
                        .at("/state")
                        .asText());
        assertTrue(has(client.get("/api/map").body().at("/skills"), id));
    }

    @Test
    void aDraftCanBeDeletedAndTakenAlongAsAFile() {
        String id = begun("{}");
        assertEquals(Templates.starter(), instructor.text("/api/workbench/" + id + "/file"));
        assertEquals(204, instructor.delete("/api/workbench/" + id).status());
        assertEquals(404, instructor.get("/api/workbench/" + id).status());
        assertEquals(0, instructor.get("/api/workbench").body().at("/skills").size());
    }
}
