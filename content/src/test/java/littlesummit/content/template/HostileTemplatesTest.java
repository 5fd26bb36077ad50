package littlesummit.content.template;

import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTimeoutPreemptively;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import littlesummit.core.proof.Proof;
import littlesummit.core.proof.Prover;
import littlesummit.core.template.Complaint;
import littlesummit.core.template.Unmade;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Whatever an author writes, reading and making end soon, and in a sentence. */
class HostileTemplatesTest {
    private static final Duration SOON = Duration.ofSeconds(20);

    @Test
    void endlessRangesAreRefusedWhenAnItemIsMade() {
        Unmade unmade = assertThrows(Unmade.class, () -> Sample.skill(Sample.with("n: 3..9", "n: 1..10^30"))
                .make(1, 1));
        assertTrue(unmade.complaint().sentence().contains("may hold 100000 numbers"), unmade.toString());
    }

    @Test
    void emptyRangesAndNoStepAreRefused() {
        assertThrows(Unmade.class, () -> Sample.skill(Sample.with("n: 3..9", "n: 9..3"))
                .make(1, 1));
        assertThrows(Unmade.class, () -> Sample.skill(Sample.with("n: 3..9", "n: 3..9 step 0"))
                .make(1, 1));
    }

    /** A field of another kind in place of the one of the sample. */
    private static String answered(String more) {
        return Sample.with("form: integer, answer: all}", "form: integer, answer: all, " + more + "}");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '#',
            value = {
                "mark-on: {kind: grid, alt: A., x-from: 0, x-to: 1, y-from: 0, y-to: 1} # placed on a number line",
                "mark-on: {kind: number-line, alt: A., from: 0, to: 2, step: 1/100} # at most 101",
                "mark-on: {kind: number-line, alt: A., from: 1/3, to: 2, step: 1/2} # begins at a tick",
                "'columns: {numbers: [all, 1/3], sign: +, whole: 4}' # cannot be written in these columns",
                "'columns: {numbers: [all, -5], sign: +, whole: 4}' # cannot be written in these columns",
                "'columns: {numbers: [12345], sign: +, whole: 4}' # from 5 to 12 columns",
                "'columns: {numbers: [all], sign: +, whole: 10^9}' # to 12 columns",
                "'columns: {numbers: [all], sign: +, whole: 1/2}' # to 12 columns"
            })
    void whatCannotBeDrawnIsRefused(String response, String sentence) {
        Unmade unmade = assertThrows(
                Unmade.class, () -> Sample.skill(answered(response)).make(1, 1));
        assertTrue(unmade.complaint().sentence().contains(sentence), unmade.toString());
    }

