package littlesummit.app.classroom;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Map;
import littlesummit.app.ApiTest;
import littlesummit.app.ToCome;
import littlesummit.app.people.PeopleService;
import littlesummit.app.web.Problem;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.Test;

class ClassApiTest extends ApiTest {
    private static final String POLICY =
            "{\"openTries\":3,\"choiceTries\":1,\"allTries\":2,\"freeForms\":1,\"hints\":false,"
                    + "\"example\":true,\"similar\":true,"
                    + "\"lineCheck\":\"ALWAYS\",\"calculator\":\"AS_ITEM\",\"work\":\"REQUIRED\"}";

    private static String wish(String title, String skills, String target, String quiz, String due, String students) {
        return "{\"title\":\"" + title + "\",\"skills\":[" + skills + "],\"target\":\"" + target + "\",\"policy\":"
                + POLICY + quiz + ",\"due\":\"" + due + "\",\"students\":[" + students + "]}";
    }

    private static String simple(String title) {
        return wish(title, "\"mean\"", "score:80", "", ToCome.NEXT_YEAR.toString(), "");
    }

    @Test
    void whatTheInstructorSetsTheStudentFindsWithItsPolicy() {
        assertEquals(
                200,
                instructor.post("/api/class/assignments", simple("Snow depths")).status());
        JsonNode due = client.get("/api/due").body().at("/assignments/0");
        assertEquals("Snow depths", due.at("/title").textValue());
        String practice = "/api/practice/" + due.at("/id").textValue() + "/mean";
        JsonNode view = client.get(practice).body();
        assertTrue(view.at("/workRequired").booleanValue());
        assertFalse(view.at("/item/hintsAllowed").booleanValue());
        assertEquals(
                403,
                client.post(
                                practice + "/hint",
                                "{\"itemId\":\"" + view.at("/item/id").textValue() + "\"}")
                        .status());
    }

    @Test
    void anAssignmentForSomeIsNotThereForOthers() {
        instructor.post(
                "/api/class/assignments",
                wish("For one", "\"mean\"", "run:3/5", "", ToCome.NEXT_YEAR.toString(), "\"" + student.id() + "\""));
        JsonNode own = client.get("/api/due").body().at("/assignments");
        assertEquals(1, own.size());
        assertEquals(0, other.get("/api/due").body().at("/assignments").size());
        assertEquals(
                404,
                other.get("/api/practice/" + own.at("/0/id").textValue() + "/mean")
                        .status());
    }

    @Test
    void aDateIsMovedForTheClassOrForOne() {
        String id = instructor
                .post("/api/class/assignments", simple("Moved"))
                .body()
                .at("/all/0/id")
                .textValue();
        instructor.put(
                "/api/class/assignments/" + id + "/due",
                "{\"due\":\"" + ToCome.days(800) + "\",\"student\":\"" + student.id() + "\"}");
        assertEquals(
                ToCome.days(800).toString(),
                client.get("/api/due").body().at("/assignments/0/due").textValue());
        assertEquals(
                ToCome.NEXT_YEAR.toString(),
                other.get("/api/due").body().at("/assignments/0/due").textValue());
        instructor.put("/api/class/assignments/" + id + "/due", "{\"due\":\"" + ToCome.days(1200) + "\"}");
        assertEquals(
                ToCome.days(1200).toString(),
                other.get("/api/due").body().at("/assignments/0/due").textValue());
        assertEquals(
                404,
                stranger.put("/api/class/assignments/" + id + "/due", "{\"due\":\"" + ToCome.days(1200) + "\"}")
                        .status());
    }

    @Test
    void aQuizIsSetWithItsPlan() {
        String quiz = ",\"quiz\":{\"items\":6,\"minutes\":20,\"rounds\":3,\"target\":90,\"workRequired\":false}";
        String id = instructor
                .post(
                        "/api/class/assignments",
                        wish("Round", "\"mean\",\"both-sides\"", "quiz:90", quiz, ToCome.NEXT_YEAR.toString(), ""))
                .body()
                .at("/all/0/id")
                .textValue();
        JsonNode page = client.get("/api/quiz/" + id).body();
        assertEquals(
                "6 20 3 90",
                page.at("/items") + " " + page.at("/minutes") + " " + page.at("/rounds") + " " + page.at("/target"));
    }

