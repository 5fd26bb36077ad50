package littlesummit.app.doors;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.app.doors.Door.Who;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.mock.web.MockHttpServletResponse;

/** Who gets through which door: one table for all of them, which fails when a new one is not in it. */
class DoorsTest extends AtTheDoors {
    private static final Path DESCRIPTION = Path.of("../web/openapi/openapi.json");

    static Stream<Door> doors() {
        // Those first that only look.
        return Door.all().stream()
                .sorted(Comparator.comparing(door -> !door.method().equals("GET")));
    }

    @ParameterizedTest
    @MethodSource("doors")
    void letsThroughWhoMayAndSaysNoInASentence(Door door) throws IOException {
        Map<Who, Integer> expected = new EnumMap<>(Who.class);
        Map<Who, Integer> found = new EnumMap<>(Who.class);
        for (Who who : Who.values()) {
            MockHttpServletResponse answer = knock(door, who);
            expected.put(who, door.statuses().get(who.ordinal()));
            found.put(who, answer.getStatus());
            if (answer.getStatus() >= 400) {
                assertEquals(
                        "application/problem+json",
                        String.valueOf(answer.getContentType()).split(";")[0],
                        door + " " + who);
                JsonNode problem = new ObjectMapper().readTree(answer.getContentAsByteArray());
                assertTrue(problem.at("/detail").asText().endsWith("."), door + " " + who + " " + problem);
            }
        }
        assertEquals(expected, found);
    }

    @Test
    void everyDoorIsInTheTable() throws IOException {
        Set<String> described = new TreeSet<>();
        new ObjectMapper()
                .readTree(DESCRIPTION.toFile())
                .at("/paths")
                .properties()
                .forEach(path -> path.getValue()
                        .fieldNames()
                        .forEachRemaining(
                                method -> described.add(method.toUpperCase(Locale.ROOT) + " " + path.getKey())));
        assertEquals(
                described, Door.all().stream().map(Door::operation).collect(Collectors.toCollection(TreeSet::new)));
    }

    @Test
    @EnabledIfSystemProperty(named = "doors.write", matches = "true")
    void writesTheTableAnew() throws IOException {
        List<Door> now = new ArrayList<>();
        for (Door door : Door.all()) {
            aClass();
            now.add(new Door(
                    door.operation(),
                    door.address(),
                    door.body(),
                    Stream.of(Who.values()).map(w -> knock(door, w).getStatus()).toList()));
        }
        Door.write(now);
    }
}
