package littlesummit.app.classroom;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.StreamSupport;
import littlesummit.app.ClockedApiTest;
import littlesummit.content.Catalogue;
import littlesummit.content.Curricula;
import littlesummit.core.curriculum.Course;
import littlesummit.core.curriculum.CourseSkill;
import org.junit.jupiter.api.Test;

/** A class takes one of the courses: its map and its check follow, and nothing else changes. */
class CourseApiTest extends ClockedApiTest {
    private static final Course PART =
            Curricula.shipped(new Catalogue()).find("first-equations").orElseThrow();

    private static Set<String> ids(Course course) {
        return new HashSet<>(course.skills().stream().map(CourseSkill::id).toList());
    }

    private int take(String id) {
        return instructor.put("/api/class/course", "{\"id\":\"" + id + "\"}").status();
    }

    private JsonNode map() {
        return client.get("/api/map").body();
    }

    private static List<String> skills(JsonNode map) {
        return StreamSupport.stream(map.at("/skills").spliterator(), false)
                .map(skill -> skill.at("/id").textValue())
                .toList();
    }

    @Test
    void theMapShowsTheCourseAndSaysWhich() {
        Set<String> all = new HashSet<>(skills(map()));
        assertEquals("", map().at("/course").textValue());
        assertTrue(all.containsAll(ids(PART)) && all.size() > PART.skills().size());
        assertEquals(200, take("first-equations"));
        assertEquals(ids(PART), new HashSet<>(skills(map())));
        assertEquals(PART.title(), map().at("/course").textValue());
        assertEquals(200, take("valley"));
        assertEquals(all, new HashSet<>(skills(map())));
    }

    /** What comes before a skill in the whole course, and is not in the part, stands in nobody's way. */
    @Test
    void whatIsLeftOutLocksNothing() {
        take("powers-and-polynomials");
        map().at("/skills").forEach(skill -> skill.at("/missing")
                .forEach(missing -> assertTrue(skills(map()).contains(missing.textValue()), missing.textValue())));
        assertTrue(StreamSupport.stream(map().at("/skills").spliterator(), false)
                .anyMatch(skill -> skill.at("/status").textValue().equals("READY")));
    }

    @Test
    void aCheckAsksAboutTheCourseAndStaysWithItWhenTheClassTakesAnother() {
        take("first-equations");
        JsonNode view =
                client.post("/api/check/start", "{\"wholeCourse\":true}").body();
        take("numbers-of-every-day");
        Set<String> asked = new HashSet<>();
        while (!view.at("/running").isMissingNode()) {
            asked.add(view.at("/running/item/id").textValue());
            view = client.post(
                            "/api/check/answer",
                            "{\"itemId\":\"" + view.at("/running/item/id").textValue()
                                    + "\",\"isNew\":true,\"entries\":[]}")
                    .body();
        }
        assertTrue(!asked.isEmpty() && asked.size() <= PART.skills().size(), "" + asked.size());
        Set<String> names =
                new HashSet<>(PART.skills().stream().map(CourseSkill::name).toList());
        view.at("/history/0/asked")
                .forEach(item -> assertTrue(names.contains(item.at("/skill").textValue()), item.toString()));
        assertTrue(view.at("/history/0/asked").size() > 0, view.at("/history").toString());
    }

    /** Somebody in the middle of a skill goes on with it, whatever the class works through now. */
    @Test
    void whatIsBegunGoesOn() {
        assertFalse(ids(PART).contains("mean"));
        String item = client.get("/api/practice/own/mean").body().at("/item/id").textValue();
        take("first-equations");
        assertEquals(
                item, client.get("/api/practice/own/mean").body().at("/item/id").textValue());
        assertEquals(200, client.get("/api/due").status());
        assertEquals(200, client.get("/api/progress").status());
    }

    /** Whoever is stuck is offered something of the course, and not the same once more. */
    @Test
    void whatIsOfferedInsteadIsOfTheCourse() {
        take("powers-and-polynomials");
        String path = "/api/practice/own/prime-factors";
        miss(path);
        onward(path, "LIKE");
        miss(path);
        onward(path, "LIKE");
        String other = miss(path).at("/around/offer/other/skillId").textValue();
        assertTrue(skills(map()).contains(other) && !other.equals("prime-factors"), other);
    }

    @Test
    void everyCourseIsShownWithItsSkills() {
        take("first-equations");
        JsonNode rows = instructor.get("/api/class/course").body();
        assertEquals(7, rows.size());
        rows.forEach(row -> {
            assertEquals(
                    row.at("/id").textValue().equals("first-equations"),
                    row.at("/isChosen").booleanValue());
            assertTrue(row.at("/skills").size() >= 14, row.toString());
        });
    }

    @Test
    void aCourseThatThereIsNotIsRefused() {
        assertEquals(400, take("of-somebody-else"));
        assertEquals(400, instructor.put("/api/class/course", "{}").status());
        assertEquals(403, client.put("/api/class/course", "{\"id\":\"valley\"}").status());
    }
}
