package littlesummit.core.math;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.math.BigDecimal;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Rounding to the nearest, a tie away from zero (ISO 80000-1:2009, annex B.3, rule B), and decimals of irrational
 * numbers.
 */
class RoundingSourcesTest {
    @ParameterizedTest
    @CsvSource({
        "12.223, 1, 12.2",
        "12.251, 1, 12.3",
        "12.275, 1, 12.3",
        "12.25, 1, 12.3",
        "12.35, 1, 12.4",
        "-12.25, 1, -12.3",
        "1225.0, 0, 1225",
        "0.05, 1, 0.1",
        "-0.04, 1, 0"
    })
    void theStandardsExamplesInTenths(BigDecimal number, int places, BigDecimal rounded) {
        assertEquals(Rational.of(rounded), Rational.of(number).roundHalfUp(places));
    }

    /** Digits of π: OEIS A000796; of √2: OEIS A002193. */
    @ParameterizedTest
    @CsvSource({
        "pi, 20, 3.14159265358979323846",
        "pi, 4, 3.1416",
        "sqrt(2), 20, 1.41421356237309504880",
        "sqrt(2), 5, 1.41421",
        "root(3;2), 10, 1.2599210499",
        "1/(1+sqrt(2)), 10, 0.4142135624"
    })
    void irrationalNumbers(String text, int places, BigDecimal rounded) {
        RationalFunction value = Canonical.of(Parser.expr(text.replace(';', ','), Syntax.number()));
        assertEquals(Rational.of(rounded), Rounding.halfUp(value, places));
    }
}
