package littlesummit.core.math;

import static org.junit.jupiter.api.Assertions.assertEquals;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;

class SpokenTextTest {
    @ParameterizedTest
    @CsvSource(delimiter = ';', textBlock = """
        Take the square.; Take the square.
        The price is \\$12.50 today.; The price is 12.50 dollars today.
        Snow is measured at {{pick}}.; Snow is measured at blank.
        An angle of 40°.; An angle of 40 degrees.
        $f(x) = \\frac{x^{2} + 1}{x - 3}$; f of x equals the fraction x squared plus 1, over, x minus 3, end fraction
        """)
    void readsAloud(String text, String spoken) {
        assertEquals(spoken, SpokenText.of(text));
    }

    /** Sixty forms by common practice of spoken mathematics. */
    @ParameterizedTest
    @CsvFileSource(
            resources = "/littlesummit/spoken.csv",
            delimiter = '\t',
            quoteCharacter = '\u0000',
            numLinesToSkip = 2)
    void formulasAreSaidAsInTheTable(String latex, String spoken) {
        assertEquals(spoken, SpokenText.math(latex));
    }
}
