package littlesummit.core.working;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Set;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Items;
import org.junit.jupiter.api.Test;

class WorkLettersTest {
    private static Item item(String given, String... letters) {
        AnswerSpec answer = AnswerSpec.number(Form.Shape.INTEGER, "7").withLetters(letters);
        Field field = Field.typed("answer", "Answer", "a number", answer);
        return Items.of(new ItemRef("s", 1, 1, "v", 1))
                .text("Work.")
                .part(Part.of("What?", field, "a", "b", "c"))
                .given(given)
                .build();
    }

    @Test
    void xMayAlwaysNameTheUnknown() {
        assertEquals(Set.of("x"), WorkLetters.of(item("")));
    }

    @Test
    void lettersOfTheFieldsAndOfWhatIsGivenMayStandToo() {
        assertEquals(Set.of("x", "y", "a", "b"), WorkLetters.of(item("3*a+b=20", "y")));
    }

    @Test
    void wordsAndNamesOfFunctionsAreNoLetters() {
        assertEquals(Set.of("x", "t"), WorkLetters.of(item("sqrt(t)=3")));
    }
}
