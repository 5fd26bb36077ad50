package littlesummit.app.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.annotation.Primary;
import org.springframework.stereotype.Component;

/** A clock that is set back while the demo's histories are made, so that they happen in the past; then it goes right. */
@Component
@Primary
@ConditionalOnProperty("summit.demo")
class PastClock extends Clock {
    private final Clock real;
    private volatile Duration back = Duration.ZERO;

    PastClock() {
        this(Clock.systemUTC());
    }

    private PastClock(Clock real) {
        this.real = real;
    }

    void setBack(Duration by) {
        back = by;
    }

    /** Lets some time pass, but never beyond now. */
    void pass(Duration time) {
        back = back.minus(time).isNegative() ? Duration.ZERO : back.minus(time);
    }

    void goRight() {
        back = Duration.ZERO;
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
