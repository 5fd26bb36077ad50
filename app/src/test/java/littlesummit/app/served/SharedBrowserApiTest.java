package littlesummit.app.served;

import static org.junit.jupiter.api.Assertions.assertEquals;

import littlesummit.app.ApiTest;
import littlesummit.app.people.Person;
import littlesummit.app.people.Role;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import org.junit.jupiter.api.Test;

/** In a browser that several students use, what one of them made is never sent in the name of another. */
class SharedBrowserApiTest extends ApiTest {
    private static final String TYPED = "{\"entries\":[{\"answer\":\"17\"}]}";

    @Test
    void whatSomebodyElseMadeWaitsUntilTheySignIn() {
        String practice = assigned(new Target.Score(80), Policy.DEFAULT, "scientific-notation");
        String draft = "/api/items/" + itemId(practice) + "/draft";
        Person before =
                people.add("before-" + student.id().substring(0, 8), "Before", Role.STUDENT, "pw", student.classId());
        assertEquals(401, client.put(draft, TYPED, before).status());
        assertEquals("", client.get(practice).body().at("/item/draft/0/answer").asText());
        assertEquals(204, client.put(draft, TYPED, student).status());
        assertEquals(
                "17", client.get(practice).body().at("/item/draft/0/answer").asText());
    }
}
