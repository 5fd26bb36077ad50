package littlesummit.core.math;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import java.math.BigInteger;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class FactoringTest {
    private static final Library LIBRARY = new Library();
    private static final Syntax LETTERS = Syntax.expression(Set.of("x", "y", "z"));

    static LongStream seeds() {
        return LongStream.range(0, 400);
    }

    private static Polynomial polynomial(String text) {
        return Canonical.of(Parser.expr(text, LETTERS)).num();
    }

    @ParameterizedTest
    @CsvSource({
        "x^4+x^3+x^2+x+1, true", "x^4+4, false", "x^8+x^7-x^5-x^4-x^3+x+1, true", "x^8-1, false",
                "x^6+x^5+x^4+x^3+x^2+x+1, true",
        "x^4-10x^2+1, true", "x^2+x*y+y^2, true", "x^3+y^3+z^3-3x*y*z, false", "x^2*y^2-4, false", "x^2+y^2*z, true",
        "x^4+x^2*y^2+y^4, false", "x^5+x*y+y, true", "x^8+x^4+1, false", "x^2-2, true", "6x^2+x-2, false",
        "x^2*y+x*y^2+x*z^2+z*x^2+y^2*z+y*z^2+2x*y*z, false"
    })
    void knownCases(String text, boolean irreducible) {
        assertEquals(irreducible, Irreducible.test(polynomial(text)), text);
    }

    /**
     * The eighth cyclotomic-like sextics above are textbook cases from memory; products are checked against what made
     * them.
     */
    @ParameterizedTest
    @MethodSource("seeds")
    void aProductIsNeverIrreducible(long seed) {
        Random random = new Random(seed);
        String[] letters = seed % 3 == 0
                ? new String[] {"x"}
                : seed % 3 == 1 ? new String[] {"x", "y"} : new String[] {"x", "y", "z"};
        Polynomial a = random(random, letters);
        Polynomial b = random(random, letters);

        assertFalse(Irreducible.test(a.times(b)), () -> "seed " + seed + ": (" + a + ") (" + b + ")");
    }

    private static Polynomial random(Random random, String... letters) {
        Polynomial sum = Polynomial.constant(Rational.of(1 + random.nextInt(5)));
        for (String letter : letters) {
            int degree = 1 + random.nextInt(letters.length == 1 ? 4 : 2);
            sum = sum.plus(Polynomial.letter(letter).power(degree).times(Rational.of(1 + random.nextInt(4))));
        }
        Polynomial bent = sum.plus(Polynomial.letter(letters[0]).times(Rational.of(random.nextInt(7) - 3)));
        return bent.degree() == 0 ? sum : bent;
    }

    /** Against a general-purpose computer algebra library. */
    @ParameterizedTest
    @MethodSource("seeds")
    void agreesWithALibraryInOneLetter(long seed) {
        Random random = new Random(seed + 1000);
        StringBuilder text = new StringBuilder("x^" + (4 + random.nextInt(3)));
        for (int k = 0; k < 4; k++) {
            text.append("+(").append(random.nextInt(13) - 6).append(")*x^").append(k);
        }
        Polynomial p = polynomial(text.append("+1").toString());
        boolean library = LIBRARY.findsIrreducible(Parser.expr(text.toString(), LETTERS));

        assertEquals(library, Irreducible.test(p), () -> "seed " + seed + ": " + text);
    }

    /** Products of the first primes (OEIS A000040) come apart into just these. */
    @Test
    void productsOfPrimes() {
        int[] primes = {2, 3, 5, 7, 11, 13, 17, 19, 23, 29, 31, 37, 41, 43, 47, 53, 59, 61, 67, 71};
        Random random = new Random(5);
        for (int i = 0; i < 200; i++) {
            Map<BigInteger, Integer> wanted = new TreeMap<>();
            BigInteger n = BigInteger.ONE;
            for (int k = 0; k < 1 + random.nextInt(7); k++) {
                BigInteger p = BigInteger.valueOf(primes[random.nextInt(primes.length)]);
                wanted.merge(p, 1, Integer::sum);
                n = n.multiply(p);
            }
            assertEquals(wanted, Primes.factor(n));
        }
    }

    @Test
    void largePrimesAndTheirProducts() {
        BigInteger p = BigInteger.valueOf(1_000_003);
        BigInteger q = BigInteger.valueOf(998_244_353);
        assertEquals(Map.of(p, 1, q, 1), Primes.factor(p.multiply(q)));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void commonDivisorsAreFound(long seed) {
        Random random = new Random(seed + 7);
        Polynomial common = random(random, "x", "y");
        Polynomial a = random(random, "x", "y").times(common);
        Polynomial b = random(random, "x", "y").times(common);
        Polynomial gcd = Gcd.of(a, b);

        assertEquals(Polynomial.ZERO, a.minus(a.exactOver(gcd).orElseThrow().times(gcd)), () -> "seed " + seed);
        assertEquals(
                true,
                gcd.exactOver(common.primitive()).isPresent(),
                () -> "seed " + seed + " gcd " + gcd + " of " + common);
    }
}
