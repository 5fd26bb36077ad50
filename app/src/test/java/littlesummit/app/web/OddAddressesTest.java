package littlesummit.app.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.context.SpringBootTest.WebEnvironment;
import org.springframework.boot.test.web.server.LocalServerPort;

/**
 * Requests as nobody's browser sends them, over a plain socket: every refusal is a problem document, and no page of the
 * container is ever seen.
 */
@SpringBootTest(webEnvironment = WebEnvironment.RANDOM_PORT, properties = "spring.datasource.url=jdbc:h2:mem:odd")
class OddAddressesTest {
    @LocalServerPort
    private int port;

    private record Answer(int status, String head, String body) {}

    private Answer send(String request) throws IOException {
        try (Socket socket = new Socket("localhost", port)) {
            socket.setSoTimeout(10_000);
            socket.getOutputStream().write(request.getBytes(StandardCharsets.ISO_8859_1));
            socket.getOutputStream().flush();
            try (InputStream in = socket.getInputStream()) {
                String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
                int gap = text.indexOf("\r\n\r\n");
                return new Answer(
                        Integer.parseInt(text.split(" ")[1]),
                        text.substring(0, gap),
                        text.substring(gap + 4).replaceAll("(?s)^[0-9a-f]+\r\n|\r\n0\r\n\r\n$", ""));
            }
        }
    }

    private Answer get(String address) throws IOException {
        return send("GET " + address + " HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n\r\n");
    }

    private static void isAProblem(Answer answer) throws IOException {
        assertTrue(answer.status() >= 400 && answer.status() < 500, answer.head());
        assertTrue(answer.head().contains("application/problem+json"), answer.head() + "\n" + answer.body());
        JsonNode problem = new ObjectMapper().readTree(answer.body());
        assertTrue(problem.at("/detail").asText().endsWith("."), answer.body());
        assertEquals(answer.status(), problem.at("/status").intValue());
        assertFalse(
                answer.body().toLowerCase(Locale.ROOT).matches("(?s).*(<html|tomcat|exception|whitelabel).*"),
                answer.body());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/api/../../etc/passwd",
                "/..",
                "/../",
                "/api/%00",
                "/api/items/%2Fwork/draft",
                "/api/items/a;b/work",
                "/api/a%0Ab",
                "/api/%25",
                "/api/%",
                "/api/%zz",
                "/api/items/%2e%2e/work",
                "/%2e%2e/%2e%2e",
                "/api//book",
                "/api/\\book",
                "/a|b",
                "/api/[",
                "/api/book?x={",
                "/assets/none.js",
                "/favicon-none.ico",
                "/error",
                "/a.b.c",
                "*"
            })
    void areRefusedInASentence(String address) throws IOException {
        isAProblem(get(address));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "GET / HTTP/9.9\r\nHost: localhost\r\n",
                "NONE /api/book HTTP/1.1\r\nHost: localhost\r\n",
                "TRACE /api/book HTTP/1.1\r\nHost: localhost\r\n",
                "GET /api/book HTTP/1.1\r\n",
                "GET /api/book HTTP/1.1\r\nHost: a\r\nHost: b\r\n",
                "POST /api/session HTTP/1.1\r\nHost: localhost\r\nContent-Length: x\r\n",
                "POST /api/session HTTP/1.1\r\nHost: localhost\r\nTransfer-Encoding: gzip\r\n",
                "GET /api/book HTTP/1.1\r\nHost: local\u0000host\r\n"
            })
    void requestsThatAreNoneAreRefusedToo(String request) throws IOException {
        Answer answer = send(request + "Connection: close\r\n\r\n");
        assertTrue(answer.status() >= 400 && answer.status() < 600, answer.head());
        assertFalse(answer.body().toLowerCase(Locale.ROOT).matches("(?s).*(<html|tomcat|exception).*"), answer.body());
    }

    @Test
    void anAddressOrHeaderWithoutEndIsRefused() throws IOException {
        isAProblem(get("/api/" + "a".repeat(20_000)));
        isAProblem(send("GET /api/book HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\nX-Long: "
                + "a".repeat(20_000) + "\r\n\r\n"));
    }

    @Test
    void theApplicationIsStillThere() throws IOException {
        assertEquals(200, get("/api/session").status());
    }
}
