package littlesummit.app;

import com.fasterxml.jackson.databind.JsonNode;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javax.imageio.ImageIO;
import littlesummit.app.assignment.Assignment;
import littlesummit.app.assignment.AssignmentService;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.Person;
import littlesummit.app.people.Role;
import littlesummit.app.served.ServedItems;
import littlesummit.core.item.Item;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.autoconfigure.web.servlet.MockMvcPrint;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.context.annotation.Import;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.MockMvc;

/** A new class for every test, with two students and an instructor, on one running application. */
@SpringBootTest(
        properties = {
            "summit.checks-per-minute=3000",
            "summit.password-strength=4",
            "summit.proof-items=500",
            "summit.pace.burst=100000",
            "summit.pace.sign-in-burst=100000"
        })
@Import(Statements.class)
@AutoConfigureMockMvc(print = MockMvcPrint.NONE)
public abstract class ApiTest {
    @DynamicPropertySource
    static void database(DynamicPropertyRegistry properties) {
        properties.add("spring.datasource.url", TestDatabase::url);
        properties.add("spring.datasource.username", TestDatabase::user);
    }

    @Autowired
    protected MockMvc mvc;

    @Autowired
    protected PeopleService people;

    @Autowired
    protected AssignmentService assignments;

    @Autowired
    protected ServedItems items;

    protected Person student;
    protected Client client;
    protected Client other;
    protected Client instructor;
    protected Client stranger;

    @BeforeEach
    protected void aClass() {
        String id = UUID.randomUUID().toString().substring(0, 8);
        String classId = people.addClass("Hut class " + id);
        student = people.add("s" + id, "Student " + id, Role.STUDENT, "pw", classId);
        client = new Client(mvc, student);
        other = new Client(mvc, people.add("o" + id, "Other", Role.STUDENT, "pw", classId));
        instructor = new Client(mvc, people.add("i" + id, "Instructor", Role.INSTRUCTOR, "pw", classId));
        stranger =
                new Client(mvc, people.add("x" + id, "Stranger", Role.INSTRUCTOR, "pw", people.addClass("Elsewhere")));
    }

    /**
     * Path of the practice of one skill.
     *
     * @param more skills of the same assignment, which come after it
     */
    protected String assigned(Target target, Policy policy, String skill, String... more) {
        List<String> skills = Stream.concat(Stream.of(skill), Stream.of(more)).toList();
        Assignment assignment = assignments.add(student.classId(), "Stores", skills, target, policy, ToCome.NEXT_YEAR);
        return "/api/practice/" + assignment.id() + "/" + skill;
    }

    protected Item itemOf(String id) {
        return items.require(student, id).item();
    }

    protected String itemId(String path) {
        return client.get(path).body().at("/item/id").textValue();
    }

    /** Answers every part of the current item right. */
    protected JsonNode answerRight(String path) {
        String id = itemId(path);
        List<littlesummit.core.item.Part> parts = itemOf(id).parts();
        JsonNode view = client.get(path).body();
        for (int i = 0; i < parts.size(); i++) {
            Map<String, String> entries = new HashMap<>();
            parts.get(i)
                    .fields()
                    .forEach(f ->
                            entries.put(f.id(), f.response().sentFor(f.answer().key())));
            view = client.post(path + "/check", check(id, i, entries)).body().at("/view");
        }
        return view;
    }

    protected JsonNode miss(String path) {
        return client.post(path + "/solution", "{\"itemId\":\"" + itemId(path) + "\"}")
                .body();
    }

    protected JsonNode onward(String path, String onward) {
        return client.post(path + "/next", "{\"itemId\":\"" + itemId(path) + "\",\"onward\":\"" + onward + "\"}")
                .body();
    }

    protected static String check(String itemId, int part, Map<String, String> entries) {
        StringBuilder fields = new StringBuilder();
        entries.forEach((id, entry) -> fields.append(fields.isEmpty() ? "" : ",")
                .append('"')
                .append(id)
                .append("\":\"")
                .append(entry.replace("\\", "\\\\").replace("\"", "\\\""))
                .append('"'));
        return "{\"itemId\":\"" + itemId + "\",\"part\":" + part + ",\"entries\":{" + fields + "},\"confirmed\":true}";
    }

    /** A page of lines, none of them struck. */
    protected static String lines(String... texts) {
        return "{\"lines\":["
                + Stream.of(texts)
                        .map(t -> "{\"text\":\"" + t + "\",\"struck\":false}")
                        .collect(Collectors.joining(","))
                + "]}";
    }

    /** A small photo. */
    protected static byte[] picture() {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(new BufferedImage(30, 20, BufferedImage.TYPE_INT_RGB), "png", out);
        } catch (IOException noSuchStream) {
            throw new UncheckedIOException(noSuchStream);
        }
        return out.toByteArray();
    }
}
