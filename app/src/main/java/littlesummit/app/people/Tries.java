package littlesummit.app.people;

import jakarta.persistence.Embeddable;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;

/** Wrong passwords in a row, and the lock that too many of them bring for a while. */
@Embeddable
class Tries {
    private static final int MOST_WRONG = 8;
    private static final Duration LOCK = Duration.ofMinutes(5);
    private int wrongTries;
    private Instant lockedUntil;

    boolean areLocked(Instant now) {
        return Optional.ofNullable(lockedUntil).filter(now::isBefore).isPresent();
    }

    void wrong(Instant now) {
        wrongTries++;
        if (wrongTries >= MOST_WRONG) {
            wrongTries = 0;
            lockedUntil = now.plus(LOCK);
        }
    }

    void right() {
        wrongTries = 0;
        lockedUntil = null;
    }
}