    @Test
    void whatMakesNoSenseIsRefusedInASentence() {
        Map<String, String> bad = Map.of(
                wish(" ", "\"mean\"", "score:80", "", ToCome.NEXT_YEAR.toString(), ""),
                "title",
                wish("T", "", "score:80", "", ToCome.NEXT_YEAR.toString(), ""),
                "at least one skill",
                wish("T", "\"flying\"", "score:80", "", ToCome.NEXT_YEAR.toString(), ""),
                "at least one skill",
                wish("T", "\"mean\"", "score:800", "", ToCome.NEXT_YEAR.toString(), ""),
                "target",
                wish("T", "\"mean\"", "lesson", "", ToCome.NEXT_YEAR.toString(), ""),
                "This target is none",
                wish("T", "\"mean\"", "score:80", "", "2001-01-01T10:00:00Z", ""),
                "past",
                wish("T", "\"mean\"", "quiz:90", "", ToCome.NEXT_YEAR.toString(), ""),
                "needs a plan",
                wish(
                        "T",
                        "\"mean\"",
                        "quiz:90",
                        ",\"quiz\":{\"items\":0,\"minutes\":20,\"rounds\":3,\"target\":90,\"workRequired\":false}",
                        ToCome.NEXT_YEAR.toString(),
                        ""),
                "cannot be held");
        bad.forEach((body, words) -> {
            var refused = instructor.post("/api/class/assignments", body);
            assertEquals(400, refused.status(), body);
            assertTrue(refused.text().contains(words), refused.text());
        });
        assertEquals(0, client.get("/api/due").body().at("/assignments").size());
    }

    @Test
    void everyDoorIsClosedToStudentsAndToOtherClasses() {
        for (String door :
                List.of("", "/users.csv", "/skills", "/preview/mean/1/1", "/assignments", "/marks", "/marks.csv")) {
            assertEquals(403, client.get("/api/class" + door).status(), door);
            assertEquals(200, instructor.get("/api/class" + door).status(), door);
        }
        assertEquals(
                403,
                client.post("/api/class/students", "{\"name\":\"N\",\"username\":\"n\"}")
                        .status());
        assertEquals(403, client.post("/api/class/roster", "{\"csv\":\"name\"}").status());
        assertEquals(403, client.post("/api/class/assignments", simple("Mine")).status());
        assertEquals(
                403,
                client.put("/api/class/students/" + student.id() + "/extra-time", "{\"percent\":200}")
                        .status());
        for (String door : List.of("/code", "/extra-time")) {
            String path = "/api/class/students/" + student.id() + door;
            assertEquals(
                    404,
                    door.equals("/code")
                            ? stranger.post(path, "{}").status()
                            : stranger.put(path, "{\"percent\":50}").status(),
                    door);
        }
        assertEquals(0, stranger.get("/api/class").body().at("/students").size());
    }

    @Test
    void aNewStudentComesInByACodeThatMustBeChanged() {
        JsonNode made = instructor
                .post("/api/class/students", "{\"name\":\"Ulla Fern\",\"username\":\"\"}")
                .body();
        String username = made.at("/username").textValue();
        String code = made.at("/code").textValue();
        var person = people.signIn(username, code);
        assertTrue(person.mustChange());
        Assertions.assertThrows(Problem.class, () -> people.changePassword(person, code, "short"));
        people.changePassword(person, "not looked at", "long enough");
        Assertions.assertThrows(Problem.class, () -> people.changePassword(person, "wrong", "another one"));
        assertFalse(people.require(person.id()).mustChange());
        Assertions.assertThrows(Problem.class, () -> people.signIn(username, code));
        assertEquals(person.id(), people.signIn(username, "long enough").id());
    }

    @Test
    void aCodeIsAlsoTheWayBackForOneWhoIsLockedOut() {
        PeopleService.Student locked = people.students(student.classId()).stream()
                .filter(s -> s.id().equals(student.id()))
                .findFirst()
                .orElseThrow();
        for (int i = 0; i < 8; i++) {
            Assertions.assertThrows(Problem.class, () -> people.signIn(locked.username(), "wrong"));
        }
        assertTrue(Assertions.assertThrows(Problem.class, () -> people.signIn(locked.username(), "pw"))
                .getMessage()
                .contains("Too many"));
        String code = instructor
                .post("/api/class/students/" + locked.id() + "/code", "{}")
                .body()
                .at("/code")
                .textValue();
        assertEquals(locked.id(), people.signIn(locked.username(), code).id());
    }

