package littlesummit.core.template.example;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.math.BigDecimal;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.Parser;
import littlesummit.core.math.Rational;
import littlesummit.core.math.Syntax;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WaysTest {
    private static List<Way> to(String answer, String numbers) {
        return Ways.to(
                Rational.of(new BigDecimal(answer)),
                Example.read(numbers + ". What?").numbers());
    }

    private static List<String> formulas(String answer, String numbers) {
        return to(answer, numbers).stream().map(way -> way.written(false)).toList();
    }

    @ParameterizedTest
    @CsvSource({
        "42, 6 7, a * b",
        "7, 6 42, b / a",
        "13, 6 7, a + b",
        "35, 42 7, a - b",
        "250, 1250 20, a * b / 100",
        "41, 12.5 8, (a + b) * 2",
        "24, 3 4 5 7, a * b + c + d",
        "19, 50 4 7.75, a - b * c",
        "90, 1.5, a * 60"
    })
    void theWayThatAStoryMeansComesFirst(String answer, String numbers, String formula) {
        List<String> found = formulas(answer, numbers);
        assertEquals(formula, found.getFirst(), found.toString());
    }

    /** A mean of three is divided by three, which nobody wrote: such a way is typed, and not guessed. */
    @Test
    void numbersThatAreNotThereAreNotGuessed() {
        assertTrue(formulas("11", "3 5 25").stream().noneMatch("(a + b + c) / 3"::equals));
        assertTrue(formulas("11", "3 5 25 3").contains("(a + b + c) / d"));
    }

    @Test
    void nothingIsOfferedWhereNothingLeadsThere() {
        assertEquals(List.of(), to("9999", "3 5"));
    }

    /** Whatever the numbers: each way comes to the answer, as the reader of formulas sees it, and none comes twice. */
    @Test
    void everyWayLeadsToTheAnswer() {
        Random numbers = new Random(5);
        for (int round = 0; round < 40; round++) {
            String three = (2 + numbers.nextInt(30)) + " " + (2 + numbers.nextInt(30)) + " " + (2 + numbers.nextInt(9));
            String answer = String.valueOf(2 + numbers.nextInt(60));
            Set<Object> functions = new HashSet<>();
            for (Way way : to(answer, three)) {
                assertEquals(
                        answer,
                        Canonical.of(Parser.expr(way.written(true), Syntax.number()))
                                .asRational()
                                .orElseThrow()
                                .toString());
                assertTrue(
                        functions.add(Canonical.of(Parser.expr(way.written(false), Syntax.expression(way.letters())))),
                        way.written(false));
            }
        }
    }

    @Test
    void bracketsStandWhereTheyAreNeededAlone() {
        Way a = new Way.Constant(Rational.of(7));
        Way b = new Way.Constant(Rational.of(2));
        Way difference = Way.Step.of(a, Way.Sign.MINUS, b);
        assertEquals("7 - (7 - 2)", Way.Step.of(a, Way.Sign.MINUS, difference).written(true));
        assertEquals("7 - 2 + 7", Way.Step.of(difference, Way.Sign.PLUS, a).written(true));
        assertEquals("7 + 7 - 2", Way.Step.of(a, Way.Sign.PLUS, difference).written(true));
        assertEquals("(7 - 2) * 7", Way.Step.of(difference, Way.Sign.TIMES, a).written(true));
        Way quotient = Way.Step.of(a, Way.Sign.OVER, b);
        assertEquals("7 / (7 / 2)", Way.Step.of(a, Way.Sign.OVER, quotient).written(true));
        assertEquals("7 * 7 / 2", Way.Step.of(a, Way.Sign.TIMES, quotient).written(true));
    }

    @Test
    void nothingIsDividedByZero() {
        assertTrue(to("5", "5 0").stream().noneMatch(way -> way.written(false).contains("/ b")));
    }
}
