package littlesummit.app.doors;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.authentication;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import littlesummit.app.ApiTest;
import littlesummit.app.Client;
import littlesummit.app.doors.Door.Who;
import littlesummit.app.people.Person;
import littlesummit.app.people.Role;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import littlesummit.core.quiz.PointsScheme;
import littlesummit.core.quiz.QuizPlan;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.test.web.servlet.request.AbstractMockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** Who gets through which door: one table for all of them, which fails when a new one is not in it. */
class DoorsTest extends ApiTest {
    private static final Path DESCRIPTION = Path.of("../web/openapi/openapi.json");
    private static final Policy SHOWN = new Policy(3, 1, 2, 1, true, true, true, Policy.LineCheck.ALWAYS, Policy.Calculator.AS_ITEM, Policy.Work.REQUIRED);
    private Map<Who, Person> visitors;
    private Things things;
    private String farClass;

    @BeforeEach
    void thingsOfAStudent() throws IOException {
        String id = UUID.randomUUID().toString().substring(0, 8);
        farClass = people.addClass("Far class");
        Person teacher = people.add("t" + id, "Teacher", Role.INSTRUCTOR, "pw", student.classId());
        visitors = Map.of(Who.CLASSMATE, people.add("c" + id, "Classmate", Role.STUDENT, "pw", student.classId()), Who.FAR_STUDENT, people.add("f" + id, "Far", Role.STUDENT, "pw", farClass),
                Who.OWN_INSTRUCTOR, teacher, Who.OTHER_WINDOW, teacher, Who.FAR_INSTRUCTOR, people.add("g" + id, "Far", Role.INSTRUCTOR, "pw", farClass));
        String quiz = assignments.add(student.classId(), "Round", List.of("scientific-notation"), new Target.Quiz(100), Policy.DEFAULT,
                Optional.of(new QuizPlan(List.of(new QuizPlan.Share("scientific-notation", 1)), 45, 3, 100, PointsScheme.DEFAULT, Policy.Calculator.AS_ITEM, false)),
                Optional.empty(), Instant.parse("2030-01-01T00:00:00Z")).id();
        things = Things.of(client, new Client(mvc, teacher), assigned(new Target.Score(80), SHOWN, "scientific-notation"), quiz, student, picture());
    }

    private static byte[] picture() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(30, 20, BufferedImage.TYPE_INT_RGB), "png", out);
        return out.toByteArray();
    }

    static Stream<Door> doors() {
        return Door.all().stream();
    }

    @ParameterizedTest
    @MethodSource("doors")
    void letsThroughWhoMayAndNobodyElse(Door door) {
        Map<Who, Integer> expected = Stream.of(Who.values()).collect(Collectors.toMap(w -> w, w -> door.statuses().get(w.ordinal())));
        Map<Who, Integer> found = Stream.of(Who.values()).collect(Collectors.toMap(w -> w, w -> knock(door, w).getStatus()));
        assertEquals(expected, found);
    }

    @ParameterizedTest
    @MethodSource("doors")
    void saysNoInASentence(Door door) throws IOException {
        for (Who who : Who.values()) {
            MockHttpServletResponse answer = knock(door, who);
            if (answer.getStatus() >= 400) {
                assertEquals("application/problem+json", String.valueOf(answer.getContentType()).split(";")[0], door + " " + who);
                JsonNode problem = new ObjectMapper().readTree(answer.getContentAsByteArray());
                assertTrue(problem.at("/detail").asText().endsWith("."), door + " " + who + " " + problem);
            }
        }
    }

    @Test
    void everyDoorIsInTheTable() throws IOException {
        Set<String> described = new TreeSet<>();
        new ObjectMapper().readTree(DESCRIPTION.toFile()).at("/paths").properties()
                .forEach(path -> path.getValue().fieldNames().forEachRemaining(method -> described.add(method.toUpperCase(java.util.Locale.ROOT) + " " + path.getKey())));
        assertEquals(described, Door.all().stream().map(Door::operation).collect(Collectors.toCollection(TreeSet::new)));
    }

    @Test
    @EnabledIfSystemProperty(named = "doors.write", matches = "true")
    void writesTheTableAnew() throws IOException {
        List<Door> now = new ArrayList<>();
        for (Door door : Door.all()) {
            aClass();
            thingsOfAStudent();
            now.add(new Door(door.operation(), door.address(), door.body(), Stream.of(Who.values()).map(w -> knock(door, w).getStatus()).toList()));
        }
        Door.write(now);
    }

    private MockHttpServletResponse knock(Door door, Who who) {
        String address = things.in(door.address());
        AbstractMockHttpServletRequestBuilder<?> request = door.body().equals("file")
                ? MockMvcRequestBuilders.multipart(address).file(new MockMultipartFile("file", "page.png", "image/png", new byte[] {1}))
                : MockMvcRequestBuilders.request(HttpMethod.valueOf(door.method()), address).contentType(MediaType.APPLICATION_JSON).content(things.in(door.body()).replace("{who}", UUID.randomUUID().toString().substring(0, 8)).getBytes(StandardCharsets.UTF_8));
        request.header("Idempotency-Key", UUID.randomUUID().toString()).with(csrf());
        if (who == Who.OTHER_WINDOW) {
            request.header("X-Class", farClass);
        }
        Optional.ofNullable(visitors.get(who)).ifPresent(person -> request.with(authentication(UsernamePasswordAuthenticationToken.authenticated(person, null,
                List.of(new SimpleGrantedAuthority("ROLE_" + person.role()))))));
        try {
            return mvc.perform(request).andReturn().getResponse();
        } catch (Exception failed) {
            throw new AssertionError(door + " " + who, failed);
        }
    }
}
