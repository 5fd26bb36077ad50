package littlesummit.core.working;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Instant;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class WorkStateTest {
    private static final Instant NOW = Instant.parse("2026-03-02T10:00:00Z");
    private static final Instant LATER = NOW.plusSeconds(60);

    @Test
    void aPageIsKeptAsSoonAsThereIsSomethingOnItAndNoLongerWhenItIsEmptyAgain() {
        assertEquals(new WorkState.Kept(), WorkState.START.edited(true));
        assertEquals(WorkState.START, WorkState.START.edited(false));
        assertEquals(WorkState.START, new WorkState.Kept().edited(false));
    }

    @Test
    void anEmptyPageCannotBeHandedIn() {
        assertEquals(Optional.empty(), WorkState.START.handIn(NOW));
    }

    @Test
    void handedInItWaitsUntilItIsRead() {
        WorkState waiting = new WorkState.Kept().handIn(NOW).orElseThrow();
        assertEquals(Optional.of(NOW), waiting.waitingSince());
        WorkState read =
                waiting.read(LATER, 75, "the last step is missing", "Orla").orElseThrow();
        assertEquals(Optional.empty(), read.waitingSince());
        assertEquals(new WorkState.Read(LATER, 75, "the last step is missing", "Orla"), read);
    }

    @Test
    void handingInTwiceKeepsTheFirstTime() {
        WorkState waiting = new WorkState.HandedIn(NOW);
        assertEquals(Optional.of(waiting), waiting.handIn(LATER));
    }

    @Test
    void sentBackItCanBeHandedInAgain() {
        WorkState back = new WorkState.HandedIn(NOW)
                .sendBack(NOW, "show the second step", "Orla")
                .orElseThrow();
        assertEquals(back, back.edited(true));
        assertEquals(Optional.of(new WorkState.HandedIn(LATER)), back.handIn(LATER));
    }

    @Test
    void nobodyReadsOrSendsBackWhatWasNotHandedIn() {
        for (WorkState state :
                new WorkState[] {WorkState.START, new WorkState.Kept(), new WorkState.SentBack(NOW, "more", "Orla")}) {
            assertTrue(state.read(NOW, 100, "", "Orla").isEmpty());
            assertTrue(state.sendBack(NOW, "more", "Orla").isEmpty());
        }
    }

    @Test
    void aCreditCanBePutRightButReadWorkIsNotHandedInAgain() {
        WorkState read = new WorkState.Read(NOW, 50, "", "Orla");
        assertEquals(
                Optional.of(new WorkState.Read(LATER, 100, "seen now", "Orla")),
                read.read(LATER, 100, "seen now", "Orla"));
        assertEquals(Optional.empty(), read.handIn(LATER));
    }

    @Test
    void creditGoesFromNoneToFull() {
        assertThrows(IllegalArgumentException.class, () -> new WorkState.Read(NOW, 101, "", "Orla"));
        assertThrows(IllegalArgumentException.class, () -> new WorkState.Read(NOW, -1, "", "Orla"));
    }
}
