package littlesummit.core.math;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.List;
import java.util.Map;
import java.util.Set;
import littlesummit.core.math.Equality.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Factorials of letters, and numbers of choices out of them. */
class FactorialsTest {
    private static final List<String> ALL = List.of(
            "n!",
            "(n+1)!",
            "(n-1)!",
            "n (n-1)!",
            "(n+1) n!",
            "n!/(n-2)!",
            "n (n-1)",
            "n^2 - n",
            "(n+2)!/n!",
            "(n+1)(n+2)",
            "(n+1)!/n!",
            "n + 1",
            "C(n, 2)",
            "C(n, n-2)",
            "n (n-1)/2",
            "C(n, 1)",
            "n",
            "C(n, n)",
            "1",
            "C(n+1, 2)",
            "C(n, 2) + C(n, 1)",
            "(2n)!/(2n-1)!",
            "2n");

    private static Expr expr(String text) {
        return assertInstanceOf(Statement.Value.class, Parser.require(text, Syntax.line(Set.of("n", "k"))))
                .expr();
    }

    private static Answer compare(String a, String b) {
        return Equality.of(expr(a), expr(b));
    }

    /** Each compared with each, and both worked out for some whole numbers. */
    @Test
    void agreeWithWhatTheyAreForWholeNumbers() {
        for (String a : ALL) {
            for (String b : ALL) {
                boolean same = List.of(4, 5, 6, 9).stream().allMatch(n -> at(a, n).equals(at(b, n)));
                assertEquals(same ? Answer.EQUAL : Answer.DIFFERENT, compare(a, b), a + " and " + b);
            }
        }
    }

    private static Rational at(String text, int n) {
        return Canonical.at(expr(text), Map.of("n", Rational.of(n)))
                .asRational()
                .orElseThrow();
    }

    /** Pascal's rule and the symmetry of binomial coefficients: common practice. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "C(n, k) | n!/(k! (n-k)!)",
                "C(n, k) | C(n, n-k)",
                "C(n, k) + C(n, k+1) | C(n+1, k+1)",
                "k C(n, k) | n C(n-1, k-1)",
            })
    void numbersOfChoicesKeepTheirRules(String a, String b) {
        assertEquals(Answer.EQUAL, compare(a, b));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"C(n, k) | C(k, n)", "n! k! | (n k)!", "(2n)! | 2 n!", "n!! | n!"})
    void isNoRule(String a, String b) {
        assertEquals(Answer.DIFFERENT, compare(a, b));
    }

    @Test
    void whatLiesTooFarAwayIsNotWrittenOut() {
        MathProblem problem = assertThrows(MathProblem.class, () -> Canonical.of(expr("(n + 21)!")));
        assertEquals(MathProblem.Kind.TOO_LARGE, problem.kind());
        assertEquals(Answer.EQUAL, compare("(n + 20)!", "(n + 20) (n + 19)!"));
    }

    @Test
    void ofAFractionWithLettersBelowNothingIsSaid() {
        MathProblem problem = assertThrows(MathProblem.class, () -> Canonical.of(expr("(1/n)!")));
        assertEquals(MathProblem.Kind.NOT_SUPPORTED, problem.kind());
    }

    @Test
    void choosingLessThanNothingCannotBeDone() {
        assertEquals(Answer.EQUAL, compare("C(n, -1)", "0"));
        assertThrows(MathProblem.class, () -> Canonical.of(expr("C(n, 1/2)")));
    }
}
