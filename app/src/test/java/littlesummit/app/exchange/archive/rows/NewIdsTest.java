package littlesummit.app.exchange.archive.rows;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;

import org.junit.jupiter.api.Test;

class NewIdsTest {
    private static final String OLD = "0b1f6a52-7d3c-4a4e-9f5e-2f1d0c9b8a77";
    private final NewIds ids = new NewIds();

    @Test
    void anIdIsReplacedByTheSameOneWhereverItStands() {
        String now = ids.in(OLD);
        assertNotEquals(OLD, now);
        assertEquals(
                "{\"item\":\"" + now + "\",\"skill\":\"own-" + now + "\"}",
                ids.in("{\"item\":\"" + OLD + "\",\"skill\":\"own-" + OLD + "\"}"));
    }

    @Test
    void oneThatIsKnownIsTaken() {
        ids.put(OLD, "here");
        assertEquals("it is here.", ids.in("it is " + OLD + "."));
    }

    @Test
    void whatIsAnIdAsAWholeIsAnotherWhateverItLooksLike() {
        String now = ids.of("demo-sheet");
        assertNotEquals("demo-sheet", now);
        assertEquals(now, ids.of("demo-sheet"));
        assertEquals("own-" + ids.of(OLD), ids.of("own-" + OLD));
    }

    @Test
    void whatIsNoIdStays() {
        assertEquals("both-sides", ids.in("both-sides"));
        assertEquals(OLD.substring(1), ids.in(OLD.substring(1)));
    }
}
