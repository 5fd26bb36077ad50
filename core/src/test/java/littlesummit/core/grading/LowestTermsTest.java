package littlesummit.core.grading;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.Expr;
import littlesummit.core.math.Gcd;
import littlesummit.core.math.Parser;
import littlesummit.core.math.Polynomial;
import littlesummit.core.math.PolynomialText;
import littlesummit.core.math.Rational;
import littlesummit.core.math.Syntax;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Whether a quotient can be reduced is seen by the degree of its divisor, where the answer is known. */
class LowestTermsTest {
    private static final List<String> FACTORS =
            List.of("x", "x + 1", "x - 2", "2x + 3", "x + y", "x - y", "x^2 + 1", "y + 3", "x^2 + x*y + y^2", "3", "5");

    private static Polynomial polynomial(String text) {
        return Canonical.of(Parser.expr(text, Syntax.expression(Set.of("x", "y"))))
                .num();
    }

    /** A product of up to three factors. */
    private static Polynomial product(RandomGenerator random) {
        Polynomial product = Polynomial.ONE;
        for (int i = random.nextInt(1, 4); i > 0; i--) {
            product = product.times(polynomial(FACTORS.get(random.nextInt(FACTORS.size()))));
        }
        return product;
    }

    private static Expr quotient(Polynomial num, Polynomial den) {
        return new Expr.Quotient(PolynomialText.expr(num), PolynomialText.expr(den));
    }

    @Test
    void theDegreeSaysWhatTheCommonFactorSays() {
        RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(7);
        int reducible = 0;
        for (int i = 0; i < 600; i++) {
            Polynomial num = product(random);
            Polynomial den = product(random).times(polynomial("x + 7"));
            Expr answer = quotient(num, den);
            int divisor = den.degree() - Gcd.of(num, den).degree();
            Polynomial more = i % 3 == 0 ? Polynomial.constant(Rational.of(random.nextInt(1, 4))) : product(random);
            Expr entry = i % 3 == 1 ? answer : quotient(num.times(more), den.times(more));
            Optional<Reason> byGcd = ExpressionForms.check(Form.Shape.LOWEST_TERMS, entry, -1);
            assertEquals(byGcd, ExpressionForms.check(Form.Shape.LOWEST_TERMS, entry, divisor), entry::toString);
            reducible += byGcd.isPresent() ? 1 : 0;
        }
        assertTrue(reducible > 100 && reducible < 550, "both kinds are there: " + reducible);
    }

    @ParameterizedTest
    @CsvSource({
        "(x + 1)/(x - 1), (x + 1)/(x - 1), ''",
        "(x + 1)/(x - 1), (x^2 + 2x + 1)/(x^2 - 1), COMMON_FACTOR",
        "(x^2 + 2x + 1)/(x^2 - 1), (x + 1)/(x - 1), ''",
        "(x^2 + 2x + 1)/(x^2 - 1), (x^2 + 2x + 1)/(x^2 - 1), COMMON_FACTOR",
        "(x + 1)/(x - 1), (2x + 2)/(2x - 2), COMMON_FACTOR",
        "(x + 1)/(x - 1), (-x - 1)/(1 - x), ''",
        "x + 1, (x^2 + x)/x, COMMON_FACTOR",
        "1/(x*y), y/(x*y^2), COMMON_FACTOR",
        "1/(x*y), 1/(x*y), ''",
    })
    void whatIsAskedOfAnEntryDoesNotHangOnHowTheAnswerIsWritten(String answer, String entry, String reason) {
        AnswerSpec spec =
                AnswerSpec.of(Kind.EXPRESSION, Form.Shape.LOWEST_TERMS, answer).withLetters("x", "y");
        Verdict wanted = reason.isEmpty() ? Verdict.CORRECT : Verdict.form(Reason.valueOf(reason));
        assertEquals(wanted, Grader.grade(spec, entry));
        assertEquals(wanted, Grader.grade(spec, entry), "and the second time, when the answer is known");
    }
}
