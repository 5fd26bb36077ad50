package littlesummit.core.quiz;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CorrectionNoteTest {
    private static final List<String> EXPLANATION = List.of(
            "Take 3x away from both sides, because the letter shall stand on one side only.",
            "Divide both sides by 4.");

    private static Optional<String> refusal(String note) {
        return CorrectionNote.refusal(note, EXPLANATION, Set.of("x"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "I forgot that the minus goes to both numbers in the bracket.",
                "First I collect the letters on the left, then I divide.",
                "4x = 12\nx = 3",
                "7x - 3x = 4x\n4x = 8\nx = 2",
                "Nächstes Mal teile ich beide Seiten durch vier"
            })
    void aSentenceOrLinesOfWorkAreANote(String note) {
        assertEquals(Optional.empty(), refusal(note));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "   ", "\n\n"})
    void nothingIsNone(String note) {
        assertTrue(refusal(note).orElseThrow().startsWith("Write how it is done"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "ok",
                "I was wrong",
                "x = 3",
                "x = 3\nx = 3",
                "aaaa aaaa aaaa aaaa aaaa",
                "x\ny",
                ". . . . .",
                "1 2 3 4 5 6 7"
            })
    void lessThanASentenceIsTooShort(String note) {
        assertTrue(refusal(note).orElseThrow().startsWith("That is too short"), note);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Take 3x away from both sides, because the letter shall stand on one side only.",
                "take 3x away from BOTH sides because the letter shall stand on one side only!!!",
                "So: Take 3x away from both sides, because the letter shall stand on one side only. Divide both sides"
                        + " by 4."
            })
    void theExplanationIsNotOnesOwnWords(String note) {
        assertTrue(refusal(note).orElseThrow().startsWith("These are the words of the explanation"), note);
    }
}
