package littlesummit.core.item;

import static org.junit.jupiter.api.Assertions.assertEquals;

import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Kind;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What an answer needs and no keyboard shows stands beside its field. */
class PaletteTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "number; any; 12; []",
                "number; simplest-roots; 2sqrt(3); [√, /, −]",
                "number; mixed; 1 1/2; [/, −]",
                "number; scientific; 2*10^3; [×, ^, −]",
                "set; simplest-roots; {1+sqrt(2)}; [{ , }, x/y, √, none]",
                "domain; any; x>2; [∞, ∪, ≠, ≤, ≥, x/y]",
                "expression; any; x+1; [x/y, x², ( ), √]"
            })
    void theSignsThatItNeeds(String kind, String form, String expected, String signs) {
        AnswerSpec spec =
                AnswerSpec.of(Kind.of(kind).orElseThrow(), Form.of(form).orElseThrow(), expected);
        Field field = Field.typed("a", "Answer", "anything", spec);
        assertEquals(signs, ((Response.Typed) field.response()).palette().toString());
    }
}
