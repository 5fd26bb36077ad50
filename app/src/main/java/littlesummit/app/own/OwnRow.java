package littlesummit.app.own;

import java.time.Instant;

/**
 * An own skill in a list.
 *
 * @param version in use; 0 for none
 */
public record OwnRow(String id, String name, DraftState state, int version, Instant changedAt) {}
