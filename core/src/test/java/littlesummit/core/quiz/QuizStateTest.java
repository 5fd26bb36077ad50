package littlesummit.core.quiz;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.practice.Policy;
import littlesummit.core.quiz.QuizState.Phase;
import littlesummit.core.skill.Items;
import org.junit.jupiter.api.Test;

class QuizStateTest {
    private static final Instant T0 = Instant.parse("2026-04-01T08:00:00Z");
    private static final QuizPlan PLAN = new QuizPlan(
            List.of(new QuizPlan.Share("scientific-notation", 2)),
            45,
            2,
            100,
            PointsScheme.DEFAULT,
            Policy.Calculator.AS_ITEM,
            true);

    private static Instant at(int minute) {
        return T0.plusSeconds(60L * minute);
    }

    private static Item item(int slot) {
        AnswerSpec answer = AnswerSpec.number(Form.Shape.SCIENTIFIC, slot == 0 ? "4.7*10^5" : "3*10^-2");
        Field field = Field.typed("answer", "In scientific notation", "a number times a power of ten", answer);
        return Items.of(new ItemRef("powers", 1, 1, "written", slot))
                .text("A number of the valley.")
                .part(Part.of("Write it.", field, "One.", "Two.", "Three."))
                .build();
    }

    private static List<Map<String, String>> right(Item item) {
        List<Map<String, String>> parts = new ArrayList<>();
        item.parts().forEach(part -> {
            Map<String, String> entries = new HashMap<>();
            part.fields().forEach(f -> entries.put(f.id(), f.answer().key()));
            parts.add(entries);
        });
        return parts;
    }

    private static QuizEvent.Started started(int minute) {
        List<QuizEvent.Given> items = List.of(
                new QuizEvent.Given("a" + minute, item(0).ref()), new QuizEvent.Given("b" + minute, item(1).ref()));
        return new QuizEvent.Started(at(minute), at(minute + 45), items);
    }

    private static QuizEvent.Saved saved(int minute, int slot, String entry) {
        return new QuizEvent.Saved(at(minute), slot, List.of(Map.of("answer", entry)));
    }

    /** What was given out, whatever a generator makes today. */
    private static Item issued(String itemId) {
        return item(itemId.startsWith("a") ? 0 : 1);
    }

    private static QuizState after(QuizEvent... events) {
        return QuizState.replay(PLAN, List.of(events), QuizStateTest::issued);
    }

    private static QuizState next(QuizState state, QuizEvent event) {
        return state.after(event, QuizStateTest::issued);
    }

    private static Round.Mark mark(QuizState state, int round, int slot) {
        return state.rounds().get(round).slots().get(slot).mark().orElseThrow();
    }

    @Test
    void everyItemGetsItsMarkWhenTheRoundIsSubmittedAndNotBefore() {
        QuizState open = after(started(0), new QuizEvent.Saved(at(1), 0, right(item(0))));
        assertEquals(Phase.RUNNING, open.phase());
        assertTrue(
                open.rounds().getFirst().slots().stream().allMatch(s -> s.mark().isEmpty()));
        QuizState done = next(open, new QuizEvent.Submitted(at(5)));
        assertEquals(Round.Mark.RIGHT, mark(done, 0, 0));
        assertEquals(Round.Mark.EMPTY, mark(done, 0, 1));
        assertEquals(50, done.rounds().getFirst().percent());
        assertEquals(Phase.CORRECTING, done.phase());
    }

    @Test
    void theLastSavedEntryCounts() {
        QuizState done = after(
                started(0),
                saved(1, 0, "17"),
                new QuizEvent.Saved(at(2), 0, right(item(0))),
                new QuizEvent.Submitted(at(3)));
        assertEquals(Round.Mark.RIGHT, mark(done, 0, 0));
    }

    @Test
    void whatCannotBeReadIsNotRight() {
        QuizState done = after(started(0), saved(1, 0, "4.7 x 10^"), new QuizEvent.Submitted(at(3)));
        assertEquals(Round.Mark.WRONG, mark(done, 0, 0));
    }

    @Test
    void nothingIsSavedAfterTheEndAndWhatWasSavedBeforeCounts() {
        QuizState open = after(started(0), new QuizEvent.Saved(at(44), 0, right(item(0))));
        assertEquals(open, next(open, saved(45, 0, "17")));
        assertEquals(Optional.empty(), open.overdue(at(44)));
        QuizState done = next(open, open.overdue(at(300)).orElseThrow());
        assertEquals(Optional.of(at(45)), done.rounds().getFirst().submittedAt());
        assertEquals(Round.Mark.RIGHT, mark(done, 0, 0));
    }

