package littlesummit.app.exchange.store;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.util.ArrayList;
import java.util.Base64;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import littlesummit.app.web.Problem;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/**
 * A small stand-in for a record store, in the demo alone: it takes statements over HTTP as a real one does (xAPI 1.0.3,
 * part three, 2.1), refuses what is none, keeps each id once, and forgets everything when the server stops.
 */
@RestController
@ConditionalOnProperty("summit.demo")
@RequestMapping(SimulatedStore.PATH)
class SimulatedStore {
    static final String PATH = "/simulated/record-store";
    static final String KEY = "valley";
    private static final int MOST = 100_000;

    private final Map<String, JsonNode> kept = new LinkedHashMap<>();
    private final String secret = HexFormat.of().formatHex(random());
    private final ObjectMapper json;

    SimulatedStore(ObjectMapper json) {
        this.json = json;
    }

    private static byte[] random() {
        byte[] bytes = new byte[16];
        new SecureRandom().nextBytes(bytes);
        return bytes;
    }

    String secret() {
        return secret;
    }

    synchronized int size() {
        return kept.size();
    }

    /** @return ids of the statements, in their order */
    @PostMapping("/statements")
    List<String> take(
            @RequestHeader(name = "Authorization", defaultValue = "") String who,
            @RequestHeader(name = "X-Experience-API-Version", defaultValue = "") String version,
            @RequestBody String body)
            throws java.io.IOException {
        require(who, version);
        JsonNode sent = json.readTree(body);
        List<JsonNode> statements = new ArrayList<>();
        (sent.isArray() ? sent : List.of(sent)).forEach(statements::add);
        statements.forEach(SimulatedStore::check);
        return keep(statements);
    }

    private synchronized List<String> keep(List<JsonNode> statements) {
        for (JsonNode one : statements) {
            JsonNode before = kept.get(one.get("id").asText());
            if (before != null && !before.equals(one)) {
                throw Problem.conflict(
                        "Another statement has the id " + one.get("id").asText() + ".");
            }
        }
        if (kept.size() + statements.size() > MOST) {
            throw Problem.conflict("The simulated store is full. It is empty after a new start.");
        }
        statements.forEach(one -> kept.putIfAbsent(one.get("id").asText(), one));
        return statements.stream().map(one -> one.get("id").asText()).toList();
    }

    /** @param statements the latest first */
    record Kept(List<JsonNode> statements, String more) {}

    @GetMapping("/statements")
    synchronized Kept statements(
            @RequestHeader(name = "Authorization", defaultValue = "") String who,
            @RequestHeader(name = "X-Experience-API-Version", defaultValue = "") String version) {
        require(who, version);
        return new Kept(
                new ArrayList<>(kept.values()).reversed().stream().limit(100).toList(), "");
    }

    private void require(String who, String version) {
        String asked =
                "Basic " + Base64.getEncoder().encodeToString((KEY + ":" + secret).getBytes(StandardCharsets.UTF_8));
        if (!asked.equals(who)) {
            throw Problem.unauthorized("This store asks for its key.");
        }
        if (!version.startsWith("1.0")) {
            throw Problem.badRequest("This store reads statements of version 1.0.");
        }
    }

    private static void check(JsonNode statement) {
        boolean whole = statement.path("actor").path("account").hasNonNull("name")
                && statement.path("verb").hasNonNull("id")
                && statement.path("object").hasNonNull("id")
                && isId(statement.path("id").asText());
        if (!whole) {
            throw Problem.badRequest("A statement needs an id, an actor, a verb and an object.");
        }
    }

    private static boolean isId(String text) {
        try {
            return UUID.fromString(text).toString().equals(text);
        } catch (IllegalArgumentException none) {
            return false;
        }
    }
}
