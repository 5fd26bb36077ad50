package littlesummit.app.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.context.SpringBootTest.WebEnvironment;
import org.springframework.boot.test.web.server.LocalServerPort;

/** Many bodies that never end do not keep others from being served, and are cut off. */
@SpringBootTest(
        webEnvironment = WebEnvironment.RANDOM_PORT,
        properties = {
            "spring.datasource.url=jdbc:h2:mem:trickling",
            "summit.crowd.at-once=2",
            "summit.crowd.patience=1s",
            "summit.body.patience=1s",
            "server.tomcat.connection-timeout=2s"
        })
class TricklingTest {
    @LocalServerPort
    private int port;

    private final List<Socket> open = new ArrayList<>();

    @AfterEach
    void close() throws IOException {
        for (Socket socket : open) {
            socket.close();
        }
    }

    private Socket begun() throws IOException {
        Socket socket = new Socket("localhost", port);
        socket.setSoTimeout(20_000);
        open.add(socket);
        String head = "POST /api/session HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\n"
                + "Content-Length: 1000\r\n\r\n{";
        socket.getOutputStream().write(head.getBytes(StandardCharsets.US_ASCII));
        socket.getOutputStream().flush();
        return socket;
    }

    @Test
    void othersAreServedMeanwhile() throws Exception {
        for (int i = 0; i < 20; i++) {
            begun();
        }
        try (HttpClient client = HttpClient.newHttpClient()) {
            HttpRequest request = HttpRequest.newBuilder(URI.create("http://localhost:" + port + "/api/session"))
                    .timeout(Duration.ofSeconds(20))
                    .build();
            int status = client.send(request, BodyHandlers.ofString()).statusCode();
            assertTrue(status == 200 || status == 401, "status " + status);
        }
        String answer = new String(open.getFirst().getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertEquals("408", answer.split(" ")[1], answer);
    }
}
