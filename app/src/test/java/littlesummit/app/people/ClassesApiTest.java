package littlesummit.app.people;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.authentication;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import littlesummit.app.ApiTest;
import littlesummit.app.Client;
import littlesummit.app.Visitor;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

class ClassesApiTest extends ApiTest {
    @Autowired
    private PersonRepository persons;

    private Person teacher;

    @BeforeEach
    void whoTeaches() {
        teacher = persons.findByUsername("i" + student.username().substring(1))
                .map(p -> people.require(p.id()))
                .orElseThrow();
    }

    private Client now() {
        return new Client(mvc, people.require(teacher.id()));
    }

    private String make(String name) {
        JsonNode all =
                instructor.post("/api/classes", "{\"name\":\"" + name + "\"}").body();
        return all.findParents("id").stream()
                .filter(c -> c.at("/name").textValue().equals(name))
                .findFirst()
                .orElseThrow()
                .at("/id")
                .textValue();
    }

    @Test
    void aNewClassIsOpenAndHasNobodyInItAndTheOtherStaysAsItWas() {
        String evening = make("Evening class");
        JsonNode all = now().get("/api/classes").body();
        assertEquals(2, all.size());
        assertEquals(
                List.of("0", "2"),
                all.findValues("students").stream()
                        .map(JsonNode::asText)
                        .sorted()
                        .toList());
        assertEquals(evening, people.require(teacher.id()).classId());
        assertEquals(0, now().get("/api/class").body().at("/students").size());
        now().post("/api/classes/" + student.classId() + "/open", "{}");
        assertEquals(2, now().get("/api/class").body().at("/students").size());
    }

    @Test
    void aClassIsRenamedAndPutOutOfTheWayAndTakenUpAgain() {
        String evening = make("Evening class");
        now().put("/api/classes/" + evening + "/name", "{\"name\":\" Late class \"}");
        assertEquals("Late class", people.require(teacher.id()).className());
        assertEquals(
                400,
                now().put("/api/classes/" + evening + "/name", "{\"name\":\"  \"}")
                        .status());
        JsonNode all = now().put("/api/classes/" + evening + "/over", "{\"over\":true}")
                .body();
        assertTrue(all.at("/1/isOver").booleanValue(), "those that are over come last: " + all);
        assertFalse(now().put("/api/classes/" + evening + "/over", "{\"over\":false}")
                .body()
                .at("/1/isOver")
                .booleanValue());
    }

    @Test
    void aGoalLiesAheadAndOnTheMapAndCanBeTakenAway() {
        for (String bad : List.of(
                "{\"skills\":0,\"date\":\"2099-01-01\"}",
                "{\"skills\":900,\"date\":\"2099-01-01\"}",
                "{\"skills\":5,\"date\":\"2001-01-01\"}")) {
            assertEquals(
                    400,
                    instructor
                            .put("/api/classes/goal", "{\"goal\":" + bad + "}")
                            .status(),
                    bad);
        }
        JsonNode all = instructor
                .put("/api/classes/goal", "{\"goal\":{\"skills\":5,\"date\":\"2099-01-01\"}}")
                .body();
        assertEquals(
                "5 2099-01-01",
                all.at("/0/goal/skills").asText() + " " + all.at("/0/goal/date").asText());
        assertTrue(client.get("/api/progress").body().at("/goal").textValue().startsWith("0 of 5 skills are known"));
        assertTrue(
                instructor.put("/api/classes/goal", "{}").body().at("/0/goal").isMissingNode());
        assertTrue(client.get("/api/progress").body().at("/goal").isMissingNode());
    }

    @Test
    void everyDoorIsClosedToStudentsAndToWhoDoesNotTeachTheClass() {
        assertEquals(403, client.get("/api/classes").status());
        assertEquals(403, client.get("/api/classes/colleagues").status());
        assertEquals(403, client.post("/api/classes", "{\"name\":\"Mine\"}").status());
        assertEquals(
                403,
                client.post("/api/classes/" + student.classId() + "/open", "{}").status());
        assertEquals(
                403,
                client.put("/api/classes/goal", "{\"goal\":{\"skills\":5,\"date\":\"2099-01-01\"}}")
                        .status());
        assertEquals(
                403,
                client.post("/api/classes/colleagues", "{\"name\":\"N\",\"username\":\"\"}")
                        .status());
        assertEquals(
                404,
                stranger.post("/api/classes/" + student.classId() + "/open", "{}")
                        .status());
        assertEquals(
                404,
                stranger.put("/api/classes/" + student.classId() + "/name", "{\"name\":\"Taken\"}")
                        .status());
        assertEquals(
                404,
                stranger.put("/api/classes/" + student.classId() + "/over", "{\"over\":true}")
                        .status());
    }

    @Test
    void aColleagueTeachesTheClassAsWell() {
        JsonNode invited = instructor
                .post("/api/classes/colleagues", "{\"name\":\"Runa Vale\",\"username\":\"\"}")
                .body();
        Person runa = people.signIn(
                invited.at("/username").textValue(), invited.at("/code").textValue());
        assertEquals(Role.INSTRUCTOR, runa.role());
        assertTrue(runa.mustChange());
        assertEquals(403, new Client(mvc, runa).get("/api/class").status());
        people.changePassword(runa, invited.at("/code").textValue(), "lantern-by-night");
        assertEquals(
                2,
                new Client(mvc, people.require(runa.id()))
                        .get("/api/class")
                        .body()
                        .at("/students")
                        .size());
        assertEquals(2, instructor.get("/api/classes/colleagues").body().size());
    }

