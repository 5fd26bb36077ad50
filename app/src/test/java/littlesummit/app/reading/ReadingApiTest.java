package littlesummit.app.reading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.UUID;
import littlesummit.app.Client;
import littlesummit.app.people.Person;
import littlesummit.app.people.Role;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.test.web.servlet.MockMvc;

@SpringBootTest(properties = {"spring.datasource.url=jdbc:h2:mem:reading"})
@AutoConfigureMockMvc
class ReadingApiTest {
    @Autowired
    private MockMvc mvc;

    private Client student;
    private Client instructor;

    @BeforeEach
    void people() {
        student =
                new Client(mvc, new Person(UUID.randomUUID().toString(), "s", "S", Role.STUDENT, "c", "Class", false));
        instructor = new Client(
                mvc, new Person(UUID.randomUUID().toString(), "i", "I", Role.INSTRUCTOR, "c", "Class", false));
    }

    private Client.Answer read(String kind, String letters, String entry) {
        return student.post(
                "/api/reading",
                "{\"kind\":\"" + kind + "\",\"letters\":[" + letters + "],\"entry\":\"" + entry + "\"}");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "number; ; 4.7x10^3; 4.7\\times 10^{3}",
                "expression; \"x\"; (x+1)/2; \\frac{x+1}{2}",
                "set; ; 2 and 3; 2\\text{ and }3",
                "domain; \"x\"; x != 4; x \\ne 4",
                "pair; ; (1,2); \\left(1, 2\\right)",
                "quantity; ; 5 kg; 5\\,\\text{kg}",
                "equation; \"x\",\"y\"; y=2x; y = 2x",
                "line; \"x\"; = 5; = 5"
            })
    void anEntryIsShownAsItWasUnderstood(String kind, String letters, String entry, String latex) {
        assertEquals(
                latex.strip(),
                read(kind, letters == null ? "" : letters, entry)
                        .body()
                        .get("latex")
                        .textValue()
                        .strip());
    }

    @Test
    void nothingIsComputed() {
        assertEquals("2+2", read("number", "", "2+2").body().get("latex").textValue());
    }

    @Test
    void thePlaceWhereReadingStoppedIsMarked() {
        var stopped = read("number", "", "4.7 x 10^").body();

        assertEquals(9, stopped.get("at").intValue());
        assertFalse(stopped.get("message").textValue().isBlank());
    }

    @Test
    void nonsenseIsRefused() {
        assertEquals(400, read("nonsense", "", "5").status());
        assertEquals(400, read("number", "", "9".repeat(3000)).status());
        assertEquals(400, student.post("/api/reading", "{\"kind\":\"number\"}").status());
    }

    @Test
    void theGalleryIsClosedToStudents() {
        assertEquals(403, student.get("/api/gallery").status());
        assertEquals(403, student.get("/api/gallery/mean/1/1").status());
        assertEquals(
                403,
                student.post("/api/gallery/mean/1/1", "{\"part\":0,\"entries\":{}}")
                        .status());
    }

    @Test
    void anInstructorTriesAnItemInTheGallery() {
        assertTrue(instructor.get("/api/gallery").body().size() >= 28);
        assertEquals(200, instructor.get("/api/gallery/mean/1/1").status());
        assertEquals(
                "unreadable",
                instructor
                        .post("/api/gallery/mean/1/1", "{\"part\":0,\"entries\":{}}")
                        .body()
                        .at("/feedback/0/verdict")
                        .textValue());
        assertEquals(404, instructor.get("/api/gallery/none/1/1").status());
        assertEquals(
                200, instructor.get("/api/gallery/lesson-percent-parts/2/1").status());
        assertEquals(400, instructor.get("/api/gallery/mean/4/1").status());
        assertEquals(
                400,
                instructor
                        .post("/api/gallery/mean/1/1", "{\"part\":9,\"entries\":{}}")
                        .status());
    }
}
