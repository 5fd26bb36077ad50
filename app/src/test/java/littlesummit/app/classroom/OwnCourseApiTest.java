package littlesummit.app.classroom;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import littlesummit.app.Client;
import littlesummit.app.ClockedApiTest;
import littlesummit.app.people.Person;
import littlesummit.app.people.Role;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A course that an instructor puts together is one like those that ship, and nobody else's. */
class OwnCourseApiTest extends ClockedApiTest {
    private static final String PATH = "/api/class/course";
    private static final String SKILLS = "place-value,compare-whole,prime-factors,fraction-lowest";

    private static String body(String title, String skills, String insteadOf) {
        String ids = Stream.of(skills.split(",")).map(id -> "\"" + id + "\"").collect(Collectors.joining(","));
        return "{\"title\":\"" + title + "\",\"skills\":[" + ids + "],\"insteadOf\":\"" + insteadOf + "\"}";
    }

    private JsonNode put(String title, String skills) {
        return instructor.post(PATH + "/own", body(title, skills, "")).body();
    }

    private static List<JsonNode> own(JsonNode rows) {
        return IntStream.range(0, rows.size())
                .mapToObj(rows::get)
                .filter(row -> row.at("/isOwn").booleanValue())
                .toList();
    }

    private static String id(JsonNode course) {
        return course.at("/id").textValue();
    }

    private Set<String> onMap() {
        return new HashSet<>(client.get("/api/map").body().at("/skills").findValuesAsText("id"));
    }

    @Test
    void itIsOfferedAndTakenAndOnTheMap() {
        List<JsonNode> own = own(put(" Numbers of the valley ", SKILLS));
        assertEquals(1, own.size());
        assertEquals("Numbers of the valley", own.getFirst().at("/title").textValue());
        assertTrue(own.getFirst().at("/isChosen").booleanValue());
        assertEquals(Set.of(SKILLS.split(",")), onMap());
        assertEquals(
                "Numbers of the valley",
                client.get("/api/map").body().at("/course").textValue());
    }

    /** Fractions in lowest terms come after two skills that are left out; these come after what is there. */
    @Test
    void whatIsLeftOutIsBridged() {
        put("Short", SKILLS);
        JsonNode skills = client.get("/api/map").body().at("/skills");
        skills.forEach(skill -> skill.at("/prerequisites")
                .forEach(before -> assertTrue(onMap().contains(before.textValue()), skill.toString())));
    }

    @Test
    void anotherChoiceOfSkillsTakesItsPlaceAndACheckThatRunsStaysWithTheFirst() {
        String first = id(own(put("Start", SKILLS)).getFirst());
        JsonNode view =
                client.post("/api/check/start", "{\"wholeCourse\":true}").body();
        JsonNode rows = instructor
                .post(PATH + "/own", body("Start", "mean,place-value,compare-whole", first))
                .body();
        assertEquals(1, own(rows).size());
        assertFalse(id(own(rows).getFirst()).equals(first));
        assertEquals(Set.of("mean", "place-value", "compare-whole"), onMap());
        while (!view.at("/running").isMissingNode()) {
            view = client.post(
                            "/api/check/answer",
                            "{\"itemId\":\"" + view.at("/running/item/id").textValue()
                                    + "\",\"isNew\":true,\"entries\":[]}")
                    .body();
        }
        JsonNode asked = view.at("/history/0/asked");
        assertTrue(asked.size() > 0, view.toString());
        asked.forEach(item -> assertNotEquals("The mean", item.at("/skill").textValue(), item.toString()));
    }

    @Test
    void takenOffTheListItIsStillWorkedThrough() {
        String own = id(own(put("Start", SKILLS)).getFirst());
        JsonNode rows = instructor.delete(PATH + "/own/" + own).body();
        assertEquals(List.of(), own(rows));
        assertTrue(rows.findValuesAsText("id").contains(own), "it is chosen, and so it is shown");
        assertEquals(Set.of(SKILLS.split(",")), onMap());
        instructor.put(PATH, "{\"id\":\"valley\"}");
        assertFalse(instructor.get(PATH).body().findValuesAsText("id").contains(own));
        assertEquals(400, instructor.put(PATH, "{\"id\":\"" + own + "\"}").status());
    }

    @Test
    void nobodyElseHasIt() {
        String own = id(own(put("Start", SKILLS)).getFirst());
        assertFalse(stranger.get(PATH).body().findValuesAsText("id").contains(own));
        assertEquals(400, stranger.put(PATH, "{\"id\":\"" + own + "\"}").status());
        assertEquals(404, stranger.delete(PATH + "/own/" + own).status());
        assertEquals(
                404, stranger.post(PATH + "/own", body("Mine", SKILLS, own)).status());
        assertEquals(403, client.post(PATH + "/own", body("Mine", SKILLS, "")).status());
        assertEquals(403, client.delete(PATH + "/own/" + own).status());
    }

    /** Who teaches the class, too, sees what it works through, and can go back to it; but not change it. */
    @Test
    void aColleagueSeesWhatTheClassWorksThrough() {
        String own = id(own(put("Start", SKILLS)).getFirst());
        Person other = people.add("c" + student.username(), "Colleague", Role.INSTRUCTOR, "pw", student.classId());
        Client colleague = new Client(mvc, other);
        JsonNode rows = colleague.get(PATH).body();
        assertTrue(rows.findValuesAsText("id").contains(own));
        assertEquals(List.of(), own(rows));
        assertEquals(404, colleague.delete(PATH + "/own/" + own).status());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "' '; place-value,mean,line-kinds; A course has a name",
                "Long; place-value,mean; at least 3 skills",
                "Long; place-value,mean,place-value; at least 3 skills",
                "Long; place-value,mean,no-such; not there any more",
                "There; place-value,mean,line-kinds; with this name already"
            })
    void whatMakesNoCourseIsRefusedAndLosesNothing(String title, String skills, String sentence) {
        String there = id(own(put("There", SKILLS)).getFirst());
        Client.Answer answer = instructor.post(PATH + "/own", body(title, skills, ""));
        assertEquals(400, answer.status());
        assertTrue(
                answer.body().at("/detail").textValue().contains(sentence),
                answer.body().toString());
        assertEquals(
                400,
                instructor
                        .post(PATH + "/own", body(title, "place-value", there))
                        .status());
        assertEquals(there, id(own(instructor.get(PATH).body()).getFirst()));
        assertEquals(Set.of(SKILLS.split(",")), onMap());
    }
}
