package littlesummit.app;

import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;

/** Times to come, reckoned from today: no test of what goes by the clock has a year in which it fails. */
public final class ToCome {
    private static final Instant TODAY = Instant.now().truncatedTo(ChronoUnit.DAYS);

    /** When work is due that must not be late while a test runs. */
    public static final Instant NEXT_YEAR = days(365);

    private ToCome() {}

    /**
     * Ten in the morning, UTC, of a day to come: a time without fractions of a second, as it is written in a request,
     * and the same when asked for again.
     *
     * @param days from today, at least 2, so that it has not passed anywhere
     */
    public static Instant days(int days) {
        return TODAY.plus(Duration.ofDays(days)).plus(Duration.ofHours(10));
    }
}
