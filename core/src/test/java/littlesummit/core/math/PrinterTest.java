package littlesummit.core.math;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import java.util.Set;
import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class PrinterTest {
    private static final Syntax LETTERS = Syntax.expression(Set.of("x", "y")).withEuler();

    static LongStream seeds() {
        return LongStream.range(0, 2000);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whatIsPrintedIsReadBackToTheSameTree(long seed) {
        Expr tree = new RandomTrees(seed, "x", "y").any(4);
        if (LatexPrinter.latex(tree).length() < Limits.ENTRY_LENGTH) {
            assertEquals(
                    tree,
                    Parser.expr(LatexPrinter.latex(tree), LETTERS),
                    () -> "seed " + seed + ": " + LatexPrinter.latex(tree));
            assertEquals(
                    tree,
                    Parser.expr(PlainPrinter.plain(tree), LETTERS),
                    () -> "seed " + seed + ": " + PlainPrinter.plain(tree));
            assertFalse(SpokenPrinter.spoken(tree).contains("\\"), () -> "seed " + seed);
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "(-inf, -4) U [2, 5)",
                "{2, 3}",
                "x != -4 and x != 2",
                "x < 2 or x >= 5",
                "all real numbers except -4 and 2",
                "none",
                "-2 < x <= 5",
                "{x | x != 4}",
                "(3, -2)"
            })
    void statementsComeBackToo(String entry) {
        Statement read = Parser.require(entry, Syntax.domain(Set.of("x")));

        assertEquals(
                read, Parser.require(LatexPrinter.latex(read), Syntax.domain(Set.of("x"))), LatexPrinter.latex(read));
    }

    /** One sign in a product, whatever stands beside it. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "3*(-4)*4; 3\\times \\left(-4\\right)\\times 4",
                "-2*4*(-6); -2\\times 4\\times \\left(-6\\right)",
                "3*(-4); 3\\cdot \\left(-4\\right)",
                "3*4*x; 3\\times 4x",
                "3*x; 3x",
                "3*abs(x-1); 3\\left|x-1\\right|",
                "abs(3*abs(x)-1); \\left|\\left(3\\left|x\\right|-1\\right)\\right|",
                "x*abs(x); x\\cdot \\left|x\\right|"
            })
    void oneSignOfMultiplicationInAProduct(String typed, String latex) {
        if (!(Parser.read(typed, LETTERS) instanceof Reading.Understood(Statement read))) {
            throw new AssertionError(typed);
        }
        assertEquals(latex, LatexPrinter.latex(read));
    }

    /** What is said aloud: pairs, so that a change is seen. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "3.85*10^4; 3.85 times 10 to the power 4",
                "x^2 - 3x + 1; x squared minus 3 x plus 1",
                "1/2; 1 over 2",
                "(x+1)/(x-2); the fraction x plus 1, over, x minus 2, end fraction",
                "2(x+1); 2 times open bracket x plus 1 close bracket",
                "sqrt(x); the square root of x",
                "|x-3|; the absolute value of x minus 3, end absolute value",
                "2 1/3; 2 and 1 over 3",
                "-5; negative 5",
                "35%; 35 percent"
            })
    void spoken(String entry, String sentence) {
        assertEquals(sentence, SpokenPrinter.spoken(Parser.expr(entry, LETTERS)));
    }
}
