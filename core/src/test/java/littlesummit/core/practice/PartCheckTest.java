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

    private static final Figure.NumberLine LINE = new Figure.NumberLine("line", 0, 2, 0.25, List.of());

    @ParameterizedTest
    @CsvSource({"3, CORRECT", "4, INCORRECT", "9, UNREADABLE", "'', UNREADABLE"})
    void aMarkIsGradedByItsNumber(String tick, Result result) {
        Field mark = Field.typed("m", "Mark", "", AnswerSpec.number(Form.Shape.ANY, "3/4"))
                .by(new Response.MarkOnLine(LINE));
        assertEquals(
                result,
                PartCheck.of(Part.of("Mark", mark, "1", "2", "3"), Map.of("m", tick))
                        .result());
    }

    @ParameterizedTest
    @CsvSource({
        "12.05, correct, ''",
        "012.05, correct, ''",
        "1_.05, unreadable, digit-missing",
        "_.05, unreadable, digit-missing",
        "12._5, unreadable, digit-missing",
        "12_, unreadable, digit-missing",
        "12.50, incorrect, ''"
    })
    void digitsInColumnsAreOneNumber(String sent, String verdict, String reason) {
        Field sum = Field.typed("s", "Sum", "", AnswerSpec.number(Form.Shape.ANY, "12.05"))
                .by(new Response.WriteInColumns(List.of("7.30", "4.75"), "+", 2, 2));
        PartCheck.OfField check = PartCheck.of(Part.of("Add", sum, "1", "2", "3"), Map.of("s", sent))
                .fields()
                .getFirst();
        assertEquals(verdict, check.verdict().code());
        assertEquals(reason, check.verdict().why().map(r -> r.code()).orElse(""));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "'>,filled,3'; CORRECT; ''",
                "'>,open,3'; INCORRECT; boundary",
                "'<,filled,3'; INCORRECT; direction",
                "'>,,3'; UNREADABLE; ray-not-whole",
                "',,3'; UNREADABLE; ray-not-whole",
                "'>,open,9'; UNREADABLE; ray-not-whole",
                "''; UNREADABLE; blank"
            })
    void aRayIsGradedByItsInequality(String sent, Result result, String reason) {
        Field ray = Field.typed("r", "Ray", "", AnswerSpec.of(Kind.DOMAIN, Form.Shape.ANY, "x >= 3/4"))
                .by(new Response.RayOnLine(LINE, "x"));
        PartCheck check = PartCheck.of(Part.of("Draw", ray, "1", "2", "3"), Map.of("r", sent));
        assertEquals(result, check.result());
        assertEquals(
                reason,
                check.fields().getFirst().verdict().why().map(r -> r.code()).orElse(""));
    }

    @Test
    void aKnownMistakeIsRecognisedInAnyForm() {
        PartCheck.OfField field =
                PartCheck.of(PART, Map.of("a", "4/6", "b", "5")).fields().getFirst();

        assertTrue(field.mistake().isPresent());
        assertEquals("aimed", field.message());
    }
}
