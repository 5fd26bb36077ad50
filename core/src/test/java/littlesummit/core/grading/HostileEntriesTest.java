package littlesummit.core.grading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.util.List;
import java.util.Random;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Entries meant to break things: each ends soon, with a verdict. The time-out catches what hangs; it says nothing of
 * speed, which a busy machine would blur.
 */
class HostileEntriesTest {
    private static final Duration GUARD = Duration.ofSeconds(30);

    static Stream<String> entries() {
        return Stream.of(
                "(".repeat(500),
                "(".repeat(250) + "1" + ")".repeat(250),
                "-".repeat(499) + "1",
                "1" + "+1".repeat(249),
                "2^".repeat(200) + "2",
                "9".repeat(500),
                "9".repeat(600),
                "9^9^9^9",
                "2^100000",
                "((((x+1)^64)^64)^64)^64",
                "(x+y+z+1)^64",
                "(x+y+z)^64*(x+y+z)^64",
                "(x+1)^64/(x-1)^64",
                "sqrt(".repeat(39) + "2" + ")".repeat(39),
                "root(99,2)",
                "root(64,10^1000)",
                "|".repeat(100),
                "|x".repeat(90),
                "{".repeat(100),
                "\\frac".repeat(80),
                "\\frac{1}{".repeat(50),
                "\\sqrt[",
                "\\left(",
                "\\",
                "^",
                "_",
                "∫" + " ".repeat(450) + "dx",
                "\\int" + "{".repeat(400) + "dx",
                "\\int_{0}^{x+1}(x+1)^40 dx",
                "\\int (x+y+z+1)^64 dx",
                "lim" + " ".repeat(450) + "x",
                "lim x->" + "(".repeat(400),
                "lim x->1 (x^64-1)^8/(x-1)^64",
                "lim x->10^300 x^64",
                "twenty ".repeat(70),
                "M".repeat(490),
                "9".repeat(200) + " mod 7",
                "x^x",
                "2^x",
                "x^(1/2)^(1/2)",
                "1/0",
                "0^0",
                "0^-1",
                "1/(x-x)",
                "10^1000*10^1000",
                "10^-1000",
                "e",
                "1e999999999",
                "1e-99999",
                "5e",
                "1.2.3",
                "..",
                ",",
                ";",
                "5,,5",
                "1,2,3,4",
                "(1,2,3)",
                "inf-inf",
                "inf*0",
                "±±5",
                "%",
                "5%%%",
                "$$5",
                "°",
                "x".repeat(500),
                "\\sum_{k=1}^{200} ".repeat(25) + "k",
                "\\sum_{k=1}^{200}\\sum_{k=1}^{200}\\sum_{k=1}^{200} k",
                "\\sum_{k=-999999999}^{999999999} k",
                "\\prod_{k=1}^{200} (x+k)",
                "\\sum",
                "\\sum_",
                "\\sum_{k=1}",
                "\\sum^{4}_{k}",
                "[".repeat(250) + "1" + "]".repeat(249),
                "[[" + "1,".repeat(240) + "1]]",
                "[[1],".repeat(90) + "[1]]",
                "\\begin{pmatrix}".repeat(20) + "1" + "\\end{pmatrix}".repeat(15),
                "1 R ".repeat(120) + "1",
                "R".repeat(500),
                "99999999999999999999:99",
                "(1+i)^1000",
                "i^i",
                "€".repeat(500),
                "€€5",
                "5 € 5 $ 5 £",
                "\\vec{v}".repeat(60) + "=(1,2)",
                "<".repeat(250) + "1,2" + ">".repeat(240),
                "i j k".repeat(90),
                "x^64*y^64*z^64",
                "(x+y)^-64",
                "sqrt(sqrt(x)+sqrt(y))",
                "1/(1/(1/(1/(1/x))))",
                "<script>alert(1)</script>",
                "'; drop table person; --",
                "\0\0\0",
                "\uD800",
                "\u202E5",
                "𝟓",
                "(x^64-1)(x^63-1)",
                "x^60+7x^31+1",
                "sqrt(2)+sqrt(3)+sqrt(5)+sqrt(7)+sqrt(11)+sqrt(13)",
                "(sqrt(2)+sqrt(3)+sqrt(5)+sqrt(7))^60",
                "pi^1000",
                "(1+sqrt(2))^1000",
                "{x|x<".repeat(20),
                "x<x<x<x",
                "x<inf",
                "(-inf,inf)U(-inf,inf)",
                "all real numbers except ".repeat(9),
                "|x|<3",
                "|x+3| != 1",
                "|x|>4",
                "sqrt(x)>0",
                "|x|=x",
                "x+|x|<3",
                "|x|<x<sqrt(x)",
                "|y|<|x|",
                "root(3,x)<1 or |x|>2",
                "x<|3|",
                "sqrt(|x|)<2");
    }

    @ParameterizedTest
    @MethodSource("entries")
    void endsWithAVerdict(String entry) {
        for (AnswerSpec spec : specs()) {
            Verdict verdict =
                    assertTimeoutPreemptively(GUARD, () -> Grader.grade(spec, entry), () -> spec.kind() + " " + entry);
            assertTrue(
                    !(verdict instanceof Verdict.Unreadable(Reason reason, int at)) || at >= 0 && at <= entry.length(),
                    entry);
        }
    }

