package littlesummit.app;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.authentication;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.List;
import java.util.UUID;
import littlesummit.app.people.Person;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** Talks to the server as one person would, for tests. */
public final class Client {
    private static final ObjectMapper JSON = new ObjectMapper();
    private final MockMvc mvc;
    private final Person person;

    public Client(MockMvc mvc, Person person) {
        this.mvc = mvc;
        this.person = person;
    }

    /** @param status of the answer; @param body as JSON, empty for none; @param text the same unread */
    public record Answer(int status, JsonNode body, String text) {}

    public Answer get(String path) {
        return send(MockMvcRequestBuilders.get(path));
    }

    public Answer post(String path, String body) {
        return post(path, body, UUID.randomUUID().toString());
    }

    public Answer post(String path, String body, String key) {
        return send(MockMvcRequestBuilders.request(HttpMethod.POST, path).header("Idempotency-Key", key)
                .contentType(MediaType.APPLICATION_JSON).content(body));
    }

    public Answer put(String path, String body) {
        return send(MockMvcRequestBuilders.request(HttpMethod.PUT, path).contentType(MediaType.APPLICATION_JSON).content(body));
    }

    private Answer send(MockHttpServletRequestBuilder request) {
        try {
            var signedIn = UsernamePasswordAuthenticationToken.authenticated(person, null,
                    List.of(new SimpleGrantedAuthority("ROLE_" + person.role())));
            MockHttpServletResponse response = mvc.perform(request.with(authentication(signedIn)).with(csrf())).andReturn().getResponse();
            String text = response.getContentAsString();
            return new Answer(response.getStatus(), text.isEmpty() ? JSON.nullNode() : JSON.readTree(text), text);
        } catch (Exception failed) {
            throw new AssertionError(failed);
        }
    }
}
