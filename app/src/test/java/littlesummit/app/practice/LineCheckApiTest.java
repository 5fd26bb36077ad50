package littlesummit.app.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.Map;
import littlesummit.app.ApiTest;
import littlesummit.app.Client.Answer;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import org.junit.jupiter.api.Test;

class LineCheckApiTest extends ApiTest {
    private static final Policy ALWAYS = new Policy(
            3, 1, 2, 1, true, true, true, Policy.LineCheck.ALWAYS, Policy.Calculator.AS_ITEM, Policy.Work.OPTIONAL);
    private static final Policy NEVER = new Policy(
            3, 1, 2, 1, true, true, true, Policy.LineCheck.NEVER, Policy.Calculator.AS_ITEM, Policy.Work.OPTIONAL);

    private Answer checkLines(String path, String... lines) {
        return client.post(
                path + "/lines",
                "{\"itemId\":\"" + itemId(path) + "\",\"lines\":[\"" + String.join("\",\"", lines) + "\"]}");
    }

    @Test
    void beforeAFirstTryTheyAreNotCheckedAfterItTheyAre() {
        String path = assigned(new Target.Score(80), Policy.DEFAULT, "scientific-notation");
        assertEquals(403, checkLines(path, "x = 1").status());
        client.post(path + "/check", check(itemId(path), 0, Map.of("answer", "123456")));
        assertEquals(200, checkLines(path, "x = 1").status());
    }

    @Test
    void theGivenEquationFollowsFromItselfAndAnotherDoesNot() {
        String path = assigned(new Target.Score(80), ALWAYS, "both-sides");
        String given = itemOf(itemId(path)).given();
        JsonNode checked =
                checkLines(path, given, "x = 1/77777", "these are just words").body();

        assertEquals("same", checked.at("/0/verdict").textValue());
        assertEquals("does-not-follow", checked.at("/1/verdict").textValue());
        assertTrue(checked.at("/1/message").textValue().length() > 20);
        assertEquals("words", checked.at("/2/verdict").textValue());
    }

    /** What an item gives may be the very equation that is asked for. */
    @Test
    void aWrongFirstLineShowsNoPieceOfWhatTheItemGives() {
        String path = assigned(new Target.Score(80), ALWAYS, "percent-discount");
        String given = itemOf(itemId(path)).given();
        JsonNode checked = checkLines(path, "2*" + given, "= 1").body();

        assertEquals("does-not-follow", checked.at("/0/verdict").textValue());
        assertEquals("", checked.at("/0/place").textValue());
    }

    @Test
    void somePoliciesNeverCheck() {
        String path = assigned(new Target.Score(80), NEVER, "both-sides");
        assertEquals(403, checkLines(path, "x = 1").status());
        assertEquals(false, client.get(path).body().at("/checksOwnLines").booleanValue());
    }

    @Test
    void nobodyElsesLinesAreChecked() {
        String path = assigned(new Target.Score(80), ALWAYS, "both-sides");
        assertEquals(
                404,
                other.post(path + "/lines", "{\"itemId\":\"" + itemId(path) + "\",\"lines\":[\"x = 1\"]}")
                        .status());
        assertEquals(
                400,
                client.post(path + "/lines", "{\"itemId\":\"" + itemId(path) + "\",\"lines\":[null]}")
                        .status());
    }
}
