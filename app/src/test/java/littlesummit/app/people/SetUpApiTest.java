package littlesummit.app.people;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.UnsupportedEncodingException;
import littlesummit.app.Visitor;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.test.web.servlet.MockMvc;

/** The first account of an empty server. */
@SpringBootTest(properties = "spring.datasource.url=jdbc:h2:mem:empty")
@AutoConfigureMockMvc
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class SetUpApiTest {
    @Autowired
    private MockMvc mvc;

    @Autowired
    private SetUpService setUp;

    private Visitor visitor;

    @BeforeEach
    void somebody() {
        visitor = new Visitor(mvc);
    }

    private static String first(String code, String username, String password, String className) {
        return "{\"code\":\"" + code + "\",\"name\":\"Orla Fennimer\",\"username\":\"" + username + "\",\"password\":\""
                + password + "\",\"className\":\"" + className + "\"}";
    }

    private int status(String body) {
        return visitor.post("/api/set-up", body).getStatus();
    }

    @Test
    @Order(1)
    void anEmptyServerSaysSoAndTakesNoWrongCode() throws UnsupportedEncodingException {
        assertTrue(visitor.get("/api/session").getContentAsString().contains("\"setUp\":true"));
        String code = setUp.newCode();
        assertEquals(401, status(first("abcd-efgh-jkmn", "orla", "lantern-by-night", "Hut class")));
        assertEquals(400, status(first(code, "not a name", "lantern-by-night", "Hut class")));
        assertEquals(400, status(first(code, "orla", "short", "Hut class")));
        assertEquals(400, status(first(code, "orla", "lantern-by-night", "  ")));
        assertTrue(visitor.get("/api/session").getContentAsString().contains("\"setUp\":true"));
    }

    @Test
    @Order(2)
    void anOlderCodeIsVoid() {
        String older = setUp.newCode();
        setUp.newCode();
        assertEquals(401, status(first(older, "orla", "lantern-by-night", "Hut class")));
    }

    @Test
    @Order(3)
    void theRightCodeMakesAnInstructorWithAClassWhoIsSignedIn() throws UnsupportedEncodingException {
        assertEquals(
                200, status(first(" " + setUp.newCode().toUpperCase() + " ", "orla", "lantern-by-night", "Hut class")));
        String me = visitor.get("/api/session").getContentAsString();
        assertTrue(
                me.contains("\"role\":\"INSTRUCTOR\"")
                        && me.contains("\"className\":\"Hut class\"")
                        && me.contains("\"setUp\":false"),
                me);
        assertTrue(visitor.get("/api/classes").getContentAsString().contains("Hut class"));
        assertEquals(200, new Visitor(mvc).signIn("orla", "lantern-by-night"));
    }

    @Test
    @Order(4)
    void thenTheDoorIsClosedForGood() throws UnsupportedEncodingException {
        assertEquals(409, status(first(setUp.newCode(), "second", "lantern-by-night", "Hut class")));
        assertTrue(visitor.get("/api/session").getContentAsString().contains("\"setUp\":false"));
    }
}
