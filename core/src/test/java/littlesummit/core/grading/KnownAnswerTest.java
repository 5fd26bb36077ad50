package littlesummit.core.grading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotSame;
import static org.junit.jupiter.api.Assertions.assertSame;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.Expr;
import littlesummit.core.math.MathProblem;
import littlesummit.core.math.Statement;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class KnownAnswerTest {
    private static AnswerSpec expression(String expected) {
        return AnswerSpec.of(Kind.EXPRESSION, Form.Shape.ANY, expected);
    }

    @Test
    void isReadOnce() {
        // What else is graded meanwhile may have all of them forgotten, but not each time.
        assertTrue(IntStream.range(0, 100)
                .anyMatch(i -> KnownAnswer.of(expression("3x + 41")) == KnownAnswer.of(expression("3x + 41"))));
        KnownAnswer first = KnownAnswer.of(expression("3x + 41"));
        Expr sum = ((Statement.Value) first.statement()).expr();
        assertSame(first.canonical(sum), first.canonical(sum));
        assertEquals(Canonical.of(sum), first.canonical(sum));
    }

    /** A part is not taken for the whole. */
    @Test
    void aPartHasAFormOfItsOwn() {
        KnownAnswer answer = KnownAnswer.of(expression("3x + 43"));
        Expr part = ((Statement.Value) answer.statement()).expr().children().getLast();
        assertEquals(Canonical.of(Expr.Num.of(43)), answer.canonical(part));
    }

    /** What differs in anything is another answer, however much alike it looks. */
    @Test
    void noTwoAreTakenForOne() {
        AnswerSpec plain = AnswerSpec.number(Form.Shape.ANY, "50");
        List<AnswerSpec> all = List.of(
                plain,
                plain.withSuffix("%"),
                AnswerSpec.number(Form.Shape.PERCENT, "50"),
                AnswerSpec.of(Kind.SET, Form.Shape.ANY, "50"),
                plain.withLetters("n"));
        assertEquals(
                all.size(),
                Set.copyOf(all.stream()
                                .map(KnownAnswer::of)
                                .map(System::identityHashCode)
                                .toList())
                        .size());
        for (int round = 0; round < 2; round++) {
            assertEquals(Verdict.slip(Reason.PERCENT_SIGN_EXTRA), Grader.grade(plain, "50%"));
            assertEquals(Verdict.CORRECT, Grader.grade(plain.withSuffix("%"), "50%"));
            assertEquals(Verdict.CORRECT, Grader.grade(plain.withLetters("n"), "n = 50"));
        }
    }

    /** The first time it is read, the second time it is known. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "NUMBER;2/3;4/6",
                "NUMBER;2/3;3/2",
                "NUMBER;$4.50;4.5",
                "NUMBER;$4.50;€4.50",
                "NUMBER;12;-12",
                "NUMBER;sqrt(8);2sqrt(2)",
                "NUMBER;2 1/2;2 and 1/2",
                "EXPRESSION;(x+1)^2;x^2+2x+1",
                "EXPRESSION;(x+1)^2;-(x+1)^2",
                "EXPRESSION;1/(x+1);x+1",
                "EXPRESSION;x;7/0",
                "EXPRESSION;x+1;x=",
                "PAIR;(3, -2);(-2, 3)",
                "QUANTITY;3 kg;3000 g",
                "SET;2, 3;3, 2"
            })
    void knowingItChangesNoVerdict(Kind kind, String expected, String entry) {
        AnswerSpec spec = AnswerSpec.of(kind, Form.Shape.ANY, expected);
        Verdict first = Grader.grade(spec, entry);
        assertEquals(first, Grader.grade(spec, entry));
        assertEquals(Verdict.CORRECT, Grader.grade(spec, expected));
    }

    @Test
    void noMoreAreKeptThanThereIsRoomFor() {
        IntStream.range(0, 3 * KnownAnswer.MOST_KEPT).parallel().forEach(n -> {
            assertEquals(Verdict.CORRECT, Grader.grade(AnswerSpec.number(Form.Shape.ANY, "1000" + n), "1000" + n));
        });
        // Two at once may both see that there is room for one.
        assertTrue(KnownAnswer.kept() <= KnownAnswer.MOST_KEPT + 64, "kept: " + KnownAnswer.kept());
    }

    @ParameterizedTest
    @CsvSource({"(x+y+z)^12", "(x+1)^40"})
    void whatIsLargeIsReadAnew(String expected) {
        AnswerSpec spec = expression(expected).withLetters("x", "y", "z");
        assertNotSame(KnownAnswer.of(spec), KnownAnswer.of(spec));
    }

    @Test
    void whatHasNoFormSaysSoEachTime() {
        KnownAnswer answer = KnownAnswer.of(expression("1/(x-x)"));
        Expr quotient = ((Statement.Value) answer.statement()).expr();
        assertThrows(MathProblem.class, () -> answer.canonical(quotient));
        assertThrows(MathProblem.class, () -> answer.canonical(quotient));
    }

    @Test
    void anAnswerThatCannotBeReadIsOurBug() {
        assertThrows(IllegalArgumentException.class, () -> KnownAnswer.of(expression("3 +")));
    }
}