    /** A figure is drawn line by line, whoever looks at it: a billion lines would be drawn, too. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '#',
            value = {
                "kind: number-line, from: 0, to: 10^8, step: 1 # more than 500 steps",
                "kind: number-line, from: 0, to: 10^99, step: 1 # too far away to be drawn",
                "kind: number-line, from: 0, to: 1, step: 0 # steps larger than 0",
                "kind: number-line, from: 2, to: 1, step: 1 # from a smaller to a larger number",
                "kind: number-line, from: 0, to: 2, step: 1, marks: [{at: 3}] # lies outside of the line",
                "kind: grid, x-from: 0, x-to: 10^6 # more than 500 steps",
                "kind: grid, step: 1/10^6 # more than 500 steps",
                "kind: grid, draw: [{circle: [0, 0, 10^99]}] # too far away to be drawn",
                "kind: scale, max: 10^8, step: 1, reading: 3, unit: g # more than 500 steps",
                "kind: scale, max: 10, step: 1, reading: 11, unit: g # between 0 and its most",
                "kind: measured, object: rope, unit: m, length: 10^7 # at 60 units at most",
                "kind: measured, object: rope, unit: m, length: 0 # at 60 units at most",
                "kind: parts, wholes: 9999, parts: 200 # from 1 to 20 wholes",
                "kind: parts, parts: 4, shaded: 5 # From none to all",
                "kind: bar, pieces: [] # A bar has pieces",
                "kind: bar, pieces: [{size: 0}] # each larger than 0",
                "kind: angles, rays: [{degrees: 10^99}], arcs: [] # too far away to be drawn",
                "kind: polygons, shapes: [{id: a, corners: [1, 1, 1, 1, 1, 1]}] # lie in one place"
            })
    void aFigureIsAsMuchAsCanBeLookedAt(String figure, String sentence) {
        String document =
                Sample.with("- \"All of them are full.\"", "- figure: {alt: A figure., %s}".formatted(figure));
        Unmade unmade = assertTimeoutPreemptively(
                SOON,
                () -> assertThrows(Unmade.class, () -> Sample.skill(document).make(1, 1)));
        assertTrue(unmade.complaint().sentence().contains(sentence), unmade.toString());
    }

    @Test
    void aFigureHasAFewThings() {
        String points = "{point: [1, 1]}, ".repeat(61);
        String document = Sample.with(
                "- \"All of them are full.\"",
                "- figure: {kind: grid, alt: A grid., draw: [%s]}".formatted(points.substring(0, points.length() - 2)));
        Unmade unmade = assertThrows(Unmade.class, () -> Sample.skill(document).make(1, 1));
        assertTrue(unmade.complaint().sentence().contains("more than 60 things"), unmade.toString());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '#',
            value = {
                "'columns: {numbers: [all], sign: /, whole: 4}' # +, - or *",
                "'columns: {numbers: [], sign: +, whole: 4}' # Columns have numbers",
                "'columns: {numbers: [all], sgn: +, whole: 4}' # “sign” is missing"
            })
    void columnsHaveASign(String response, String sentence) {
        Complaint first = Sample.complaints(answered(response)).getFirst();
        assertTrue(first.sentence().contains(sentence), first.toString());
    }

    @Test
    void conditionsThatNeverHoldEnd() {
        Unmade unmade = assertTimeoutPreemptively(
                SOON,
                () -> assertThrows(Unmade.class, () -> Sample.skill(Sample.with("n != size", "n > 100"))
                        .make(1, 1)));
        assertTrue(unmade.complaint().sentence().contains("none fulfils the conditions: n > 100"), unmade.toString());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"9^9^9^9", "((9^99)^99)^99", "200!", "(n + size)^190 * (n + size)^190 * (n + size)^190 * 9^180"})
    void largePowersEnd(String formula) {
        assertTimeoutPreemptively(SOON, () -> {
            try {
                Sample.skill(Sample.with("all: n * size", "all: " + formula)).make(1, 1);
            } catch (Unmade bounded) {
                assertTrue(!bounded.complaint().sentence().isBlank());
            }
        });
    }

    @Test
    void deepNestingIsRefused() {
        Complaint complaint = assertTimeoutPreemptively(
                SOON, () -> Sample.complaints("skill: " + "[".repeat(5_000) + "]".repeat(5_000))
                        .getFirst());
        assertTrue(
                complaint.sentence().contains("nested") || complaint.sentence().contains("YAML"), complaint.toString());
        Complaint brackets = Sample.complaints(
                        Sample.with("all: n * size", "all: " + "(".repeat(900) + "n" + ")".repeat(900)))
                .getFirst();
        assertTrue(brackets.sentence().contains("cannot be read"), brackets.toString());
    }

    @Test
    void aDocumentOfAMillionLinesIsRefused() {
        assertTrue(Sample.complaints("skill: a\n".repeat(1_000_000))
                .getFirst()
                .sentence()
                .contains("characters"));
        assertTrue(Sample.complaints("v: [" + "1,".repeat(100_000) + "1]")
                .getFirst()
                .sentence()
                .contains("too long"));
    }

    /** References of YAML would make a small text a large document; they are words here. */
    @Test
    void referencesDoNotGrow() {
        StringBuilder text = new StringBuilder("a: &a [x, x, x, x, x, x, x, x, x]\n");
        for (char c = 'b'; c < 'j'; c++) {
            String before = "*" + (char) (c - 1);
            text.append(c)
                    .append(": &")
                    .append(c)
                    .append(" [")
                    .append((before + ", ").repeat(8))
                    .append(before)
                    .append("]\n");
        }
        assertTimeoutPreemptively(
                SOON, () -> assertTrue(!Sample.complaints(text.toString()).isEmpty()));
    }

    @Test
    void aMillionDrawsAreCountedAndNotMade() {
        String text = Sample.with("size: 4..12", "size: 4..90000").replace("n: 3..9", "n: 3..90000");
        Proof proof = assertTimeoutPreemptively(
                Duration.ofSeconds(60), () -> Prover.prove(Sample.skill(text), Proof.Progress.NONE));
        assertTrue(!proof.isWhole() && proof.extent().contains("about"), proof.extent());
    }
}
