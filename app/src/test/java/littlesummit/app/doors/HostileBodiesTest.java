package littlesummit.app.doors;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import littlesummit.app.doors.Door.Who;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.mock.web.MockHttpServletResponse;

/**
 * Whatever a request carries, the answer is one of ours: never a failure of the server, and no refusal without a
 * sentence.
 */
class HostileBodiesTest extends AtTheDoors {
    private static final ObjectMapper JSON = new ObjectMapper();
    private static final int MUTATIONS = 20;
    private static final List<String> WHOLE = List.of(
            "",
            " ",
            "null",
            "[]",
            "{}",
            "0",
            "true",
            "\"text\"",
            "{",
            "{\"a\":",
            "[[[[[[[[[[",
            "{\"a\":1}{\"b\":2}",
            "\u0000",
            "<xml/>",
            "{\"__proto__\":{}}",
            "[".repeat(2000),
            "{\"a\":".repeat(900) + "1" + "}".repeat(900),
            "\uFEFF{}",
            "NaN",
            "{'a':1}",
            "1e999999");
    /** Values that stand where others are expected. */
    private static final List<String> VALUES = List.of(
            "null",
            "true",
            "-1",
            "0",
            "1e400",
            "123456789012345678901234567890",
            "0.1",
            "\"\"",
            "\" \"",
            "[]",
            "{}",
            "[null]",
            "\"\\u0000\"",
            "\"\\ud800\"",
            "\"\\u202e\"",
            "\"<script>alert(1)</script>\"",
            "\"=1+1\"",
            "\"../../etc/passwd\"",
            "\"'; drop table person; --\"",
            "\"" + "x".repeat(150) + "\"",
            "\"" + "x".repeat(5000) + "\"",
            "\"2030-13-45T00:00:00Z\"",
            "\"+1000000000-12-31T23:59:59Z\"",
            "\"-1000000000-01-01T00:00:00Z\"",
            "\"+999999999-12-31\"",
            "[[[[[[[[]]]]]]]]",
            "\"NaN\"",
            "-0.0",
            "2147483648",
            "-9223372036854775808");

    static Stream<Door> doors() {
        return Door.all().stream().filter(door -> door.hasBody() || door.body().equals("file"));
    }

    @ParameterizedTest
    @MethodSource("doors")
    void areAnsweredInASentence(Door door) throws IOException {
        Who who = door.statuses().get(Who.OWN_INSTRUCTOR.ordinal()) == 200 ? Who.OWN_INSTRUCTOR : Who.CLASSMATE;
        for (String body : WHOLE) {
            isAnswered(door, who, body);
        }
        Random random = new Random(door.operation().hashCode());
        for (int i = 0; i < MUTATIONS && door.hasBody(); i++) {
            isAnswered(door, who, mutated(body(door), random));
        }
    }

    private void isAnswered(Door door, Who who, String body) throws IOException {
        for (Who visitor : List.of(who, Who.CLASSMATE)) {
            MockHttpServletResponse answer = knock(door, visitor, body.getBytes(StandardCharsets.UTF_8));
            assertTrue(answer.getStatus() < 500, door + " " + answer.getStatus() + " for " + start(body));
            if (answer.getStatus() >= 400) {
                assertEquals(
                        "application/problem+json",
                        String.valueOf(answer.getContentType()).split(";")[0],
                        door + " for " + start(body));
                String sentence = JSON.readTree(answer.getContentAsByteArray())
                        .at("/detail")
                        .asText();
                assertTrue(
                        sentence.endsWith(".")
                                && !sentence.contains("Exception")
                                && !sentence.contains("littlesummit."),
                        door + ": " + sentence + " for " + start(body));
            }
        }
    }

    private static String start(String body) {
        return body.substring(0, Math.min(300, body.length()));
    }

    /** The same with one value, one name or one place changed. */
    private static String mutated(String body, Random random) throws IOException {
        JsonNode tree = JSON.readTree(body);
        List<JsonNode> containers = new ArrayList<>();
        collect(tree, containers);
        JsonNode at = containers.get(random.nextInt(containers.size()));
        JsonNode value = JSON.readTree(VALUES.get(random.nextInt(VALUES.size())));
        if (at instanceof ObjectNode object && !object.isEmpty()) {
            List<String> names =
                    object.properties().stream().map(Map.Entry::getKey).toList();
            String name = names.get(random.nextInt(names.size()));
            switch (random.nextInt(4)) {
                case 0 -> object.remove(name);
                case 1 -> object.set(name + "x", value);
                default -> object.set(name, value);
            }
        } else if (at instanceof ArrayNode array) {
            for (int i = 0; i < (random.nextBoolean() ? 1 : 300); i++) {
                array.add(value);
            }
        }
        return JSON.writeValueAsString(tree);
    }

    private static void collect(JsonNode node, List<JsonNode> containers) {
        if (node.isContainerNode()) {
            containers.add(node);
            node.forEach(child -> collect(child, containers));
        }
    }
}