    @Test
    void aClockThatIsSetBackGivesNoTime() {
        QuizState open = after(started(0), saved(40, 0, "17"));
        assertEquals(at(40), open.timeAt(at(-500)));
        QuizState later = next(open, saved(-500, 1, "18"));
        assertEquals(at(40), later.latest());
        assertEquals(Optional.empty(), open.overdue(at(-500)));
    }

    @Test
    void theNextRoundOpensWhenEverythingIsCorrected() {
        QuizState missed =
                after(started(0), new QuizEvent.Saved(at(1), 0, right(item(0))), new QuizEvent.Submitted(at(5)));
        assertEquals(missed, next(missed, started(6)));
        QuizState corrected = next(missed, new QuizEvent.Corrected(at(7), 1, 1, "count the places from the left"));
        assertEquals(Phase.READY, corrected.phase());
        assertEquals(Phase.RUNNING, next(corrected, started(8)).phase());
    }

    @Test
    void aRightItemTakesNoNoteAndAnUnknownOneNeither() {
        QuizState missed =
                after(started(0), new QuizEvent.Saved(at(1), 0, right(item(0))), new QuizEvent.Submitted(at(5)));
        for (int[] wrong : new int[][] {{1, 0}, {1, 2}, {1, -1}, {0, 0}, {2, 0}}) {
            assertEquals(missed, next(missed, new QuizEvent.Corrected(at(7), wrong[0], wrong[1], "no")));
        }
    }

    @Test
    void allRightEndsTheQuiz() {
        QuizState done = after(
                started(0),
                new QuizEvent.Saved(at(1), 0, right(item(0))),
                new QuizEvent.Saved(at(2), 1, right(item(1))),
                new QuizEvent.Submitted(at(5)));
        assertEquals(Phase.FINISHED, done.phase());
        assertEquals(Optional.of(at(5)), done.reachedAt());
        assertEquals(done, next(done, started(10)));
    }

    @Test
    void afterTheLastRoundThereIsOnlyCorrecting() {
        QuizState last = after(
                started(0),
                new QuizEvent.Submitted(at(1)),
                new QuizEvent.Corrected(at(2), 1, 0, "n"),
                new QuizEvent.Corrected(at(2), 1, 1, "n"),
                started(3),
                new QuizEvent.Submitted(at(4)));
        assertEquals(Phase.CORRECTING, last.phase());
        QuizState done =
                next(next(last, new QuizEvent.Corrected(at(5), 2, 0, "n")), new QuizEvent.Corrected(at(5), 2, 1, "n"));
        assertEquals(Phase.FINISHED, done.phase());
        assertFalse(done.isReached());
    }

    @Test
    void flagsComeAndGoAndSaySubmittingTwiceChangesNothing() {
        QuizState flagged = after(started(0), new QuizEvent.Flagged(at(1), 1, true));
        assertTrue(flagged.rounds().getFirst().slots().get(1).flagged());
        assertFalse(next(flagged, new QuizEvent.Flagged(at(2), 1, false))
                .rounds()
                .getFirst()
                .slots()
                .get(1)
                .flagged());
        QuizState done = next(flagged, new QuizEvent.Submitted(at(3)));
        assertEquals(done, next(done, new QuizEvent.Submitted(at(4))));
        assertEquals(done, next(done, saved(4, 0, "17")));
    }

    @Test
    void aPlanWithoutSenseIsRefused() {
        List<QuizPlan.Share> one = List.of(new QuizPlan.Share("mean", 1));
        assertThrows(
                IllegalArgumentException.class,
                () -> new QuizPlan(List.of(), 45, 5, 100, PointsScheme.DEFAULT, Policy.Calculator.NEVER, true));
        assertThrows(
                IllegalArgumentException.class,
                () -> new QuizPlan(one, 0, 5, 100, PointsScheme.DEFAULT, Policy.Calculator.NEVER, true));
        assertThrows(
                IllegalArgumentException.class,
                () -> new QuizPlan(one, 45, 5, 101, PointsScheme.DEFAULT, Policy.Calculator.NEVER, true));
    }

    @Test
    void theUsualPlanSharesTheItemsEvenly() {
        QuizPlan plan = QuizPlan.usual(List.of("mean", "both-sides", "prime-factors"), 10, 100);
        assertEquals(
                List.of(4, 3, 3),
                plan.shares().stream().map(QuizPlan.Share::items).toList());
        assertEquals(10, plan.items());
        assertEquals(new ItemRef("mean", 1, 1, "v", 1).tier(), QuizPlan.tier(0, 4));
        assertEquals(3, QuizPlan.tier(3, 4));
    }
}
