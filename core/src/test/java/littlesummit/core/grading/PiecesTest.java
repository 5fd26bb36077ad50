package littlesummit.core.grading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Functions in pieces: notations, rulings, and values at many places beside plain arithmetic of whole numbers. */
class PiecesTest {
    private static final String RIGHT = "x^2 if x < 0; 2x+1 if x >= 0";

    private static Verdict grade(String expected, String entry) {
        return Grader.grade(AnswerSpec.of(Kind.PIECES, Form.Shape.ANY, expected), entry);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "x^2 if x<0; 2x+1 if x>=0",
                "f(x) = {x^2, x<0; 2x+1, x≥0",
                "y = {x^2, x<0; 2x+1, x≥0}",
                "{x^2, x < 0, 2x + 1, x >= 0}",
                "x^2 for x<0, 2x+1 for x≥0",
                "x^2 when x<0, and 2x+1 when x>=0",
                "if x<0 then x^2; if x>=0 then 2x+1",
                "for x<0: x^2; for x>=0: 2x+1",
                "x<0: x^2\nx>=0: 2x+1",
                "x^2 (x<0); 2x+1 (x>=0)",
                "2x+1 if x>=0, x^2 otherwise",
                "x^2 if x<0; 2x+1 else",
                "x^2 if x<0; 2x+1 for all other x",
                "x^2 if x in (-inf, 0); 2x+1 if x in [0, inf)",
                "x^2ifx<0;2x+1ifx>=0",
                "x^2 if x<-1; x^2 if -1<=x<0; 1+2x if x>=0",
                "x^2 if x<=-1 or -1<x<0; 2x+1 if x>=0",
                "x^2 if x<0; 1 if x=0; 2x+1 if x>0",
                "|x|^2 if x<0; 2|x|+1 if x>=0",
                "\\begin{cases}x^2 & x<0\\\\ 2x+1 & x\\ge0\\end{cases}",
                "\\begin{cases}x^2 & \\text{if }x<0\\\\2x+1 & \\text{if }x\\ge0\\end{cases}",
                "f(x)=\\left\\{\\begin{array}{ll}x^2, & \\text{if } x<0\\\\ 2x+1, & \\text{otherwise}\\end{array}\\r"
                        + "ight.",
            })
    void oneFunctionInManyNotations(String entry) {
        assertEquals(Verdict.CORRECT, grade(RIGHT, entry));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "x^2 if x<=0; 2x+1 if x>0         | boundary",
                "x^2 if x<0; 2x+1 if x>0          | boundary",
                "x^2 if x<=0; 2x+1 if x>=0        | pieces-overlap",
                "x^2 if x<0; 5x otherwise; 3 if x>4 | pieces-overlap",
                "2x+1 if x<0; x^2 if x>=0         | swapped",
                "x^2 if x<0; 2x-1 if x>=0         | rule",
                "-x^2 if x<0; 2x+1 if x>=0        | rule",
                "x^2 if x<0                       | missing-element",
                "x^2 if x<0; 2x+1 if x>=3         | missing-element",
                "x^2 if x<1; 2x+1 if x>=1         | other-value",
                "x^2 if x<0; x+1 if 0<=x<5; 2x+1 if x>=5 | other-value",
            })
    void whatIsWrongIsNamed(String entry, String reason) {
        Verdict.Incorrect verdict = assertInstanceOf(Verdict.Incorrect.class, grade(RIGHT, entry));
        assertEquals(
                reason.equals("other-value") ? Optional.empty() : Optional.of(reason),
                verdict.slip().map(Reason::code));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "x^2                              | pieces-wanted    | 0",
                "x^2; 2x+1                        | pieces-wanted    | 0",
                "x^2, 2x+1                        | pieces-wanted    | 3",
                "x^2 if x<0; 2y+1 if x>=0         | unknown-variable | 13",
                "x^2 if x<0; 2x+1 if y>=0         | unknown-variable | 20",
                "x^2 if x<; 2x+1 if x>=0          | incomplete       | 9",
                "x^2 if x<0; if x>=0              | pieces-wanted    | 12",
            })
    void whatCannotBeReadIsAskedBackAtItsPlace(String entry, String reason, int at) {
        Verdict.Unreadable verdict = assertInstanceOf(Verdict.Unreadable.class, grade(RIGHT, entry));
        assertEquals(reason + " " + at, verdict.reason().code() + " " + verdict.at());
    }

    /** Where a rule has no value, the function has none: a condition may say so or not. */
    @Test
    void aPlaceWithoutAValueNeedNotBeSaid() {
        String right = "1/x if x < 1; 2 if x >= 1";
        assertEquals(Verdict.CORRECT, grade(right, "1/x if x < 1 and x != 0; 2 if x >= 1"));
        assertEquals(Verdict.CORRECT, grade("x+1 if x != 1; 5 if x = 1", "(x^2-1)/(x-1) if x != 1; 5 if x = 1"));
        assertEquals(
                Verdict.slip(Reason.BOUNDARY), grade("x+1 if x < 3; 4 if x >= 3", "(x^2-1)/(x-1) if x<3; 4 if x>=3"));
        assertEquals(Verdict.CORRECT, grade("sqrt(x) if x < 4; 2 if x >= 4", "sqrt(x) if 0 <= x < 4; 2 if x >= 4"));
    }

    /** The absolute value and the sign of a number, as ISO 80000-2 defines them in its part on operations. */
    @Test
    void functionsThatAStandardDefinesInPieces() {
        assertEquals(Verdict.CORRECT, grade("-x if x < 0; x if x >= 0", "|x| if x < 0; |x| if x >= 0"));
        assertEquals(Verdict.CORRECT, grade("-x if x < 0; x if x >= 0", "x if x > 0; -x if x <= 0"));
        String sign = "1 if x > 0; 0 if x = 0; -1 if x < 0";
        assertEquals(Verdict.CORRECT, grade(sign, "x/|x| if x != 0; 0 if x = 0"));
        assertEquals(Verdict.slip(Reason.BOUNDARY), grade(sign, "x/|x| if x != 0; 1 if x = 0"));
    }

    @Test
    void functionsThatNoEquationIsSolvedFor() {
        String right = "sin(x) if x < 0; x if x >= 0";
        assertEquals(Verdict.CORRECT, grade(right, "sin x if x<0; x if x>=0"));
        assertEquals(Verdict.CORRECT, grade(right, "2 sin(x/2) cos(x/2) if x<0; x if x>=0"));
        assertInstanceOf(Verdict.Incorrect.class, grade(right, "cos x if x<0; x if x>=0"));
    }

    @Test
    void aShownReadingIsTheSameFunction() {
        AnswerSpec field = AnswerSpec.of(Kind.PIECES, Form.Shape.ANY, RIGHT);
        Reader.ReadAs read = Reader.read("x^2 if x<0, 2x+1 otherwise", field);
        assertEquals("x squared, if x is less than 0; 2 x plus 1, otherwise", read.spoken());
        assertEquals(Verdict.CORRECT, Grader.grade(field, read.latex()));
        Reader.ReadAs both = Reader.read(RIGHT, field);
        assertTrue(both.latex().contains("\\text{if } x < 0"), both.latex());
        assertEquals(Verdict.CORRECT, Grader.grade(field, both.latex()));
    }

    @Test
    void inOtherFieldsTheyAreRefusedByName() {
        Verdict verdict = Grader.grade(AnswerSpec.of(Kind.EXPRESSION, Form.Shape.ANY, "x"), RIGHT);
        assertEquals(
                Optional.of("pieces"),
                Optional.of(((Verdict.Unreadable) verdict).reason().code()));
    }

    /**
     * @param a of the rule ax + b
     * @param from first whole number at which it holds; the last is before the next rule
     */
    private record Line(int a, int b, int from) {
        int at(int x) {
            return a * x + b;
        }
    }

    /** Straight lines between whole numbers: two of them are told apart by their values at whole numbers and halves. */
    @Test
    void valuesAtManyPlacesDecide() {
        Random random = new Random(41);
        int same = 0;
        for (int i = 0; i < 400; i++) {
            List<Line> right = lines(random);
            List<Line> typed = random.nextInt(3) == 0 ? split(right, random) : changed(right, random);
            boolean equal = IntStream.rangeClosed(-24, 24).allMatch(x -> twice(right, x) == twice(typed, x));
            Verdict verdict = grade(text(right, random), text(typed, random));
            String both = text(right, new Random(1)) + " and " + text(typed, new Random(1));
            if (equal) {
                assertEquals(Verdict.CORRECT, verdict, both);
                same++;
            } else {
                assertInstanceOf(Verdict.Incorrect.class, verdict, both);
            }
        }
        assertTrue(same > 80 && same < 320, same + " of 400");
    }

    private static List<Line> lines(Random random) {
        List<Line> lines = new ArrayList<>();
        int from = -100;
        for (int i = 0; i < 2 + random.nextInt(2); i++) {
            lines.add(new Line(random.nextInt(5) - 2, random.nextInt(7) - 3, from));
            from = Math.max(from, -6) + 1 + random.nextInt(4);
        }
        return lines;
    }

    private static List<Line> split(List<Line> lines, Random random) {
        List<Line> more = new ArrayList<>(lines);
        Line last = lines.getLast();
        more.add(new Line(last.a(), last.b(), Math.max(last.from(), -6) + 1 + random.nextInt(3)));
        return more;
    }

    private static List<Line> changed(List<Line> lines, Random random) {
        List<Line> other = new ArrayList<>(lines);
        int which = random.nextInt(lines.size());
        Line line = lines.get(which);
        int later = which > 0 && which == lines.size() - 1 ? random.nextInt(2) : 0;
        other.set(which, new Line(line.a() + random.nextInt(2), line.b() + random.nextInt(2), line.from() + later));
        return other;
    }

    /** Twice the value at half of x. */
    private static int twice(List<Line> lines, int x) {
        Line line = lines.reversed().stream()
                .filter(l -> 2 * l.from() <= x)
                .findFirst()
                .orElseThrow();
        return line.a() * x + 2 * line.b();
    }

    private static String text(List<Line> lines, Random random) {
        List<String> rules = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            Line line = lines.get(i);
            String low = i == 0 ? "" : line.from() + " <= ";
            String high = i + 1 == lines.size() ? "" : " < " + lines.get(i + 1).from();
            String when = low.isEmpty() && high.isEmpty() ? "x < 0 or x >= 0" : low + "x" + high;
            rules.add(line.a() + "x + " + line.b() + (random.nextBoolean() ? " if " : ", ") + when);
        }
        Collections.shuffle(rules, random);
        return rules.stream().map(rule -> rule.replace("+ -", "- ")).collect(Collectors.joining("; "));
    }
}
