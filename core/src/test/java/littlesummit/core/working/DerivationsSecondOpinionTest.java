package littlesummit.core.working;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.LongStream;
import littlesummit.core.math.Library;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Lines that a general-purpose algebra library (Symja) derives must follow; with one of its solutions or terms changed
 * they must not.
 */
class DerivationsSecondOpinionTest {
    private static final Library LIBRARY = new Library();
    private static final Pattern SOLUTION = Pattern.compile("x->([^}]*)}");

    static LongStream seeds() {
        return LongStream.range(0, Long.getLong("seeds", 300) / 2);
    }

    private static List<LineVerdict> verdicts(String given, String... lines) {
        return WorkCheck.check(given, Set.of("x"), List.of(lines)).stream()
                .map(CheckedLine::verdict)
                .toList();
    }

    /** A product of linear factors, now and then with one that has no real root. */
    private static String product(Random random) {
        StringBuilder product =
                new StringBuilder(random.nextInt(4) == 0 ? "(x^2+" + (1 + random.nextInt(5)) + ")" : "1");
        int size = 1 + random.nextInt(3);
        for (int i = 0; i < size; i++) {
            product.append("*(")
                    .append(1 + random.nextInt(3))
                    .append("*x+(")
                    .append(random.nextInt(15) - 7)
                    .append("))");
        }
        return product.toString();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void anEquationExpandedFactoredAndSolved(long seed) {
        String product = product(new Random(seed));
        String expanded = LIBRARY.eval("Expand[" + product + "]");
        List<String> solutions = solutions(LIBRARY.eval("Solve[" + product + "==0,x,Reals]"));
        String at = "seed " + seed + ": " + expanded + " " + solutions;

        assertEquals(
                List.of(LineVerdict.FOLLOWS, LineVerdict.FOLLOWS),
                verdicts(product + "=0", expanded + " = 0", String.join(", ", solutions)).stream()
                        .map(v -> v == LineVerdict.SAME ? LineVerdict.FOLLOWS : v)
                        .toList(),
                at);
        if (solutions.size() > 1) {
            assertEquals(
                    List.of(LineVerdict.DOES_NOT_FOLLOW),
                    verdicts(product + "=0", String.join(", ", solutions.subList(1, solutions.size()))),
                    at);
        }
    }

    private static List<String> solutions(String rules) {
        List<String> found = new ArrayList<>();
        Matcher solution = SOLUTION.matcher(rules);
        while (solution.find()) {
            found.add("x = " + solution.group(1));
        }
        return found.stream().distinct().toList();
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void anExpressionExpandedAndPutTogether(long seed) {
        Random random = new Random(seed);
        String top = product(random);
        String quotient = "(" + top + ")/(x+" + (8 + random.nextInt(5)) + ") + " + (1 + random.nextInt(9));
        String together = LIBRARY.eval("Together[" + quotient + "]");
        String expanded = LIBRARY.eval("Expand[" + top + "]");

        assertEquals(
                List.of(LineVerdict.FOLLOWS),
                verdicts(quotient, together),
                () -> "seed " + seed + ": " + quotient + " -> " + together);
        assertEquals(List.of(LineVerdict.DOES_NOT_FOLLOW), verdicts(top, expanded + " + 1"), () -> "seed " + seed);
    }
}
