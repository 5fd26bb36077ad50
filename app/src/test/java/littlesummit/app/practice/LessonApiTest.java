package littlesummit.app.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import littlesummit.app.ApiTest;
import littlesummit.core.practice.Outcome;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** A lesson from its first situation to the end of its quiz. */
class LessonApiTest extends ApiTest {
    private static final String LESSON = "lesson-percent-parts";
    private static final String SKILL = "percent-parts";
    private static final String PATH = "/api/practice/lesson/" + LESSON;

    @Autowired
    private PracticeRecord record;

    /** Answers so many steps right, from where the student is, and goes on after each. */
    private JsonNode steps(int many) {
        for (int i = 0; i < many; i++) {
            answerRight(PATH);
            onward(PATH, "NEXT");
        }
        return client.get(PATH).body();
    }

    private String skillNow() {
        return itemOf(itemId(PATH)).ref().skill();
    }

    private int statusOf(String what) {
        return client.post(PATH + "/" + what, "{\"itemId\":\"" + itemId(PATH) + "\"}")
                .status();
    }

    @Test
    void itGoesFromASituationToOneWithLessHelpThenToTheSkill() {
        int guided = itemOf(itemId(PATH)).parts().size();
        assertEquals(LESSON, skillNow());
        JsonNode second = steps(1);
        int freer = itemOf(itemId(PATH)).parts().size();
        assertTrue(freer < guided, freer + " < " + guided);
        assertEquals(1, second.at("/target/slot").intValue());
        assertEquals(
                "Second situation, with less help",
                second.at("/target/steps/1/name").textValue());

        JsonNode practice = steps(1);
        assertEquals(SKILL, skillNow());
        assertTrue(practice.at("/item/hintsAllowed").booleanValue());
        assertTrue(practice.at("/item/exampleAllowed").booleanValue());
    }

    @Test
    void itEndsWithAQuizInWhichThereIsOneTryAndNoHelp() {
        JsonNode quiz = steps(4);
        assertEquals(4, quiz.at("/target/slot").intValue());
        assertEquals(SKILL, skillNow());
        assertFalse(quiz.at("/item/hintsAllowed").booleanValue());
        assertFalse(quiz.at("/item/exampleAllowed").booleanValue());
        assertEquals(1, quiz.at("/item/parts/0/triesAllowed").intValue());
        assertEquals(403, statusOf("hint"));
        assertEquals(403, statusOf("example"));

        JsonNode done = steps(2);
        assertFalse(done.at("/target/reached").booleanValue());
        done = answerRight(PATH);
        assertTrue(done.at("/target/reached").booleanValue());
        assertEquals(SKILL, done.at("/around/teaches/skillId").textValue());
        assertEquals(List.of(), record.differences());
    }

    @Test
    void hintsTakeNothingInTheSituationsAndAMissComesAgainAtOnce() {
        assertEquals(200, statusOf("hint"));
        assertEquals("AIDED", answerRight(PATH).at("/item/outcome").textValue());
        assertEquals(1, onward(PATH, "NEXT").at("/target/slot").intValue());
        miss(PATH);
        JsonNode again = onward(PATH, "NEXT");
        assertEquals(1, again.at("/target/slot").intValue());
        assertTrue(again.at("/item/similar").booleanValue());
        assertEquals(LESSON, skillNow());
    }

    @Test
    void aMissInTheQuizComesAgainAfterItsOtherQuestions() {
        steps(4);
        miss(PATH);
        assertEquals(5, onward(PATH, "NEXT").at("/target/slot").intValue());
        JsonNode repaired = steps(2);
        assertEquals(4, repaired.at("/target/slot").intValue());
        assertEquals("MISSED", repaired.at("/target/slots/4").textValue());
        assertTrue(answerRight(PATH).at("/target/reached").booleanValue());
    }

    @Test
    void whatWasDoneThereStandsInTheBookAndCountsForNoSkill() {
        steps(2);
        String practised = itemId(PATH);
        answerRight(PATH);

        assertEquals(
                Outcome.UNAIDED_FIRST,
                record.outcome(items.require(student, practised)).orElseThrow());
        assertEquals(
                "UNAIDED_FIRST",
                client.get("/api/book/" + practised).body().at("/item/outcome").textValue());
        assertFalse(record.map(student).stream()
                .filter(node -> node.skill().id().equals(SKILL))
                .anyMatch(node -> node.isKnown()));
    }
}
