package littlesummit.core.working;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import littlesummit.core.math.Effort;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * No line of a student stops the server for the others, and no verdict comes out of a computation that was given up.
 */
class LineCostTest {
    private static final Set<String> LETTERS = Set.of("x");
    /** A computation that is on its way when the page has cost enough is let go on to its own limit. */
    private static final long MARGIN = 2_000_000;

    private static List<CheckedLine> check(String given, List<String> lines) {
        Effort.Outcome<List<CheckedLine>> outcome =
                Effort.limited(WorkCheck.PAGE + MARGIN, () -> WorkCheck.check(given, LETTERS, lines));
        assertTrue(outcome.value().isPresent(), given + " costs more than a page may");
        return outcome.value().orElseThrow();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "(x+1)(x+2)(x+3)(x+4)(x+5)(x+6)(x+7)(x+8)(x+9)(x+10)=1",
                "x^20-x-1=0",
                "(1+x)^20=2",
                "x^48+3x-7=0",
                "x^64+x+1=0",
                "(x^2+1)^32=3x",
                "500(1+x)^20=1000",
                "(x+1)^30*(x+2)^30=5",
                "x^30+x^29+x^28+7=0"
            })
    void aLineCostsNoMoreThanItsShare(String hostile) {
        List<CheckedLine> checked = check(hostile, List.of("x=3", hostile, "x=4"));
        assertEquals(3, checked.size());
    }

    @Test
    void aPageOfHostileLinesIsAnsweredLineByLine() {
        List<String> lines = Collections.nCopies(200, "x^48+3x-7=0").stream()
                .flatMap(l -> Stream.of(l, "x=1"))
                .limit(200)
                .toList();
        assertEquals(200, check("x^48+3x=8", lines).size());
    }

    @ParameterizedTest
    @ValueSource(strings = {"x^48+3x-7=0", "x^64+x+1=0", "(x^2+1)^32=3x"})
    void whatIsTooMuchIsSaidAndNotCalledWrong(String hostile) {
        CheckedLine line = check(hostile, List.of("x=3")).getFirst();
        assertEquals(LineVerdict.UNREADABLE, line.verdict());
        assertTrue(line.message().contains("there is too much to compute in it"), line.message());
    }

    @Test
    void ordinaryLinesAreCheckedAsBefore() {
        assertEquals(
                LineVerdict.FOLLOWS,
                check("x^4-5x^2+4=0", List.of("(x^2-1)(x^2-4)=0")).getFirst().verdict());
        assertFalse(check("2x+6=10", List.of("2x=16")).getFirst().verdict() == LineVerdict.FOLLOWS);
    }
}
