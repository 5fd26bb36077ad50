package littlesummit.app.question;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.Map;
import littlesummit.app.ApiTest;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class QuestionApiTest extends ApiTest {
    private String item;

    @BeforeEach
    void anItemTriedOnce() {
        String path = assigned(new Target.Score(80), Policy.DEFAULT, "scientific-notation");
        item = itemId(path);
        client.post(path + "/check", check(item, 0, Map.of("answer", "17")));
        client.put("/api/items/" + item + "/work", lines("4.7 x 1000"));
    }

    private String ask(String text) {
        return client.post("/api/questions", "{\"itemId\":\"" + item + "\",\"question\":\"" + text + "\"}")
                .body()
                .at("/id")
                .textValue();
    }

    @Test
    void theInstructorSeesTheItemTheTriesTheLinesAndTheQuestion() {
        ask("Why is it not 17?");
        JsonNode seen = instructor.get("/api/questions").body().get(0);

        assertEquals("Why is it not 17?", seen.at("/question").textValue());
        assertTrue(seen.at("/tries").toString().contains("\"17\""));
        assertEquals("4.7 x 1000", seen.at("/lines/0").textValue());
        assertTrue(seen.at("/stem").size() > 0);
        assertEquals(student.name(), seen.at("/student").textValue());
    }

    @Test
    void theStudentFindsTheAnswer() {
        String id = ask("How do I begin?");
        instructor.post("/api/questions/" + id + "/answer", "{\"answer\":\"Count the places.\"}");
        JsonNode seen = client.get("/api/questions").body().get(0);

        assertEquals("Count the places.", seen.at("/answer").textValue());
        assertEquals("Instructor", seen.at("/answeredBy").textValue());
    }

    @Test
    void aQuestionThatIsSentTwiceIsAskedOnce() {
        String question = "{\"itemId\":\"" + item + "\",\"question\":\"Why?\"}";
        String first =
                client.post("/api/questions", question, "key").body().at("/id").textValue();
        assertEquals(
                first,
                client.post("/api/questions", question, "key").body().at("/id").textValue());
        assertEquals(1, client.get("/api/questions").body().size());
        client.post("/api/questions", question, "another");
        assertEquals(2, client.get("/api/questions").body().size());
    }

    @Test
    void nobodyElseReadsOrAnswers() {
        String id = ask("Mine");
        assertEquals(0, other.get("/api/questions").body().size());
        assertEquals(0, stranger.get("/api/questions").body().size());
        assertEquals(
                404,
                stranger.post("/api/questions/" + id + "/answer", "{\"answer\":\"no\"}")
                        .status());
        assertEquals(
                403,
                client.post("/api/questions/" + id + "/answer", "{\"answer\":\"no\"}")
                        .status());
        assertEquals(
                404,
                other.post("/api/questions", "{\"itemId\":\"" + item + "\",\"question\":\"not mine\"}")
                        .status());
    }

    @Test
    void anEmptyQuestionIsRefusedInASentence() {
        JsonNode refused = client.post("/api/questions", "{\"itemId\":\"" + item + "\",\"question\":\"  \"}")
                .body();

        assertEquals(400, refused.at("/status").intValue());
        assertTrue(refused.at("/detail").textValue().contains("Write what you want to ask"));
    }
}
