package littlesummit.app.upkeep;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.test.autoconfigure.actuate.observability.AutoConfigureObservability;
import org.springframework.boot.test.context.SpringBootTest;

/** Numbers on a port of their own, as {@code ./summit start --metrics-port} opens it. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {
            "spring.datasource.url=jdbc:h2:mem:metrics",
            "summit.metrics=true",
            "summit.password-strength=4",
            "management.endpoint.prometheus.access=read-only",
            "management.server.port=0",
            "management.server.address=127.0.0.1"
        })
@AutoConfigureObservability
class MetricsTest {
    @Value("${local.server.port}")
    private int open;

    @Value("${local.management.port}")
    private int own;

    private static HttpResponse<String> get(int port, String path) throws IOException, InterruptedException {
        HttpRequest request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                .build();
        try (HttpClient http = HttpClient.newHttpClient()) {
            return http.send(request, HttpResponse.BodyHandlers.ofString());
        }
    }

    @Test
    void requestsAreCountedByPatternAndNobodyIsNamed() throws Exception {
        get(open, "/api/calendar/of/a-secret-of-somebody");
        String numbers = get(own, "/prometheus").body();
        assertTrue(numbers.contains("uri=\"/api/calendar/of/{"), numbers);
        assertFalse(numbers.contains("a-secret-of-somebody"), numbers);
        assertTrue(numbers.contains("hikaricp_connections"), numbers);
        assertTrue(numbers.contains("jvm_memory_used_bytes"), numbers);
    }

    @Test
    void onThePortOfEverybodyThereIsHealthAlone() throws Exception {
        assertEquals("{\"status\":\"UP\"}", get(open, "/health").body());
        assertFalse(get(open, "/prometheus").body().contains("jvm_memory"), "numbers for everybody");
        assertEquals(200, get(own, "/health").statusCode());
        assertFalse(get(own, "/env").body().contains("propertySources"), "the environment for everybody");
    }
}
