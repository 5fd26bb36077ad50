package littlesummit.core.math;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Machine numbers as a second opinion on thousands of expressions and equations that nobody thought of: what is said
 * exactly and what they come to may differ in the last digits only.
 */
class MachineNumbersTest {
    private static final Syntax SYNTAX = Syntax.expression(Set.of("x")).withEuler();

    private static double value(Expr expr, double x) {
        return Approximation.value(expr, Map.of("x", Rational.of(new BigDecimal(x))));
    }

    private static boolean isNear(double a, double b) {
        return Math.abs(a - b) <= 1e-6 * Math.max(1, Math.max(Math.abs(a), Math.abs(b)));
    }

    private static double value(RationalFunction number) {
        return Rounding.halfUp(number, 9).toDouble();
    }

    /** A number with roots, sums and logarithms inside of each other. */
    private static String number(Random random, int depth) {
        if (depth == 0 || random.nextInt(6) == 0) {
            return random.nextInt(5) == 0 ? "(pi-1)" : String.valueOf(1 + random.nextInt(7));
        }
        String a = number(random, depth - 1);
        return switch (random.nextInt(10)) {
            case 0, 1 -> "(" + a + "+" + number(random, depth - 1) + ")";
            case 2, 3, 4 -> "(" + a + "-" + number(random, depth - 1) + ")";
            case 5 -> a + "*" + number(random, depth - 1);
            case 6 -> "sqrt(" + a + ")";
            case 7 -> "root(3," + a + ")";
            case 8 -> "root(5," + a + ")";
            default -> "abs(" + a + ")";
        };
    }