    @Test
    void aRosterTakesWhatItCanAndTellsTheRest() {
        String csv = "givenName,familyName,username\\nMira,Stone,mira-" + student.username()
                + "\\nOlan,Reed,\\n,,\\nEvil,=cmd,bad name\\n";
        JsonNode result = instructor
                .post("/api/class/roster", "{\"csv\":\"" + csv + "\"}")
                .body();
        assertEquals(2, result.at("/added").size());
        assertEquals(2, result.at("/refused").size());
        assertTrue(result.at("/refused/0").textValue().startsWith("Line 4:"));
        assertEquals(
                400,
                instructor.post("/api/class/roster", "{\"csv\":\"a,a\\n1,2\"}").status());
        String out = instructor.text("/api/class/users.csv");
        assertTrue(out.startsWith("sourcedId,status,"), out);
        assertEquals(Csv.read(out).size(), people.students(student.classId()).size());
    }

    @Test
    void aRosterOfAnotherSchoolBringsItsStudentsAndNotItsTeachers() {
        String csv = "sourcedId,status,role,username,givenName,familyName\\n"
                + "1,active,teacher,boss,Runa,Vale\\n"
                + "2,active,student,m-"
                + student.username() + ",Mira,Stone\\n";
        JsonNode result = instructor
                .post("/api/class/roster", "{\"csv\":\"" + csv + "\"}")
                .body();
        assertEquals(
                "1 1", result.at("/added").size() + " " + result.at("/refused").size());
        assertEquals(
                "Line 2: Only students are taken in here. Invite colleagues under Your classes.",
                result.at("/refused/0").textValue());
        assertTrue(people.students(student.classId()).stream()
                .anyMatch(s -> s.name().equals("Mira Stone") && s.waiting()));
    }

    @Test
    void whatGoesOutAsARosterIsKnownWhenItComesBack() {
        String out = instructor.text("/api/class/users.csv").replace("\r", "").replace("\n", "\\n");
        JsonNode result = instructor
                .post("/api/class/roster", "{\"csv\":\"" + out + "\"}")
                .body();
        assertEquals(
                "0 2", result.at("/added").size() + " " + result.at("/refused").size());
        assertTrue(result.at("/refused/0").textValue().contains("already"));
    }

    @Test
    void marksComeOutAsCsvAndReadBackEqual() {
        people.add(
                "f" + student.username(),
                "=HYPERLINK(1)",
                littlesummit.app.people.Role.STUDENT,
                "pw",
                student.classId());
        answerRight(assigned(new Target.Run(1, 1), Policy.DEFAULT, "scientific-notation"));
        String csv = instructor.text("/api/class/marks.csv");
        assertFalse(csv.contains("\n=") || csv.contains(",="), csv);
        List<Map<String, String>> rows = Csv.read(csv);
        assertEquals(3, rows.size());
        assertTrue(rows.stream().anyMatch(r -> r.get("student").equals("=HYPERLINK(1)")));
        Map<String, String> own = rows.stream()
                .filter(r -> r.get("username").equals(student.username()))
                .findFirst()
                .orElseThrow();
        assertEquals("1", own.get("skillsreached"));
        JsonNode table = instructor.get("/api/class/marks").body();
        assertEquals(1, table.at("/assignments").size());
        assertEquals(3, table.at("/rows").size());
    }

    @Test
    void whoIsStuckIsSeenWithTheMistakeThatIsCommon() {
        String path = assigned(new Target.Score(80), Policy.DEFAULT, "scientific-notation");
        for (int i = 0; i < 4; i++) {
            miss(path);
            onward(path, "NEXT");
        }
        JsonNode glance = instructor.get("/api/class").body();
        assertEquals("scientific-notation", glance.at("/stuck/0/skillId").textValue());
        assertEquals(student.name(), glance.at("/stuck/0/students/0").textValue());
        assertEquals(2, glance.at("/students").size());
    }
}
