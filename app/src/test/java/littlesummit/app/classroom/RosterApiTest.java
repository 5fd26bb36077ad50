package littlesummit.app.classroom;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import littlesummit.app.ApiTest;
import org.junit.jupiter.api.Test;

/** A table that is taken in: first what it will do, then who is there, and codes that stay until they are used. */
class RosterApiTest extends ApiTest {
    private static String body(String csv) {
        return "{\"csv\":\"" + csv.replace("\"", "\\\"").replace("\n", "\\n") + "\"}";
    }

    private JsonNode plan(String csv) {
        return instructor.post("/api/class/roster/plan", body(csv)).body();
    }

    private int students() {
        return instructor.get("/api/class").body().at("/students").size();
    }

    @Test
    void theDryRunSaysWhatWillHappenAndWritesNothing() {
        int before = students();
        String own = "u" + System.nanoTime();
        JsonNode lines = plan(
                "givenName,familyName,username\nOla,Reed," + own + "\nBad,Name,no good\nTwin,Reed," + own + "\n,,\n");
        assertEquals(before, students());
        assertEquals(
                List.of("", "cannot be signed in with", "stands in this table twice"),
                IntStream.range(0, 3)
                        .mapToObj(i -> lines.at("/" + i + "/refusal").textValue())
                        .map(r -> r.contains("cannot be signed in with")
                                ? "cannot be signed in with"
                                : r.contains("stands in this table twice") ? "stands in this table twice" : r)
                        .toList());

        JsonNode done = instructor
                .post("/api/class/roster", body("givenName,familyName,username\nOla,Reed," + own + "\n"))
                .body();
        assertEquals(own, done.at("/added/0/username").textValue());
        assertEquals(before + 1, students());
    }

    @Test
    void aTableWithoutItsHeadOrWithoutLinesIsToldSo() {
        assertTrue(instructor
                .post("/api/class/roster/plan", body("Ola,Reed\nBen,Hay\n"))
                .text()
                .contains("does not name its columns"));
        assertTrue(instructor
                .post("/api/class/roster/plan", body("givenName,familyName\n"))
                .text()
                .contains("There is no student in this table"));
        assertTrue(instructor.post("/api/class/roster", body("")).text().contains("no student in this table"));
    }

    @Test
    void codesStayToBeSeenUntilTheyAreUsed() {
        String own = "c" + System.nanoTime();
        String code = instructor
                .post("/api/class/students", "{\"name\":\"Code Hay\",\"username\":\"" + own + "\"}")
                .body()
                .at("/code")
                .textValue();
        assertEquals(code, codeOf(own));
        assertEquals(403, client.get("/api/class/codes").status());
        assertFalse(stranger.get("/api/class/codes").text().contains(code));

        var person = people.signIn(own, code.toUpperCase().replace("-", " "));
        assertTrue(person.mustChange());
        assertEquals(code, codeOf(own), "it was not used up by looking in");
        people.changePassword(person, "", "long enough");
        assertEquals("", codeOf(own));
    }

    private String codeOf(String username) {
        return instructor.get("/api/class/codes").body().findParents("username").stream()
                .filter(c -> c.at("/username").textValue().equals(username))
                .map(c -> c.at("/code").textValue())
                .findFirst()
                .orElse("");
    }

    @Test
    void namesGoOutAsTheyCameIn() {
        String own = "n" + System.nanoTime();
        instructor.post(
                "/api/class/roster",
                body("givenName,familyName,username\nBen,\"O'Neil, Jr.\"," + own + "\nMaria José,de la Peña," + own
                        + "b\n"));
        String out = instructor.text("/api/class/users.csv");
        assertTrue(out.contains("Ben,\"O'Neil, Jr.\""), out);
        assertTrue(out.contains("Maria José,de la Peña"), out);
    }

    /** A whole year comes in at once. */
    @Test
    void threeHundredLinesAreTakenIn() {
        String stem = "m" + System.nanoTime() % 1_000_000 + "x";
        String csv = IntStream.range(0, 300)
                .mapToObj(i -> "Given" + i + ",Family" + i + "," + stem + i)
                .collect(Collectors.joining("\n", "givenName,familyName,username\n", "\n"));
        assertEquals(300, plan(csv).size());
        assertEquals(
                300,
                instructor
                        .post("/api/class/roster", body(csv))
                        .body()
                        .at("/added")
                        .size());
    }
}
