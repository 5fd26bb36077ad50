package littlesummit.core.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import littlesummit.core.item.ItemRef;
import littlesummit.core.practice.PracticeEvent.Result;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Work that has to be shown: right and waiting, until it has been read. */
class RequiredWorkTest {
    private static final Instant NOW = Instant.parse("2030-01-10T09:00:00Z");
    private static final Policy REQUIRED = new Policy(
            3, 1, 2, 1, true, true, true, Policy.LineCheck.AFTER_MISS, Policy.Calculator.AS_ITEM, Policy.Work.REQUIRED);
    private final List<PracticeEvent> log = new ArrayList<>();
    private SkillState state = SkillState.start(REQUIRED, new Target.Score(80));
    private int items;

    private void happens(PracticeEvent event) {
        log.add(event);
        state = state.after(event);
    }

    private String serve(boolean similar) {
        return serve(similar, false);
    }

    private String serve(boolean similar, boolean read) {
        String id = "item-" + items++;
        happens(new PracticeEvent.Served(
                NOW,
                id,
                new ItemRef("s", 1, state.nextTier(), "v", items),
                similar,
                0,
                List.of(1),
                state.nextSlot(),
                read));
        return id;
    }

    private String right() {
        String id = serve(false);
        tried(id, Result.CORRECT);
        happens(new PracticeEvent.WorkShown(NOW, id));
        return id;
    }

    private void tried(String id, Result result) {
        happens(new PracticeEvent.Tried(NOW, id, 0, result, Map.of("answer", "" + log.size())));
    }

    private void read(String id, int credit) {
        happens(new PracticeEvent.WorkRead(NOW, id, credit));
    }

    @Test
    void aRightAnswerAloneClosesNothing() {
        String id = serve(false);
        tried(id, Result.CORRECT);

        assertTrue(state.current().orElseThrow().awaitsWork());
        assertEquals(Optional.empty(), state.current().orElseThrow().outcome());
        assertEquals(0, state.measure());
    }

    @Test
    void withWorkItIsRightAndWaiting() {
        right();

        assertEquals(
                Optional.of(Outcome.UNAIDED_FIRST),
                state.current().orElseThrow().outcome());
        assertEquals(1, state.waiting());
        assertEquals(18, state.measure());
        assertEquals(0, state.sureMeasure());
        assertTrue(state.history().getLast().isWaiting());
    }

    @ParameterizedTest(name = "credit {0} gives {1}")
    @CsvSource({"100, 18", "50, 9", "0, 0"})
    void readingGivesTheGainInProportion(int credit, int score) {
        read(right(), credit);

        assertEquals(score, state.measure());
        assertEquals(score, state.sureMeasure());
        assertEquals(0, state.waiting());
    }

    @Test
    void aMissNeedsNoWorkAndTakesAtOnce() {
        read(right(), 100);
        tried(serve(false), Result.INCORRECT);

        assertEquals(Optional.of(Outcome.MISSED), state.current().orElseThrow().outcome());
        assertEquals(0, state.waiting());
        assertEquals(12, state.sureMeasure());
    }

    @Test
    void theTargetIsReachedOnlyByWorkThatWasRead() {
        List<String> pages = new ArrayList<>();
        while (!state.reachedWaiting()) {
            pages.add(right());
        }
        assertFalse(state.reached());
        assertEquals(0, state.sureMeasure());

        pages.subList(0, pages.size() - 1).forEach(id -> read(id, 100));
        assertFalse(state.reached());
        read(pages.getLast(), 100);
        assertTrue(state.reached());
        assertFalse(state.reachedWaiting());
    }

