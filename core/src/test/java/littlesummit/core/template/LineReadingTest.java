package littlesummit.core.template;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LineReadingTest {
    private static final Set<String> LETTERS = Set.of("x");
    private static final Set<String> NAMES = Set.of("n", "size");

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "n*x + 1 | nx+1",
                "n * size | n\\,\\text{size}\\,",
                "size / n | \\frac{\\,\\text{size}\\,}{n}",
                "n^size | n^{\\,\\text{size}\\,}",
                "-(size + 1) | -\\left(\\,\\text{size}\\,+1\\right)",
                "n != size | n \\ne \\,\\text{size}\\,",
                "n = 1 or size > 2 | n = 1\\text{ or }\\,\\text{size}\\, > 2",
            })
    void aFormulaIsReadAlongWithItsNames(String formula, String latex) {
        assertEquals(new LineReading.Understood(latex), LineReading.formula(formula, LETTERS, NAMES));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "n * | it ends too early",
                "(n + 1 | a bracket is not closed",
                "m + 1 | nothing is called “m” here",
                "mod(n) | takes",
            })
    void whatIsNoFormulaIsSaidInASentence(String formula, String why) {
        LineReading.Wrong wrong =
                assertInstanceOf(LineReading.Wrong.class, LineReading.formula(formula, LETTERS, NAMES));
        assertTrue(wrong.sentence().contains(why), wrong.sentence());
    }

    @Test
    void wordsAreReadWithTheirPlaces() {
        assertEquals(new LineReading.Understood(""), LineReading.words("{n} ropes of $size*x$", LETTERS, NAMES));
        assertInstanceOf(LineReading.Wrong.class, LineReading.words("{m} ropes", LETTERS, NAMES));
        assertInstanceOf(LineReading.Wrong.class, LineReading.words("It costs $5.", LETTERS, NAMES));
    }
}
