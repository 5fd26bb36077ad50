package littlesummit.core.grading;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AnswerSpecTest {
    /** The key is what one would type: rounded where rounding is asked. */
    @ParameterizedTest
    @CsvSource({
        "decimal:2,2/3,0.67",
        "decimal:0,7/2,4",
        "decimal:1,1/8,0.1",
        "decimal:3,5,5.000",
        "percent:1,2/3,66.7%",
        "percent:0,0.125,13%",
        "lowest-terms,2/3,2/3",
        "any,0.125,0.125"
    })
    void theKeyIsRoundedAsAsked(String form, String expected, String key) {
        AnswerSpec spec = AnswerSpec.number(Form.of(form).orElseThrow(), expected);
        assertEquals(key, spec.key());
        assertEquals(Verdict.CORRECT, Grader.grade(spec, key));
    }

    @Test
    void theKeyOfAnythingButANumberIsAsItStands() {
        assertEquals(
                "x = 2/3",
                AnswerSpec.of(Kind.EQUATION, Form.Shape.ANY, "x = 2/3").key());
    }

    /** A unit that the field shows may be typed once more; a sign that belongs to mathematics may not. */
    @ParameterizedTest
    @CsvSource(delimiter = ';', textBlock = """
        metres; 12 metres; true
        metres; 12; true
        metres; 12metres ; true
        metres; metres; false
        metres; 12 litres; false
        """)
    void aShownUnitMayBeTypedOnceMore(String suffix, String entry, boolean right) {
        AnswerSpec spec = AnswerSpec.number(Form.Shape.INTEGER, "12").withSuffix(suffix);
        assertEquals(right, Grader.grade(spec, entry) instanceof Verdict.Correct);
    }

    @Test
    void lettersStandInExpressionsAndNotInNumbers() {
        assertEquals(
                Set.of("x"),
                AnswerSpec.of(Kind.EXPRESSION, Form.Shape.ANY, "x+1").letters());
        assertEquals(
                Set.of("x"), AnswerSpec.of(Kind.DOMAIN, Form.Shape.ANY, "x>1").letters());
        assertEquals(Set.of(), AnswerSpec.number(Form.Shape.ANY, "1").letters());
        assertEquals(
                Set.of("a", "b"),
                AnswerSpec.of(Kind.EXPRESSION, Form.Shape.ANY, "a")
                        .withLetters("a", "b")
                        .letters());
    }

    @Test
    void aChoiceKnowsItsOptions() {
        AnswerSpec spec = AnswerSpec.choice("b", List.of("a", "b"));
        assertEquals(Set.of("a", "b"), spec.options());
        assertEquals(Verdict.CORRECT, Grader.grade(spec, "b"));
    }
}
