package littlesummit.core.math;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Arithmetic with i, beside a general-purpose algebra library (Symja). */
class ComplexSecondOpinionTest {
    private static final Library LIBRARY = new Library();

    private static Expr read(String text) {
        return Parser.expr(text, Syntax.expression(Set.of("i")));
    }

    static Stream<String> expressions() {
        Random random = new Random(11);
        return Stream.generate(() -> made(random, 3)).limit(300);
    }

    private static String made(Random random, int depth) {
        if (depth == 0 || random.nextInt(4) == 0) {
            return "(" + (random.nextInt(19) - 9) + (random.nextBoolean() ? "+" : "-") + (1 + random.nextInt(8))
                    + "*i)";
        }
        String a = made(random, depth - 1);
        String b = made(random, depth - 1);
        return switch (random.nextInt(5)) {
            case 0 -> "(" + a + "+" + b + ")";
            case 1 -> "(" + a + "-" + b + ")";
            case 2 -> "(" + a + "*" + b + ")";
            case 3 -> "(" + a + "^" + (2 + random.nextInt(3)) + ")";
            default -> "(" + a + "/(" + b + "))";
        };
    }

    /** The library's value as a fraction; its I is our i. */
    private static String library(String part, String text) {
        return LIBRARY.eval(part + "[Together[" + text.replace("i", "I") + "]]");
    }

    @ParameterizedTest
    @MethodSource("expressions")
    void theLibraryGetsTheSame(String text) {
        String real = library("Re", text);
        String imaginary = library("Im", text);
        if (real.contains("Indeterminate") || real.contains("Infinity")) {
            assertThrows(MathProblem.class, () -> ComplexNumber.of(read(text)));
            return;
        }
        ComplexNumber ours = ComplexNumber.of(read(text));
        assertEquals(Canonical.of(read(real)), ours.real(), text);
        assertEquals(Canonical.of(read(imaginary)), ours.imaginary(), text);
    }

    @Test
    void rootsOfNegativeNumbersAreMultiplesOfI() {
        assertTrue(ComplexNumber.of(read("sqrt(-12)")).isSame(ComplexNumber.of(read("2*sqrt(3)*i"))));
        assertFalse(ComplexNumber.of(read("sqrt(-12)")).isSame(ComplexNumber.of(read("-2*sqrt(3)*i"))));
        assertTrue(ComplexNumber.of(read("sqrt(-4)*sqrt(-9)")).isSame(ComplexNumber.of(read("-6"))));
    }

    @Test
    void whatDividesByZeroHasNoValue() {
        assertEquals(
                MathProblem.Kind.UNDEFINED,
                assertThrows(MathProblem.class, () -> ComplexNumber.of(read("1/(i^2+1)")))
                        .kind());
    }
}
