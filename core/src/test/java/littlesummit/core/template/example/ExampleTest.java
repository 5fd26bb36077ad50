package littlesummit.core.template.example;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.stream.Collectors;
import littlesummit.core.math.Rational;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ExampleTest {
    private static String text(List<Example.Piece> pieces) {
        return pieces.stream()
                .map(piece -> switch (piece) {
                    case Example.Piece.Words(String words) -> words;
                    case Example.Piece.Number(int index) -> "<" + index + ">";
                })
                .collect(Collectors.joining());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "6 jars cost $42. What does one cost? | <0> jars cost <1>. | What does one cost?",
                "A field is 12.5 m long and 8 m wide: how long is its fence? | A field is <0> m long and <1> m wide:"
                        + " | how long is its fence?",
                "What is 3 times 4.5? | '' | What is <0> times <1>?",
                "Of 1,250 trees 20% are firs. How many are that? | Of <0> trees <1>% are firs. | How many are that?",
                "A train leaves at 8. Who knows? Nobody! When is it 3 o'clock? | A train leaves at <0>. Who knows?"
                        + " Nobody! | When is it <1> o'clock?",
            })
    void theQuestionComesLastAndNumbersAreFound(String text, String told, String asked) {
        Example example = Example.read(text);
        assertEquals(told, text(example.told()));
        assertEquals(asked, text(example.asked()));
    }

    @Test
    void aNumberKnowsHowItIsWritten() {
        List<Example.Given> numbers = Example.read("A coat of $1,049.50 and 7 caps weigh 0.25 kg. How much?")
                .numbers();
        assertEquals(
                List.of(
                        new Example.Given("a", Rational.of(2099, 2), 2, true),
                        new Example.Given("b", Rational.of(7), 0, false),
                        new Example.Given("c", Rational.of(1, 4), 2, false)),
                numbers);
    }

    /** e and i mean something else in a formula. */
    @Test
    void lettersThatHaveAMeaningAreLeftOut() {
        Example example = Example.read("1 2 3 4 5 6. What?");
        assertEquals(
                List.of("a", "b", "c", "d", "f", "g"),
                example.numbers().stream().map(Example.Given::letter).toList());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "There are 5 cats. | ends with a question",
                "'' | ends with a question",
                "How many cats are there? | no number",
                "1 2 3 4 5 6 7. What? | At most 6 numbers"
            })
    void whatIsNoItemIsRefusedWithASentence(String text, String sentence) {
        IllegalArgumentException no = assertThrows(IllegalArgumentException.class, () -> Example.read(text));
        assertTrue(no.getMessage().contains(sentence), no.getMessage());
    }
}
