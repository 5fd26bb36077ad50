package littlesummit.core.working;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is more than nothing on a page. */
class ShownWorkTest {
    private static final Set<String> LETTERS = Set.of("x");

    private static Optional<String> typed(String... lines) {
        return new ShownWork(List.of(lines), 0, 0).refusal(LETTERS);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "3 + 4 = 7",
                "2x = 12",
                "169*0.18",
                "= 12 - 5",
                "x/2 = 3",
                "sqrt(16)",
                "|-3|",
                "I took three away from both sides",
                "first the brackets, then the sum",
                "3^4",
                "2x + 3 = 9 | -3 both sides now",
                "5 km + 3 km is eight kilometres",
                "4.7 x 1000",
                "12 : 4 makes 3"
            })
    void oneLineThatSaysHowIsWork(String line) {
        assertEquals(Optional.empty(), typed(line));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "7",
                "x = 1",
                "3/4",
                "-5",
                "asdf",
                "x",
                "qwrt plk dfgh",
                "???",
                "yes yes yes",
                "none",
                "2 1/2",
                "ok done"
            })
    void theAnswerAloneOrARowOfLettersIsNot(String line) {
        assertTrue(typed(line).orElseThrow().contains("how you got"), line);
    }

    @Test
    void anEmptyPageIsToldKindlyWhatWouldDo() {
        assertTrue(typed("", "  ").orElseThrow().contains("nothing on your page yet"));
    }

    @Test
    void aDrawingOrAPhotoIsWork() {
        assertEquals(Optional.empty(), new ShownWork(List.of(), 300, 0).refusal(LETTERS));
        assertEquals(Optional.empty(), new ShownWork(List.of(), 0, 1).refusal(LETTERS));
        assertTrue(new ShownWork(List.of(), 4, 0).refusal(LETTERS).orElseThrow().contains("dot"));
    }

    @Test
    void whereAPictureIsAskedForLinesAreNone() {
        List<String> lines = List.of("3 of 5 equal parts are shaded");

        assertTrue(new ShownWork(lines, 0, 0).pictureRefusal().orElseThrow().contains("no picture"));
        assertTrue(new ShownWork(lines, 4, 0).pictureRefusal().orElseThrow().contains("short stroke"));
        assertEquals(Optional.empty(), new ShownWork(List.of(), 400, 0).pictureRefusal());
        assertEquals(Optional.empty(), new ShownWork(List.of(), 0, 1).pictureRefusal());
    }
}
