package littlesummit.app.web;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import io.github.bucket4j.Bandwidth;
import io.github.bucket4j.Bucket;
import io.github.bucket4j.TimeMeter;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;

/**
 * How often somebody may do something: so many times at once, and then as they grow again. Counted in this process
 * alone; a second one would let twice as many through, which does no harm.
 */
public final class Rates {
    private static final Duration FORGOTTEN_AFTER = Duration.ofMinutes(10);
    private static final int MOST_REMEMBERED = 50_000;
    private final LoadingCache<String, Bucket> buckets;

    /**
     * A limit that is the same for everybody.
     *
     * @param burst times in a row
     * @param refill times that are added again
     * @param every how long it takes to add them, little by little
     * @param clock by which it does
     */
    public Rates(int burst, int refill, Duration every, Clock clock) {
        TimeMeter meter = new Meter(clock);
        Bandwidth width =
                Bandwidth.builder().capacity(burst).refillGreedy(refill, every).build();
        buckets = Caffeine.newBuilder()
                .expireAfterAccess(FORGOTTEN_AFTER)
                .maximumSize(MOST_REMEMBERED)
                .build(who -> Bucket.builder()
                        .addLimit(width)
                        .withCustomTimePrecision(meter)
                        .build());
    }

    /** @return whether it is allowed once more; then it counts */
    public boolean allows(String who) {
        return buckets.get(who).tryConsume(1);
    }

    private record Meter(Clock clock) implements TimeMeter {
        @Override
        public long currentTimeNanos() {
            return Duration.between(Instant.EPOCH, clock.instant()).toNanos();
        }

        @Override
        public boolean isWallClockBased() {
            return true;
        }
    }
}
