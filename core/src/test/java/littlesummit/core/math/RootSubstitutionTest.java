package littlesummit.core.math;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertInstanceOf;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import littlesummit.core.math.Statement.Relation;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class RootSubstitutionTest {
    private static List<Expr> sides(String equation) {
        return assertInstanceOf(Statement.Relations.class, Parser.require(equation, Syntax.line(Set.of("x"))))
                .sides();
    }

    private static String numbers(SolutionSet solutions) {
        return solutions.exact().intervals().stream()
                .map(i -> i.low()
                        .orElseThrow()
                        .asRational()
                        .map(Rational::toString)
                        .orElse("another"))
                .collect(Collectors.joining(" "));
    }

    /** Worked out by putting w for the root, and tried by putting in. */
    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "x^(2/3) = 4 | -8 8",
                "x^(1/3) = -2 | -8",
                "x^(3/2) = 8 | 4",
                "x^(2/3) - x^(1/3) - 2 = 0 | -1 8",
                "x - 5 sqrt(x) + 6 = 0 | 4 9",
                "sqrt(x) = -3 | ''",
                "x + sqrt(x) = 0 | 0",
                "x^(1/2) - 3 x^(1/4) + 2 = 0 | 1 16",
                "x^(1/2) = x^(1/3) | 0 1",
                "x^(-1/2) = 1/3 | 9",
                "2 root(4, x) = 6 | 81",
                "x^(5/3) = 32 | 8",
                "root(3, x) = x | -1 0 1",
                "(sqrt(x) - 1)^2 = 4 | 9",
            })
    void eachSolutionIsFound(String equation, String solutions) {
        List<Expr> sides = sides(equation);
        SolutionSet found = Solver.solve(sides.getFirst(), Relation.EQUAL, sides.getLast(), "x");
        assertTrue(found.factors().isEmpty());
        assertEquals(solutions, numbers(found));
    }

    @ParameterizedTest
    @ValueSource(strings = {"sqrt(x + 1) = 3", "x^2 = 4", "abs(x) = 2", "sqrt(x) = abs(x - 2)", "x^(1/13) = 2"})
    void otherEquationsAreLeftToOthers(String equation) {
        List<Expr> sides = sides(equation);
        assertTrue(
                RootSubstitution.solve(sides.getFirst(), sides.getLast(), "x").isEmpty());
    }

    @ParameterizedTest
    @ValueSource(strings = {"sqrt(x) = 3", "x^(1/3) = 2"})
    void theOneThatItIsForIsNot(String equation) {
        List<Expr> sides = sides(equation);
        assertTrue(
                RootSubstitution.solve(sides.getFirst(), sides.getLast(), "x").isPresent());
    }
}
