package littlesummit.core.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import littlesummit.core.item.ItemRef;
import littlesummit.core.practice.PracticeEvent.Result;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every sentence that goes with a number, by what happened. */
class ExplainTest {
    private static final Instant NOW = Instant.parse("2030-01-10T09:00:00Z");

    /** Letters: r right, l right on a later try, m missed, a aided. */
    private static SkillState work(Target target, String course) {
        SkillState state = SkillState.start(Policy.DEFAULT, target);
        for (int i = 0; i < course.length(); i++) {
            state = item(state, i, course.charAt(i));
        }
        return state;
    }

    private static SkillState item(SkillState state, int number, char how) {
        String id = "item-" + number;
        boolean redo = state.toRedo().isPresent();
        ItemRef ref = new ItemRef("s", 1, state.nextTier(), "v", number);
        SkillState now = state.after(
                new PracticeEvent.Served(NOW, id, ref, redo, 0, List.of(how == 'm' ? 1 : 3), state.nextSlot(), false));
        if (how == 'a') {
            now = now.after(new PracticeEvent.HintOpened(NOW, id, 0, 1));
        }
        if (how == 'l') {
            now = now.after(new PracticeEvent.Tried(NOW, id, 0, Result.INCORRECT, Map.of("answer", "no")));
        }
        return now.after(new PracticeEvent.Tried(
                NOW, id, 0, how == 'm' ? Result.INCORRECT : Result.CORRECT, Map.of("answer", id)));
    }

    private static final Target SCORE = new Target.Score(80);

    private static String last(Target target, String course) {
        SkillState state = work(target, course);
        return Explain.step(target, state.history().getLast());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        r| right at once, on the first level.
        l| right on a later try, which counts half.
        a| right after a hint, which leaves the score as it is.
        rm| missed on the first level; what you have on the other levels stays.
        """)
    void aScore(String course, String why) {
        assertEquals(why, last(new Target.Score(80), course));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        r| one step. Right again now, and it is two.
        rr| two steps, because the one before was right too.
        rra| right after a hint, which moves no step and breaks no run.
        rrm| missed: one step back, and the run starts again.
        m| missed: the run starts again. There is no step below the first.
        rrmrr| two steps, because the one before was right too.
        rrmrmrmrr| two steps, because the one before was right too.
        """)
    void aRun(String course, String why) {
        assertEquals(why, last(new Target.Run(4, 9), course));
    }

    @Test
    void theLastStepOfARunIsSaidToBeTheLast() {
        assertEquals("right; the 4 steps are done.", last(new Target.Run(9, 4), "rrr"));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        r| right; it stays right.
        ra| right after a hint. It can be done once more without one.
        rm| missed. It comes back at the end, with other numbers.
        rrrrr| right; this one was beyond the set.
        """)
    void aFixedSet(String course, String why) {
        assertEquals(why, last(new Target.Percent(75, 4), course));
    }

    @Test
    void levelsHaveNames() {
        assertEquals(
                List.of("first", "second", "third"), List.of(Explain.level(1), Explain.level(2), Explain.level(3)));
    }

    @ParameterizedTest
    @CsvSource({
        "score:80,score 80 on each skill",
        "run:3/5,3 right in a row or 5 steps on each skill",
        "percent:75/8,75% of 8 items right on each skill",
        "quiz:90,quiz score 90%",
        "check,take the starting check",
        "lesson,all steps of the lesson"
    })
    void targetsAreSaid(String code, String says) {
        assertEquals(says, Explain.target(Target.of(code).orElseThrow()));
    }

    private static Policy policy(int tries, boolean helps, int freeForms, Policy.Work work) {
        return new Policy(
                tries, 1, 2, freeForms, helps, helps, helps, Policy.LineCheck.NEVER, Policy.Calculator.NEVER, work);
    }

    @Test
    void aPolicyIsSaidInShortSentences() {
        assertEquals(
                List.of(
                        "Three tries typed, one try on a choice",
                        "A hint keeps an item out of the target",
                        "Examples cost nothing",
                        "A first form slip is free"),
                Explain.policy(policy(3, true, 1, Policy.Work.OPTIONAL), SCORE));
        assertEquals(
                List.of(
                        "5 tries typed, one try on a choice",
                        "No hints here",
                        "No worked examples here",
                        "No other one like a missed item",
                        "Work must be shown"),
                Explain.policy(policy(5, false, 0, Policy.Work.REQUIRED), SCORE));
        assertTrue(Explain.policy(policy(2, true, 0, Policy.Work.NONE), SCORE)
                .getFirst()
                .startsWith("Two tries typed"));
    }

    @Test
    void whereAMissComesBackNothingElseIsSaid() {
        Policy strict = policy(1, false, 0, Policy.Work.NONE);
        String none = "No other one like a missed item";

        assertTrue(Explain.policy(strict, SCORE).contains(none));
        assertFalse(Explain.policy(strict, new Target.Percent(80, 5)).contains(none));
        assertFalse(Explain.policy(strict, new Target.Lesson()).contains(none));
    }

    @Test
    void aHintCostsNothingInALessonAndIsSaidToCostNothing() {
        Policy helps = policy(3, true, 1, Policy.Work.NONE);

        assertTrue(Explain.policy(helps, new Target.Lesson()).contains("A hint costs nothing here"));
        assertFalse(Explain.policy(helps, SCORE).contains("A hint costs nothing here"));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        r| right; on to the next step.
        a| right; on to the next step.
        m| missed; it comes again with other numbers.
        rrrrrrrr| right; the lesson was done already.
        """)
    void aLesson(String course, String why) {
        assertEquals(why, last(new Target.Lesson(), course));
    }

    @Test
    void whatAPersonReadsIsHandedInAndThenRead() {
        SkillState state = SkillState.start(Policy.DEFAULT, SCORE);
        state = state.after(new PracticeEvent.Served(
                NOW, "sketch", new ItemRef("s", 1, 1, "v", 1), false, 0, List.of(3), -1, true));
        state = state.after(new PracticeEvent.Tried(NOW, "sketch", 0, Result.CORRECT, Map.of("why", "words")));
        state = state.after(new PracticeEvent.WorkShown(NOW, "sketch"));
        assertEquals(
                "handed in; it counts once it is read.",
                Explain.step(SCORE, state.history().getLast()));
        state = state.after(new PracticeEvent.WorkRead(NOW, "sketch", 50));
        assertEquals(
                "your picture and your words have been read.",
                Explain.step(SCORE, state.history().getLast()));
    }

    @Test
    void theThirdMissInARowOffersAnotherWayOn() {
        assertFalse(work(new Target.Score(80), "mm").offersPause());
        assertTrue(work(new Target.Score(80), "mmm").offersPause());
        assertFalse(work(new Target.Score(80), "mmmm").offersPause());
        assertFalse(work(new Target.Score(80), "mmr").offersPause());
        assertTrue(work(new Target.Score(80), "mrmmm").offersPause());
    }

    @Test
    void whatWasDoneLatelyIsTheLastSix() {
        SkillState state = work(new Target.Score(80), "mmmmrrrr");
        assertEquals(6, state.lately().size());
        assertEquals(
                List.of(Outcome.MISSED, Outcome.MISSED),
                state.lately().subList(0, 2).stream().map(Step::outcome).toList());
        assertEquals(2, work(new Target.Score(80), "mr").lately().size());
    }
}
