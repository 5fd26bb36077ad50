package littlesummit.core.placement;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import littlesummit.core.curriculum.SampleCourse;
import littlesummit.core.item.ItemRef;
import littlesummit.core.placement.Evidence.Kind;
import org.junit.jupiter.api.Test;

class CheckStateTest {
    private static final SkillOrder COURSE = SkillOrder.of(SampleCourse.COURSE);
    private static final Instant NOW = Instant.parse("2026-03-02T10:00:00Z");

    private static CheckState asked(CheckState state, String skill) {
        return state.asking("i-" + skill, new ItemRef(skill, 1, 2, "v", 1), 0, NOW);
    }

    @Test
    void aShortCheckAsksEachSkillOnceAndTellsWhatHoldsAndWhatFell() {
        CheckState check = CheckState.of(List.of("mean", "both-sides"));
        assertEquals(Optional.of("mean"), check.next(COURSE));
        check = asked(check, "mean").answered(Kind.RIGHT, NOW);
        check = asked(check, check.next(COURSE).orElseThrow()).answered(Kind.WRONG, NOW);
        assertTrue(check.isDone(COURSE));
        assertEquals(List.of("mean"), check.confirmed());
        assertEquals(List.of("both-sides"), check.fallen());
    }

    @Test
    void whileAnItemWaitsNothingElseIsAsked() {
        CheckState check = asked(CheckState.ofCourse(), "mean");
        assertEquals(Optional.empty(), check.next(COURSE));
        assertFalse(check.isDone(COURSE));
        assertEquals("i-mean", check.waiting().orElseThrow().itemId());
        assertEquals(List.of(), check.evidence(COURSE));
    }

    @Test
    void anAnswerToNothingChangesNothing() {
        assertEquals(CheckState.ofCourse(), CheckState.ofCourse().answered(Kind.NEW, NOW));
    }

    @Test
    void evenATypedAnswerIsLuckyAtTimes() {
        assertTrue(asked(CheckState.ofCourse(), "mean")
                        .answered(Kind.RIGHT, NOW)
                        .evidence(COURSE)
                        .getFirst()
                        .guess()
                > 0);
    }

    @Test
    void theCheckIsTakenAgainAfterPracticeAndDaysAndNotTooOften() {
        Duration enough = Duration.ofHours(6);
        Optional<Instant> longAgo = Optional.of(NOW.minus(Duration.ofDays(3)));
        assertEquals(Optional.empty(), RetakeRules.refusal(0, Optional.empty(), Duration.ZERO, NOW));
        assertEquals(Optional.empty(), RetakeRules.refusal(1, longAgo, enough, NOW));
        assertTrue(RetakeRules.refusal(1, longAgo, Duration.ofMinutes(40), NOW)
                .orElseThrow()
                .contains("40 minutes"));
        assertTrue(RetakeRules.refusal(1, Optional.of(NOW.minus(Duration.ofDays(1))), enough, NOW)
                .orElseThrow()
                .contains("two days"));
        assertTrue(RetakeRules.refusal(3, longAgo, enough, NOW).orElseThrow().contains("3 times"));
    }

    private static Placement.Verdict said(String skill, double chance) {
        return new Placement.Verdict(
                skill, chance >= Placement.SURE ? Placement.Standing.KNOWN : Placement.Standing.READY, chance, "why");
    }

    @Test
    void onlyWhatWasAskedAndIsClearlyNotKnownIsLowered() {
        CheckState check = CheckState.ofCourse();
        check = asked(check, "mean").answered(Kind.WRONG, NOW);
        check = asked(check, "both-sides").answered(Kind.NEW, NOW);
        check = asked(check, "line-kinds").answered(Kind.WRONG, NOW);
        check = asked(check, "place-value").answered(Kind.RIGHT, NOW);
        List<Placement.Verdict> verdicts = List.of(
                said("mean", 0.05),
                said("both-sides", 0.2),
                said("line-kinds", 0.6),
                said("place-value", 0.1),
                said("prime-factors", 0.01));
        assertEquals(List.of("mean", "both-sides"), check.lowered(verdicts));
    }
}
