package littlesummit.app;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.authentication;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import littlesummit.app.people.Person;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.AbstractMockHttpServletRequestBuilder;
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

    /**
     * What came back.
     *
     * @param status of the answer
     * @param body as JSON, empty for none
     * @param text the same unread
     * @param tag of the version that the server has now, empty for none
     */
    public record Answer(int status, JsonNode body, String text, String tag) {}

    public Answer get(String path) {
        return send(MockMvcRequestBuilders.get(path));
    }

    public Answer post(String path, String body) {
        return post(path, body, UUID.randomUUID().toString());
    }

    public Answer post(String path, String body, String key) {
        return send(MockMvcRequestBuilders.request(HttpMethod.POST, path)
                .header("Idempotency-Key", key)
                .contentType(MediaType.APPLICATION_JSON)
                .content(body));
    }

    public Answer put(String path, String body) {
        return send(MockMvcRequestBuilders.request(HttpMethod.PUT, path)
                .header("Idempotency-Key", UUID.randomUUID().toString())
                .contentType(MediaType.APPLICATION_JSON)
                .content(body));
    }

    /** @param builtOn tag of the version that is changed */
    public Answer put(String path, String body, String builtOn) {
        return send(MockMvcRequestBuilders.request(HttpMethod.PUT, path)
                .header("Idempotency-Key", UUID.randomUUID().toString())
                .header("If-Match", builtOn)
                .contentType(MediaType.APPLICATION_JSON)
                .content(body));
    }

    /** @param maker id of the person who made what is sent */
    public Answer put(String path, String body, Person maker) {
        return send(MockMvcRequestBuilders.request(HttpMethod.PUT, path)
                .header("X-Person", maker.id())
                .contentType(MediaType.APPLICATION_JSON)
                .content(body));
    }

    public Answer delete(String path) {
        return send(MockMvcRequestBuilders.delete(path));
    }

    /** A file, as a form sends it. */
    public Answer upload(String path, byte[] content) {
        return upload(path, content, UUID.randomUUID().toString());
    }

    public Answer upload(String path, byte[] content, String key) {
        return send(MockMvcRequestBuilders.multipart(path)
                .file(new MockMultipartFile("file", "page", "image/png", content))
                .header("Idempotency-Key", key));
    }

    /** What is not JSON, as it is. */
    public String text(String path) {
        return text(answer(MockMvcRequestBuilders.get(path)));
    }

    /** A file, byte by byte. */
    public byte[] bytes(String path) {
        return answer(MockMvcRequestBuilders.get(path)).getContentAsByteArray();
    }

    /** The media type of an answer. */
    public String type(String path) {
        return answer(MockMvcRequestBuilders.get(path)).getContentType();
    }

    private Answer send(AbstractMockHttpServletRequestBuilder<?> request) {
        try {
            MockHttpServletResponse response = answer(request);
            String text = text(response);
            boolean json =
                    !text.isEmpty() && String.valueOf(response.getContentType()).contains("json");
            return new Answer(
                    response.getStatus(),
                    json ? JSON.readTree(text) : JSON.nullNode(),
                    text,
                    Optional.ofNullable(response.getHeader("ETag")).orElse(""));
        } catch (JsonProcessingException failed) {
            throw new AssertionError(failed);
        }
    }

    private static String text(MockHttpServletResponse response) {
        return new String(response.getContentAsByteArray(), StandardCharsets.UTF_8);
    }

    private MockHttpServletResponse answer(AbstractMockHttpServletRequestBuilder<?> request) {
        try {
            var signedIn = UsernamePasswordAuthenticationToken.authenticated(
                    person, null, List.of(new SimpleGrantedAuthority("ROLE_" + person.role())));
            return mvc.perform(request.with(authentication(signedIn)).with(csrf()))
                    .andReturn()
                    .getResponse();
        } catch (Exception failed) {
            throw new AssertionError(failed);
        }
    }
}
