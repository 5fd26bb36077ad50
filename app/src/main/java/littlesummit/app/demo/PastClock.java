package littlesummit.app.demo;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Optional;
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
    private final ThreadLocal<Duration> own = new ThreadLocal<>();

    PastClock() {
        this(Clock.systemUTC());
    }

    private PastClock(Clock real) {
        this.real = real;
    }

    /** @param by how far behind it goes; ahead when negative */
    public void setBack(Duration by) {
        if (own.get() == null) {
            back = by;
        } else {
            own.set(by);
        }
    }

    private Duration back() {
        return Optional.ofNullable(own.get()).orElse(back);
    }

    /** For this thread the clock goes its own way meanwhile: students have worked at different times. */
    void apart(Runnable work) {
        own.set(back);
        try {
            work.run();
        } finally {
            own.remove();
        }
    }

    /** Lets some time pass, but never beyond now. */
    void pass(Duration time) {
        Duration less = back().minus(time);
        setBack(less.isNegative() ? Duration.ZERO : less);
    }

    public void goRight() {
        setBack(Duration.ZERO);
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
        return real.instant().minus(back());
    }
}