    @Test
    void numbersAndTheirSigns() {
        Random random = new Random(11);
        int decided = 0;
        for (int i = 0; i < 6000; i++) {
            String text = number(random, 3);
            Expr expr = Parser.expr(text, SYNTAX);
            double near = value(expr, 0);
            try {
                RationalFunction exact = Canonical.of(expr);
                double bound = value(exact);
                int sign = Enclosure.sign(exact);
                assertTrue(isNear(near, bound), () -> text + ": " + near + " and " + bound);
                assertTrue(Math.abs(near) < 1e-9 || sign == Math.signum(near), () -> text + " is " + near);
                decided++;
            } catch (MathProblem cannotTell) {
                assertTrue(
                        cannotTell.kind() != MathProblem.Kind.UNDEFINED || Double.isNaN(near),
                        () -> text + " is " + near + ", and not undefined");
            }
        }
        assertTrue(decided > 4000, "decided " + decided);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "root(3,1-sqrt(33));                    -1.680",
                "root(3,2-pi);                          -1.045",
                "root(5,-33);                           -2.012",
                "root(3,1-sqrt(33))*root(3,1+sqrt(33)); -3.175",
            })
    void oddRootsOfWhatIsNegativeAreNegative(String text, String rounded) {
        assertEquals(Rational.of(new BigDecimal(rounded)), Rounding.halfUp(Canonical.of(Parser.expr(text, SYNTAX)), 3));
    }

    private static String line(Random random) {
        int n = 1 + random.nextInt(5);
        return switch (random.nextInt(4)) {
            case 0 -> "x";
            case 1 -> n + "x";
            case 2 -> "(x" + (random.nextBoolean() ? "+" : "-") + n + ")";
            default -> "(" + n + "x-" + (1 + random.nextInt(4)) + ")";
        };
    }

    private static String part(Random random) {
        String line = line(random);
        String base = List.of("2", "3", "e", "(1/2)", "(3/2)").get(random.nextInt(5));
        return switch (random.nextInt(12)) {
            case 0 -> String.valueOf(1 + random.nextInt(5));
            case 1 -> line;
            case 2 -> line + "^2";
            case 3 -> base + "^(" + line + ")";
            case 4 -> base + "^(1/" + line + ")";
            case 5 -> "ln(" + line + ")";
            case 6 -> "sqrt(" + line + ")";
            case 7 -> "abs(" + line + ")";
            case 8 -> "1/" + line;
            case 9 -> "root(3," + line + ")";
            case 10 -> "ln(" + line + "^2)";
            default -> base + "^(-" + line + ")";
        };
    }

    private static String side(Random random) {
        return random.nextInt(3) == 0
                ? part(random)
                : part(random) + List.of("+", "-", "*").get(random.nextInt(3)) + part(random);
    }

    /** Where an equation changes its sign between two numbers that are not far apart, it has a solution. */
    @Test
    void noSolutionOfAnEquationIsLeftOut() {
        Random random = new Random(12);
        int solved = 0;
        for (int i = 0; i < 2500; i++) {
            String left = side(random);
            String right = random.nextInt(3) == 0 ? String.valueOf(1 + random.nextInt(5)) : side(random);
            List<Expr> sides = List.of(Parser.expr(left, SYNTAX), Parser.expr(right, SYNTAX));
            try {
                SolutionSet all = Solver.solve(sides.get(0), Statement.Relation.EQUAL, sides.get(1), "x");
                if (all.factors().isEmpty()) {
                    String equation = left + " = " + right;
                    all.exact().intervals().forEach(interval -> holds(interval, sides, equation));
                    Approximation.crossings(sides, "x", Map.of())
                            .forEach(x -> isAmong(all.exact(), x, sides, equation));
                    solved++;
                }
            } catch (MathProblem cannotTell) {
                // what is not decided is not wrong
            }
        }
        assertTrue(solved > 400, "solved " + solved);
    }

    private static void holds(RealSet.Interval interval, List<Expr> sides, String equation) {
        if (interval.isPoint()) {
            double x = value(interval.low().orElseThrow());
            double a = value(sides.get(0), x);
            double b = value(sides.get(1), x);
            boolean isTooNear = Math.abs(x) < 1e-6 || Double.isNaN(a) || Double.isNaN(b);
            assertTrue(isTooNear || Math.abs(a - b) < 1e-4 * Math.max(1, Math.abs(a)), () -> equation + " at " + x);
        }
    }

    /** A pole changes its sign, too; there the sides are far apart. */
    private static void isAmong(RealSet all, double x, List<Expr> sides, String equation) {
        double a = value(sides.get(0), x);
        double b = value(sides.get(1), x);
        boolean isSolution = Math.abs(a) < 1e6 && isNear(a, b);
        boolean isFound = all.intervals().stream()
                .anyMatch(i -> i.low().map(low -> value(low) < x + 1e-5).orElse(true)
                        && i.high().map(high -> value(high) > x - 1e-5).orElse(true));
        assertTrue(!isSolution || isFound, () -> equation + " at " + x + " and not in " + all);
    }

    /** The same with something done to it and undone, which may take a part of the domain away. */
    private static String undone(Random random, String text) {
        return switch (random.nextInt(8)) {
            case 0 -> "(" + text + ")*1";
            case 1 -> "sqrt((" + text + ")^2)";
            case 2 -> "root(3,(" + text + ")^3)";
            case 3 -> "e^(ln(" + text + "))";
            case 4 -> "ln(e^(" + text + "))";
            case 5 -> "1/(1/(" + text + "))";
            case 6 -> "(sqrt(" + text + "))^2";
            default -> "e^(2*ln(" + text + "))/(" + text + ")";
        };
    }

    private static final double[] PLACES = {-7.3, -4.1, -2.6, -1.7, -.83, -.31, .27, .77, 1.41, 2.3, 3.7, 5.9, 8.2};

    @Test
    void whatIsEqualComesToTheSameAndWhatDiffersDoesNot() {
        Random random = new Random(13);
        int decided = 0;
        for (int i = 0; i < 1500; i++) {
            String a = random.nextBoolean() ? "(" + part(random) + ")^2" : side(random);
            String b = random.nextInt(4) == 0 ? side(random) : undone(random, a);
            Expr left = Parser.expr(a, SYNTAX);
            Expr right = Parser.expr(b, SYNTAX);
            try {
                Equality.Answer answer = Equality.of(left, right);
                decided += answer == Equality.Answer.UNKNOWN ? 0 : 1;
                compare(answer, left, right, a + " and " + b);
            } catch (MathProblem cannotTell) {
                // what is not decided is not wrong
            }
        }
        assertTrue(decided > 1000, "decided " + decided);
    }

    private static void compare(Equality.Answer answer, Expr left, Expr right, String both) {
        int compared = 0;
        int alike = 0;
        for (double x : PLACES) {
            double a = value(left, x);
            double b = value(right, x);
            if (Math.abs(a) < 1e7 && Math.abs(b) < 1e7) {
                compared++;
                alike += isNear(a, b) ? 1 : 0;
            }
        }
        int all = compared;
        int same = alike;
        assertTrue(answer != Equality.Answer.EQUAL || same == all, () -> both + " are not equal");
        assertTrue(answer != Equality.Answer.DIFFERENT || all < 5 || same < all, () -> both + " are not different");
    }
}
