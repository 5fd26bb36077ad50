package littlesummit.app.exchange.xapi;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import littlesummit.app.practice.PracticeRecord.Happened;
import littlesummit.app.quiz.QuizRecord.DoneRound;
import littlesummit.core.item.ItemRef;
import littlesummit.core.practice.PracticeEvent;
import org.junit.jupiter.api.Test;

class StatementsTest {
    private static final Instant AT = Instant.parse("2026-11-02T08:15:00Z");
    private static final String HOME = "https://summit.valley.example";

    private final Statements made = new Statements(HOME, "p1", "Wim", UnaryOperator.identity());

    private static Happened happened(long id, PracticeEvent event, boolean reached) {
        return new Happened(id, "a1", "mean", event, reached);
    }

    private Statement one(PracticeEvent event) {
        List<Statement> all = made.of(happened(1, event, false));
        assertEquals(1, all.size());
        return all.getFirst();
    }

    @Test
    void aTryIsAnAnswerWithWhatWasTyped() {
        Statement tried =
                one(new PracticeEvent.Tried(AT, "i1", 1, PracticeEvent.Result.FORM, Map.of("y", "3", "x", "6/8")));
        assertEquals("http://adlnet.gov/expapi/verbs/answered", tried.verb().id());
        assertEquals("x=6/8; y=3", tried.result().response());
        assertEquals(false, tried.result().success());
        assertEquals("form", tried.result().extensions().get(HOME + "/xapi/verdict"));
        assertEquals(HOME + "/items/i1/parts/2", tried.object().id());
        assertEquals("2026-11-02T08:15:00Z", tried.timestamp());
        assertEquals(
                HOME + "/skills/mean",
                tried.context().contextActivities().parent().getFirst().id());
    }

    @Test
    void anAnswerThatIsRightIsASuccess() {
        assertEquals(
                true,
                one(new PracticeEvent.Tried(AT, "i1", 0, PracticeEvent.Result.CORRECT, Map.of()))
                        .result()
                        .success());
    }

    @Test
    void theTargetIsMasteredByTheEventThatReachedIt() {
        List<Statement> all = made.of(
                happened(4, new PracticeEvent.Tried(AT, "i1", 0, PracticeEvent.Result.CORRECT, Map.of()), true));
        assertEquals(
                List.of(Verbs.ANSWERED, Verbs.MASTERED),
                all.stream().map(Statement::verb).toList());
        assertEquals(HOME + "/skills/mean", all.getLast().object().id());
        assertNotEquals(all.getFirst().id(), all.getLast().id());
    }

    @Test
    void workThatWasReadIsScoredAndAReadingTakenBackIsNot() {
        Statement read = one(new PracticeEvent.WorkRead(AT, "i1", 75));
        assertEquals(0.75, read.result().score().scaled());
        assertEquals(75, read.result().score().raw());
        assertTrue(made.of(happened(2, new PracticeEvent.WorkRead(AT, "i1", -1), false))
                .isEmpty());
    }

    @Test
    void helpIsExperiencedAndGivingUpEndsTheItem() {
        assertEquals(
                HOME + "/items/i1/parts/1/hints/2",
                one(new PracticeEvent.HintOpened(AT, "i1", 0, 2)).object().id());
        assertEquals(
                Verbs.EXPERIENCED,
                one(new PracticeEvent.ExampleOpened(AT, "i1")).verb());
        assertEquals(
                Verbs.EXPERIENCED,
                one(new PracticeEvent.SolutionOpened(AT, "i1")).verb());
        assertEquals(Verbs.TERMINATED, one(new PracticeEvent.GivenUp(AT, "i1")).verb());
    }

    @Test
    void aRoundIsCompletedWithItsScore() {
        Statement round = made.of(new DoneRound("a1", 2, 80, AT, List.of()));
        assertEquals(Verbs.COMPLETED, round.verb());
        assertEquals(0.8, round.result().score().scaled());
        assertEquals(HOME + "/assignments/a1/quiz/rounds/2", round.object().id());
    }

    @Test
    void theSameThingHasTheSameIdWheneverItIsSent() {
        PracticeEvent event = new PracticeEvent.GivenUp(AT, "i1");
        assertEquals(one(event).id(), one(event).id());
        assertNotEquals(
                one(event).id(), made.of(happened(2, event, false)).getFirst().id());
    }

    /**
     * One statement of each kind, as kept in a file: the tests of the screens have a validator of another house read
     * the same file ({@code statements.test.ts}). Written anew with {@code -Dopenapi.write=true}.
     */
    @Test
    void statementsOfEachKindReadAsTheyAreKept() throws IOException {
        List<PracticeEvent> events = List.of(
                new PracticeEvent.Served(
                        AT, "i1", new ItemRef("mean", 1, 1, "total", 7), false, 0, List.of(3), -1, false),
                new PracticeEvent.HintOpened(AT, "i1", 0, 1),
                new PracticeEvent.Tried(AT, "i1", 0, PracticeEvent.Result.UNREADABLE, Map.of("answer", "4,,5 \"m\"")),
                new PracticeEvent.ExampleOpened(AT, "i1"),
                new PracticeEvent.SolutionOpened(AT, "i1"),
                new PracticeEvent.GivenUp(AT, "i1"),
                new PracticeEvent.WorkShown(AT, "i1"),
                new PracticeEvent.WorkRead(AT, "i1", 60));
        List<Statement> all = new ArrayList<>();
        for (int i = 0; i < events.size(); i++) {
            all.addAll(made.of(happened(i, events.get(i), i == events.size() - 1)));
        }
        all.add(made.of(new DoneRound("a1", 1, 55, AT, List.of())));
        StringBuilder lines = new StringBuilder();
        for (Statement statement : all) {
            lines.append(new ObjectMapper().writeValueAsString(statement)).append('\n');
        }
        Path kept = Path.of("src/test/resources/exchange/statements.jsonl");
        if (Boolean.getBoolean("openapi.write")) {
            Files.createDirectories(kept.getParent());
            Files.writeString(kept, lines);
        }
        assertEquals(Files.readString(kept), lines.toString());
    }
}
