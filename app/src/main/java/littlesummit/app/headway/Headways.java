package littlesummit.app.headway;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.regex.Pattern;
import littlesummit.app.people.Person;
import littlesummit.app.web.Problem;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/** Long requests that tell how far they have come. Who sends one chooses its number, and asks by that meanwhile. */
@Service
public class Headways {
    /** Header with the number; without it nobody asks. */
    public static final String HEADER = "Headway-Id";

    private static final Pattern ID = Pattern.compile("[0-9a-zA-Z-]{8,36}");
    private static final Logger LOG = LoggerFactory.getLogger(Headways.class);

    private final HeadwayNotes notes;
    private final Clock clock;

    Headways(HeadwayNotes notes, Clock clock) {
        this.notes = notes;
        this.clock = clock;
    }

    /** Work that tells how far it has come. */
    @FunctionalInterface
    public interface Work<T, E extends Exception> {
        T with(Headway headway) throws E;
    }

    /**
     * Does the work, which may be asked about until it ends.
     *
     * @param id as it was sent; empty where nobody asks
     * @throws Problem when it is no such number, or that of another request
     */
    public <T, E extends Exception> T during(Person person, String id, Work<T, E> work) throws E {
        if (id.isEmpty()) {
            return work.with(Headway.UNTOLD);
        }
        if (!ID.matcher(id).matches()) {
            throw Problem.badRequest("The number of a request is 8 to 36 letters, digits and hyphens.");
        }
        notes.begin(id, person.id());
        try {
            return work.with(new Told(id, person.id()));
        } finally {
            tried(id, () -> notes.end(id));
        }
    }

    /** The work is worth more than what is told of it. */
    private static void tried(String id, Runnable note) {
        try {
            note.run();
        } catch (RuntimeException busy) {
            LOG.debug("how far request {} has come could not be noted", id, busy);
        }
    }

    HeadwayView find(Person person, String id) {
        return notes.find(id, person.id()).orElse(HeadwayView.NONE);
    }

    /** Writes down some of what it is told: what is new at once, else not more often than somebody asks. */
    private final class Told implements Headway {
        private static final Duration PAUSE = Duration.ofMillis(400);

        private final String id;
        private final String personId;
        private String doing = "";
        private Instant next = Instant.MIN;

        Told(String id, String personId) {
            this.id = id;
            this.personId = personId;
        }

        @Override
        public void at(String what, long done, long steps) {
            Instant now = clock.instant();
            if (what.equals(doing) && now.isBefore(next)) {
                return;
            }
            doing = what;
            next = now.plus(PAUSE);
            tried(id, () -> notes.tell(id, personId, new HeadwayView(what, Math.min(done, steps), steps)));
        }
    }
}
