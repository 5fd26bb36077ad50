package littlesummit.core.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import littlesummit.core.item.ItemRef;
import littlesummit.core.practice.PracticeEvent.Result;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SkillStateTest {
    private static final Instant NOW = Instant.parse("2030-01-10T09:00:00Z");
    private final List<PracticeEvent> log = new ArrayList<>();
    private SkillState state = SkillState.start(Policy.DEFAULT, new Target.Score(80));
    private int items;

    private void happens(PracticeEvent event) {
        log.add(event);
        state = state.after(event);
    }

    private String serve(boolean similar, Integer... tries) {
        String id = "item-" + items++;
        happens(new PracticeEvent.Served(
                NOW, id, new ItemRef("s", 1, state.nextTier(), "v", items), similar, 0, List.of(tries), -1, false));
        return id;
    }

    private void tries(String id, int part, Result... results) {
        for (Result result : results) {
            happens(new PracticeEvent.Tried(NOW, id, part, result, Map.of("answer", result + "-" + log.size())));
        }
    }

    private void rightThreeTimes() {
        for (int i = 0; i < 3; i++) {
            tries(serve(false, 3), 0, Result.CORRECT);
        }
    }

    private Outcome outcome() {
        return state.current().orElseThrow().outcome().orElseThrow();
    }

    @Test
    void rightAtOnce() {
        tries(serve(false, 3), 0, Result.CORRECT);

        assertEquals(Outcome.UNAIDED_FIRST, outcome());
        assertEquals(18, state.score());
    }

    @Test
    void unreadableNeverCosts() {
        String id = serve(false, 3);
        tries(id, 0, Result.UNREADABLE, Result.UNREADABLE, Result.UNREADABLE, Result.UNREADABLE, Result.CORRECT);

        assertEquals(Outcome.UNAIDED_FIRST, outcome());
    }

    @Test
    void theFirstFormVerdictIsFreeTheSecondIsNot() {
        String id = serve(false, 3);
        tries(id, 0, Result.FORM);
        assertEquals(3, state.current().orElseThrow().parts().getFirst().left());
        tries(id, 0, Result.FORM);
        assertEquals(2, state.current().orElseThrow().parts().getFirst().left());
        tries(id, 0, Result.CORRECT);
        assertEquals(Outcome.UNAIDED_LATER, outcome());
    }

    @Test
    void threeWrongTriesCloseTheItem() {
        tries(serve(false, 3), 0, Result.INCORRECT, Result.INCORRECT, Result.INCORRECT);

        assertEquals(Outcome.MISSED, outcome());
        assertTrue(state.offersSimilar());
    }

    @Test
    void aHintKeepsTheScoreWhereItIs() {
        tries(serve(false, 3), 0, Result.CORRECT);
        String id = serve(false, 3);
        happens(new PracticeEvent.HintOpened(NOW, id, 0, 1));
        tries(id, 0, Result.CORRECT);

        assertEquals(Outcome.AIDED, outcome());
        assertEquals(18, state.score());
    }

    @Test
    void aWorkedExampleCostsNothing() {
        String id = serve(false, 3);
        happens(new PracticeEvent.ExampleOpened(NOW, id));
        tries(id, 0, Result.CORRECT);

        assertEquals(Outcome.UNAIDED_FIRST, outcome());
    }

    @Test
    void theFullSolutionAndGivingUpMiss() {
        happens(new PracticeEvent.SolutionOpened(NOW, serve(false, 3)));
        assertEquals(Outcome.MISSED, outcome());
        happens(new PracticeEvent.GivenUp(NOW, serve(false, 3)));
        assertEquals(Outcome.MISSED, outcome());
    }

    @Test
    void anotherLikeItBringsBackWhatTheMissTookAndNoMore() {
        rightThreeTimes();
        int before = state.score();
        tries(serve(false, 1), 0, Result.INCORRECT);
        assertTrue(state.score() < before);
        tries(serve(true, 3), 0, Result.CORRECT);

        assertEquals(before, state.score());
        assertTrue(state.history().getLast().regained());
        assertFalse(state.offersSimilar());
    }

    @Test
    void aMissThatTookNothingLetsAnotherLikeItCountAsAnyItem() {
        tries(serve(false, 1), 0, Result.INCORRECT);
        assertTrue(state.offersSimilar());
        tries(serve(true, 3), 0, Result.CORRECT);

        assertEquals(18, state.score());
        assertFalse(state.history().getLast().regained());
    }

    @Test
    void everyMissIsMadeGoodOnItsOwn() {
        rightThreeTimes();
        int before = state.score();
        tries(serve(false, 1), 0, Result.INCORRECT);
        int between = state.score();
        tries(serve(true, 1), 0, Result.INCORRECT);
        tries(serve(true, 1), 0, Result.CORRECT);
        assertEquals(between, state.score());
        tries(serve(true, 1), 0, Result.CORRECT);
        assertEquals(before, state.score());
    }

    @Test
    void aChainIsUnaidedOnlyIfEveryPartIs() {
        String id = serve(false, 1, 3);
        tries(id, 0, Result.INCORRECT);
        assertFalse(state.current().orElseThrow().isClosed());
        tries(id, 1, Result.CORRECT);

        assertEquals(Outcome.MISSED, outcome());
    }

    @Test
    void afterTwoMissesInARowOneItemIsEasier() {
        rightThreeTimes();
        assertEquals(2, state.nextTier());
        tries(serve(false, 1), 0, Result.INCORRECT);
        tries(serve(false, 1), 0, Result.INCORRECT);

        assertEquals(1, state.nextTier());
    }

    @Test
    void aReachedTargetStaysReached() {
        for (int i = 0; i < 6; i++) {
            tries(serve(false, 3), 0, Result.CORRECT);
        }
        assertTrue(state.reached());
        for (int i = 0; i < 4; i++) {
            tries(serve(false, 1), 0, Result.INCORRECT);
        }
        assertTrue(state.score() < 80);
        assertTrue(state.reached());
    }

    @Test
    void whatComesAfterTheCloseOrForAnotherItemChangesNothing() {
        String id = serve(false, 3);
        tries(id, 0, Result.CORRECT);
        SkillState closed = state;
        tries(id, 0, Result.INCORRECT);
        happens(new PracticeEvent.HintOpened(NOW, "forged", 0, 1));

        assertEquals(closed, state);
    }

    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13, 14, 15, 16, 17, 18})
    void theForecastComesTrueAndReplayGivesTheSame(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 40; i++) {
            String id = serve(state.offersSimilar() && random.nextBoolean(), 1);
            if (random.nextInt(4) == 0) {
                happens(new PracticeEvent.HintOpened(NOW, id, 0, 1));
            }
            Forecast forecast = Forecast.of(state);
            boolean right = random.nextInt(3) > 0;
            tries(id, 0, right ? Result.CORRECT : Result.INCORRECT);
            assertEquals(
                    right ? forecast.ifRight() : forecast.ifMissed(), state.score(), "seed " + seed + " item " + i);
        }
        assertEquals(state, SkillState.replay(Policy.DEFAULT, new Target.Score(80), log), "seed " + seed);
    }

    @Test
    void atLeastSixRightAnswersLeadFromNothingToEighty() {
        serve(false, 3);
        assertEquals(6, Forecast.of(state).atLeast());
    }
}