    private static List<AnswerSpec> specs() {
        return List.of(
                AnswerSpec.number(Form.Shape.ANY, "64"),
                AnswerSpec.of(Kind.PAIR, Form.Shape.ANY, "(3,-2,1)"),
                AnswerSpec.of(Kind.QUANTITY, Form.Shape.ANY, "€2.50/kg"),
                AnswerSpec.of(Kind.REMAINDER, Form.Shape.ANY, "37/5 = 7 R 2"),
                AnswerSpec.of(Kind.TIME, Form.Shape.ANY, "14:30"),
                AnswerSpec.of(Kind.DATE, Form.Shape.ANY, "24 December"),
                AnswerSpec.of(Kind.COMPLEX, Form.Shape.CARTESIAN, "3+2i"),
                AnswerSpec.of(Kind.PIECES, Form.Shape.ANY, "x^2 if x < 0; 2x if x >= 0"),
                AnswerSpec.of(Kind.MATRIX, Form.Shape.ANY, "[[1,2],[3,4]]"),
                AnswerSpec.number(Form.Shape.PRIME_FACTORS, "600"),
                AnswerSpec.number(new Form.Rounded(2, false), "sqrt(2)"),
                AnswerSpec.number(new Form.Rounded(1, true), "1/3"),
                AnswerSpec.of(Kind.EXPRESSION, Form.Shape.FACTORED, "x^8-1").withLetters("x", "y", "z"),
                AnswerSpec.of(Kind.EXPRESSION, Form.Shape.LOWEST_TERMS, "(x+1)/(x-2)")
                        .withLetters("x", "y", "z"),
                AnswerSpec.of(Kind.EXPRESSION, Form.Shape.EXPANDED, "(x+1)^8").withLetters("x", "y", "z"),
                AnswerSpec.of(Kind.EQUATION, Form.Shape.ANY, "y=2x").withLetters("x", "y"),
                AnswerSpec.of(Kind.PAIR, Form.Shape.ANY, "(1,2)"),
                AnswerSpec.of(Kind.SET, Form.Shape.ANY, "{1,2}"),
                AnswerSpec.of(Kind.DOMAIN, Form.Shape.ANY, "x<4"),
                AnswerSpec.of(Kind.QUANTITY, Form.Shape.ANY, "5 kg"),
                AnswerSpec.choice("a", List.of("a", "b")));
    }

    /** A letter inside an absolute value or a root is found, and the condition solved. */
    @ParameterizedTest
    @CsvSource({
        "|x|<3, -3<x<3",
        "|x+3| != 1, x != -4 and x != -2",
        "|x|>4, x<-4 or x>4",
        "sqrt(x)>0, x>0",
        "|x|=x, x>=0",
        "x+|x|<3, x<1.5",
        "x<2+|x|, all real numbers",
        "sqrt(|x|)<2, -4<x<4"
    })
    void aHiddenLetterIsFound(String entry, String key) {
        assertEquals(Verdict.CORRECT, Grader.grade(AnswerSpec.of(Kind.DOMAIN, Form.Shape.ANY, key), entry));
        assertInstanceOf(
                Verdict.Incorrect.class, Grader.grade(AnswerSpec.of(Kind.DOMAIN, Form.Shape.ANY, "x<4"), entry));
    }

    @ParameterizedTest
    @ValueSource(strings = {"x<|-4|", "x<sqrt(16)", "x<|3-7|"})
    void aNumberInBarsOrUnderARootHidesNothing(String entry) {
        assertInstanceOf(
                Verdict.Correct.class, Grader.grade(AnswerSpec.of(Kind.DOMAIN, Form.Shape.ANY, "x<4"), entry), entry);
    }

    static LongStream seeds() {
        return LongStream.range(0, 10 * Long.getLong("seeds", 300));
    }

    /** Random strings over the characters that mean something. */
    @ParameterizedTest
    @MethodSource("seeds")
    void noiseEndsWithAVerdict(long seed) {
        Random random = new Random(seed);
        String[] pieces = {
            "1", "2", "9", "x", "y", "+", "-", "*", "/", "^", "(", ")", "[", "]", "{", "}", "|", ",", ".", "%", "$",
            "°", "sqrt(", "root(", "\\frac{", "}{", "\\sqrt", "\\left", "\\right", "=", "<", "!=", "and", "or", "U",
            "inf", " ", "²", "½", "±", "kg", "\\text{", "e"
        };
        StringBuilder noise = new StringBuilder();
        for (int i = 0; i < 1 + random.nextInt(24); i++) {
            noise.append(pieces[random.nextInt(pieces.length)]);
        }
        for (AnswerSpec spec : specs()) {
            assertTimeoutPreemptively(
                    GUARD,
                    () -> Grader.grade(spec, noise.toString()),
                    () -> "seed " + seed + " " + spec.kind() + " " + noise);
        }
    }
}
