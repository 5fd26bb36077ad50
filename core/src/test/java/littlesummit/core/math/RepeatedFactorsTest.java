package littlesummit.core.math;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A factor that divides several times is found several times. */
class RepeatedFactorsTest {
    private static final Syntax SYNTAX = Syntax.expression(Set.of("x"));
    /** All irreducible. */
    private static final List<String> FACTORS =
            List.of("x+1", "x-3", "2x+5", "x^2+1", "x^2+x+1", "3x^2-2", "x^3-2", "x^4+1");

    private static Polynomial polynomial(String text) {
        return Canonical.of(Parser.expr(text, SYNTAX)).num();
    }

    @RepeatedTest(120)
    void theProductOfAllIsThePolynomial(RepetitionInfo round) {
        Random random = new Random(round.getCurrentRepetition());
        Polynomial product = Polynomial.ONE;
        int factors = 0;
        for (int i = 1 + random.nextInt(3); i > 0; i--) {
            int times = 1 + random.nextInt(3);
            product = product.times(
                    polynomial(FACTORS.get(random.nextInt(FACTORS.size()))).power(times));
            factors += times;
        }
        List<Polynomial> found = UnivariateFactors.of(product, "x");
        assertEquals(factors, found.size(), product::toString);
        assertTrue(found.stream().allMatch(Irreducible::test), found::toString);
        Polynomial again = found.stream().reduce(Polynomial.ONE, Polynomial::times);
        assertTrue(again.equals(product) || again.negate().equals(product), product::toString);
    }

    @ParameterizedTest
    @CsvSource({
        "ln((x+1)^2),            2*ln(x+1)",
        "ln((x+1)^3),            3*ln(x+1)",
        "ln((x^2-1)*(x+1)),      ln(x-1) + 2*ln(x+1)",
        "ln((2x^2+3)^2*(x-1)^3), 2*ln(2x^2+3) + 3*ln(x-1)",
        "e^(2*ln(x-6)),          (x-6)^2",
        "e^(ln((x-6)^2)),        (x-6)^2",
        "2^(log_2((x+1)^2)),     (x+1)^2",
    })
    void soItsLogarithmIsThatOfAPower(String a, String b) {
        Expr left = Parser.expr(a, SYNTAX.withEuler());
        Expr right = Parser.expr(b, SYNTAX.withEuler());
        assertEquals(Equality.Answer.EQUAL, Equality.of(left, right));
    }

    @ParameterizedTest
    @CsvSource({
        "ln((x+1)^2), 3*ln(x+1)",
        "e^(ln((x-6)^2)), (x-6)^4",
    })
    void andOfNoOther(String a, String b) {
        Expr left = Parser.expr(a, SYNTAX.withEuler());
        Expr right = Parser.expr(b, SYNTAX.withEuler());
        assertEquals(Equality.Answer.DIFFERENT, Equality.of(left, right));
    }
}
