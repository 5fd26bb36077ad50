package littlesummit.app.web;

import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** So many times at once, then as they grow again by the clock; each for themselves. */
class RatesTest {
    private final Clock clock = mock(Clock.class);
    private Instant now = Instant.parse("2030-01-10T09:00:00Z");
    private final Rates rates = new Rates(2, 2, Duration.ofMinutes(1), clock);

    @BeforeEach
    void itIsMorning() {
        when(clock.instant()).thenAnswer(call -> now);
    }

    private void useUp(String who) {
        assertTrue(rates.allows(who));
        assertTrue(rates.allows(who));
        assertFalse(rates.allows(who));
    }

    @Test
    void allowsSoManyTimesInARow() {
        useUp("wim");
        assertTrue(rates.allows("ansa"), "others are not held up");
    }

    @Test
    void theyGrowAgainLittleByLittle() {
        useUp("wim");
        now = now.plusSeconds(31);
        assertTrue(rates.allows("wim"));
        assertFalse(rates.allows("wim"));
    }

    @Test
    void theyNeverGrowBeyondThat() {
        useUp("wim");
        now = now.plus(Duration.ofDays(1));
        useUp("wim");
    }

    @Test
    void aClockThatIsSetBackTakesNothingAway() {
        assertTrue(rates.allows("wim"));
        now = now.minus(Duration.ofDays(40));
        assertTrue(rates.allows("wim"));
    }
}
