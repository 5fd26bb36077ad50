package littlesummit.core.working;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

/** Pages as students write them: with computations beside the lines, cases, checks, false roots and second thoughts. */
class ThreadsTest {
    private static List<CheckedLine> check(String given, String letters, String lines) {
        return WorkCheck.check(
                given,
                letters == null ? Set.of() : Set.of(letters.split(" ")),
                Arrays.stream(lines.split(" // ")).toList());
    }

    private static String code(CheckedLine line) {
        return switch (line.verdict()) {
            case FOLLOWS -> "f";
            case DOES_NOT_FOLLOW -> "x";
            case SAME -> "s";
            case WORDS -> "w";
            case UNREADABLE -> "u";
        };
    }

    @ParameterizedTest(name = "{0}: {2}")
    @CsvFileSource(resources = "threads.csv", delimiter = ';')
    void page(String given, String letters, String lines, String verdicts) {
        assertEquals(
                verdicts,
                check(given, letters, lines).stream().map(ThreadsTest::code).collect(Collectors.joining(" ")));
    }

    private static List<String> notes(String given, String lines) {
        return check(given, "x y", lines).stream().map(CheckedLine::message).toList();
    }

    @Test
    void aComputationBesideTheLinesIsSaidToBeOne() {
        assertEquals(List.of(SideComputation.NOTE, ""), notes("3x+5=20", "20-5=15 // 3x=15"));
    }

    @Test
    void falseRootsAreAnnouncedAndMayBeLeftOut() {
        assertEquals(
                List.of(WorkThread.FALSE_ROOTS_CAME_IN, "", WorkThread.FALSE_ROOTS_LEFT_OUT),
                notes("sqrt(x+2)=x", "x+2=x^2 // x=2 or x=-1 // x=2"));
    }

    @Test
    void casesAreCountedUntilNothingIsMissing() {
        assertEquals(
                List.of(WorkThread.ONE_CASE, "", WorkThread.ALL_CASES), notes("(x-2)(x-3)=0", "x-2=0 // x=2 // x-3=0"));
    }

    @Test
    void aCaseThatNothingFollowsIsALostRoot() {
        CheckedLine line = check("(x-2)(x-3)=0", "x", "x-2=0").getFirst();

        assertEquals(Slip.LOST_ROOT, line.slip().orElseThrow());
    }

    @Test
    void aLineMayGoOnFromAnEarlierOne() {
        assertEquals(WorkThread.EARLIER, notes("3x+5=20", "3x=25 // 3x=15").getLast());
    }

    @Test
    void numbersPutInForLettersAreSaidToBe() {
        assertEquals(List.of(WorkThread.PUT_IN, ""), notes("2x+1", "2*4+1 // 9"));
    }

    /** A wrong number beside the lines is shown where it stands, and nothing is compared with it. */
    @Test
    void aWrongComputationBesideTheLinesShowsItsLink() {
        CheckedLine line = check("2x+4=12", "x", "12-4=9").getFirst();

        assertEquals("12-4 = 9", line.place().orElseThrow());
        assertEquals("f", code(check("2x+4=12", "x", "12-4=9 // 2x=8").getLast()));
    }

    @Test
    void aGivenThatCannotBeReadIsSaidToBeTheReason() {
        CheckedLine line = check("x mod 3=1", "x", "x=75").getFirst();

        assertTrue(line.message().contains("what the item gives"), line.message());
    }

    @Test
    void whereReadingStopsIsCountedFromTheStartOfTheLineAsTyped() {
        assertEquals(6, check("3x+5=20", "x", "so 3x=+").getFirst().at() - 1);
    }

    /** Nothing that is said of a line holds a number: neither the answer nor the next line. */
    @Test
    void noNoteHoldsANumber() {
        for (String note : List.of(
                SideComputation.NOTE,
                WorkThread.FALSE_ROOTS_CAME_IN,
                WorkThread.FALSE_ROOTS_LEFT_OUT,
                WorkThread.ONE_CASE,
                WorkThread.ALL_CASES,
                WorkThread.EARLIER,
                WorkThread.PUT_IN,
                Following.WITHOUT_NEGATIVES)) {
            assertFalse(note.matches(".*\\d.*"), note);
        }
    }
}
