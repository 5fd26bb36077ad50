package littlesummit.app.security;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import littlesummit.app.people.Person;
import littlesummit.app.people.Role;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContextHolder;

/** One person cannot ask so often that it is slow for the others. */
class PaceTest {
    private static final int BURST = 5;
    private final Pace pace = new Pace(1, BURST, 1, BURST);

    @AfterEach
    void nobody() {
        SecurityContextHolder.clearContext();
    }

    private static void signedIn(String id) {
        Person person = new Person(id, id, id, Role.STUDENT, "c", "Class", false);
        SecurityContextHolder.getContext()
                .setAuthentication(UsernamePasswordAuthenticationToken.authenticated(person, null, List.of()));
    }

    private MockHttpServletResponse ask(String method, String path) throws Exception {
        MockHttpServletResponse response = new MockHttpServletResponse();
        pace.doFilter(new MockHttpServletRequest(method, path), response, (q, r) -> {});
        return response;
    }

    private void useUp(String method, String path) throws Exception {
        for (int i = 0; i < BURST; i++) {
            assertEquals(200, ask(method, path).getStatus());
        }
    }

    @Test
    void aPersonWhoAsksWithoutEndIsToldToWait() throws Exception {
        signedIn("wim");
        useUp("GET", "/api/due");
        MockHttpServletResponse refused = ask("GET", "/api/due");
        assertEquals(429, refused.getStatus());
        assertEquals("2", refused.getHeader("Retry-After"));
        assertTrue(refused.getContentAsString().contains("nothing is lost"));
    }

    @Test
    void theOthersDoNotNoticeIt() throws Exception {
        signedIn("wim");
        useUp("GET", "/api/due");
        signedIn("ansa");
        assertEquals(200, ask("GET", "/api/due").getStatus());
    }

    @Test
    void anAddressThatTriesDoorAfterDoorIsToldToWait() throws Exception {
        useUp("POST", "/api/session");
        assertEquals(429, ask("POST", "/api/session").getStatus());
        assertEquals(200, ask("GET", "/api/session").getStatus());
    }

    @Test
    void pagesAreNotCounted() throws Exception {
        signedIn("wim");
        useUp("GET", "/api/due");
        assertEquals(200, ask("GET", "/assets/index.js").getStatus());
    }
}
