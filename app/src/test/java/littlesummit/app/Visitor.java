package littlesummit.app;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import jakarta.servlet.http.Cookie;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** A browser with its cookie: signs in at the door and keeps its session, for tests of what sessions do. */
public final class Visitor {
    private final MockMvc mvc;
    private Optional<Cookie> session = Optional.empty();

    public Visitor(MockMvc mvc) {
        this.mvc = mvc;
    }

    public int signIn(String username, String password) {
        return post("/api/session", "{\"username\":\"" + username + "\",\"password\":\"" + password + "\"}")
                .getStatus();
    }

    public MockHttpServletResponse get(String path) {
        return send(MockMvcRequestBuilders.get(path));
    }

    public MockHttpServletResponse post(String path, String body) {
        return send(MockMvcRequestBuilders.request(HttpMethod.POST, path)
                .header("Idempotency-Key", UUID.randomUUID().toString())
                .contentType(MediaType.APPLICATION_JSON)
                .content(body));
    }

    private MockHttpServletResponse send(MockHttpServletRequestBuilder request) {
        session.ifPresent(request::cookie);
        try {
            MockHttpServletResponse response =
                    mvc.perform(request.with(csrf())).andReturn().getResponse();
            session = Optional.ofNullable(response.getCookie("summit")).or(() -> session);
            return response;
        } catch (Exception failed) {
            throw new AssertionError(failed);
        }
    }
}