    /** Whatever the order of reading, and however often: what counts at the end is what stands there last. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void theOrderOfReadingDoesNotMatter(long seed) {
        Random random = new Random(seed);
        List<String> pages = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            if (random.nextInt(4) == 0) {
                tried(serve(false), Result.INCORRECT);
            } else {
                pages.add(right());
            }
        }
        Map<String, Integer> credits = new java.util.HashMap<>();
        pages.forEach(id -> credits.put(id, random.nextInt(101)));
        SkillState before = state;
        List<String> there = new ArrayList<>(pages);
        java.util.Collections.shuffle(there, random);
        there.forEach(id -> read(id, 100 - credits.get(id)));
        java.util.Collections.shuffle(there, random);
        there.forEach(id -> read(id, credits.get(id)));
        SkillState inOrder = before;
        for (String id : pages) {
            inOrder = inOrder.after(new PracticeEvent.WorkRead(NOW, id, credits.get(id)));
        }

        assertEquals(inOrder.mastery(), state.mastery());
        assertEquals(inOrder.history(), state.history());
        assertEquals(state, SkillState.replay(REQUIRED, new Target.Score(80), log));
    }

    @Test
    void aReadingThatIsTakenBackWaitsAgain() {
        String id = right();
        read(id, 40);
        read(id, Step.UNREAD);

        assertEquals(1, state.waiting());
        assertEquals(18, state.measure());
        assertEquals(0, state.sureMeasure());
    }

    @Test
    void anotherLikeItBringsBackItsShare() {
        read(right(), 100);
        tried(serve(false), Result.INCORRECT);
        String like = serve(true);
        tried(like, Result.CORRECT);
        happens(new PracticeEvent.WorkShown(NOW, like));
        assertEquals(18, state.measure());
        assertEquals(12, state.sureMeasure());
        read(like, 50);
        assertEquals(15, state.sureMeasure());
    }

    @Test
    void aRunTakesStepsFromWorkOfAtLeastHalfTheCredit() {
        state = SkillState.start(REQUIRED, new Target.Run(3, 5));
        String good = right();
        String poor = right();
        assertEquals(0, state.sureMeasure());
        read(good, 50);
        assertEquals(1, state.sureMeasure());
        read(poor, 49);
        assertEquals(1, state.sureMeasure());
        assertEquals(1, state.measure());
    }

    @Test
    void aFixedSetMarksItsPlacesAnew() {
        state = SkillState.start(REQUIRED, new Target.Percent(50, 2));
        String first = right();
        assertEquals(1, state.measure());
        assertEquals(0, state.sureMeasure());
        assertTrue(state.reachedWaiting());
        read(first, 100);
        assertTrue(state.reached());
        assertEquals(1, state.sureMeasure());
    }

    /** Logs of earlier releases served the next item without a page. */
    @Test
    void anOldLogGoesOn() {
        tried(serve(false), Result.CORRECT);
        serve(false);

        assertEquals(1, state.history().size());
        assertEquals(1, state.waiting());
    }

    @Test
    void nothingIsReadWhereNothingIsRequired() {
        SkillState free = SkillState.start(Policy.DEFAULT, new Target.Score(80)).after(log(serve(false)));
        assertEquals(free, free.after(new PracticeEvent.WorkRead(NOW, "item-0", 10)));
    }

    private PracticeEvent log(String id) {
        return log.stream().filter(e -> e.itemId().equals(id)).findFirst().orElseThrow();
    }

    /** Where the assignment wants no work, an item that is read by a person does. */
    @Test
    void anItemThatIsReadWaitsWhateverTheAssignmentSays() {
        state = SkillState.start(Policy.DEFAULT, new Target.Score(80));
        String plain = serve(false);
        tried(plain, Result.CORRECT);
        assertEquals(18, state.sureMeasure());

        String sketch = serve(false, true);
        tried(sketch, Result.CORRECT);
        assertTrue(state.current().orElseThrow().awaitsWork());
        happens(new PracticeEvent.WorkShown(NOW, sketch));
        assertEquals(1, state.waiting());
        assertEquals(18, state.sureMeasure());
        assertTrue(state.measure() > 18);

        read(sketch, 100);
        assertEquals(0, state.waiting());
        assertEquals(state.measure(), state.sureMeasure());
        assertEquals(state, SkillState.replay(Policy.DEFAULT, new Target.Score(80), log));
    }

    @Test
    void aCreditForWorkThatNobodyAskedForChangesNothing() {
        state = SkillState.start(Policy.DEFAULT, new Target.Score(80));
        String plain = serve(false);
        tried(plain, Result.CORRECT);
        SkillState before = state;
        read(plain, 10);

        assertEquals(before, state);
    }
}
