package littlesummit.app.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.annotation.Primary;
import org.springframework.stereotype.Component;

/**
 * The clock of the demo: set back while its histories are made, so that they happen in the past; then it goes right.
 * Tests let it jump.
 */
@Component
@Primary
@ConditionalOnProperty("summit.demo")
public class PastClock extends Clock {
    private final Clock real;
    private volatile Duration back = Duration.ZERO;

    PastClock() {
        this(Clock.systemUTC());
    }

    private PastClock(Clock real) {
        this.real = real;
    }

    /** @param by how far behind it goes; ahead when negative */
    public void setBack(Duration by) {
        back = by;
    }

    /** Lets some time pass, but never beyond now. */
    void pass(Duration time) {
        back = back.minus(time).isNegative() ? Duration.ZERO : back.minus(time);
    }

    public void goRight() {
        back = Duration.ZERO;
    }

    /** The time that it really is. */
    Instant real() {
        return real.instant();
    }

    @Override
    public ZoneId getZone() {
        return real.getZone();
    }

    @Override
    public Clock withZone(ZoneId zone) {
        return new PastClock(real.withZone(zone));
    }

    @Override
    public Instant instant() {
        return real.instant().minus(back);
    }
}
