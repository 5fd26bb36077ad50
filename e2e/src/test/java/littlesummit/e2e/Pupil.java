package littlesummit.e2e;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Duration;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.UUID;

/** A student without a screen, who works fast and remembers what the server has said yes to. */
final class Pupil {
    private static final ObjectMapper JSON = new ObjectMapper();
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http = HttpClient.newBuilder()
            .cookieHandler(cookies)
            .connectTimeout(Duration.ofSeconds(5))
            .build();
    private final String address;
    private final Random random;
    private final String practice;
    private final String quiz;
    private String item = "";
    private String inQuiz = "";
    private int count;
    /**
     * By the name of a thing, the values that it may have: what was acknowledged last, and what was sent since without
     * an answer.
     */
    private final Map<String, Set<String>> may = new HashMap<>();

    private final Set<String> strokes = new HashSet<>();
    private final Set<String> perhaps = new HashSet<>();

    /**
     * @param skill what this window practises
     * @param quiz id of the one it works in besides, empty for none
     */
    Pupil(String address, String username, String skill, String quiz, long seed) {
        this.address = address;
        this.random = new Random(seed);
        this.practice = "/api/practice/own/" + skill;
        this.quiz = quiz.isEmpty() ? "" : "/api/quiz/" + quiz;
        enter(username);
        begin();
    }

    /** Id of the quiz that is set for the class. */
    static String quizOf(String address, String username) {
        Pupil looker = new Pupil(address, username);
        for (JsonNode row : looker.read("/api/due").at("/assignments")) {
            if (row.at("/title").asText().equals("Gauge round")) {
                return row.at("/id").textValue();
            }
        }
        throw new AssertionError("no quiz is set: " + looker.read("/api/due"));
    }

    private Pupil(String address, String username) {
        this.address = address;
        this.random = new Random(1);
        this.practice = "";
        this.quiz = "";
        enter(username);
    }

    private void enter(String username) {
        assertEquals(200, send("GET", "/api/session", "").statusCode());
        assertEquals(
                200,
                send("POST", "/api/session", "{\"username\":\"" + username + "\",\"password\":\"summit\"}")
                        .statusCode());
    }

    private void begin() {
        item = read(practice).at("/item/id").textValue();
        if (quiz.isEmpty()) {
            return;
        }
        send("POST", quiz + "/start", "{}");
        inQuiz = read(quiz).at("/running/items/0/item/id").asText();
    }

    private String token() {
        return cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .map(c -> c.getValue())
                .findFirst()
                .orElse("");
    }

    private HttpRequest request(String method, String path, String body, String key) {
        return HttpRequest.newBuilder(URI.create(address + path))
                .timeout(Duration.ofSeconds(20))
                .header("Content-Type", "application/json")
                .header("X-XSRF-TOKEN", token())
                .header("Idempotency-Key", key)
                .method(method, body.isEmpty() ? BodyPublishers.noBody() : BodyPublishers.ofString(body))
                .build();
    }

    private HttpResponse<String> send(String method, String path, String body) {
        try {
            return http.send(request(method, path, body, UUID.randomUUID().toString()), BodyHandlers.ofString());
        } catch (IOException gone) {
            throw new Gone(gone);
        } catch (InterruptedException stopping) {
            throw new IllegalStateException(stopping);
        }
    }

    /** The server was killed while it was asked. */
    static final class Gone extends RuntimeException {
        private static final long serialVersionUID = 1L;

        Gone(IOException why) {
            super(why);
        }
    }

    private JsonNode read(String path) {
        try {
            HttpResponse<String> answer = send("GET", path, "");
            assertEquals(200, answer.statusCode(), path + " " + answer.body());
            return JSON.readTree(answer.body());
        } catch (IOException damaged) {
            throw new AssertionError(damaged);
        }
    }

    /**
     * Does one thing.
     *
     * @throws Gone when the server does not answer
     */
    void work() {
        count++;
        switch (random.nextInt(quiz.isEmpty() ? 4 : 5)) {
            case 0 ->
                put(
                        "lines",
                        "/api/items/" + item + "/work",
                        "{\"lines\":[{\"text\":\"line %s\",\"struck\":false}]}",
                        "line " + count);
            case 1 ->
                put(
                        "draft",
                        "/api/items/" + item + "/draft",
                        "{\"entries\":[{\"answer\":\"%s\"}]}",
                        String.valueOf(count));
            case 2 -> draw();
            case 3 ->
                send(
                        "POST",
                        practice + "/check",
                        "{\"itemId\":\"" + item + "\",\"part\":0,\"entries\":{\"answer\":\"" + count
                                + "\"},\"confirmed\":true}");
            default ->
                put("quiz", quiz + "/items/" + inQuiz, "{\"entries\":[{\"answer\":\"%s\"}]}", String.valueOf(count));
        }
    }

    private void put(String thing, String path, String body, String value) {
        Set<String> values = may.computeIfAbsent(thing, t -> new HashSet<>(Set.of("")));
        values.add(value);
        if (send("PUT", path, body.formatted(value.replace("line ", ""))).statusCode() / 100 == 2) {
            values.clear();
            values.add(value);
        } else {
            values.remove(value);
        }
    }

    private void draw() {
        String id = "s" + count;
        perhaps.add(id);
        String stroke = "{\"put\":[{\"id\":\"" + id
                + "\",\"tool\":\"PEN\",\"width\":2.5,\"colour\":\"BLUE\",\"points\":[1,2,0.5,0,9,9,0.5,8]}],"
                + "\"removed\":[]}";
        if (send("POST", "/api/items/" + item + "/ink", stroke).statusCode() == 200) {
            strokes.add(id);
        }
    }

    /**
     * What the server has after its new start is what it had said yes to, each thing once.
     *
     * @return how many things were looked at
     */
    int findsEverything() {
        isOneOf(
                "lines",
                read("/api/items/" + item + "/work").at("/lines/0/text").asText());
        if (!quiz.isEmpty()) {
            isOneOf(
                    "quiz",
                    read(quiz)
                            .at("/running/items/0/item/parts/0/entries/answer")
                            .asText());
        }
        JsonNode ink = read("/api/items/" + item + "/ink").at("/work");
        Set<String> found = new HashSet<>();
        ink.forEach(stroke -> assertTrue(found.add(stroke.at("/id").textValue()), "a stroke is there twice"));
        assertTrue(found.containsAll(strokes), "a stroke is lost");
        assertTrue(perhaps.containsAll(found), "a stroke is there that nobody has drawn");
        return strokes.size() + may.size();
    }

    private void isOneOf(String thing, String found) {
        Set<String> allowed = may.getOrDefault(thing, Set.of(""));
        assertTrue(allowed.contains(found), thing + " is " + found + ", and was " + allowed);
        may.put(thing, new HashSet<>(Set.of(found)));
    }
}
