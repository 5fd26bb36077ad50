package littlesummit.core.math;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Values to about fifteen digits, as the mathematics of the Java library gives them; the constants are from memory. */
class ApproximationTest {
    private static final Map<String, Rational> X_IS_TWO = Map.of("x", Rational.of(2));

    private static Expr expr(String text) {
        return assertInstanceOf(Statement.Value.class, Parser.require(text, Syntax.line(Set.of("x", "y"))))
                .expr();
    }

    private static double value(String text) {
        return Approximation.value(expr(text), X_IS_TWO);
    }

    @ParameterizedTest(name = "{0} is {1}")
    @CsvSource({
        "3x - 5, 1",
        "x^3/4, 2",
        "-x^2, -4",
        "sqrt(x), 1.414213562373095",
        "'root(3, -8x)', -2.519842099789746",
        "'root(4, 8x)', 2",
        "abs(1 - 3x), 5",
        "sin(30°), 0.5",
        "cos(pi/3), 0.5",
        "tan(pi/4), 1",
        "cot(pi/4), 1",
        "sec(pi/3), 2",
        "csc(pi/6), 2",
        "arcsin(1/2), 0.523598775598299",
        "arccos(1/2), 1.047197551196598",
        "arctan(1), 0.785398163397448",
        "ln(e^x), 2",
        "log(1000), 3",
        "'log_2(4x)', 3",
        "25%, 0.25",
        "1 1/2, 1.5",
        "e, 2.718281828459045",
    })
    void isTheValueAtAPoint(String text, double expected) {
        assertEquals(expected, value(text), 1e-12);
    }

    @ParameterizedTest
    @ValueSource(strings = {"y", "sqrt(1 - x)", "ln(1 - x)", "x!"})
    void isNoNumberWhereThereIsNoneToGive(String text) {
        assertTrue(Double.isNaN(value(text)), text);
    }

    @Test
    void isZeroUnderARootOfZero() {
        assertEquals(0, value("sqrt(x - 2)"));
    }

    @Test
    void valuesAreApartOnlyByMoreThanRoundingCanDo() {
        assertTrue(Approximation.areApart(1, 1.00001));
        assertFalse(Approximation.areApart(1, 1.0000001));
        assertTrue(Approximation.areApart(0, -1e-5));
        assertFalse(Approximation.areApart(1e6, 1e6 + 0.5), "the same to seven digits");
        assertFalse(Approximation.areApart(1e10, 2e10), "too large to be told apart safely");
        assertFalse(Approximation.areApart(Double.NaN, 1));
    }

    @ParameterizedTest(name = "{0} = {1}: y is {2}")
    @CsvSource({"y + x, 7, 5", "2y, x - 5, -1.5", "3 - y, 2y, 1", "y*y, x, NaN", "y, y + 1, NaN", "1/y, 1, NaN"})
    void solvesForALetterOfTheFirstDegreeAlone(String left, String right, double expected) {
        assertEquals(expected, Approximation.solution(List.of(expr(left), expr(right)), "y", X_IS_TWO), 1e-12);
    }
}
