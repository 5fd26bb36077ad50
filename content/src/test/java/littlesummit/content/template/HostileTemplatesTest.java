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
