package littlesummit.app.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.stream.StreamSupport;
import littlesummit.app.ApiTest;
import littlesummit.content.Catalogue;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import org.junit.jupiter.api.Test;

class MapApiTest extends ApiTest {
    private JsonNode skill(String id) {
        JsonNode skills = client.get("/api/map").body().at("/skills");
        return StreamSupport.stream(skills.spliterator(), false)
                .filter(s -> s.at("/id").textValue().equals(id))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void everySkillIsOnIt() {
        assertEquals(
                new Catalogue().skills().size(),
                client.get("/api/map").body().at("/skills").size());
        assertEquals("READY", skill("place-value").at("/status").textValue());
        assertEquals("LOCKED", skill("percent-discount").at("/status").textValue());
        assertEquals("percent-parts", skill("percent-discount").at("/missing/0").textValue());
    }

    @Test
    void aChosenSkillIsBegunThenKnownAndOpensOthers() {
        String path = "/api/practice/own/place-value";
        client.get(path);
        assertEquals("IN_PROGRESS", skill("place-value").at("/status").textValue());
        for (int i = 0; i < 14; i++) {
            answerRight(path);
            onward(path, "NEXT");
        }
        assertEquals("KNOWN", skill("place-value").at("/status").textValue());
        boolean waits = StreamSupport.stream(
                        client.get("/api/map").body().at("/skills").spliterator(), false)
                .anyMatch(s -> s.at("/missing").toString().contains("\"place-value\""));
        assertFalse(waits);
    }

    @Test
    void whatIsAssignedIsPractisedInItsAssignment() {
        String path = assigned(new Target.Score(80), Policy.DEFAULT, "mean");

        assertTrue(path.contains(skill("mean").at("/assignmentId").textValue()));
        assertEquals("own", skill("absolute-value").at("/assignmentId").textValue());
    }

    @Test
    void theInstructorSeesTheMapOfEachStudentOfTheClass() {
        answerRight(assigned(new Target.Run(1, 1), Policy.DEFAULT, "absolute-value"));
        assertEquals(
                client.get("/api/map").body(),
                instructor.get("/api/map/" + student.id()).body());
        assertEquals(403, other.get("/api/map/" + student.id()).status());
        assertEquals(404, stranger.get("/api/map/" + student.id()).status());
    }
}
