package littlesummit.core.calculator;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class CalculatorTest {
    @ParameterizedTest
    @CsvSource(delimiter = ';', textBlock = """
        2+3*4; 14; 14; false
        0.1+0.2; 3/10; 0.3; false
        1/3+1/6; 1/2; 0.5; false
        2/3; 2/3; 0.66666667; true
        2 1/3 * 3; 7; 7; false
        35% * 80; 28; 28; false
        -7/2; -7/2; -3.5; false
        2^10; 1024; 1024; false
        sum(3, 4.5, 1/2); 8; 8; false
        mean(7, 9, 12); 28/3; 9.33333333; true
        mean(4); 4; 4; false
        mean(25, 25, 29, 27, 33; 139/5; 27.8; false
        2*(3+4; 14; 14; false
        sum(2, (3+1; 6; 6; false
        """)
    void worksOut(String entry, String exact, String decimal, boolean rounded) {
        assertEquals(new Calculator.Result.Value(exact, decimal, rounded), Calculator.compute(entry));
    }

    @Test
    void anIrrationalNumberStaysAsTyped() {
        assertEquals(new Calculator.Result.Value("sqrt(2)", "1.41421356", true), Calculator.compute("sqrt(2)"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "2+", "1/0", "x+1", "mean()", "mean(1,,2)", "sum(1;b)", "3=3", "9^9^9^9", "((("})
    void saysWhatIsUnclear(String entry) {
        Calculator.Result.Unclear unclear =
                assertInstanceOf(Calculator.Result.Unclear.class, Calculator.compute(entry));

        assertTrue(unclear.message().length() > 10, entry);
    }
}
