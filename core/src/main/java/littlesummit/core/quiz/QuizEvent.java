package littlesummit.core.quiz;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import littlesummit.core.item.ItemRef;

/** What happens in a quiz, in the order of its log. */
public sealed interface QuizEvent {
    Instant at();

    /** An item of a round. */
    record Given(String itemId, ItemRef ref) {}

    /**
     * A round begins.
     *
     * @param endsAt with the extra time of the student in it
     */
    record Started(Instant at, Instant endsAt, List<Given> items) implements QuizEvent {
        public Started {
            items = List.copyOf(items);
        }
    }

    /**
     * @param slot from 0
     * @param entries one map a part, by field id
     */
    record Saved(Instant at, int slot, List<Map<String, String>> entries) implements QuizEvent {
        public Saved {
            entries = entries.stream().map(Map::copyOf).toList();
        }
    }

    record Flagged(Instant at, int slot, boolean on) implements QuizEvent {}

    /** The open round ends, by hand or by time. */
    record Submitted(Instant at) implements QuizEvent {}

    /**
     * @param round from 1
     * @param note that has passed {@link CorrectionNote}
     */
    record Corrected(Instant at, int round, int slot, String note) implements QuizEvent {}
}
