package littlesummit.app;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.function.Supplier;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.test.context.bean.override.convention.TestBean;

/** The same on a clock that the test sets: a Monday morning to begin with. */
public abstract class ClockedApiTest extends ApiTest {
    @TestBean
    private Clock clock;

    /** What the server takes for now. */
    protected Instant now = Instant.parse("2026-05-04T08:00:00Z");

    /** Of the server, which starts before any test: until one sets it, it goes right. */
    private static final class SetClock extends Clock {
        private volatile Supplier<Instant> now = Instant::now;

        @Override
        public Instant instant() {
            return now.get();
        }

        @Override
        public ZoneId getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return Clock.fixed(instant(), zone);
        }
    }

    static Clock clock() {
        return new SetClock();
    }

    @BeforeEach
    void aMondayMorning() {
        ((SetClock) clock).now = () -> now;
    }
}
