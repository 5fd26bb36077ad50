package littlesummit.core.math;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;

import java.util.Map;
import java.util.Set;
import littlesummit.core.math.Reading.Problem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BoundedParserTest {
    private static final Syntax SYNTAX = Syntax.line(Set.of("x", "n"));

    private static Expr expr(String text) {
        return assertInstanceOf(Statement.Value.class, Parser.require(text, SYNTAX))
                .expr();
    }

    private static Problem refusal(String text) {
        return assertInstanceOf(Reading.Stopped.class, Parser.read(text, SYNTAX))
                .problem();
    }

    /** Sums of the first numbers, squares and cubes, and a factorial: common practice. */
    @ParameterizedTest(name = "{0} = {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "\\sum_{k=1}^{4} k^2 | 30",
                "\\sum_{k=1}^{200} k | 20100",
                "\\sum_{k=0}^{3} k^3 | 36",
                "\\prod_{k=1}^{5} k | 120",
                "\\sum_{k=3}^{3} 2k | 6",
                "\\sum_{k=3}^{2} k | 0",
                "\\prod_{k=3}^{2} k | 1",
                "\\sum_{k=-2}^{2} k | 0",
                "\\sum_{k=1}^{2} \\sum_{j=1}^{3} k j | 18",
                "\\sum_{k=1}^{3} k + 10 | 16",
            })
    void isWrittenOutTermByTerm(String text, long expected) {
        assertEquals(expected, Approximation.value(expr(text), Map.of()));
    }

    @Test
    void lettersThatCountNothingStayLetters() {
        assertEquals(Equality.Answer.EQUAL, Equality.of(expr("\\sum_{k=1}^{3} k x"), expr("6x")));
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "\\sum_{k=1}^{201} k | TOO_LARGE",
                "\\sum_{k=1}^{100} \\sum_{j=1}^{100} k j | TOO_LARGE",
                "\\sum_{k=1}^{n} k | SUM_SIGN",
                "\\sum_{k=n}^{4} k | SUM_SIGN",
                "\\sum_{k=1}^{99999999999} k | SUM_SIGN",
                "\\sum_{k=1/2}^{4} k | SUM_SIGN",
                "\\sum_{1}^{4} k | SUM_SIGN",
                "\\sum k | SUM_SIGN",
            })
    void whatCannotBeWrittenOutIsRefusedByName(String text, Problem problem) {
        assertEquals(problem, refusal(text));
    }

    /** What counts the terms is no letter behind them. */
    @Test
    void theLetterThatCountsIsKnownInsideAlone() {
        assertInstanceOf(Reading.Stopped.class, Parser.read("\\sum_{k=1}^{3} k + k", SYNTAX));
    }
}
