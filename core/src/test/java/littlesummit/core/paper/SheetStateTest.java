package littlesummit.core.paper;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import littlesummit.core.item.Item;
import littlesummit.core.paper.SheetState.Standing;
import littlesummit.core.paper.SheetState.Trial;
import org.junit.jupiter.api.Test;

class SheetStateTest {
    private static final Item SHOP = Fixture.shop();
    private static final Item PATH = Fixture.path();
    private static final List<MarkScheme> SCHEMES = List.of(MarkScheme.of(SHOP), MarkScheme.of(PATH));
    private static final SheetState FRESH = SheetState.fresh(2);

    private static Trial trial(SheetState state) {
        return state.places().getFirst().trial();
    }

    private static SheetState solved() {
        return FRESH.onPaper(0, true).onPaper(1, true).openSolutions();
    }

    @Test
    void anAnswerThatIsRightClosesItsItem() {
        SheetState right = FRESH.answered(0, SHOP, Fixture.typed("12"));
        assertEquals(Trial.RIGHT, trial(right));
        assertFalse(right.takesAnswer(0));
        assertTrue(right.takesAnswer(1));
        assertThrows(IllegalStateException.class, () -> right.answered(0, SHOP, Fixture.typed("13")));
    }

    @Test
    void aMissedItemStaysOpenAndCanBeTypedAgain() {
        SheetState missed = FRESH.answered(0, SHOP, Fixture.typed("13"));
        assertEquals(Trial.MISSED, trial(missed));
        assertTrue(missed.takesAnswer(0));
        assertEquals(Trial.RIGHT, trial(missed.answered(0, SHOP, Fixture.typed("12"))));
    }

    @Test
    void whatCannotBeReadIsKeptAndIsNoTry() {
        SheetState odd = FRESH.answered(0, SHOP, Fixture.typed("1..2"));
        assertEquals(Trial.OPEN, trial(odd));
        assertEquals(Fixture.typed("1..2"), odd.places().getFirst().entries());
        SheetState missed = FRESH.answered(0, SHOP, Fixture.typed("13")).answered(0, SHOP, Fixture.typed(""));
        assertEquals(Trial.MISSED, trial(missed));
    }

    @Test
    void allPartsMustBeRight() {
        SheetState half = FRESH.answered(1, PATH, List.of(Map.of("far", "5"), Map.of("high", "8")));
        assertEquals(Trial.MISSED, half.places().get(1).trial());
        SheetState left = FRESH.answered(1, PATH, List.of(Map.of("far", "5")));
        assertEquals(Trial.OPEN, left.places().get(1).trial());
    }

    @Test
    void solutionsOpenWhenAllIsTriedAndThenNothingTypedIsGraded() {
        SheetState one = FRESH.onPaper(0, true);
        assertFalse(one.isTried());
        assertThrows(IllegalStateException.class, one::openSolutions);
        SheetState both = one.answered(1, PATH, List.of(Map.of("far", "1"), Map.of("high", "1")));
        assertTrue(both.isTried());
        SheetState open = both.openSolutions();
        assertFalse(open.takesAnswer(0) || open.takesAnswer(1));
        assertThrows(IllegalStateException.class, () -> open.answered(1, PATH, Fixture.typed("5")));
        assertThrows(IllegalStateException.class, () -> open.onPaper(0, false));
    }

    @Test
    void whatWasTriedOnPaperCanBeTakenBackAndWhatWasGradedCannot() {
        assertEquals(Trial.OPEN, trial(FRESH.onPaper(0, true).onPaper(0, false)));
        SheetState right = FRESH.answered(0, SHOP, Fixture.typed("12"));
        assertEquals(right, right.onPaper(0, false));
    }

    @Test
    void marksAreGivenLineByLineOrInAllOnceTheSolutionsAreOpen() {
        SelfMark lines = new SelfMark.ByLine(List.of(Set.of("answer-0-answer"), Set.of("step-0", "step-2")));
        assertEquals(3, lines.have(SCHEMES));
        assertThrows(IllegalStateException.class, () -> FRESH.marked(lines, SCHEMES));
        assertEquals(Optional.of(lines), solved().marked(lines, SCHEMES).mark());
        assertEquals(6, SelfMark.most(SCHEMES));
        assertEquals(5, new SelfMark.Total(5).have(SCHEMES));
    }

    @Test
    void marksThatDoNotFitTheSheetAreRefusedInASentence() {
        assertTrue(new SelfMark.Total(7).refusal(SCHEMES).orElse("").contains("6 marks"));
        assertTrue(new SelfMark.Total(-1).refusal(SCHEMES).isPresent());
        assertTrue(new SelfMark.Total(6).refusal(SCHEMES).isEmpty());
        SelfMark unearned = new SelfMark.ByLine(List.of(Set.of("step-0"), Set.of()));
        assertTrue(unearned.refusal(SCHEMES).isPresent(), "a step in words earns nothing");
        assertTrue(new SelfMark.ByLine(List.of(Set.of())).refusal(SCHEMES).isPresent());
        assertThrows(IllegalStateException.class, () -> solved().marked(unearned, SCHEMES));
    }

    @Test
    void marksAreTheStudentsUntilTheyAreAcceptedAndAgainWhenTheyAreReturned() {
        SheetState marked = solved().marked(new SelfMark.Total(4), SCHEMES);
        assertTrue(marked.takesMarks());
        SheetState accepted = marked.judged(new Standing.Accepted());
        assertFalse(accepted.takesMarks());
        assertThrows(IllegalStateException.class, () -> accepted.marked(new SelfMark.Total(5), SCHEMES));
        SheetState again =
                marked.judged(new Standing.Returned("Look at item 2.")).marked(new SelfMark.Total(3), SCHEMES);
        assertEquals(new Standing.Open(), again.standing());
        assertThrows(IllegalStateException.class, () -> solved().judged(new Standing.Accepted()));
    }
}
