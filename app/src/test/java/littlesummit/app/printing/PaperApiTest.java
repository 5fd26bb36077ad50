package littlesummit.app.printing;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import littlesummit.app.ApiTest;
import littlesummit.app.Client;
import littlesummit.app.ToCome;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import littlesummit.core.quiz.PointsScheme;
import littlesummit.core.quiz.QuizPlan;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Who may print what, and that a test on paper stays a secret until it is handed out. */
class PaperApiTest extends ApiTest {
    private String quiz;

    @BeforeEach
    void aQuiz() {
        quiz = "/api/quiz/"
                + assignments
                        .add(
                                student.classId(),
                                "Round",
                                List.of("scientific-notation", "absolute-value"),
                                new Target.Quiz(100),
                                Policy.DEFAULT,
                                Optional.of(new QuizPlan(
                                        List.of(
                                                new QuizPlan.Share("scientific-notation", 2),
                                                new QuizPlan.Share("absolute-value", 2)),
                                        45,
                                        3,
                                        100,
                                        PointsScheme.DEFAULT,
                                        Policy.Calculator.AS_ITEM,
                                        false)),
                                Optional.empty(),
                                ToCome.NEXT_YEAR)
                        .id();
    }

    /** The items as they are drawn: all of the file but when and by whom it was made, and how long it is. */
    private String drawn(Client who, String query) {
        String file = new String(who.bytes(quiz + "/paper.pdf" + query), StandardCharsets.ISO_8859_1);
        assertTrue(file.startsWith("%PDF"), file);
        return file.substring(0, file.lastIndexOf("/Creator")).replaceAll("[A-Z]{6}\\+|/ID.*", "");
    }

    @Test
    void noStudentCanPrintTheTestOfTheInstructor() {
        String test = drawn(instructor, "?seed=1");
        for (int seed : IntStream.rangeClosed(1, 12).toArray()) {
            assertNotEquals(test, drawn(client, "?seed=" + seed));
            assertNotEquals(test, drawn(other, "?seed=" + seed));
        }
        assertNotEquals(test, drawn(client, ""));
    }

    @Test
    void aVersionIsTheSameEveryTimeAndTheTwoDiffer() {
        assertEquals(drawn(instructor, "?seed=1"), drawn(instructor, "?seed=1"));
        assertNotEquals(drawn(instructor, "?seed=1"), drawn(instructor, "?seed=2"));
    }

    @Test
    void noRoundOnTheScreenBringsTheItemsOfTheTest() {
        String test = drawn(instructor, "?seed=1");
        client.post(quiz + "/start", "{}");
        assertNotEquals(test, drawn(client, ""));
        assertNotEquals(test, drawn(instructor, "?student=" + student.id()));
    }

    @Test
    void keysAndTheSheetsOfOthersAreForTheInstructor() {
        assertEquals(403, client.get(quiz + "/key.pdf").status());
        assertEquals(
                403, client.get(quiz + "/paper.pdf?student=" + student.id()).status());
        assertEquals(404, stranger.get(quiz + "/key.pdf").status());
        assertEquals(404, instructor.get(quiz + "/key.pdf?student=nobody").status());
        assertEquals(
                200, instructor.get(quiz + "/key.pdf?student=" + student.id()).status());
    }
}
