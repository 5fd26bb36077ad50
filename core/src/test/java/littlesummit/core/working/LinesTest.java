package littlesummit.core.working;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LinesTest {
    private static Set<String> letters(String named) {
        return named == null ? Set.of() : Set.of(named.split(" "));
    }

    private static List<String> verdicts(String given, String letters, String... lines) {
        return WorkCheck.check(given, letters(letters), List.of(lines)).stream()
                .map(c -> c.verdict().code())
                .toList();
    }

    @ParameterizedTest
    @CsvFileSource(resources = "lines.csv", delimiter = ';')
    void oneLine(String given, String letters, String line, String verdict) {
        assertEquals(List.of(verdict), verdicts(given, letters, line == null ? "" : line));
    }

    @Test
    void aWrongLineIsTheStartOfTheNext() {
        assertEquals(
                List.of("does-not-follow", "follows", "same"), verdicts("3x+5=20", "x", "3x=25", "x=25/3", "25/3=x"));
    }

    @Test
    void wordsAndUnreadableLinesAreSteppedOver() {
        assertEquals(
                List.of("words", "unreadable", "follows"),
                verdicts("3x+5=20", "x", "first take away five", "3x=+", "x=5"));
    }

    @Test
    void aChainGoesOnFromTheLineBefore() {
        assertEquals(
                List.of("follows", "follows", "does-not-follow"), verdicts("2*(3+4)", null, "= 2*7", "= 14", "= 15"));
    }

    @Test
    void aPieceMayBeWorkedOutAside() {
        assertEquals(
                List.of("follows", "follows", "does-not-follow"),
                verdicts("0.75*(1.25*360)", null, "1.25*360 = 450", "0.75*450 = 337.5", "= 338"));
    }

    /** What a line stands for when the next one is compared with it, line by line. */
    @ParameterizedTest
    @CsvSource(delimiter = ';', textBlock = """
        3x+5=20; 3x = 20-5 = 15 | 3x = 15 | x = 5; follows same follows
        3x+5=20; 3x = 20-5 | = 15 | x = 5; follows follows follows
        3x+5=20; 3x = 20-5 | = 14; follows does-not-follow
        3x+5=20; 3x = 20-5 | = 14 | 3x = 14; follows does-not-follow same
        2*(3+4); 2*7 | 14; follows follows
        2*(3+4); 2*7 = 14 | = 14; follows follows
        2*(3+4); 2*7 = 14 | 15; follows does-not-follow
        ; 12 + 5 | = 17 | = 18; follows follows does-not-follow
        ; s = 12 + 5 | = 17 | = 18; follows follows does-not-follow
        ; x + 4 = 9 | x = 5 | x = 6; follows follows does-not-follow
        0.75*(1.25*360); 1.25*360 = 450 | 0.75*450 | 337.5; follows follows follows
        0.75*(1.25*360); 1.25*360 = 450 | 450; follows does-not-follow
        """)
    void whatTheNextLineIsComparedWith(String given, String lines, String verdicts) {
        assertEquals(List.of(verdicts.split(" ")), verdicts(given == null ? "" : given, "x s", lines.split(" \\| ")));
    }

    @Test
    void theFirstBadLinkOfAChainIsShown() {
        CheckedLine checked = WorkCheck.check("2+3*4", Set.of(), List.of("2+3*4 = 2+12 = 15 = 15"))
                .getFirst();

        assertEquals("2+12 = 15", checked.place().orElseThrow());
    }

    @Test
    void noSlipIsNamedWhereNoneIsRecognised() {
        CheckedLine checked =
                WorkCheck.check("3.3*10^-3", Set.of(), List.of("= 0.42")).getFirst();

        assertTrue(checked.slip().isEmpty() && checked.message().startsWith("This does not follow"), checked.message());
    }

    @Test
    void withNothingGivenTheFirstLineStands() {
        assertEquals(List.of("follows", "follows", "does-not-follow"), verdicts("", "x", "2x=8", "x=4", "x=5"));
    }

    @Test
    void dividingByALetterAndSquaringArePointedOut() {
        assertTrue(WorkCheck.check("x^3=4x^2-4x", Set.of("x"), List.of("x=0, x=2", "x=2, x=0"))
                .getFirst()
                .message()
                .isEmpty());
        assertEquals(
                WorkThread.FALSE_ROOTS_CAME_IN,
                WorkCheck.check("x-3=2", Set.of("x"), List.of("(x-3)^2=4"))
                        .getFirst()
                        .message());
        assertTrue(WorkCheck.check("x^2(x-1)=0", Set.of("x"), List.of("x(x-1)=0"))
                .getFirst()
                .message()
                .contains("may be zero"));
        assertTrue(WorkCheck.check("x-1=0", Set.of("x"), List.of("(x-1)^2=0"))
                .getFirst()
                .message()
                .contains("squared"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "((((",
                "x^x=2",
                "9^9^9^9=x",
                "1/0",
                "x=1/0",
                "{",
                "(x+y+z)^64=1",
                "=",
                "= =",
                "≈",
                "x≈",
                "sin x",
                "x=x=x=x=x=x",
                "|||",
                "x<y<z",
                "\0"
            })
    void nothingBreaksIt(String line) {
        List<String> verdicts = verdicts("x^2=4", "x y z", line, "x=2, x=-2");

        assertEquals(2, verdicts.size());
        assertFalse(verdicts.getLast().isEmpty());
    }
}
