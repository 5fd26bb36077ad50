package littlesummit.core.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LastLineTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "36; 63; true",
                "36; 36; false",
                "36.0; 36; false",
                "x = 36; 63; true",
                "12*3 = 36; 36; false",
                "just words here; 63; false",
                "x + 1; 63; false",
                "36; six; false",
                "1/0; 63; false"
            })
    void asksOnlyWhenTheNumbersDiffer(String lastLine, String entry, boolean asks) {
        AnswerSpec spec = AnswerSpec.number(Form.Shape.ANY, "36");

        assertEquals(
                asks,
                LastLine.conflict(spec, List.of("3*12", lastLine, " "), entry).isPresent());
    }

    /** The value that a check puts in is what the lines end in; a number that is only named is not. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "x = 7 | 4*7+18 = 46; 7; false",
                "x = 7 | 4*7+18 = 46 | 6*7+4 = 46; 7; false",
                "x = 7 | 4*7+18 = 46; 46; true",
                "x = 7 | so x = 7; 7; false",
                "n = 5 | 12*3 = 36; 36; false",
                "n = 5 | 12*3 = 36; 5; true",
                "x = 7 | 36; 36; false"
            })
    void aCheckStandsBelowWhatItChecks(String lines, String entry, boolean asks) {
        AnswerSpec spec = AnswerSpec.number(Form.Shape.ANY, "7");

        assertEquals(
                asks,
                LastLine.conflict(spec, List.of(lines.split(" \\| ")), entry).isPresent());
    }
}
