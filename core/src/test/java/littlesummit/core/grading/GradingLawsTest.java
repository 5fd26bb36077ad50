package littlesummit.core.grading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import java.util.stream.LongStream;
import littlesummit.core.math.Expr;
import littlesummit.core.math.LatexPrinter;
import littlesummit.core.math.PlainPrinter;
import littlesummit.core.math.RandomTrees;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What must hold for every entry. */
class GradingLawsTest {
    static LongStream seeds() {
        return LongStream.range(0, 500);
    }

    private static AnswerSpec expression(Form form, Expr expected) {
        return AnswerSpec.of(Kind.EXPRESSION, form, PlainPrinter.plain(expected))
                .withLetters("x", "y");
    }

    private static boolean correct(Expr expected, Expr entry) {
        return Grader.grade(expression(Form.Shape.ANY, expected), PlainPrinter.plain(entry)) instanceof Verdict.Correct;
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void equalityIsAnEquivalence(long seed) {
        RandomTrees trees = new RandomTrees(seed, "x", "y");
        Expr a = trees.polynomial(2);
        Expr b = trees.polynomial(2);
        Expr c = trees.polynomial(2);

        assertTrue(correct(a, a), () -> "seed " + seed);
        assertEquals(correct(a, b), correct(b, a), () -> "seed " + seed);
        assertFalse(correct(a, b) && correct(b, c) && !correct(a, c), () -> "seed " + seed);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theOrderOfTermsAndFactorsDoesNotMatter(long seed) {
        RandomTrees trees = new RandomTrees(seed, "x", "y");
        Expr a = trees.polynomial(2);
        Expr b = trees.polynomial(2);

        assertTrue(correct(Expr.sum(a, b), Expr.sum(b, a)), () -> "seed " + seed);
        assertTrue(correct(Expr.product(a, b), Expr.product(b, a)), () -> "seed " + seed);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void anEntryAndItsLatexGradeTheSame(long seed) {
        RandomTrees trees = new RandomTrees(seed, "x", "y");
        Expr expected = trees.polynomial(2);
        Expr entry = seed % 2 == 0 ? new Expr.Sum(List.of(expected, Expr.Num.of(0))) : trees.polynomial(2);
        for (Form form :
                List.of(Form.Shape.ANY, Form.Shape.EXPANDED, Form.Shape.FACTORED, Form.Shape.SINGLE_FRACTION)) {
            AnswerSpec spec = expression(form, expected);
            assertEquals(
                    Grader.grade(spec, PlainPrinter.plain(entry)),
                    Grader.grade(spec, LatexPrinter.latex(entry)),
                    () -> "seed " + seed + " " + form.code() + " " + PlainPrinter.plain(entry));
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void scalingAnEquationChangesNothing(long seed) {
        RandomTrees trees = new RandomTrees(seed, "x", "y");
        String left = PlainPrinter.plain(trees.polynomial(2));
        String right = PlainPrinter.plain(trees.polynomial(2));
        int factor = new Random(seed).nextInt(9) + 2;
        AnswerSpec spec = AnswerSpec.of(Kind.EQUATION, Form.Shape.ANY, left + " = " + right)
                .withLetters("x", "y");

        assertEquals(
                Verdict.CORRECT,
                Grader.grade(spec, factor + "(" + right + ") = " + factor + "(" + left + ")"),
                () -> "seed " + seed);
    }

    @ParameterizedTest
    @EnumSource(Reason.class)
    void everyMessageIsASentence(Reason reason) {
        assertTrue(reason.message().matches("[A-Z].*[.]"), reason.message());
        assertFalse(reason.message().contains("!"), reason.message());
    }
}
