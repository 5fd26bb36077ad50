package littlesummit.core.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Layout;
import littlesummit.core.item.Mistake;
import littlesummit.core.item.Part;
import littlesummit.core.practice.PracticeEvent.Result;
import org.junit.jupiter.api.Test;

class PartCheckTest {
    private static final Part PART = new Part("Two numbers", List.of(
            Field.typed("a", "a", "", AnswerSpec.number(Form.Shape.FRACTION_LOWEST, "1/2"), new Mistake("2/3", "slip", "aimed")),
            Field.typed("b", "b", "", AnswerSpec.number(Form.Shape.ANY, "5"))), new Layout.Stacked(), List.of("1", "2", "3"));

    @Test
    void rightOnlyIfEveryFieldIs() {
        assertEquals(Result.CORRECT, PartCheck.of(PART, Map.of("a", "1/2", "b", "5")).result());
        assertEquals(Result.INCORRECT, PartCheck.of(PART, Map.of("a", "1/2", "b", "6")).result());
        assertEquals(Result.FORM, PartCheck.of(PART, Map.of("a", "2/4", "b", "5")).result());
    }

    @Test
    void anUnreadableFieldMakesThePartUnreadable() {
        assertEquals(Result.UNREADABLE, PartCheck.of(PART, Map.of("a", "3/4", "b", "5+")).result());
        assertEquals(Result.UNREADABLE, PartCheck.of(PART, Map.of("b", "5")).result());
    }

    @Test
    void aKnownMistakeIsRecognisedInAnyForm() {
        PartCheck.OfField field = PartCheck.of(PART, Map.of("a", "4/6", "b", "5")).fields().getFirst();

        assertTrue(field.mistake().isPresent());
        assertEquals("aimed", field.message());
    }
}
