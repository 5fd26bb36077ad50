package littlesummit.app.demo;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.Duration;
import java.util.concurrent.BrokenBarrierException;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.Test;

/** The clock of the demo, by which a class has worked for six weeks in half a minute. */
class PastClockTest {
    private final PastClock clock = new PastClock();

    private long daysBack() {
        return Math.round(Duration.between(clock.instant(), clock.real()).toMinutes() / (24 * 60.0));
    }

    @Test
    void itGoesBackAndPassesButNeverBeyondNow() {
        clock.setBack(Duration.ofDays(10));
        assertEquals(10, daysBack());
        clock.pass(Duration.ofDays(3));
        assertEquals(7, daysBack());
        clock.pass(Duration.ofDays(30));
        assertEquals(0, daysBack());
    }

    /** Two students at work at once: neither moves the other's time, nor that of the class. */
    @Test
    void whoWorksApartHasATimeOfTheirOwn() throws InterruptedException, ExecutionException {
        clock.setBack(Duration.ofDays(42));
        CyclicBarrier bothAreSet = new CyclicBarrier(2);
        try (ExecutorService threads = Executors.newFixedThreadPool(2)) {
            Future<Long> first = threads.submit(() -> apart(30, 2, bothAreSet));
            Future<Long> second = threads.submit(() -> apart(20, 5, bothAreSet));
            assertEquals(28, first.get());
            assertEquals(15, second.get());
        }
        assertEquals(42, daysBack());
    }

    private long apart(int back, int passed, CyclicBarrier bothAreSet) {
        AtomicLong seen = new AtomicLong();
        clock.apart(() -> {
            clock.setBack(Duration.ofDays(back));
            try {
                bothAreSet.await(10, TimeUnit.SECONDS);
            } catch (InterruptedException | BrokenBarrierException | TimeoutException alone) {
                throw new IllegalStateException(alone);
            }
            clock.pass(Duration.ofDays(passed));
            seen.set(daysBack());
        });
        assertEquals(42, daysBack(), "the time of the class is back");
        return seen.get();
    }
}
