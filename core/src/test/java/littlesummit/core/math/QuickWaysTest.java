package littlesummit.core.math;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.math.BigInteger;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What most entries need goes a quicker way than the rest, and comes to the same. */
class QuickWaysTest {
    private static final Library LIBRARY = new Library();
    private static final Syntax LETTERS = Syntax.expression(Set.of("x", "y", "z"));
    /** With a value for a letter that does not occur, no term goes the quick way. */
    private static final Map<String, Rational> SLOWLY = Map.of("q", Rational.ONE);

    static LongStream seeds() {
        return LongStream.range(0, 500);
    }

    private static Polynomial polynomial(String text) {
        return Canonical.of(Parser.expr(text, LETTERS)).num();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void termsComeToWhatTheirPartsComeTo(long seed) {
        Expr tree = new RandomTrees(seed, "x", "y").polynomial(3);
        assertEquals(Canonical.at(tree, SLOWLY), Canonical.of(tree), () -> "seed " + seed + ": " + tree);
    }

    @ParameterizedTest
    @CsvSource({
        "0x, 0",
        "3x - 3x, 0",
        "x*0 + 2, 2",
        "-(-x), x",
        "-2x^3*(-1/2), x^3",
        "x^1*y*x, x^2*y",
        "1.5x*2, 3x",
        "x^63*x, x^64",
        "x^0, 1",
        "2*3*x^2*5*x, 30x^3"
    })
    void termsAsTheyAreWritten(String written, String same) {
        assertEquals(polynomial(same), polynomial(written));
    }

    @ParameterizedTest
    @ValueSource(strings = {"x^65", "3x^65", "x^65 + 1", "x^99999999999", "2x^99999999999 + 1"})
    void anExponentThatIsTooLargeIsSaidToBe(String written) {
        Expr expr = Parser.expr(written, LETTERS);
        MathProblem said = assertThrows(MathProblem.class, () -> Canonical.of(expr));
        assertTrue(said.getMessage().contains("exponent"), said.getMessage());
    }

    /** Against a general-purpose computer algebra library: in one letter, where no content is looked for. */
    @ParameterizedTest
    @MethodSource("seeds")
    void commonDivisorsInOneLetter(long seed) {
        Random random = new Random(seed);
        Polynomial shared = drawn(random, random.nextInt(3), "x");
        Polynomial a = drawn(random, 1 + random.nextInt(3), "x").times(shared);
        Polynomial b = drawn(random, 1 + random.nextInt(3), "x").times(shared);
        Polynomial found = Gcd.of(a, b);
        String said = LIBRARY.eval("Expand[PolynomialGCD[" + Library.text(PolynomialText.expr(a)) + ","
                + Library.text(PolynomialText.expr(b)) + "]]");
        assertEquals(polynomial(said).primitive(), found.primitive(), () -> "seed " + seed + ": " + a + " and " + b);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whatSharesAFactorIsNeverCalledCoprime(long seed) {
        Random random = new Random(seed);
        String[] letters = seed % 2 == 0 ? new String[] {"x"} : new String[] {"x", "y"};
        Polynomial shared = drawn(random, 1 + random.nextInt(2), letters);
        Polynomial a = drawn(random, random.nextInt(3), letters).times(shared);
        Polynomial b = drawn(random, random.nextInt(3), letters).times(shared);
        assertFalse(ModularImage.coprime(a, b, "x"), () -> "seed " + seed + ": " + a + " and " + b);
    }

    @ParameterizedTest
    @CsvSource({
        "x + 1, x + 2",
        "x^2 + 1, x",
        "x, x^3 + 7",
        "5, x + 1",
        "x + 1, 5",
        "x^2 + x + 1, x^2 - x + 1",
        "x + y, x - y"
    })
    void coprimeOnesAreSeen(String a, String b) {
        assertTrue(ModularImage.coprime(polynomial(a), polynomial(b), "x"));
    }

    /** The image of 2147483647 x is zero, and a fraction has none: neither says anything. */
    @Test
    void whatTheImageLosesIsNotDecidedByIt() {
        BigInteger prime = BigInteger.valueOf(Integer.MAX_VALUE);
        Polynomial lost = Polynomial.letter("x").times(Rational.of(prime)).plus(Polynomial.ONE);
        assertFalse(ModularImage.coprime(lost, polynomial("x + 2"), "x"));
        assertFalse(ModularImage.coprime(polynomial("x + 2"), lost, "x"));
        assertFalse(ModularImage.coprime(polynomial("x/2 + 1"), polynomial("x + 5"), "x"));
    }

    /** (x⁶⁴)⁶⁴ is quickly written, and would take long to divide by. */
    @Test
    void whatItCostsIsCounted() {
        Polynomial large = Polynomial.letter("x").power(4096).plus(polynomial("x^63 + 3"));
        Polynomial other = Polynomial.letter("x").power(2048).plus(polynomial("x + 1"));
        assertTrue(Effort.limited(Long.MAX_VALUE, () -> ModularImage.coprime(large, other, "x"))
                        .spent()
                > 2000L * 2000);
        assertTrue(Effort.limited(100_000, () -> ModularImage.coprime(large, other, "x"))
                .value()
                .isEmpty());
    }

    private static Polynomial drawn(Random random, int degree, String... letters) {
        Polynomial sum = Polynomial.constant(Rational.of(random.nextInt(19) - 9L));
        for (String letter : letters) {
            for (int k = 1; k < degree; k++) {
                sum = sum.plus(Polynomial.letter(letter).power(k).times(Rational.of(random.nextInt(9) - 4L)));
            }
        }
        return degree == 0
                ? Polynomial.constant(Rational.of(1 + random.nextInt(6)))
                : sum.plus(Polynomial.letter("x").power(degree).times(Rational.of(1 + random.nextInt(5))));
    }
}
