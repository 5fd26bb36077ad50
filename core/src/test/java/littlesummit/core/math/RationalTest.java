package littlesummit.core.math;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.math.BigDecimal;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class RationalTest {
    static LongStream seeds() {
        return LongStream.range(0, 200);
    }

    private static Rational random(Random random) {
        return Rational.of(random.nextInt(2001) - 1000, 1 + random.nextInt(999));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theLawsOfAField(long seed) {
        Random random = new Random(seed);
        Rational a = random(random);
        Rational b = random(random);
        Rational c = random(random);

        assertEquals(a.plus(b), b.plus(a), () -> "seed " + seed);
        assertEquals(a.times(b.plus(c)), a.times(b).plus(a.times(c)), () -> "seed " + seed);
        assertEquals(Rational.ZERO, a.minus(a), () -> "seed " + seed);
        if (!b.isZero()) {
            assertEquals(a, a.over(b).times(b), () -> "seed " + seed);
        }
        assertEquals(Integer.signum(a.compareTo(b)), -Integer.signum(b.compareTo(a)), () -> "seed " + seed);
        assertTrue(a.den().signum() > 0 && a.num().gcd(a.den()).bitLength() <= 1, () -> "seed " + seed);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void roundingAgreesWithTheJdk(long seed) {
        Random random = new Random(seed);
        BigDecimal number = BigDecimal.valueOf(random.nextInt(2_000_001) - 1_000_000, random.nextInt(6));
        for (int places = 0; places < 5; places++) {
            assertEquals(
                    Rational.of(number.setScale(places, java.math.RoundingMode.HALF_UP)),
                    Rational.of(number).roundHalfUp(places));
            assertEquals(
                    Rational.of(number.setScale(places, java.math.RoundingMode.DOWN)),
                    Rational.of(number).truncate(places));
        }
    }

    @ParameterizedTest
    @CsvSource({"1, 8, true", "1, 3, false", "7, 20, true", "3, 6, true", "1, 7, false"})
    void endsOrNot(long num, long den, boolean terminates) {
        assertEquals(terminates, Rational.of(num, den).terminates());
    }

    @ParameterizedTest
    @CsvSource({"1, 1, 0", "999, 1, 2", "1000, 1, 3", "1, 1000, -3", "99, 10000, -3", "-47, 10, 0"})
    void powersOfTen(long num, long den, int exponent) {
        assertEquals(exponent, Rational.of(num, den).decimalExponent());
    }

    @Test
    void whatIsUndefinedOrTooLargeIsSaid() {
        assertEquals(
                MathProblem.Kind.UNDEFINED,
                assertThrows(MathProblem.class, () -> Rational.ONE.over(Rational.ZERO))
                        .kind());
        assertEquals(
                MathProblem.Kind.UNDEFINED,
                assertThrows(MathProblem.class, () -> Rational.ZERO.power(0)).kind());
        assertEquals(
                MathProblem.Kind.TOO_LARGE,
                assertThrows(MathProblem.class, () -> Rational.of(2).power(1001))
                        .kind());
        assertEquals(
                MathProblem.Kind.TOO_LARGE,
                assertThrows(MathProblem.class, () -> Rational.of(99).power(999))
                        .kind());
    }
}
