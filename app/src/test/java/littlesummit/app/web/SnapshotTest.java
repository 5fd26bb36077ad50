package littlesummit.app.web;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.datatype.jdk8.Jdk8Module;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SnapshotTest {
    /** A state of today; the others are what it may have been. */
    record State(int score, List<Step> steps, Optional<Mark> mark) {}

    record Step(int by) {}

    enum Mark {
        GOOD,
        POOR
    }

    interface Earlier {
        record Renamed(int points, List<Step> steps, Optional<Mark> mark) {}

        record Moved(List<Step> steps, int score, Optional<Mark> mark) {}

        record Longer(int score, List<Step> steps, Optional<Mark> mark, int more) {}

        record OtherType(long score, List<Step> steps, Optional<Mark> mark) {}

        record OtherInside(int score, List<Longer> steps, Optional<Mark> mark) {}
    }

    record Start(int from) {}

    private static final State STATE = new State(7, List.of(new Step(3), new Step(4)), Optional.of(Mark.GOOD));
    private static final Json JSON = new Json(new ObjectMapper().registerModule(new Jdk8Module()));
    private static final Snapshot<Start, State> SNAPSHOT = new Snapshot<>(Start.class, State.class);

    private static State folded(Start start) {
        return new State(start.from(), List.of(), Optional.empty());
    }

    @Test
    void whatWasWrittenIsReadWithoutFolding() {
        String kept = SNAPSHOT.write(new Start(1), STATE, JSON);
        assertEquals(STATE, SNAPSHOT.read(kept, JSON, start -> {
            throw new AssertionError("folded anew");
        }));
    }

    @Test
    void oneOfAnotherShapeIsFoldedAnewFromItsBeginning() {
        String kept = SNAPSHOT.write(new Start(5), STATE, JSON);
        String other = "0" + kept;
        assertEquals(folded(new Start(5)), SNAPSHOT.read(other, JSON, SnapshotTest::folded));
    }

    @Test
    void oneFromBeforeThereWereFingerprintsIsStillRead() {
        assertEquals(STATE, SNAPSHOT.read(JSON.write(STATE), JSON, SnapshotTest::folded));
    }

    @ParameterizedTest
    @ValueSource(
            classes = {
                Earlier.Renamed.class,
                Earlier.Moved.class,
                Earlier.Longer.class,
                Earlier.OtherType.class,
                Earlier.OtherInside.class
            })
    void anotherShapeHasAnotherFingerprint(Class<?> earlier) {
        String name = earlier.getName();
        assertNotEquals(Fingerprint.of(State.class), Fingerprint.of(earlier), name);
        assertEquals(Fingerprint.of(earlier), Fingerprint.of(earlier), name);
    }

    @Test
    void theFingerprintIsShort() {
        assertTrue(Fingerprint.of(State.class).length() <= 16);
    }
}
