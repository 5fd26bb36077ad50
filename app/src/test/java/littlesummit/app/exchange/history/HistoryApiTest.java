package littlesummit.app.exchange.history;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import littlesummit.app.ApiTest;
import littlesummit.app.Client;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import org.junit.jupiter.api.Test;

/** What students did elsewhere comes in as history: it is seen, and changes nothing. */
class HistoryApiTest extends ApiTest {
    private static final String IN = "/api/exchange/history";

    private static String statement(String id, String account, String title) {
        return """
            {"id":"%s","actor":{"account":{"homePage":"https://hut.example","name":"%s"}},\
            "verb":{"id":"http://adlnet.gov/expapi/verbs/completed"},\
            "object":{"id":"https://hut.example/1","definition":{"name":{"en":"%s"}}},\
            "result":{"score":{"scaled":0.5}},"timestamp":"2026-01-02T10:00:00Z"}
            """.formatted(id, account, title).strip();
    }

    private static String fresh() {
        return UUID.randomUUID().toString();
    }

    private JsonNode sent(String path, String... lines) {
        return instructor
                .upload(IN + path, String.join("\n", lines).getBytes(StandardCharsets.UTF_8))
                .body();
    }

    private JsonNode history(Client client, String path) {
        return client.get(IN + path).body();
    }

    @Test
    void thePlanSaysWhatWillComeAndWritesNothing() {
        String twice = statement(fresh(), student.username(), "Knots");
        JsonNode plan = sent("/plan", twice, "no", twice, statement(fresh(), "yeti", "Snow"));
        assertEquals(student.id(), plan.at("/taken/0/id").asText());
        assertEquals(1, plan.at("/taken/0/statements").asInt());
        assertEquals(1, plan.at("/again").asInt());
        assertEquals(2, plan.at("/notTaken/0/at").asInt());
        assertTrue(plan.at("/notTaken/1/says").asText().contains("yeti"));
        assertEquals(0, history(client, "/own").at("/all").asInt());
        assertTrue(history(instructor, "/last").at("/last").isMissingNode());
    }

    @Test
    void whatIsTakenIsSeenByTheOneAndTheInstructorAndChangesNothing() {
        assigned(new Target.Score(10), Policy.DEFAULT, "mean");
        String before = client.get("/api/progress").text();
        sent("", statement(fresh(), student.id(), "Knots"), statement(fresh(), student.username(), "Ropes"));
        JsonNode own = history(client, "/own");
        assertEquals(2, own.at("/all").asInt());
        assertEquals("completed", own.at("/deeds/0/verb").asText());
        assertEquals(50, own.at("/deeds/0/percent").asInt());
        assertEquals(own, history(instructor, "/students/" + student.id()));
        assertEquals(0, history(other, "/own").at("/all").asInt());
        assertEquals(before, client.get("/api/progress").text());
    }

    @Test
    void theSameStatementComesInOnce() {
        String once = statement(fresh(), student.username(), "Knots");
        sent("", once);
        assertEquals(1, sent("/plan", once).at("/again").asInt());
        Client.Answer nothing = instructor.upload(IN, once.getBytes(StandardCharsets.UTF_8));
        assertEquals(400, nothing.status());
        assertEquals(1, history(client, "/own").at("/all").asInt());
    }

    @Test
    void itCanBeUndone() {
        sent("", statement(fresh(), student.username(), "Knots"));
        JsonNode last = history(instructor, "/last").at("/last");
        assertEquals(1, last.at("/statements").asInt());
        String undo = IN + "/" + last.at("/id").asText() + "/undo";
        assertEquals(204, instructor.post(undo, "").status());
        assertEquals(0, history(client, "/own").at("/all").asInt());
        assertEquals(409, instructor.post(undo, "").status());
        assertTrue(history(instructor, "/last").at("/last").isMissingNode());
    }

    @Test
    void ourOwnStatementsAreKnownAgain() {
        answerRight(assigned(new Target.Score(1), Policy.DEFAULT, "mean"));
        String out = instructor.text("/api/exchange/statements.jsonl");
        JsonNode plan = sent("/plan", out.split("\n"));
        assertEquals(out.lines().count(), plan.at("/taken/0/statements").asInt());
        assertTrue(plan.at("/notTaken").isEmpty());
    }
}
