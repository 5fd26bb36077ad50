package littlesummit.core.math;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import littlesummit.core.math.Statement.Relation;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Powers with letters above, logarithms, trigonometric functions, and functions of whole numbers. */
class FunctionsTest {
    private static final Syntax LINE = Syntax.line(Set.of("x", "y", "a", "n"));
    private static final int TIMES = Integer.getInteger("seeds", 300);

    private static Expr expr(String text) {
        return ((Statement.Value) Parser.require(text, LINE)).expr();
    }

    private static Equality.Answer compare(String a, String b) {
        return Equality.of(expr(a), expr(b));
    }

    /**
     * Identities of M. Abramowitz and I. A. Stegun, Handbook of Mathematical Functions, National Bureau of Standards,
     * 1964, chapter 4 (numbers from memory).
     */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "4.1.6  | ln(x*y) | ln x + ln y",
                "4.1.9  | ln(x^n) | n ln x",
                "4.2.18 | e^x e^y | e^(x+y)",
                "4.1.18 | log_2(x) | ln(x)/ln(2)",
                "4.2.18 | e^(1/x) e^(2/x) | e^(3/x)",
                "4.2.20 | (2^(1/x))^x | 2",
                "4.3.10 | sin^2 x + cos^2 x | 1",
                "4.3.11 | 1/cos(x)^2 - tan^2 x | 1",
                "4.3.16 | sin(x+y) | sin x cos y + cos x sin y",
                "4.3.17 | cos(x+y) | cos x cos y - sin x sin y",
                "4.3.18 | tan(x+y) | (tan x + tan y)/(1 - tan x tan y)",
                "4.3.24 | sin(2x) | 2 sin x cos x",
                "4.3.25 | cos(2x) | 2cos^2 x - 1",
                "4.3.27 | sin(3x) | 3 sin x - 4 sin^3 x",
                "4.3.28 | cos(3x) | 4cos^3 x - 3cos x",
                "4.3.31 | 2 sin x sin y | cos(x-y) - cos(x+y)",
                "4.3.34 | sin x + sin y | 2 sin((x+y)/2) cos((x-y)/2)",
                "4.3.20 | sin^2(x/2) | (1 - cos x)/2",
                "4.3.22 | tan(x/2) | sin x/(1 + cos x)",
                "4.3.44 | sin(x + pi) | -sin x",
                "4.5.16 | cosh^2 x - sinh^2 x | 1",
                "4.5.31 | sinh(2x) | 2 sinh x cosh x"
            })
    void publishedIdentities(String number, String left, String right) {
        assertEquals(Equality.Answer.EQUAL, compare(left, right), number);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "sin(x+y) | sin x + sin y",
                "ln(x+y) | ln x + ln y",
                "ln(x)/ln(2) | ln(x/2)",
                "ln(x)^2 | ln(x^2)",
                "2*3^x | 6^x",
                "2^x*3^x | 5^x",
                "(2^x)^2 | 2^(x^2)",
                "e^x+e^y | e^(x+y)",
                "sin(2x) | 2 sin x",
                "sin(x)^2 | sin(x^2)",
                "tan^-1(x) | 1/tan(x)",
                "cos(-x) | -cos(x)",
                "1.05^x | 1.5^x",
                "sin(x/2) | sin(x)/2",
                "cos(x/3)^2 | cos(2x/3)",
                "2^(x/2) | 2^x/2",
                "e^(1/x) | e^(-x)",
                "e^(x+1/x) | e^(x^2)",
                "log(x) | ln(x)"
            })
    void usualMistakesAreDifferent(String left, String right) {
        assertEquals(Equality.Answer.DIFFERENT, compare(left, right));
    }

    /**
     * Digits of OEIS A001113 (e), A002162 (ln 2), A002391 (ln 3), A002392 (ln 10), A019827 (sin 18°), A010503
     * (sin 45°), A010527 (cos 30°) and A019774 (the root of e), A049469 (sin 1),
     * A049470 (cos 1), A019829 (sin 20°) and A073052 (cos of a seventh of π); from memory.
     */
    @ParameterizedTest
    @CsvSource({
        "e,2.71828182845904523536",
        "ln 2,0.69314718055994530942",
        "ln 3,1.09861228866810969140",
        "ln 10,2.30258509299404568402",
        "sin(18°),0.30901699437494742410",
        "sin(45°),0.70710678118654752440",
        "cos(30°),0.86602540378443864676",
        "sqrt(e),1.64872127070012814685",
        "sin(1),0.84147098480789650665",
        "cos(1),0.54030230586813971740",
        "cos(pi/7),0.90096886790241912624",
        "sin(20°),0.34202014332566873304"
    })
    void publishedDigits(String text, String digits) {
        assertEquals(
                digits,
                Rounding.halfUp(Canonical.of(expr(text)), 20)
                        .toBigDecimal()
                        .toPlainString()
                        .concat("00000")
                        .substring(0, digits.length()));
    }

    /** Values at the parts of π, against the floating-point functions of the platform. */
    @Test
    void partsOfTheCircle() {
        for (Fn fn : List.of(Fn.SIN, Fn.COS, Fn.TAN)) {
            for (int degrees = -360; degrees <= 720; degrees += 3) {
                boolean isKnown = degrees % 15 == 0 || degrees % 18 == 0 || degrees % 45 == 0;
                Expr call = expr(fn.symbol() + "(" + degrees + "°)");
                if (!isKnown || fn == Fn.TAN && Math.floorMod(degrees, 180) == 90) {
                    continue;
                }
                RationalFunction exact = Canonical.of(call);
                double value = Approximation.value(call, Map.of());
                assertTrue(exact.isConstantNumber());
                assertEquals(value, Rounding.halfUp(exact, 12).toDouble(), 1e-9, fn + " " + degrees);
            }
        }
    }

    @ParameterizedTest
    @CsvSource({
        "5!,120",
        "0!,1",
        "'C(10,3)',120",
        "10C3,120",
        "\\binom{52}{5},2598960",
        "'gcd(24,36)',12",
        "'gcd(240,360)',120",
        "'lcm(100,250)',500",
        "'C(100,2)',4950",
        "'2,000+gcd(4,6)',2002",
        "'lcm(4,6,10)',60",
        "log_2 8,3",
        "log_{4} 8,3/2",
        "log 0.001,-3",
        "ln(e^5),5",
        "e^(ln 7),7",
        "2^(log_2 5),5",
        "arcsin(1/2)*6/pi,1",
        "arctan(-1)*4/pi,-1",
        "sin^-1(1)*2/pi,1",
        "4^(3/2),8"
    })
    void valuesThatComeOut(String text, String value) {
        assertEquals(Equality.Answer.EQUAL, compare(text, value));
    }

    /** Sines and cosines between bounds, against the floating-point functions of the platform. */
    @Test
    void anglesWithoutAnExactValue() {
        for (int i = -40; i <= 40; i++) {
            for (String angle : List.of(i + "/7", i + "*pi/11", i + "°")) {
                Expr sine = expr("sin(" + angle + ")");
                RationalFunction exact;
                try {
                    exact = Canonical.of(sine);
                } catch (MathProblem tooLarge) {
                    continue;
                }
                assertEquals(
                        Approximation.value(sine, Map.of()),
                        Rounding.halfUp(exact, 12).toDouble(),
                        1e-9,
                        angle);
            }
        }
    }

    /** Where two trees are called equal, floating point agrees at every place where both are defined. */
    @Test
    void equalOnesAgreeInFloatingPoint() {
        int equal = 0;
        for (int seed = 0; seed < 20 * TIMES; seed++) {
            RandomTrees trees = new RandomTrees(seed, "x", "y");
            Expr a = trees.any(2);
            Expr b = seed % 3 == 0 ? new Expr.Neg(new Expr.Neg(a)) : trees.any(2);
            try {
                if (Equality.of(a, b) == Equality.Answer.EQUAL) {
                    equal++;
                    for (int i = 1; i < 4; i++) {
                        Map<String, Rational> at = Map.of("x", Rational.of(i, 3), "y", Rational.of(5, i + 1));
                        assertTrue(!Approximation.differ(a, b, at), a + " and " + b);
                    }
                }
            } catch (MathProblem undefined) {
                // nothing to compare
            }
        }
        assertTrue(equal > TIMES, equal + " equal ones");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2^x = 8 | {3}",
                "4^x - 5*2^x + 4 = 0 | {0, 2}",
                "e^x = -2 | none",
                "e^(2x) = 5 | {ln(5)/2}",
                "3^x = 5^(x-1) | {ln(5)/(ln(5)-ln(3))}",
                "200*1.05^x = 400 | {ln(2)/ln(1.05)}",
                "ln(x) = 2 | {e^2}",
                "ln(x) + ln(x-3) = ln(10) | {5}",
                "log_2(x) + log_2(x-2) = 3 | {4}",
                "log(x^2) = 4 | {-100, 100}",
                "2^(x^2) = 16 | {-2, 2}",
                "ln(x) = ln(x-1) | none",
                "2 ln(x) = ln(3x+4) | {4}"
            })
    void equationsWithTheUnknownInside(String equation, String solutions) {
        assertTrue(solve(equation).sameAs(set(solutions)), () -> solve(equation).toString());
    }

    private static SolutionSet solve(String equation) {
        List<Expr> sides = ((Statement.Relations) Parser.require(equation, LINE)).sides();
        return Solver.solve(sides.get(0), Relation.EQUAL, sides.get(1), "x");
    }

    private static SolutionSet set(String text) {
        return text.equals("none")
                ? SolutionSet.EMPTY
                : Stream.of(text.replaceAll("[{}]", "").split(", "))
                        .map(n -> SolutionSet.of(RealSet.point(Canonical.of(expr(n)))))
                        .reduce(SolutionSet.EMPTY, SolutionSet::union);
    }

    /** Drawn equations: what comes out makes both sides equal in floating point. */
    @Test
    void solutionsFitInFloatingPoint() {
        Random random = new Random(5);
        for (int i = 0; i < TIMES; i++) {
            int base = 2 + random.nextInt(8);
            int factor = 1 + random.nextInt(9);
            int slope = 1 + random.nextInt(4);
            int shift = random.nextInt(9) - 4;
            int right = 1 + random.nextInt(200);
            String equation = random.nextBoolean()
                    ? factor + "*" + base + "^(" + slope + "x+(" + shift + ")) = " + right
                    : factor + "*ln(" + slope + "x+(" + shift + ")) = " + (right % 7 - 3);
            RationalFunction x =
                    solve(equation).exact().intervals().getFirst().low().orElseThrow();
            List<Expr> sides = ((Statement.Relations) Parser.require(equation, LINE)).sides();
            Map<String, Rational> at = Map.of("x", Rounding.halfUp(x, 12));
            double gap = Approximation.value(sides.get(0), at) - Approximation.value(sides.get(1), at);
            assertEquals(0, gap, 1e-6 * Math.max(1, right), equation);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"sin(x) = 1/2", "x + 2^x = 3", "sin(x) < 1", "e^x > 2", "ln(x) + x = 1", "ln(x) = ln(x)"})
    void whatHasNoEndOrNoFormIsNotDecided(String condition) {
        Statement.Relations relations = (Statement.Relations) Parser.require(condition, LINE);
        MathProblem problem = org.junit.jupiter.api.Assertions.assertThrows(
                MathProblem.class,
                () -> Solver.solve(
                        relations.sides().get(0),
                        relations.signs().getFirst(),
                        relations.sides().get(1),
                        "x"));
        assertEquals(MathProblem.Kind.NOT_SUPPORTED, problem.kind());
    }

    @ParameterizedTest
    @ValueSource(strings = {"sin x/2", "ln x/3", "log2(8)", "sin 2(x+1)"})
    void howFarItReachesIsAsked(String text) {
        Reading.Stopped stopped = assertInstanceOf(Reading.Stopped.class, Parser.read(text, LINE));
        assertEquals(Reading.Problem.FUNCTION_WITHOUT_BRACKETS, stopped.problem());
    }

    @ParameterizedTest
    @CsvSource({
        "sin 2x,sin(2x)",
        "sin x cos x,sin(x)*cos(x)",
        "xsinx,x*sin(x)",
        "\\sin^2 x,(sin(x))^2",
        "sin x/cos x,sin(x)/cos(x)",
        "ln x^2,ln(x^2)",
        "\\log_{2}8,log_{2}(8)",
        "\\log_28,log_{2}(8)",
        "log₃9,log_{3}(9)",
        "exp(2x),e^(2x)",
        "e^-x,e^(-x)",
        "tan -x,tan(-x)",
        "sin|x|,sin(|x|)",
        "2e^x,2*e^x",
        "n!/2!,n!/2!"
    })
    void itIsReadAs(String text, String plain) {
        assertEquals(expr(plain), expr(text));
    }

    /** Letters stay letters where no function is meant. */
    @ParameterizedTest
    @CsvSource({"cost", "since", "single", "ten", "lno"})
    void wordsAreNoFunctions(String word) {
        assertInstanceOf(Reading.Stopped.class, Parser.read(word, Syntax.expression(Set.of("x"))));
    }

    /** An e in a field that has nothing to do with it is a slip of the finger: it is asked back. */
    @Test
    void aStrayEIsAskedBack() {
        for (String text : List.of("e", "5e", "3+e")) {
            assertInstanceOf(Reading.Stopped.class, Parser.read(text, Syntax.number()));
        }
        assertInstanceOf(Reading.Understood.class, Parser.read("e^2", Syntax.number()));
    }

    @Test
    void tooLargeIsSaid() {
        for (String text : List.of("10000!", "2^(100000x)*ln(3)^3000", "sin(999999x)")) {
            MathProblem problem = org.junit.jupiter.api.Assertions.assertThrows(
                    MathProblem.class, () -> Canonical.of(expr(text)), text);
            assertEquals(MathProblem.Kind.TOO_LARGE, problem.kind(), text);
        }
    }

    @Test
    void asASentence() {
        assertEquals("the sine of 2 x, end argument", SpokenPrinter.spoken(expr("sin 2x")));
        assertEquals("the logarithm to base 2 of 8", SpokenPrinter.spoken(expr("log_2 8")));
        assertEquals("5 factorial", SpokenPrinter.spoken(expr("5!")));
        assertEquals("10 choose 3", SpokenPrinter.spoken(expr("C(10,3)")));
    }
}
