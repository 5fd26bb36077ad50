package littlesummit.core.placement;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;

/**
 * When the check over the course may be taken, and taken again: after some practice, after some days, and not too
 * often. Common practice; no source.
 */
public final class RetakeRules {
    public static final int MOST_CHECKS = 3;
    private static final Duration WAIT = Duration.ofDays(2);
    private static final Duration PRACTICE = Duration.ofHours(5);

    private RetakeRules() {}

    /**
     * @param taken checks so far
     * @param last when the last one ended
     * @param practised active time since then
     * @return why not, in a sentence; empty when it may be taken
     */
    public static Optional<String> refusal(int taken, Optional<Instant> last, Duration practised, Instant now) {
        if (taken == 0) {
            return Optional.empty();
        }
        if (taken >= MOST_CHECKS) {
            return Optional.of("You have taken this check " + taken
                    + " times. From now on practice and the short checks keep your map up to date.");
        }
        if (practised.compareTo(PRACTICE) < 0) {
            return Optional.of("The next check makes sense after 5 hours of practice. You have practised "
                    + hours(practised) + " since the last one.");
        }
        return last.filter(at -> now.isBefore(at.plus(WAIT)))
                .map(at -> "The next check opens two days after the last one.");
    }

    private static String hours(Duration time) {
        String minutes = time.toMinutesPart() == 1 ? "1 minute" : time.toMinutesPart() + " minutes";
        return time.toHours() == 0
                ? minutes
                : (time.toHours() == 1 ? "1 hour and " : time.toHours() + " hours and ") + minutes;
    }
}
