package littlesummit.core.math;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;

import java.util.Set;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.grading.Grader;
import littlesummit.core.grading.Kind;
import littlesummit.core.grading.Verdict;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class IndexedLetterTest {
    private static final Syntax KNOWN = Syntax.expression(Set.of("x_1", "x_2", "x_12", "a_n", "x"));

    @ParameterizedTest
    @CsvSource({
        "x_1,x_1",
        "x₁,x_1",
        "x_{1},x_1",
        "x₁₂,x_12",
        "x_{12},x_12",
        "a_n,a_n",
        "a_{n},a_n",
        "x,x",
        "total,total",
        "x1,x1",
        "α_1,α_1"
    })
    void hasOneNameHoweverItIsWritten(String written, String name) {
        assertEquals(name, IndexedLetter.name(written));
    }

    @ParameterizedTest
    @CsvSource({
        "x₁ + x_2,x_1 + x_2,x_{1}+x_{2},x sub 1 plus x sub 2",
        "x_{12}x_1,x_12*x_1,x_{12}x_{1},x sub 12 x sub 1",
        "2a_n,2a_n,2a_{n},2 a sub n",
        "x_1^2,x_1^2,x_{1}^{2},x sub 1 squared",
    })
    void isReadAndPrinted(String entry, String plain, String latex, String spoken) {
        Expr expr = Parser.expr(entry, KNOWN);
        assertEquals(latex, LatexPrinter.latex(expr).replace(" ", ""));
        assertEquals(spoken, SpokenPrinter.spoken(expr).replace(" times ", " "));
        assertEquals(expr, Parser.expr(PlainPrinter.plain(expr), KNOWN));
        assertEquals(expr, Parser.expr(LatexPrinter.latex(expr), KNOWN));
        assertEquals(expr, Parser.expr(plain, KNOWN));
    }

    /** Another index is another letter, and a letter with an index is not the letter alone. */
    @ParameterizedTest
    @CsvSource({"x_3", "y_1", "x_{1", "x_", "x__1"})
    void anIndexThatTheFieldDoesNotKnowIsRefused(String entry) {
        assertInstanceOf(Reading.Stopped.class, Parser.read(entry, KNOWN));
    }

    @ParameterizedTest
    @CsvSource({
        "x_1 + 2x_2,2x₂ + x₁,Correct",
        "x_1 + 2x_2,2x_1 + x_2,Incorrect",
        "x_1 + 2x_2,x + 2x_2,Unreadable",
        "x_1*x_2,x_2x_1,Correct",
        "(x_1+x_2)/2,\\frac{x_1+x_2}{2},Correct",
    })
    void isGradedAsAnyLetter(String expected, String entry, String verdict) {
        AnswerSpec spec =
                AnswerSpec.of(Kind.EXPRESSION, Form.Shape.ANY, expected).withLetters("x₁", "x_{2}");
        assertEquals(verdict, Grader.grade(spec, entry).getClass().getSimpleName());
    }

    @Test
    void aFormulaMayBeSolvedForOneOfThem() {
        AnswerSpec spec =
                AnswerSpec.of(Kind.EQUATION, Form.Shape.ANY, "v_1 = 2v_2").withLetters("v_1", "v_2");
        assertEquals(Verdict.CORRECT, Grader.grade(spec, "v_2 = v_1/2"));
        assertInstanceOf(Verdict.Incorrect.class, Grader.grade(spec, "v_2 = 2v_1"));
    }
}
