package littlesummit.core.math;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import littlesummit.core.math.LinearSystem.Solution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LinearSystemTest {
    private static final Syntax LINE = Syntax.line(Set.of("x", "y", "z"));
    private static final int TIMES = Integer.getInteger("seeds", 300);

    private static Optional<Solution> solve(String... equations) {
        List<List<Expr>> sides = new ArrayList<>();
        for (String equation : equations) {
            sides.add(((Statement.Relations) Parser.require(equation, LINE)).sides());
        }
        return LinearSystem.solve(sides);
    }

    /** The Nine Chapters on the Mathematical Art, chapter 8, problem 1: 9 1/4, 4 1/4 and 2 3/4 (from memory). */
    @Test
    void anOldExample() {
        Solution solution = solve("3x+2y+z=39", "2x+3y+z=34", "x+2y+3z=26").orElseThrow();
        assertEquals(
                new Solution.Point(Map.of("x", Rational.of(37, 4), "y", Rational.of(17, 4), "z", Rational.of(11, 4))),
                solution);
    }

    @ParameterizedTest
    @CsvSource({
        "x+y=5,x+y=7,None",
        "x+y=5,2x+2y=10,Many",
        "x+y=5,x-y=1,Point",
        "y=2x+1,y=2x-1,None",
        "x=3,y=2,Point",
        "0*x+y=2,x=1,Point"
    })
    void oneNoneOrMany(String first, String second, String kind) {
        assertEquals(kind, solve(first, second).orElseThrow().getClass().getSimpleName());
    }

    @ParameterizedTest
    @CsvSource({"x*y=6", "x^2+y=3", "sqrt(x)+y=1", "1/x+y=2", "pi*x+y=1", "2^x=y"})
    void onlyLinearOnesAreSolved(String other) {
        assertTrue(solve("x+y=5", other).isEmpty(), other);
    }

    /** Drawn systems: what comes out makes every equation true. */
    @Test
    void theSolutionFits() {
        Random random = new Random(3);
        int points = 0;
        for (int i = 0; i < TIMES; i++) {
            String[] equations = new String[3];
            for (int k = 0; k < 3; k++) {
                equations[k] = "%d*x+(%d)*y+(%d)*z=%d"
                        .formatted(
                                random.nextInt(9) - 4,
                                random.nextInt(9) - 4,
                                random.nextInt(9) - 4,
                                random.nextInt(41) - 20);
            }
            if (solve(equations).orElseThrow() instanceof Solution.Point(Map<String, Rational> values)) {
                points++;
                for (String equation : equations) {
                    List<Expr> sides = ((Statement.Relations) Parser.require(equation, LINE)).sides();
                    assertEquals(
                            Equality.Answer.EQUAL,
                            Equality.of(LinearSystem.at(sides.get(0), values), LinearSystem.at(sides.get(1), values)),
                            equation);
                }
            }
        }
        assertTrue(points > TIMES / 2, points + " with one solution");
    }
}
