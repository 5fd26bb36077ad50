package littlesummit.app.erasure;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.io.IOException;
import java.sql.SQLException;
import java.util.List;
import javax.sql.DataSource;
import littlesummit.app.ApiTest;
import littlesummit.app.Client;
import littlesummit.app.people.Person;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Who is deleted is nowhere in the database any more, and nobody else misses anything. */
class ErasureApiTest extends ApiTest {
    @Autowired
    private DataSource database;

    private String everything() {
        return "/api/class/students/" + student.id() + "/everything";
    }

    private void close() {
        instructor.put("/api/class/students/" + student.id() + "/closed", "{\"closed\":true}");
    }

    /**
     * A missed item, a page that was read, a photo, a question, a check and dates.
     *
     * @return the id of the item
     */
    private String workOf(Client one) throws IOException {
        String path = assigned(new Target.Score(80), Policy.DEFAULT, "both-sides");
        String id = one.get(path).body().at("/item/id").textValue();
        one.put("/api/items/" + id + "/work", lines("2x = 8"));
        one.upload("/api/items/" + id + "/photos", picture());
        one.post("/api/questions", "{\"itemId\":\"" + id + "\",\"question\":\"Why?\"}");
        one.post("/api/items/" + id + "/work/hand-in", "{}");
        instructor.post("/api/handed-in/" + id + "/read", "{\"credit\":50,\"comment\":\"Say why.\"}");
        one.post(path + "/solution", "{\"itemId\":\"" + id + "\"}");
        one.post("/api/check/start", "{\"wholeCourse\":true}");
        one.post("/api/calendar/address", "{}");
        return id;
    }

    private List<String> placesOf(String text) throws SQLException {
        return PlacesOfText.in(database, text);
    }

    @Test
    void nothingOfAnErasedStudentIsLeftInAnyTable() throws Exception {
        String item = workOf(client);
        workOf(other);
        assertTrue(
                placesOf(student.id())
                        .containsAll(List.of(
                                "PRACTICE_EVENT.PERSON_ID",
                                "PROGRESS.PERSON_ID",
                                "QUESTION.PERSON_ID",
                                "SKILL_CHECK.PERSON_ID",
                                "CALENDAR_ADDRESS.PERSON_ID",
                                "WORK_PAGE.PERSON_ID")),
                placesOf(student.id())::toString);
        assertTrue(placesOf(item).contains("WORK_PHOTO.ITEM_ID"), placesOf(item)::toString);
        close();
        JsonNode going = instructor.get(everything()).body();
        assertEquals(student.name(), going.at("/name").textValue());
        assertTrue(going.at("/items").intValue() > 1, going::toString);
        assertEquals(1, going.at("/pages").intValue());

        assertEquals(204, instructor.delete(everything()).status());

        assertEquals(List.of(), placesOf(student.id()));
        assertEquals(List.of(), placesOf(student.username()));
        assertEquals(List.of(), placesOf(item));
        assertEquals(404, instructor.get(everything()).status());
        assertEquals(404, instructor.delete(everything()).status(), "a second press changes nothing");
    }

    @Test
    void theOthersOfTheClassMissNothing() throws Exception {
        workOf(client);
        workOf(other);
        JsonNode book = other.get("/api/book").body();
        close();
        JsonNode before = instructor.get("/api/class").body();
        instructor.delete(everything());
        assertEquals(book, other.get("/api/book").body());
        JsonNode now = instructor.get("/api/class").body();
        assertEquals(before.at("/students"), now.at("/students"));
        assertEquals(1, before.at("/closed").size());
        assertEquals(0, now.at("/closed").size());
    }

    @Test
    void anOpenAccountIsClosedFirst() {
        Client.Answer refused = instructor.delete(everything());
        assertEquals(409, refused.status());
        assertTrue(refused.text().contains("Close it first"), refused.text());
        assertEquals(200, client.get("/api/due").status());
    }

    @Test
    void onlyTheInstructorOfTheClassErases() {
        close();
        assertEquals(403, other.delete(everything()).status());
        assertEquals(404, stranger.delete(everything()).status());
        assertFalse(instructor.get(everything()).body().at("/name").isMissingNode());
    }

    @Test
    void whatPaperSaysOfAStudentGoesToo() throws Exception {
        instructor.post(
                "/api/paper",
                "{\"title\":\"Huts\",\"shares\":[{\"skillId\":\"mean\",\"items\":2,\"level\":0}],\"each\":true,"
                        + "\"style\":{\"size\":\"A4\",\"room\":\"NONE\",\"large\":false,\"twoColumns\":false}}");
        assertFalse(placesOf(student.id()).isEmpty());
        assertTrue(placesOf(student.id()).contains("PAPER_COPY.PERSON_ID"), placesOf(student.id())::toString);
        close();
        instructor.delete(everything());
        assertEquals(List.of(), placesOf(student.id()));
    }

    @Test
    void theNameIsFreeAgain() {
        close();
        instructor.delete(everything());
        Client.Answer again = instructor.post(
                "/api/class/students", "{\"name\":\"Pia Lark\",\"username\":\"" + student.username() + "\"}");
        assertEquals(200, again.status(), again.text());
        Person fresh = people.student(
                people.signIn(instructorName(), "pw"), again.body().at("/id").textValue());
        assertEquals("Pia Lark", fresh.name());
    }

    private String instructorName() {
        return "i" + student.username().substring(1);
    }
}
