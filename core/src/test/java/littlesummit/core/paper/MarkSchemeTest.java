package littlesummit.core.paper;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import org.junit.jupiter.api.Test;

/** Which lines earn a mark; that one line earns one is common practice and has no source. */
class MarkSchemeTest {
    private static List<Integer> marks(MarkScheme scheme) {
        return scheme.steps().stream().map(MarkScheme.Line::mark).toList();
    }

    @Test
    void anAnswerAndEachStepThatWorksSomethingOutEarnAMark() {
        MarkScheme scheme = MarkScheme.of(Fixture.shop());
        assertEquals(List.of(0, 1, 0), marks(scheme), "words earn nothing, and the last step is the answer itself");
        assertEquals(2, scheme.most());
    }

    @Test
    void everyPartHasItsAnswerAndOnlyTheLastStepThatStatesItIsTheAnswer() {
        MarkScheme scheme = MarkScheme.of(Fixture.path());
        assertEquals(List.of(1, 0, 1, 0, 0), marks(scheme), "a step said twice is one");
        assertEquals(4, scheme.most());
        assertEquals(
                List.of("answer-0-far", "answer-1-high", "step-0", "step-2"),
                scheme.earning().stream().map(MarkScheme.Line::id).toList());
    }

    @Test
    void anAnswerIsStatedHoweverItIsWritten() {
        assertEquals(List.of(1, 0), marks(MarkScheme.of(Fixture.stating("36 \\div 3", "51", "51.0"))));
        assertEquals(List.of(1, 0), marks(MarkScheme.of(Fixture.stating("2 + 3", "= 5\\,\\text{kg}", "5"))));
        assertEquals(List.of(1, 1), marks(MarkScheme.of(Fixture.stating("2 + 3", "= 50", "5"))));
    }
}
