package littlesummit.core.math;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Formulas with powers that have letters above, and with logarithms, solved for another letter. */
class LogFormTest {
    private static final Syntax SYNTAX = Syntax.expression(Set.of("a", "b", "k", "t", "x", "y"));

    private static List<Expr> sides(String equation) {
        String[] sides = equation.split("=");
        return List.of(Parser.expr(sides[0], SYNTAX), Parser.expr(sides[1], SYNTAX));
    }

    /** Of one group all say the same. */
    private static final List<List<String>> GROUPS = List.of(
            List.of("y = 2^x", "x = ln(y)/ln(2)", "ln y = x*ln 2", "y/2^x = 1", "2^(x+1) = 2y", "x = -log_2(1/y)"),
            List.of("y = a*e^(k*t)", "t = ln(y/a)/k", "k = (ln y - ln a)/t", "a = y*e^(-k*t)", "ln(y/a)/(k*t) = 1"),
            List.of("y = a*b^x", "x = ln(y/a)/ln(b)", "x = (ln y - ln a)/ln b", "y/a = b^x", "a = y*b^(-x)"),
            List.of("y = (1 + x)^t", "t = ln(y)/ln(x + 1)", "x = y^(1/t) - 1", "ln(y)/t = ln(1 + x)"),
            List.of("y = ln(x) - 3", "x = e^(y+3)", "x = e^3*e^y", "e^y = x/e^3", "ln x = y + 3"),
            List.of("y = 4 - 3*2^(-x)", "2^(-x) = (4-y)/3", "x = -ln((4-y)/3)/ln 2", "x = log_2(3) - log_2(4-y)"),
            List.of("y = e^x/(e^x + 1)", "e^x = y/(1-y)", "x = ln y - ln(1-y)"),
            List.of("y = a*x^b", "b = ln(y/a)/ln(x)", "x = (y/a)^(1/b)", "ln y = ln a + b*ln x"),
            List.of("y = x*tan(t)", "y*cos(t) = x*sin(t)", "x = y*cot(t)", "tan t = y/x", "x/y = cos(t)/sin(t)"),
            List.of("y = a*sqrt(x) + b", "sqrt(x) = (y-b)/a", "a = (y-b)/sqrt(x)"),
            List.of("a*2^x = b*3^y", "ln(a/b) = y*ln 3 - x*ln 2", "x = (ln(b/a) + y*ln 3)/ln 2"));

    @Test
    void allOfAGroupSayTheSameAndNoneOfAnotherGroupDoes() {
        List<String> all = GROUPS.stream().flatMap(List::stream).toList();
        for (List<String> group : GROUPS) {
            for (String one : group) {
                for (String other : all) {
                    Formulas.Answer answer = Formulas.compare(sides(one), sides(other));
                    if (group.contains(other)) {
                        assertEquals(Formulas.Answer.SAME, answer, one + " and " + other);
                    } else {
                        assertNotEquals(Formulas.Answer.SAME, answer, one + " and " + other);
                    }
                }
            }
        }
    }

    /** What is said to be the same holds at the same points, worked out with machine numbers. */
    @Test
    void whatIsTheSameHoldsAtTheSamePoints() {
        int tried = 0;
        for (List<String> group : GROUPS) {
            for (String one : group) {
                for (String letter : List.of("a", "b", "k", "t", "x", "y")) {
                    Map<String, Rational> point = Map.of(
                            "a", Rational.of(3, 2),
                            "b", Rational.of(5, 3),
                            "k", Rational.of(1, 2),
                            "t", Rational.of(4, 3),
                            "x", Rational.of(6, 5),
                            "y", Rational.of(7, 8));
                    double value = Approximation.solution(sides(one), letter, point);
                    for (String other : group) {
                        assertFalse(
                                Approximation.failsIn(sides(other), sides(one), letter, value, point),
                                one + " and " + other);
                    }
                    tried += Double.isNaN(value) ? 0 : 1;
                }
            }
        }
        assertTrue(tried > 30, "tried " + tried);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '#',
            value = {
                "y = 2^x         # x = ln(y)*ln(2)",
                "y = 2^x         # x = log_2(y) + 1",
                "y = a*e^(k*t)   # t = ln(a/y)/k",
                "y = a*e^(k*t)   # t = ln(y/a)*k",
                "y = a*e^(k*t)   # t = ln(y - a)/k",
                "y = ln(x) - 3   # x = e^y + 3",
                "y = ln(x) - 3   # x = e^(y-3)",
                "y = (1 + x)^t   # x = y^t - 1",
                "y = (1 + x)^t   # t = ln(y)/(1 + x)",
            })
    void aWrongStepIsToldApart(String right, String wrong) {
        assertEquals(Formulas.Answer.DIFFERENT, Formulas.compare(sides(right), sides(wrong)));
    }

    /** The logarithm of a square does not know the sign of what was squared. */
    @ParameterizedTest
    @ValueSource(strings = {"y^2 = e^(2x)", "e^x = (x-1)^2*y", "e^x = a^2/b", "e^x = sqrt(y)*a", "y = abs(a)*e^x"})
    void whatWouldLoseASignHasNoSuchForm(String equation) {
        assertEquals(Optional.empty(), LogForm.of(sides(equation)));
    }

    @ParameterizedTest
    @CsvSource({"y = x + 1", "y = 2^x + 3^x + 1", "sin(x) = y", "y = pi*ln(x)"})
    void nothingElseHasOne(String equation) {
        assertEquals(Optional.empty(), LogForm.of(sides(equation)));
    }

    /** Equations in one letter that stands below in the exponent. */
    @ParameterizedTest
    @CsvSource({
        "2^(1/t) = 4, 1/2",
        "e^(1/t) = 2, 1/ln(2)",
        "2^(2/t) = 8, 2/3",
        "e^(1/t) = e^3, 1/3",
        "(1/2)^(1/t) = 4, -1/2",
        "ln(e^(1/t)) = 2, 1/2",
        "ln(1/t) = 2, e^(-2)",
    })
    void aLetterBelowInAnExponentIsFound(String equation, String solution) {
        SolutionSet found = solved(equation);
        assertTrue(
                found.sameAs(SolutionSet.of(RealSet.point(Canonical.of(Parser.expr(solution, SYNTAX))))),
                found::toString);
    }

    @ParameterizedTest
    @ValueSource(strings = {"2^(1/t) = 1", "e^(1/t) = -1", "2^(1/t) = 0"})
    void whereNoneIsThereIsNone(String equation) {
        assertTrue(solved(equation).isEmpty());
    }

    /** None of these may be called unsolvable. */
    @ParameterizedTest
    @ValueSource(strings = {"3 = (5/4)^(1/t) - 1", "6^(1/t) = 36", "2^(1/t) = 3^t", "1.1^(2/t) = 2"})
    void whatHasSolutionsIsNotSaidToHaveNone(String equation) {
        try {
            assertFalse(solved(equation).isEmpty(), equation);
        } catch (MathProblem cannotTell) {
            // what is not decided is not wrong
        }
    }

    private static SolutionSet solved(String equation) {
        List<Expr> sides = sides(equation);
        return Solver.solve(sides.get(0), Statement.Relation.EQUAL, sides.get(1), "t");
    }
}
