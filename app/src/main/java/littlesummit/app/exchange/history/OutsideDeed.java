package littlesummit.app.exchange.history;

import java.time.Instant;
import java.util.Optional;

/**
 * What somebody did elsewhere.
 *
 * @param id of the statement
 * @param verb in one word, such as answered
 * @param title of what it was done to
 * @param success whether it was right, or reached, where that was said
 * @param percent 0 to 100, where it was marked
 */
record OutsideDeed(
        String id, Instant at, String verb, String title, Optional<Boolean> success, Optional<Integer> percent) {}
