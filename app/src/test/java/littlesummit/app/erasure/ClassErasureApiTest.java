package littlesummit.app.erasure;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.stream.StreamSupport;
import javax.sql.DataSource;
import littlesummit.app.ApiTest;
import littlesummit.app.Client;
import littlesummit.app.Unzipped;
import littlesummit.app.people.Person;
import littlesummit.app.people.Role;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** A class that is over leaves the server with all that was done in it, and comes back from its archive alone. */
class ClassErasureApiTest extends ApiTest {
    @Autowired
    private DataSource database;

    private String everything() {
        return "/api/classes/" + student.classId() + "/everything";
    }

    /** Another class is opened, and this one is over. */
    private Client overAndLeft() {
        JsonNode all = instructor
                .post("/api/classes", "{\"name\":\"Next year " + student.username() + "\"}")
                .body();
        String fresh = StreamSupport.stream(all.spliterator(), false)
                .filter(c -> c.at("/isOpen").booleanValue())
                .findFirst()
                .orElseThrow()
                .at("/id")
                .textValue();
        Person now = people.signIn("i" + student.username().substring(1), "pw");
        assertEquals(fresh, now.classId());
        Client moved = new Client(mvc, now);
        moved.put("/api/classes/" + student.classId() + "/over", "{\"over\":true}");
        return moved;
    }

    private static Client.Answer erase(Client by, String everything, String typed) {
        return by.post(everything + "/erase", "{\"name\":\"" + typed + "\"}");
    }

    @Test
    void itGoesFromEveryTableAndComesBackFromItsArchive() throws Exception {
        String path = assigned(new Target.Score(80), Policy.DEFAULT, "both-sides");
        answerRight(path);
        Client moved = overAndLeft();
        byte[] archive = moved.bytes("/api/exchange/class-archive.zip?of=" + student.classId());
        JsonNode going = moved.get(everything()).body();
        assertEquals(student.className(), going.at("/name").textValue());
        assertEquals(2, going.at("/students").intValue());
        assertEquals(1, going.at("/items").intValue());

        assertEquals(204, erase(moved, everything(), student.className()).status());

        assertEquals(List.of(), PlacesOfText.in(database, student.id()));
        assertEquals(List.of(), PlacesOfText.in(database, student.classId()));
        assertEquals(404, moved.get(everything()).status());
        assertEquals(1, moved.get("/api/classes").body().size());

        assertEquals(200, moved.upload("/api/exchange/class-archive", archive).status());
        JsonNode back = StreamSupport.stream(moved.get("/api/classes").body().spliterator(), false)
                .filter(c -> c.at("/name").textValue().equals(student.className()))
                .findFirst()
                .orElseThrow();
        byte[] again = moved.bytes(
                "/api/exchange/class-archive.zip?of=" + back.at("/id").textValue());
        assertEquals(
                Unzipped.texts(archive).get("marks.csv"), Unzipped.texts(again).get("marks.csv"));
        assertTrue(Unzipped.texts(again).get("marks.csv").contains(student.name()));
    }

    @Test
    void aClassThatGoesOnStays() {
        assertEquals(409, instructor.get(everything()).status());
        assertEquals(409, erase(instructor, everything(), student.className()).status());
        assertEquals(200, client.get("/api/due").status());
    }

    @Test
    void oneThatSomebodyHasOpenStaysAlthoughItIsOver() {
        instructor.put("/api/classes/" + student.classId() + "/over", "{\"over\":true}");
        Client.Answer refused = erase(instructor, everything(), student.className());
        assertEquals(409, refused.status());
        assertTrue(refused.text().contains("somebody has it open"), refused.text());
        assertEquals(200, client.get("/api/due").status());
    }

    @Test
    void oneThatOthersTeachAsWellStays() {
        String colleague = "x" + student.username().substring(1);
        assertEquals(
                200,
                instructor
                        .post("/api/classes/colleagues", "{\"name\":\"Stranger\",\"username\":\"" + colleague + "\"}")
                        .status());
        Client moved = overAndLeft();
        Client.Answer refused = erase(moved, everything(), student.className());
        assertEquals(409, refused.status(), refused.text());
        assertTrue(refused.text().contains("Others teach this class"), refused.text());
        assertEquals(200, client.get("/api/due").status());
    }

    @Test
    void anotherNameDeletesNothing() {
        Client moved = overAndLeft();
        Client.Answer refused = erase(moved, everything(), "Hut class");
        assertEquals(400, refused.status());
        assertTrue(refused.text().contains("type “" + student.className() + "”"), refused.text());
        assertEquals(200, client.get("/api/due").status());
        assertEquals(
                204, erase(moved, everything(), " " + student.className() + " ").status());
    }

    @Test
    void nobodyElseDeletesItOrTakesItsArchive() {
        Client moved = overAndLeft();
        assertEquals(404, stranger.get(everything()).status());
        assertEquals(404, erase(stranger, everything(), student.className()).status());
        assertEquals(403, client.get(everything()).status());
        assertEquals(
                404,
                stranger.get("/api/exchange/class-archive.zip?of=" + student.classId())
                        .status());
        assertFalse(moved.get(everything()).body().at("/name").isMissingNode());
    }

    @Test
    void theStudentsOfAnotherClassMissNothing() {
        Client moved = overAndLeft();
        Person another =
                people.add("y" + student.username(), "Another", Role.STUDENT, "pw", people.addClass("Other class"));
        assertEquals(204, erase(moved, everything(), student.className()).status());
        assertEquals(200, new Client(mvc, another).get("/api/due").status());
    }
}
