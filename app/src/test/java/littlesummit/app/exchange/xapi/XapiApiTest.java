package littlesummit.app.exchange.xapi;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import littlesummit.app.ApiTest;
import littlesummit.app.Client;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import org.junit.jupiter.api.Test;

class XapiApiTest extends ApiTest {
    private static final ObjectMapper JSON = new ObjectMapper();

    private static List<JsonNode> lines(Client client, String path) {
        return client.text(path)
                .lines()
                .map(line -> {
                    try {
                        return JSON.readTree(line);
                    } catch (JsonProcessingException broken) {
                        throw new AssertionError(line, broken);
                    }
                })
                .toList();
    }

    private static List<String> verbs(List<JsonNode> lines) {
        return lines.stream()
                .map(line -> line.at("/verb/id").asText().replaceAll(".*/", ""))
                .toList();
    }

    @Test
    void whatAStudentDidIsThereInItsOrder() {
        String path = assigned(new Target.Score(1), Policy.DEFAULT, "mean");
        answerRight(path);
        onward(path, "NEXT");
        miss(path);
        List<JsonNode> own = lines(client, "/api/exchange/own-statements.jsonl");
        assertEquals(List.of("initialized", "answered", "mastered", "initialized", "experienced"), verbs(own));
        assertTrue(own.get(1).at("/result/success").asBoolean());
        assertTrue(own.stream().noneMatch(line -> line.toString().contains(":null")));
        Set<String> ids = new HashSet<>();
        own.forEach(line -> assertTrue(ids.add(line.at("/id").asText()), "an id twice"));
        assertEquals(own, lines(client, "/api/exchange/own-statements.jsonl"));
    }

    @Test
    void anInstructorHasThoseOfTheClassAndAStudentOnlyTheOwn() {
        String path = assigned(new Target.Score(1), Policy.DEFAULT, "mean");
        answerRight(path);
        List<JsonNode> all = lines(instructor, "/api/exchange/statements.jsonl");
        assertEquals(lines(client, "/api/exchange/own-statements.jsonl"), all);
        assertEquals(List.of(), lines(other, "/api/exchange/own-statements.jsonl"));
        assertEquals(student.id(), all.getFirst().at("/actor/account/name").asText());
        assertFalse(all.toString().contains(student.username()), "nothing to sign in with goes out");
    }
}
