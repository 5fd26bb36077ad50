package littlesummit.core.math;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import littlesummit.core.math.Equality.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Roots, fractional exponents and absolute values with letters. */
class SignCasesTest {
    private static final Syntax SYNTAX = Syntax.line(Set.of("x", "y", "a", "b", "c", "d"));
    private static final List<Rational> POINTS =
            List.of(Rational.of(7, 10), Rational.of(23, 10), Rational.of(-7, 10), Rational.of(-23, 10), Rational.of(5));

    private static Expr expr(String text) {
        return assertInstanceOf(Statement.Value.class, Parser.require(text, SYNTAX))
                .expr();
    }

    private static Answer compare(String a, String b) {
        return Equality.of(expr(a), expr(b));
    }

    /** Laws of exponents and of roots: common practice. */
    @ParameterizedTest(name = "{0} = {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "root(3, x^2) | x^(2/3)",
                "root(3, x^2) | (root(3, x))^2",
                "root(4, x^3) | x^(3/4)",
                "1/root(3, x^2) | x^(-2/3)",
                "x^(1/2) x^(1/3) | x^(5/6)",
                "x^(1/2)/x^(1/3) | root(6, x)",
                "sqrt(root(3, x)) | root(6, x)",
                "root(3, 16x^4) | 2x root(3, 2x)",
                "root(3, -8x) | -2 root(3, x)",
                "sqrt(x^3) | abs(x) sqrt(x)",
                "sqrt(-x^3) | -x sqrt(-x)",
                "root(4, x^2) | sqrt(abs(x))",
                "root(6, x^2) | root(3, abs(x))",
                "abs(x)^3 | sqrt(x^6)",
                "sqrt(x y) | sqrt(x) sqrt(y)",
                "sqrt(x/y) | sqrt(x y)/abs(y)",
                "root(3, x y^2) | root(3, x) y^(2/3)",
                "sqrt(x^2 y) | abs(x) sqrt(y)",
                "(a^(1/2) + b^(1/2))^2 | a + 2 sqrt(a b) + b",
                "(root(3, x) - 1)(x^(2/3) + root(3, x) + 1) | x - 1",
                "1/(root(3, x) + 1) | (root(3, x^2) - root(3, x) + 1)/(x + 1)",
                "2^(1/2) root(4, x^2) | sqrt(2 abs(x))",
            })
    void isTheSameForEverySignOfTheLetters(String a, String b) {
        assertEquals(Answer.EQUAL, compare(a, b));
        assertEquals(Answer.EQUAL, compare(b, a));
    }

    @ParameterizedTest(name = "{0} is not {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "root(6, x^2) | root(3, x)",
                "root(3, x^2) | x^(3/2)",
                "sqrt(x^2 y) | x sqrt(y)",
                "root(4, x^4 y) | x root(4, y)",
                "sqrt(x + y) | sqrt(x) + sqrt(y)",
                "x^(1/2) x^(1/3) | x^(1/6)",
                "root(3, x y) | root(3, x) y",
                "abs(x) root(3, x) | x root(3, x)",
            })
    void isAnotherForSomeSign(String a, String b) {
        assertEquals(Answer.DIFFERENT, compare(a, b));
    }

    /** Also where nothing would differ: a wrong answer would be worse than none. */
    @Test
    void saysNothingOfMoreLettersThanThree() {
        assertEquals(Answer.UNKNOWN, compare("sqrt(a b c d)", "sqrt(a b) sqrt(c d)"));
    }

    /** Every root up to the sixth of every small power, with and without a sign: each compared with each. */
    @Test
    void agreesWithTheValuesAtPointsForEveryPairOfRoots() {
        List<String> all = new ArrayList<>();
        for (int power = 0; power <= 4; power++) {
            for (int index : new int[] {2, 3, 4, 6}) {
                all.add("root(" + index + ", x^" + power + ")");
                all.add("root(" + index + ", abs(x)^" + power + ")");
                all.add("x root(" + index + ", x^" + power + ")");
            }
            all.add("abs(x^" + power + ")");
            all.add("-x^" + power);
        }
        for (String a : all) {
            for (String b : all) {
                assertEquals(agree(expr(a), expr(b)), compare(a, b), a + " and " + b);
            }
        }
    }

    private static Answer agree(Expr a, Expr b) {
        boolean bothSomewhere = false;
        for (Rational x : POINTS) {
            double u = Approximation.value(a, Map.of("x", x));
            double v = Approximation.value(b, Map.of("x", x));
            if (Approximation.areApart(u, v)) {
                return Answer.DIFFERENT;
            }
            bothSomewhere |= !Double.isNaN(u) && !Double.isNaN(v);
        }
        assertTrue(bothSomewhere);
        return Answer.EQUAL;
    }
}
