package littlesummit.core.grading;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Ways of writing an answer that belong to one kind of field, and what they are shown as. */
class WaysOfWritingTest {
    /** A constant of an antiderivative has whatever name, once there is one. */
    @ParameterizedTest
    @CsvSource({
        "x^3 + C,Correct",
        "x^3 + c,Correct",
        "x^3+K,Correct",
        "k + x^3,Unreadable",
        "x^3 + const,Correct",
        "x^3 + constant,Correct",
        "x^3 - c,Incorrect",
        "x^3 + 2c,Unreadable",
        "x^3 + 5,Incorrect",
        "x^2 + c,Incorrect",
        "x^3 + m,Unreadable",
    })
    void theConstantMayBeCalledOtherwise(String entry, String verdict) {
        AnswerSpec spec =
                AnswerSpec.of(Kind.EXPRESSION, Form.Shape.ANY, "x^3 + C").withLetters("x", "C");
        assertEquals(verdict, Grader.grade(spec, entry).getClass().getSimpleName());
    }

    /** Where c is a letter of the field itself, it is no name of the constant. */
    @ParameterizedTest
    @ValueSource(strings = {"x + c"})
    void aLetterOfTheFieldIsItself(String entry) {
        AnswerSpec spec =
                AnswerSpec.of(Kind.EXPRESSION, Form.Shape.ANY, "x + C").withLetters("x", "C", "c");
        assertEquals(Verdict.incorrect(), Grader.grade(spec, entry));
    }

    @ParameterizedTest
    @CsvSource({"2:4:6,2 : 4 : 6,2 to 4 to 6", "2 to 3,2 : 3,2 to 3", "(1:2),1 : 2,1 to 2"})
    void aRatioIsShownWithItsColons(String entry, String latex, String spoken) {
        Reader.ReadAs read = Reader.read(entry, AnswerSpec.of(Kind.PAIR, Form.Shape.ANY, "1:2:3"));
        assertEquals(latex, read.latex());
        assertEquals(spoken, read.spoken());
    }

    @ParameterizedTest
    @CsvSource({
        "1011_2,11",
        "( 1011 )_{2},11",
        "1011₂,11",
        "0b11,3",
        "0B11,3",
        "ff_16,255",
        "FF₁₆,255",
        "777_8,511",
        "10_10,10",
        "0_2,0"
    })
    void numeralsOfOtherBasesHaveTheirValue(String entry, String value) {
        assertEquals(Optional.of(value), BaseNumeral.read(entry).map(number -> number.value()
                .toString()));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "1021_2", "8_8", "1_1", "1_17", "1_0", "0b12", "x_1", "12", "_2", "1011_", "-1_2", "1_2_3", "b", "₂"
            })
    void whatIsNoNumeralIsLeftAlone(String entry) {
        assertEquals(Optional.empty(), BaseNumeral.read(entry));
    }
}
