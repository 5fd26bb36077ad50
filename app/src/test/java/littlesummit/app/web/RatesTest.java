package littlesummit.app.web;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import org.junit.jupiter.api.Test;

/** So many times at once, then as they grow again; each for themselves. */
class RatesTest {
    @Test
    void allowsSoManyTimesInARow() {
        Rates rates = new Rates(2, 1, Duration.ofDays(1));
        assertTrue(rates.allows("wim"));
        assertTrue(rates.allows("wim"));
        assertFalse(rates.allows("wim"));
        assertTrue(rates.allows("ansa"), "others are not held up");
    }

    @Test
    void theyGrowAgain() throws InterruptedException {
        Rates rates = new Rates(1, 1, Duration.ofMillis(50));
        assertTrue(rates.allows("wim"));
        Thread.sleep(60);
        assertTrue(rates.allows("wim"));
    }
}
