package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;

import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Grader;
import littlesummit.core.grading.Verdict;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Scientific notation against exact constants of the International System of Units (BIPM, The International System of
 * Units, SI Brochure, 9th edition 2019, section 2.2: the defining constants), written out and in powers of ten.
 */
class ScientificNotationSourcesTest {
    @ParameterizedTest
    @CsvSource({
        "9192631770, 9.192631770 x 10^9",
        "299792458, 2.99792458 x 10^8",
        "0.000000000000000000000000000000000662607015, 6.62607015 x 10^-34",
        "0.0000000000000000001602176634, 1.602176634 x 10^-19",
        "0.00000000000000000000001380649, 1.380649 x 10^-23",
        "602214076000000000000000, 6.02214076 x 10^23",
        "540000000000000, 5.40 x 10^14",
        "683, 6.83 x 10^2"
    })
    void definingConstants(String digits, String scientific) {
        assertEquals(Verdict.CORRECT, Grader.grade(AnswerSpec.number(Form.Shape.SCIENTIFIC, digits), scientific));
        assertEquals(Verdict.CORRECT, Grader.grade(AnswerSpec.number(Form.Shape.NUMERAL, scientific), digits));
    }
}
