package littlesummit.app.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import littlesummit.app.ApiTest;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

class TargetsApiTest extends ApiTest {
    private static final String SKILL = "scientific-notation";

    @Autowired
    private PracticeRecord record;

    @Test
    void aRunIsReachedByThreeInARow() {
        String path = assigned(new Target.Run(3, 5), Policy.DEFAULT, SKILL);
        for (int i = 0; i < 3; i++) {
            answerRight(path);
            onward(path, "NEXT");
        }
        JsonNode target = client.get(path).body().at("/target");

        assertEquals("RUN", target.at("/kind").textValue());
        assertEquals(5, target.at("/stands").intValue());
        assertTrue(target.at("/reached").booleanValue());
    }

    @Test
    void onlyTheMissedOfASetComeBackAsOthersLikeThem() {
        String path = assigned(new Target.Percent(100, 3), Policy.DEFAULT, SKILL);
        answerRight(path);
        onward(path, "NEXT");
        String missed = itemId(path);
        miss(path);
        onward(path, "NEXT");
        answerRight(path);
        JsonNode redo = onward(path, "NEXT");

        assertEquals(1, redo.at("/target/slot").intValue());
        assertEquals("MISSED", redo.at("/target/slots/1").textValue());
        assertEquals(
                itemOf(missed).ref().variant(),
                itemOf(redo.at("/item/id").textValue()).ref().variant());
        assertTrue(answerRight(path).at("/target/reached").booleanValue());
        assertEquals(List.of(), record.differences());
    }

    @Test
    void everyStepIsExplainedAndForecast() {
        String path = assigned(new Target.Run(3, 5), Policy.DEFAULT, SKILL);
        answerRight(path);
        JsonNode view = onward(path, "NEXT");

        assertEquals(
                "one step. Right again now, and it is two.",
                view.at("/history/0/why").textValue());
        assertEquals(3, view.at("/forecast/ifRight").intValue());
        assertEquals(0, view.at("/forecast/ifMissed").intValue());
        assertEquals(2, view.at("/forecast/atLeast").intValue());
    }

    @Test
    void afterThreeMissesInARowAnotherWayIsOfferedOnce() {
        String path = assigned(new Target.Score(80), Policy.DEFAULT, "percent-discount");
        for (int i = 0; i < 2; i++) {
            assertTrue(miss(path).at("/around/offer").isMissingNode());
            onward(path, "LIKE");
        }
        JsonNode offer = miss(path).at("/around/offer");
        assertEquals("percent-parts", offer.at("/prerequisites/0/skillId").textValue());
        assertFalse(offer.at("/other/skillId").textValue().isBlank());
        onward(path, "NEXT");
        assertTrue(miss(path).at("/around/offer").isMissingNode());
    }

    @Test
    void missingPrerequisitesAreNamedAndALessonLeadsIn() {
        JsonNode around = client.get(assigned(new Target.Score(80), Policy.DEFAULT, "percent-discount"))
                .body()
                .at("/around");

        assertEquals("percent-parts", around.at("/missing/0/skillId").textValue());
        assertEquals("lesson-percent-discount", around.at("/lesson/skillId").textValue());
    }

    @Test
    void whatIsMissingIsSaidUntilTheFirstItemIsDone() {
        String path = assigned(new Target.Score(80), Policy.DEFAULT, "percent-discount");
        assertEquals(0, miss(path).at("/around/missing").size());
        assertEquals(0, onward(path, "NEXT").at("/around/missing").size());
    }

    @Test
    void theNextSkillIsNamedOnceThisOneIsReached() {
        String path = assigned(new Target.Run(1, 1), Policy.DEFAULT, "mean", "percent-discount");
        assertTrue(client.get(path).body().at("/around/next").isMissingNode());
        assertEquals(
                "percent-discount", answerRight(path).at("/around/next/skillId").textValue());
        String other = path.replace("mean", "percent-discount");
        assertTrue(answerRight(other).at("/around/next").isMissingNode(), "the other one is reached, too");
    }

    @Test
    void policiesOfAnAssignmentAreTold() {
        Policy strict = new Policy(
                1, 1, 1, 0, false, false, false, Policy.LineCheck.NEVER, Policy.Calculator.NEVER, Policy.Work.REQUIRED);
        JsonNode view =
                client.get(assigned(new Target.Score(80), strict, "mean")).body();
        String policy = view.at("/policy").toString();

        assertTrue(
                policy.contains("One try typed")
                        && policy.contains("No hints here")
                        && policy.contains("Work must be shown"),
                policy);
        assertFalse(view.at("/item/calculator").booleanValue());
        assertFalse(view.at("/item/hintsAllowed").booleanValue());
    }

    @Test
    void hintsAndExamplesThatAreNotAllowedAreRefused() {
        Policy strict = new Policy(
                3, 1, 2, 1, false, false, false, Policy.LineCheck.NEVER, Policy.Calculator.NEVER, Policy.Work.NONE);
        String path = assigned(new Target.Score(80), strict, "mean");
        String body = "{\"itemId\":\"" + itemId(path) + "\"}";

        assertEquals(403, client.post(path + "/hint", body).status());
        assertEquals(403, client.post(path + "/example", body).status());
    }
}
