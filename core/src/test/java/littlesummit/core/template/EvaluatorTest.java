package littlesummit.core.template;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EvaluatorTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "n * unit | n=3; unit=5.50 | 16.5",
                "unit + unit | unit=5.50 | 11.00",
                "total / n | total=16.50; n=3 | 5.5",
                "n / total | total=16; n=3 | 3/16",
                "decimal(n / 8) | n=3 | 0.375",
                "fraction(half) | half=0.5 | 1/2",
                "a - b | a=3; b=10 | -7",
                "2^n | n=10 | 1024",
                "a^b | a=2; b=-2 | 1/4",
                "abs(a - b) | a=3; b=10 | 7",
                "sqrt(n) | n=144 | 12",
                "gcd(a, b) | a=12; b=18 | 6",
                "lcm(a, b) | a=12; b=18 | 36",
                "mod(a, 5) | a=-3 | 2",
                "mod(a, 0.5) | a=1.75 | 0.25",
                "floor(a / 4) | a=-3 | -1",
                "ceil(a / 4) | a=9 | 3",
                "round(a, 2) | a=2/3 | 0.67",
                "round(a) | a=2.5 | 3",
                "min(a, b) | a=3; b=-1 | -1",
                "max(a, b, 7) | a=3; b=-1 | 7",
                "sum(list) | list=[4 7 1] | 12",
                "sum(1, 2, 3) |  | 6",
                "sort(list) | list=[4 7 1] | [1 4 7]",
                "item(list, 2) | list=[4 7 1] | 7",
                "count(list) | list=[4 7 1] | 3",
                "median(list) | list=[4 7 1] | 4",
                "median(list) | list=[4 7 1 8] | 5.5",
                "digits(n) | n=407 | [4 0 7]",
                "digit(n, 1) | n=407 | 0",
                "digit(a, -1) | a=3.14 | 1",
                "num(a) | a=6/8 | 3",
                "den(a) | a=6/8 | 4",
                "mixed(a / 4) | a=11 | 2 3/4",
                "mixed(a / 4) | a=-11 | -2 3/4",
                "mixed(a / 4) | a=8 | 2",
                "mixed(a / 4) | a=3 | 3/4",
                "value(mixed(a / 4)) + 1 | a=11 | 15/4",
                "sign(a) | a=-5 | -1",
                "primes(n) | n=84 | [2 2 3 7]",
                "divisors(n) | n=12 | [1 2 3 4 6 12]",
                "plus(list) | list=[4 7 1] | 4 + 7 + 1",
                "times(list) | list=[4 7 1] | 4*7*1",
                "value(plus(list)) | list=[4 7 1] | 12",
                "expand((x + a)(x - b)) | a=3; b=2 | x^2 + x - 6",
                "factor(x^2 + a*x - 6) | a=1 | (x + 3)(x - 2)",
                "factor(a*x^2 - 8) | a=2 | 2(x + 2)(x - 2)",
                "factor(x^2 + a) | a=1 | x^2 + 1",
                "factor(a*(x - 1)^2) | a=-3 | -3*(x - 1)^2",
                "substitute(a*x + 1, x, 4) | a=3 | 13",
                "solutions(x^2 - a*x + 6, x) | a=5 | [2 3]",
                "solutions(a*x - 3, x) | a=2 | [3/2]",
                "solutions(x^2 + a, x) | a=1 | []",
                "coefficient(expand((x + a)^2), x, 1) | a=3 | 6",
                "degree(x^2 + x) |  | 2",
                "C(n, 2) | n=5 | 10",
                "n! | n=5 | 120",
            })
    void aFormulaIsWorkedOutExactly(String formula, String given, String value) {
        assertEquals(value.replace(" ", ""), Formulas.with(given).typed(formula).replace(" ", ""));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "a < b | a=3; b=4 | true",
                "a < b < 4 | a=3; b=4 | false",
                "a != b and gcd(a, b) = 1 | a=3; b=4 | true",
                "a = b or b = 4 | a=3; b=4 | true",
                "a/b = 0.75 | a=3; b=4 | true",
                "x + x = 2x |  | true",
                "x^2 != x |  | true",
                "v = w | v=word egg/eggs; w=word egg/eggs | true",
                "v = w | v=word egg/eggs; w=word mug/mugs | false",
            })
    void aConditionHoldsOrNot(String condition, String given, boolean holds) {
        Formulas formulas = Formulas.with(given);
        assertEquals(
                holds, formulas.evaluator().holds(formulas.formula(condition).condition()));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1 / (a - a) | a=3 | divisor is zero",
                "mod(a, 0) | a=3 | division by zero",
                "item(list, 4) | list=[4 7 1] | place 4 of a list of 3",
                "digits(a) | a=1/2 | whole number",
                "a + 1 | a=word egg/eggs | number",
                "decimal(1 / a) | a=3 | do not end",
                "primes(a) | a=0 | a million",
                "expand(1 / x) | a=0 | polynomial",
                "a^b | a=2; b=1000 | exponent",
                "((a^200)^200)^200 | a=9 | bits",
                "sort(a) | a=3 | list",
                "0^(a - a) | a=3 | power of zero",
            })
    void whatHasNoValueSaysWhy(String formula, String given, String why) {
        Formulas formulas = Formulas.with(given);
        Unmade unmade = assertThrows(Unmade.class, () -> formulas.evaluator().value(formulas.formula(formula)));
        assertTrue(
                unmade.complaint().sentence().contains(why), unmade.complaint().sentence());
        assertTrue(
                unmade.complaint().sentence().startsWith("“" + formula + "”"),
                unmade.complaint().sentence());
    }

    @Test
    void anItemHasSoManySteps() {
        Formulas formulas = Formulas.with("a=1");
        Formula sum = formulas.formula("a" + " + a".repeat(99));
        Evaluator evaluator = formulas.evaluator();
        Unmade unmade = assertThrows(Unmade.class, () -> {
            for (int i = 0; i < Evaluator.MOST_STEPS; i++) {
                evaluator.value(sum);
            }
        });
        assertTrue(
                unmade.complaint().sentence().contains("10000 steps"),
                unmade.complaint().sentence());
        assertEquals(100, formulas.evaluator().again().number(sum).intValueExact(), "all steps are still to be taken");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "totl / 2 | nothing is called “totl” here",
                "total / | it ends too early",
                "(total | a bracket is not closed",
                "gcd(total) | cannot be read",
                "mod(total) | takes 2 values in its brackets, not 1",
                "item(total, 1, 2) | takes 2 values",
            })
    void whatCannotBeReadIsRefusedWithItsPlace(String formula, String why) {
        Refused refused =
                assertThrows(Refused.class, () -> Formulas.with("total=3").formula(formula));
        assertTrue(
                refused.complaint().sentence().contains(why),
                refused.complaint().sentence());
    }

    @Test
    void aValueIsNoCondition() {
        Formulas formulas = Formulas.with("a=1");
        assertThrows(Refused.class, () -> formulas.formula("a + 1").condition());
        assertThrows(Refused.class, () -> formulas.formula("a < 1").expr());
        assertFalse(formulas.formula("a + 1").isCondition());
    }
}
