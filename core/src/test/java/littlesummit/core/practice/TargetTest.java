package littlesummit.core.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import littlesummit.core.item.ItemRef;
import littlesummit.core.practice.PracticeEvent.Result;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Runs and fixed sets, item by item. Letters: r right, m missed, a aided. */
class TargetTest {
    private static final Instant NOW = Instant.parse("2030-01-10T09:00:00Z");

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
        SkillState now = state.after(new PracticeEvent.Served(
                NOW,
                id,
                new ItemRef("s", 1, state.nextTier(), "v", number),
                redo,
                0,
                List.of(1),
                state.nextSlot(),
                false));
        if (how == 'a') {
            now = now.after(new PracticeEvent.HintOpened(NOW, id, 0, 1));
        }
        return now.after(new PracticeEvent.Tried(
                NOW, id, 0, how == 'm' ? Result.INCORRECT : Result.CORRECT, Map.of("answer", id)));
    }

    @ParameterizedTest
    @CsvSource({
        "r,1,false",
        "rr,3,false",
        "rrr,5,true",
        "rmr,1,false",
        "m,0,false",
        "rrm,2,false",
        "rrmr,3,false",
        "rrmrr,5,true",
        "rarr,5,true",
        "ra,1,false",
        "aaa,0,false",
        "rmrmrm,0,false",
        "rrmrmrr,5,true"
    })
    void runOfThreeOrFiveSteps(String course, int steps, boolean reached) {
        SkillState state = work(new Target.Run(3, 5), course);

        assertEquals(steps, state.measure());
        assertEquals(reached, state.reached());
    }

    @Test
    void anAidedItemNeitherMovesNorBreaksARun() {
        assertTrue(work(new Target.Run(3, 9), "rarar").reached());
    }

    @Test
    void aRunOnceReachedStaysReached() {
        assertTrue(work(new Target.Run(3, 5), "rrrmmm").reached());
    }

    @ParameterizedTest
    @CsvSource({
        "rrrm,3,true,0",
        "rrm,2,false,1",
        "mmmm,0,false,3",
        "rrmmr,3,true,0",
        "rramr,3,true,0",
        "rmmmmm,1,false,2",
        "rmmarr,3,true,0"
    })
    void threeQuartersOfFour(String course, int right, boolean reached, int atLeast) {
        SkillState state = work(new Target.Percent(75, 4), course);

        assertEquals(right, state.measure());
        assertEquals(reached, state.reached());
        assertEquals(atLeast, Forecast.of(state).atLeast());
    }

    @Test
    void onlyTheMissedOnesComeBackAndWithTheirOwnGround() {
        SkillState state = work(new Target.Percent(100, 4), "rmrm");

        assertEquals(1, state.nextSlot());
        assertEquals(1, state.toRedo().orElseThrow().seed());
        SkillState redone = item(state, 4, 'r');
        assertEquals(3, redone.nextSlot());
        assertTrue(item(redone, 5, 'r').reached());
        assertEquals(-1, item(redone, 5, 'r').nextSlot());
    }

    @Test
    void aSetHasEasyItemsFirst() {
        List<Integer> tiers = new ArrayList<>();
        SkillState state = SkillState.start(Policy.DEFAULT, new Target.Percent(75, 10));
        for (int i = 0; i < 10; i++) {
            tiers.add(state.nextTier());
            state = item(state, i, 'r');
        }
        assertEquals(List.of(1, 1, 1, 1, 2, 2, 2, 3, 3, 3), tiers);
    }

    @ParameterizedTest
    @CsvSource({"'',1,0,3", "r,3,0,2", "rr,5,2,1", "rrm,3,1,2"})
    void forecastOfARun(String course, int ifRight, int ifMissed, int atLeast) {
        SkillState state = work(new Target.Run(3, 5), course);
        SkillState open = state.after(
                new PracticeEvent.Served(NOW, "now", new ItemRef("s", 1, 1, "v", 99), false, 0, List.of(1), -1, false));

        assertEquals(new Forecast(ifRight, ifMissed, atLeast), Forecast.of(open));
    }

    @Test
    void everyStepSaysWhy() {
        for (Target target :
                List.of(new Target.Score(80), new Target.Run(3, 5), new Target.Percent(75, 4), new Target.Quiz(90))) {
            work(target, "rramrmrr")
                    .history()
                    .forEach(step -> assertFalse(Explain.step(target, step).isBlank()));
            assertFalse(Explain.target(target).isBlank());
        }
    }

    @ParameterizedTest
    @CsvSource({
        "score:80,true",
        "run:3/5,true",
        "percent:75/10,true",
        "quiz:90,true",
        "score:0,false",
        "run:3,false",
        "percent:75/99,false",
        "peak:3,false",
        "score:x,false"
    })
    void namesOfTargetsAreReadBack(String code, boolean isOne) {
        assertEquals(isOne, Target.of(code).isPresent());
        Target.of(code).ifPresent(t -> assertEquals(code, t.code()));
    }

    @ParameterizedTest
    @CsvSource({"score:80,80,true", "run:3/5,5,false", "percent:75/8,6,false", "quiz:90,100,true", "check,1,false"})
    void theFlagStandsWhereTheTargetIsReached(String code, int flag, boolean byScore) {
        Target target = Target.of(code).orElseThrow();
        assertEquals(flag, target.flag());
        assertEquals(byScore, target.isByScore(), code);
        assertEquals(code, target.code());
    }

    @ParameterizedTest
    @CsvSource({"score:1,true", "score:100,true", "score:0,false", "score:101,false", "run:20/50,true", "run:21/5,false"
    })
    void numbersOutOfRangeAreNoTarget(String code, boolean is) {
        assertEquals(is, Target.of(code).isPresent(), code);
    }

    /** In a lesson: the next slot, and how many steps are done. */
    @ParameterizedTest
    @CsvSource({
        "'',0,0,false",
        "m,0,0,false",
        "mr,1,1,false",
        "a,1,1,false",
        "ra,2,2,false",
        "rrm,2,2,false",
        "rraa,4,4,false",
        "rrrrm,5,4,false",
        "rrrrmr,6,5,false",
        "rrrrmrr,4,6,false",
        "rrrrmrrm,4,6,false",
        "rrrrmrrr,-1,7,true",
        "rrrrrrr,-1,7,true"
    })
    void aLessonIsDoneStepByStepAndItsQuizIsRepairedAtTheEnd(String course, int next, int done, boolean reached) {
        SkillState state = work(new Target.Lesson(), course);

        assertEquals(next, state.nextSlot());
        assertEquals(done, state.measure());
        assertEquals(reached, state.reached());
    }

    @Test
    void aLessonGoesFromItsSituationsToTheSkillAndHelpEndsWithTheQuiz() {
        SkillState state = SkillState.start(Policy.DEFAULT, new Target.Lesson());

        assertEquals(
                List.of(true, true, false, false, false, false, false),
                LessonStage.PLACES.stream().map(LessonStage::isSituation).toList());
        assertEquals(Policy.DEFAULT, state.policyAt(3));
        assertFalse(state.policyAt(4).hints());
        assertFalse(state.policyAt(4).example());
        assertFalse(state.policyAt(4).similar());
        assertEquals(1, state.policyAt(4).openTries());
        assertEquals(Policy.DEFAULT, state.policyAt(-1));
        assertEquals(
                Policy.DEFAULT,
                SkillState.start(Policy.DEFAULT, new Target.Percent(80, 7)).policyAt(4));
    }

    @ParameterizedTest
    @CsvSource({"'',1", "r,2", "rr,1", "rrr,1", "rrrr,1"})
    void theSecondSituationHasLessHelp(String course, int tier) {
        assertEquals(tier, work(new Target.Lesson(), course).nextTier());
    }

    @Test
    void everyStepOfALessonHasAName() {
        assertEquals("First situation, step by step", LessonStage.name(0));
        assertEquals("Practice, 2 of 2", LessonStage.name(3));
        assertEquals("Quiz, 1 of 3: one try and no hints", LessonStage.name(4));
    }

    @Test
    void threeStagesOfALessonBeginAfterAnother() {
        assertEquals(
                List.of(1, 2, 4),
                java.util.stream.IntStream.range(0, LessonStage.PLACES.size())
                        .filter(LessonStage::begins)
                        .boxed()
                        .toList());
    }

    @Test
    void aLessonIsKeptByItsName() {
        assertEquals(Target.of("lesson"), java.util.Optional.of(new Target.Lesson()));
        assertEquals("lesson", new Target.Lesson().code());
    }
}
