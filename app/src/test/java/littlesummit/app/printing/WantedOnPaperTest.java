package littlesummit.app.printing;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import org.junit.jupiter.api.Test;

/** The form wanted is printed once where it is the same in all places, else place by place. */
class WantedOnPaperTest {
    private static Field field(String label, String wanted) {
        return Field.typed("id", label, wanted, AnswerSpec.number(Form.Shape.ANY, "1"));
    }

    @Test
    void onceWhereItIsTheSame() {
        assertEquals(
                List.of("a whole number"),
                ItemOnPaper.wanted(List.of(field("low", "a whole number"), field("high", "a whole number"))));
    }

    @Test
    void placeByPlaceWhereItDiffers() {
        assertEquals(
                List.of("fraction: in lowest terms", "percent: a whole number"),
                ItemOnPaper.wanted(List.of(
                        field("fraction", "in lowest terms"),
                        field("percent", "a whole number"),
                        field("a choice", ""))));
    }

    @Test
    void nothingWhereNothingIsSaid() {
        assertEquals(List.of(), ItemOnPaper.wanted(List.of(field("a choice", ""))));
    }
}
