package littlesummit.core.placement;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import littlesummit.core.item.ItemRef;
import littlesummit.core.placement.Evidence.Kind;
import org.junit.jupiter.api.Test;

class CheckStateTest {
    private static final Instant NOW = Instant.parse("2026-03-02T10:00:00Z");

    private static CheckState asked(CheckState state, String skill) {
        return state.asking("i-" + skill, new ItemRef(skill, 1, 2, "v", 1), 0, NOW);
    }

    @Test
    void aShortCheckAsksEachSkillOnceAndTellsWhatHoldsAndWhatFell() {
        CheckState check = CheckState.of(List.of("mean", "both-sides"));
        assertEquals(Optional.of("mean"), check.next());
        check = asked(check, "mean").answered(Kind.RIGHT, NOW);
        check = asked(check, check.next().orElseThrow()).answered(Kind.WRONG, NOW);
        assertTrue(check.isDone());
        assertEquals(List.of("mean"), check.confirmed());
        assertEquals(List.of("both-sides"), check.fallen());
    }

    @Test
    void whileAnItemWaitsNothingElseIsAsked() {
        CheckState check = asked(CheckState.ofCourse(), "mean");
        assertEquals(Optional.empty(), check.next());
        assertFalse(check.isDone());
        assertEquals("i-mean", check.waiting().orElseThrow().itemId());
        assertEquals(List.of(), check.evidence());
    }

    @Test
    void anAnswerToNothingChangesNothing() {
        assertEquals(CheckState.ofCourse(), CheckState.ofCourse().answered(Kind.NEW, NOW));
    }

    @Test
    void evenATypedAnswerIsLuckyAtTimes() {
        assertTrue(asked(CheckState.ofCourse(), "mean").answered(Kind.RIGHT, NOW).evidence().getFirst().guess() > 0);
    }

    @Test
    void theCheckIsTakenAgainAfterPracticeAndDaysAndNotTooOften() {
        Duration enough = Duration.ofHours(6);
        Optional<Instant> longAgo = Optional.of(NOW.minus(Duration.ofDays(3)));
        assertEquals(Optional.empty(), RetakeRules.refusal(0, Optional.empty(), Duration.ZERO, NOW));
        assertEquals(Optional.empty(), RetakeRules.refusal(1, longAgo, enough, NOW));
        assertTrue(RetakeRules.refusal(1, longAgo, Duration.ofMinutes(40), NOW).orElseThrow().contains("40 minutes"));
        assertTrue(RetakeRules.refusal(1, Optional.of(NOW.minus(Duration.ofDays(1))), enough, NOW).orElseThrow().contains("two days"));
        assertTrue(RetakeRules.refusal(3, longAgo, enough, NOW).orElseThrow().contains("3 times"));
    }
}