    @Test
    void aStudentMovesToAnotherClassOfTheSameInstructorOnly() {
        String evening = make("Evening class");
        now().post("/api/classes/" + student.classId() + "/open", "{}");
        String path = "/api/class/students/" + student.id() + "/class";
        String elsewhere = people.addClass("Not mine");
        assertEquals(404, now().put(path, "{\"classId\":\"" + elsewhere + "\"}").status());
        assertEquals(
                1,
                now().put(path, "{\"classId\":\"" + evening + "\"}")
                        .body()
                        .at("/students")
                        .size());
        assertEquals(evening, people.require(student.id()).classId());
        assertEquals(
                404,
                now().put("/api/class/students/" + student.id() + "/name", "{\"name\":\"X\"}")
                        .status());
    }

    @Test
    void aStudentIsRenamedByTheInstructorAlone() {
        String path = "/api/class/students/" + student.id();
        assertEquals(
                200, instructor.put(path + "/name", "{\"name\":\"Ada Stone\"}").status());
        assertEquals("Ada Stone", people.require(student.id()).name());
        assertEquals(400, instructor.put(path + "/name", "{\"name\":\" \"}").status());
        for (String door : List.of("/name", "/closed", "/class", "/extra-time")) {
            String body = "{\"name\":\"X\",\"closed\":true,\"classId\":\"c\",\"percent\":5}";
            String own = door.equals("/name")
                    ? "{\"name\":\"X\"}"
                    : door.equals("/closed")
                            ? "{\"closed\":true}"
                            : door.equals("/class") ? "{\"classId\":\"c\"}" : "{\"percent\":5}";
            assertEquals(400, instructor.put(path + door, body).status(), "more than was asked: " + door);
            assertEquals(403, client.put(path + door, own).status(), door);
            assertEquals(404, stranger.put(path + door, own).status(), door);
        }
    }

    @Test
    void aWindowThatShowsOneClassChangesNothingInAnother() throws Exception {
        Visitor visitor = new Visitor(mvc);
        visitor.signIn(teacher.username(), "pw");
        assertEquals(
                200,
                visitor.post("/api/classes", "{\"name\":\"Evening class\"}").getStatus());
        assertTrue(visitor.get("/api/session").getContentAsString().contains("Evening class"));
        assertEquals(409, status(OpenClass.HEADER, student.classId()));
        assertEquals(200, status(OpenClass.HEADER, people.require(teacher.id()).classId()));
        assertEquals(200, status("X-Other", "x"));
    }

    private int status(String header, String value) throws Exception {
        var signedIn = UsernamePasswordAuthenticationToken.authenticated(
                people.require(teacher.id()), null, List.of(new SimpleGrantedAuthority("ROLE_INSTRUCTOR")));
        return mvc.perform(MockMvcRequestBuilders.get("/api/class/assignments")
                        .header(header, value)
                        .with(authentication(signedIn)))
                .andReturn()
                .getResponse()
                .getStatus();
    }

    private JsonNode invite(Client who, String name, String username) {
        return who.post("/api/classes/colleagues", "{\"name\":\"" + name + "\",\"username\":\"" + username + "\"}")
                .body();
    }

    @Test
    void aColleagueWithAnAccountIsAddedToAnotherClassAndTakenOffAgain() {
        String username = "k" + System.nanoTime();
        JsonNode first = invite(instructor, "Kim Reed", username);
        assertFalse(first.at("/code").textValue().isEmpty());
        String id = first.at("/id").textValue();
        String evening = make("Evening class of two");
        JsonNode second = invite(now(), "", username);
        assertEquals(id, second.at("/id").textValue());
        assertEquals(2, now().get("/api/classes/colleagues").body().size());
        assertEquals(
                400,
                now().post("/api/classes/colleagues", "{\"name\":\"\",\"username\":\"" + username + "\"}")
                        .status());

        assertEquals(1, now().delete("/api/classes/colleagues/" + id).body().size());
        assertEquals(404, now().delete("/api/classes/colleagues/" + id).status());
        assertEquals(
                404, now().delete("/api/classes/colleagues/" + teacher.id()).status(), "nobody takes oneself off");
        now().post("/api/classes/" + student.classId() + "/open", "{}");
        assertEquals(2, now().get("/api/classes/colleagues").body().size(), "the first class keeps its colleague");
        assertFalse(evening.isEmpty());
    }

    @Test
    void aColleagueTakenOffTheOnlyClassGoesOnWithAnEmptyOne() {
        JsonNode made = invite(instructor, "Lee Hay", "l" + System.nanoTime());
        instructor.delete("/api/classes/colleagues/" + made.at("/id").textValue());
        Person gone = people.require(made.at("/id").textValue());
        assertEquals("Class of Lee Hay", gone.className());
        assertEquals(
                0,
                new Client(mvc, gone).get("/api/class").body().at("/students").size());
    }

    @Test
    void aColleagueIsGivenANewCode() {
        String username = "q" + System.nanoTime();
        JsonNode made = invite(instructor, "Quin Moor", username);
        String id = made.at("/id").textValue();
        people.changePassword(people.signIn(username, made.at("/code").textValue()), "", "long enough");
        String code = instructor
                .post("/api/classes/colleagues/" + id + "/code", "{}")
                .body()
                .at("/code")
                .textValue();
        assertTrue(people.signIn(username, code).mustChange());
        org.junit.jupiter.api.Assertions.assertThrows(
                littlesummit.app.web.Problem.class, () -> people.signIn(username, "long enough"));
        assertEquals(
                404,
                stranger.post("/api/classes/colleagues/" + id + "/code", "{}").status());
        assertEquals(
                403,
                client.post("/api/classes/colleagues/" + id + "/code", "{}").status());
    }
}
