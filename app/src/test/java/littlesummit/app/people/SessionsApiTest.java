package littlesummit.app.people;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.UnsupportedEncodingException;
import littlesummit.app.ApiTest;
import littlesummit.app.Visitor;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** What becomes of sessions when something about an account changes. */
class SessionsApiTest extends ApiTest {
    private static final String FRESH = "lantern-by-night";

    @Autowired
    private RosterService roster;

    private String codeOf(String studentId) {
        return instructor
                .post("/api/class/students/" + studentId + "/code", "{}")
                .body()
                .at("/code")
                .textValue();
    }

    private static String change(String old) {
        return "{\"old\":\"" + old + "\",\"fresh\":\"" + FRESH + "\"}";
    }

    @Test
    void whoeverComesInByACodeGoesNowhereBeforeAPasswordIsChosen() throws UnsupportedEncodingException {
        String code = codeOf(student.id());
        Visitor visitor = new Visitor(mvc);
        assertEquals(200, visitor.signIn(student.username(), code));
        assertTrue(visitor.get("/api/session").getContentAsString().contains("\"mustChange\":true"));
        for (String door : new String[] {"/api/due", "/api/map", "/api/progress", "/api/review", "/api/check"}) {
            assertEquals(403, visitor.get(door).getStatus(), door);
        }
        assertEquals(204, visitor.post("/api/account/password", change(code)).getStatus());
        assertTrue(visitor.get("/api/session").getContentAsString().contains("\"mustChange\":false"));
        assertEquals(200, visitor.get("/api/due").getStatus());
        assertEquals(401, new Visitor(mvc).signIn(student.username(), code));
    }

    @Test
    void aPasswordAsLongAsItMayBeIsTaken() {
        String longest = "lantern by night, kettle by day, ".repeat(7).substring(0, 200);
        Visitor visitor = new Visitor(mvc);
        visitor.signIn(student.username(), "pw");
        assertEquals(
                204,
                visitor.post("/api/account/password", "{\"old\":\"pw\",\"fresh\":\"" + longest + "\"}")
                        .getStatus());
        assertEquals(200, new Visitor(mvc).signIn(student.username(), longest));
        assertEquals(401, new Visitor(mvc).signIn(student.username(), longest.substring(0, 199)));
    }

    @Test
    void aNewCodeEndsAllSessions() {
        Visitor visitor = new Visitor(mvc);
        visitor.signIn(student.username(), "pw");
        assertEquals(200, visitor.get("/api/due").getStatus());
        codeOf(student.id());
        assertEquals(401, visitor.get("/api/due").getStatus());
    }

    @Test
    void whoeverStartsTheServerHasAWayBackForAnybody() {
        Visitor visitor = new Visitor(mvc);
        visitor.signIn(student.username(), "pw");
        String code =
                roster.newCodeFor(" " + student.username().toUpperCase() + " ").orElseThrow();
        assertEquals(401, visitor.get("/api/due").getStatus());
        assertEquals(401, new Visitor(mvc).signIn(student.username(), "pw"));
        assertEquals(200, new Visitor(mvc).signIn(student.username(), code));
        assertTrue(people.require(student.id()).mustChange());
        assertTrue(roster.newCodeFor("nobody-signs-in-so").isEmpty());
    }

    @Test
    void aNewPasswordEndsTheOthersAndSignOutEverywhereEndsAll() {
        Visitor here = new Visitor(mvc);
        Visitor there = new Visitor(mvc);
        here.signIn(student.username(), "pw");
        there.signIn(student.username(), "pw");
        assertEquals(204, here.post("/api/account/password", change("pw")).getStatus());
        assertEquals(200, here.get("/api/due").getStatus());
        assertEquals(401, there.get("/api/due").getStatus());
        assertEquals(204, here.post("/api/account/sign-out-everywhere", "{}").getStatus());
        assertEquals(401, here.get("/api/due").getStatus());
    }

    @Test
    void aClosedAccountIsSignedOutAndCannotSignInUntilItIsOpenedAgain() throws UnsupportedEncodingException {
        Visitor visitor = new Visitor(mvc);
        visitor.signIn(student.username(), "pw");
        instructor.put("/api/class/students/" + student.id() + "/closed", "{\"closed\":true}");
        assertEquals(401, visitor.get("/api/due").getStatus());
        var refused = visitor.post("/api/session", "{\"username\":\"" + student.username() + "\",\"password\":\"pw\"}");
        assertEquals(401, refused.getStatus());
        assertTrue(refused.getContentAsString().contains("This account is closed."));
        assertEquals(
                student.id(),
                instructor.get("/api/class").body().at("/closed/0/id").textValue());
        instructor.put("/api/class/students/" + student.id() + "/closed", "{\"closed\":false}");
        assertEquals(200, new Visitor(mvc).signIn(student.username(), "pw"));
    }
}
