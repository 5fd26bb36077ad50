package littlesummit.app.own;

import java.util.List;

/**
 * A draft as it is.
 *
 * @param tag of its text, for the next change
 * @param version in use; 0 for none
 * @param faults why it cannot be read; empty when it can
 */
public record OwnDraft(
        String id, String name, String text, String tag, DraftState state, int version, List<Fault> faults) {}
