package littlesummit.app.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.GZIPInputStream;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.Role;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.context.SpringBootTest.WebEnvironment;
import org.springframework.boot.test.web.server.LocalServerPort;

/** What a browser is told to do and not to do, as it comes over the wire. */
@SpringBootTest(
        webEnvironment = WebEnvironment.RANDOM_PORT,
        properties = {"spring.datasource.url=jdbc:h2:mem:headers", "summit.password-strength=4"})
class HeadersTest {
    private static final Pattern TOKEN = Pattern.compile("XSRF-TOKEN=([^;]+)");

    @LocalServerPort
    private int port;

    @Autowired
    private PeopleService people;

    private final HttpClient http = HttpClient.newHttpClient();

    @BeforeEach
    void somebody() {
        if (people.isEmpty()) {
            people.add("ansa", "Ansa", Role.STUDENT, "right", people.addClass("Hut class"));
        }
    }

    private HttpResponse<String> get(String path) throws IOException, InterruptedException {
        return http.send(
                HttpRequest.newBuilder(URI.create("http://localhost:" + port + path))
                        .build(),
                BodyHandlers.ofString());
    }

    private HttpResponse<String> signIn(String token, String cookie) throws IOException, InterruptedException {
        return http.send(
                HttpRequest.newBuilder(URI.create("http://localhost:" + port + "/api/session"))
                        .header("Content-Type", "application/json")
                        .header("X-XSRF-TOKEN", token)
                        .header("Cookie", cookie)
                        .POST(BodyPublishers.ofString("{\"username\":\"ansa\",\"password\":\"right\"}"))
                        .build(),
                BodyHandlers.ofString());
    }

    private String token() throws IOException, InterruptedException {
        Matcher found =
                TOKEN.matcher(String.join("\n", get("/api/session").headers().allValues("Set-Cookie")));
        assertTrue(found.find());
        return found.group(1);
    }

    private static String of(HttpResponse<String> answer, String header) {
        return answer.headers().firstValue(header).orElse("");
    }

    @Test
    void nothingComesFromElsewhereAndNobodyFramesIt() throws Exception {
        HttpResponse<String> page = get("/");
        String policy = of(page, "Content-Security-Policy");
        assertTrue(
                policy.contains("default-src 'self'")
                        && policy.contains("script-src 'self';")
                        && policy.contains("frame-ancestors 'none'")
                        && policy.contains("object-src 'none'"),
                policy);
        assertEquals("DENY", of(page, "X-Frame-Options"));
        assertEquals("nosniff", of(page, "X-Content-Type-Options"));
        assertEquals("no-referrer", of(page, "Referrer-Policy"));
        assertEquals("", of(page, "Server"));
    }

    @Test
    void whatIsSomebodysIsNotStoredAndThePageIsAskedForAnew() throws Exception {
        assertTrue(of(get("/api/session"), "Cache-Control").contains("no-store"));
        assertEquals("no-cache", of(get("/index.html"), "Cache-Control"));
        Matcher script = Pattern.compile("/assets/[\\w.-]+\\.js")
                .matcher(get("/index.html").body());
        assertTrue(script.find());
        assertTrue(of(get(script.group()), "Cache-Control").contains("immutable"));
    }

    @Test
    void theSessionIsOutOfReachForScriptsAndForOtherSites() throws Exception {
        String token = token();
        HttpResponse<String> in = signIn(token, "XSRF-TOKEN=" + token);
        assertEquals(200, in.statusCode());
        List<String> cookies = in.headers().allValues("Set-Cookie");
        for (String name : List.of("summit=", "summit-browser=")) {
            String cookie =
                    cookies.stream().filter(c -> c.startsWith(name)).findFirst().orElseThrow();
            assertTrue(cookie.contains("HttpOnly") && cookie.contains("SameSite=Lax"), cookie);
        }
    }

    @Test
    void withoutItsTokenNothingIsChanged() throws Exception {
        assertEquals(403, signIn("made-up", "XSRF-TOKEN=" + token()).statusCode());
        assertEquals(403, signIn("made-up", "other=x").statusCode());
    }

    @Test
    void nothingTellsWhatItIsMadeOf() throws Exception {
        for (String path : List.of("/api/none", "/actuator", "/actuator/env", "/h2-console", "/swagger-ui.html")) {
            String body = get(path).body().toLowerCase(Locale.ROOT);
            assertFalse(body.matches("(?s).*(spring|tomcat|hibernate|java\\.).*"), path + " " + body);
        }
    }

    private HttpResponse<byte[]> packed(String path, String accepted) throws IOException, InterruptedException {
        return http.send(
                HttpRequest.newBuilder(URI.create("http://localhost:" + port + path))
                        .header("Accept-Encoding", accepted)
                        .build(),
                BodyHandlers.ofByteArray());
    }

    @Test
    void scriptsComePackedAsTheyWereWhenTheyWereBuilt() throws IOException, InterruptedException {
        Matcher script = Pattern.compile("src=\"(/assets/[^\"]+\\.js)\"").matcher(get("/").body());
        assertTrue(script.find());
        HttpResponse<byte[]> plain = packed(script.group(1), "identity");
        HttpResponse<byte[]> brotli = packed(script.group(1), "gzip, deflate, br");
        HttpResponse<byte[]> gzip = packed(script.group(1), "gzip");
        assertEquals("br", brotli.headers().firstValue("Content-Encoding").orElse(""));
        assertEquals("gzip", gzip.headers().firstValue("Content-Encoding").orElse(""));
        assertTrue(brotli.body().length < gzip.body().length, "Brotli is the smaller one");
        assertTrue(2 * gzip.body().length < plain.body().length, "packed to less than half");
        for (HttpResponse<byte[]> one : List.of(plain, brotli, gzip)) {
            assertTrue(one.headers().firstValue("Cache-Control").orElse("").contains("immutable"));
            assertTrue(one.headers().firstValue("Content-Type").orElse("").contains("javascript"));
        }
        byte[] unpacked = new GZIPInputStream(new ByteArrayInputStream(gzip.body())).readAllBytes();
        assertEquals(plain.body().length, unpacked.length);
    }
}
