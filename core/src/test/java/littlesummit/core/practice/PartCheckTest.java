package littlesummit.core.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Kind;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Layout;
import littlesummit.core.item.Mistake;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import littlesummit.core.practice.PracticeEvent.Result;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PartCheckTest {
    private static final Part PART = new Part(
            "Two numbers",
            List.of(
                    Field.typed(
                            "a",
                            "a",
                            "",
                            AnswerSpec.number(Form.Shape.FRACTION_LOWEST, "1/2"),
                            new Mistake("2/3", "slip", "aimed")),
                    Field.typed("b", "b", "", AnswerSpec.number(Form.Shape.ANY, "5"))),
            new Layout.Stacked(),
            List.of("1", "2", "3"));

    @Test
    void rightOnlyIfEveryFieldIs() {
        assertEquals(
                Result.CORRECT, PartCheck.of(PART, Map.of("a", "1/2", "b", "5")).result());
        assertEquals(
                Result.INCORRECT,
                PartCheck.of(PART, Map.of("a", "1/2", "b", "6")).result());
        assertEquals(
                Result.FORM, PartCheck.of(PART, Map.of("a", "2/4", "b", "5")).result());
    }

    @Test
    void anUnreadableFieldMakesThePartUnreadable() {
        assertEquals(
                Result.UNREADABLE,
                PartCheck.of(PART, Map.of("a", "3/4", "b", "5+")).result());
        assertEquals(Result.UNREADABLE, PartCheck.of(PART, Map.of("b", "5")).result());
    }

    @Test
    void withoutAKnownMistakeOrSlipTheFirstNudgeIsGiven() {
        assertEquals(
                "1",
                PartCheck.of(PART, Map.of("a", "5/7", "b", "5"))
                        .fields()
                        .getFirst()
                        .message());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "(0, 1), (1, 3); CORRECT",
                "(2, 5), (-1, -1); CORRECT",
                "(0, 1), (1, 4); INCORRECT",
                "(0, 1); UNREADABLE",
                "(0, 1), (0, 1); UNREADABLE",
                "forged; UNREADABLE"
            })
    void aPlottedLineIsGradedByItsEquation(String points, Result result) {
        Figure.Grid grid = new Figure.Grid("grid", -10, 10, -10, 10, 1, List.of());
        AnswerSpec answer =
                AnswerSpec.of(Kind.EQUATION, Form.Shape.ANY, "y = 2x + 1").withLetters("x", "y");
        Part part =
                Part.of("Draw", Field.typed("line", "Line", "", answer).by(new Response.PlotLine(grid)), "1", "2", "3");

        assertEquals(result, PartCheck.of(part, Map.of("line", points)).result());
    }

    @Test
    void aKnownMistakeIsRecognisedInAnyForm() {
        PartCheck.OfField field =
                PartCheck.of(PART, Map.of("a", "4/6", "b", "5")).fields().getFirst();

        assertTrue(field.mistake().isPresent());
        assertEquals("aimed", field.message());
    }
}
