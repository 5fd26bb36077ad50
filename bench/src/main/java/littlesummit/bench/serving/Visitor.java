package littlesummit.bench.serving;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/** One browser as the server sees it: cookies, a token, and a key with every change. */
final class Visitor {
    private static final ObjectMapper JSON = new ObjectMapper();
    private final String address;
    private static final HttpClient HTTP = HttpClient.newHttpClient();
    private final CookieManager cookies = new CookieManager();

    Visitor(String address) {
        this.address = address;
    }

    static Visitor signedIn(String address, String username, String password) {
        Visitor visitor = new Visitor(address);
        visitor.get("/api/session");
        visitor.post("/api/session", "{\"username\":\"" + username + "\",\"password\":\"" + password + "\"}");
        return visitor;
    }

    JsonNode get(String path) {
        return send(request(path).GET());
    }

    JsonNode post(String path, String body) {
        return send(request(path).POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    private HttpRequest.Builder request(String path) {
        URI uri = URI.create(address + path);
        String token = cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse("");
        HttpRequest.Builder request = HttpRequest.newBuilder(uri)
                .header("Content-Type", "application/json")
                .header("X-XSRF-TOKEN", token)
                .header("Idempotency-Key", UUID.randomUUID().toString());
        try {
            cookies.get(uri, Map.of())
                    .getOrDefault("Cookie", List.of())
                    .forEach(cookie -> request.header("Cookie", cookie));
        } catch (IOException failed) {
            throw new IllegalStateException(failed);
        }
        return request;
    }

    private JsonNode send(HttpRequest.Builder request) {
        try {
            HttpResponse<String> response = HTTP.send(request.build(), HttpResponse.BodyHandlers.ofString());
            cookies.put(response.uri(), response.headers().map());
            if (response.statusCode() >= 300) {
                throw new IllegalStateException(
                        response.statusCode() + " " + response.request().uri() + " " + response.body());
            }
            boolean json =
                    response.headers().firstValue("Content-Type").orElse("").contains("json");
            return json ? JSON.readTree(response.body()) : JSON.nullNode();
        } catch (IOException | InterruptedException failed) {
            throw new IllegalStateException(failed);
        }
    }
}
