package littlesummit.app.headway;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;

import java.time.Clock;
import java.time.Duration;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import littlesummit.app.Client;
import littlesummit.app.ClockedApiTest;
import littlesummit.app.web.Problem;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.support.TransactionTemplate;

/** Who waits for a long request sees how far it has come, while its own transaction is open still. */
class HeadwaysTest extends ClockedApiTest {
    @Autowired
    private Headways headways;

    @Autowired
    private HeadwayRepository rows;

    @Autowired
    private TransactionTemplate transaction;

    private final String id = UUID.randomUUID().toString();

    /** By a request of its own, which has nothing to do with the transaction that is open here. */
    private String asked() {
        return asked(client);
    }

    private String asked(Client by) {
        return CompletableFuture.supplyAsync(() -> by.get("/api/headway/" + id).text())
                .join();
    }

    private static String view(String doing, int done, int steps) {
        return "{\"doing\":\"" + doing + "\",\"done\":" + done + ",\"steps\":" + steps + "}";
    }

    private static final String NOTHING = view("", 0, 0);

    @Test
    void itIsSeenFromOutsideBeforeTheWorkIsDone() {
        assertEquals(NOTHING, asked());
        String result = transaction.execute(open -> headways.during(student, id, headway -> {
            assertEquals(view("Reading the file", 0, 0), asked());
            headway.at("Counting", 3, 12);
            assertEquals(view("Counting", 3, 12), asked());
            assertEquals(NOTHING, asked(other), "nobody else is told of it");
            return "done";
        }));
        assertEquals("done", result);
        assertEquals(NOTHING, asked());
    }

    @Test
    void theSameWorkIsWrittenDownNowAndThenAndOtherWorkAtOnce() {
        headways.during(student, id, headway -> {
            headway.at("Counting", 1, 9);
            headway.at("Counting", 2, 9);
            assertEquals(view("Counting", 1, 9), asked());
            headway.at("Writing", 0, 4);
            assertEquals(view("Writing", 0, 4), asked());
            now = now.plus(Duration.ofSeconds(1));
            headway.at("Writing", 2, 4);
            assertEquals(view("Writing", 2, 4), asked());
            return "";
        });
    }

    @Test
    void whatFailsHasEnded() {
        assertThrows(
                Problem.class,
                () -> headways.during(student, id, headway -> {
                    throw Problem.badRequest("No.");
                }));
        assertEquals(NOTHING, asked());
    }

    @Test
    void oneNumberIsOfOneRequest() {
        headways.during(student, id, headway -> {
            Problem refused = assertThrows(Problem.class, () -> headways.during(student, id, again -> ""));
            assertEquals("A request with this number is under way already.", refused.getMessage());
            return "";
        });
        assertEquals("again", headways.during(student, id, headway -> "again"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"1", "../../etc", "' or 1 = 1 --", "0123456789012345678901234567890123456789"})
    void whatIsNoNumberIsRefused(String none) {
        assertThrows(Problem.class, () -> headways.during(student, none, headway -> ""));
    }

    @Test
    void theWorkIsDoneAlthoughNothingCanBeToldOfIt() {
        HeadwayNotes busy = mock();
        doThrow(new IllegalStateException("no connection")).when(busy).tell(any(), any(), any());
        doThrow(new IllegalStateException("no connection")).when(busy).end(any());
        assertEquals("done", new Headways(busy, Clock.systemUTC()).during(student, id, headway -> {
                    headway.at("Counting", 1, 2);
                    return "done";
                }));
        verify(busy).tell(any(), any(), any());
        verify(busy).end(any());
    }

    @Test
    void withoutANumberTheWorkIsDoneAllTheSame() {
        long before = rows.count();
        assertEquals("done", headways.during(student, "", headway -> {
            headway.at("Counting", 1, 2);
            assertEquals(before, rows.count());
            return "done";
        }));
    }

    /** A server that was killed in the middle leaves its row behind. */
    @Test
    void whatWasLeftLyingIsForgottenAfterADay() {
        rows.save(new HeadwayEntity(id, student.id(), new HeadwayView("Counting", 1, 2), now));
        String later = UUID.randomUUID().toString();
        now = now.plus(Duration.ofHours(23));
        headways.during(student, later, headway -> "");
        assertEquals(view("Counting", 1, 2), asked());
        now = now.plus(Duration.ofHours(2));
        headways.during(student, later, headway -> "");
        assertEquals(NOTHING, asked());
    }
}
