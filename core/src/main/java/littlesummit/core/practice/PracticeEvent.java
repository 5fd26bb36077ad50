package littlesummit.core.practice;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import littlesummit.core.item.ItemRef;

/** What happened, in the order of the log. Every event but the first of an item names the item that it belongs to. */
public sealed interface PracticeEvent {
    Instant at();

    String itemId();

    /**
     * @param similar whether it makes up for the miss before it
     * @param guess chance of being right by guessing, 0 to 1
     * @param tries allowed tries, by part
     * @param slot place in a fixed set, −1 for none
     * @param read whether a person has to read it, whatever the assignment says of work
     */
    record Served(
            Instant at,
            String itemId,
            ItemRef ref,
            boolean similar,
            double guess,
            List<Integer> tries,
            int slot,
            boolean read)
            implements PracticeEvent {
        public Served {
            tries = List.copyOf(tries);
        }
    }

    /**
     * @param part index from 0
     * @param result of the whole part
     * @param entries by field id
     */
    record Tried(Instant at, String itemId, int part, Result result, Map<String, String> entries)
            implements PracticeEvent {
        public Tried {
            entries = Map.copyOf(entries);
        }
    }

    /** @param count how many hints of the part are open now */
    record HintOpened(Instant at, String itemId, int part, int count) implements PracticeEvent {}

    record ExampleOpened(Instant at, String itemId) implements PracticeEvent {}

    record SolutionOpened(Instant at, String itemId) implements PracticeEvent {}

    record GivenUp(Instant at, String itemId) implements PracticeEvent {}

    /** The page of an item that is right holds work, and the item may close. */
    record WorkShown(Instant at, String itemId) implements PracticeEvent {}

    /**
     * The work of a closed item was read.
     *
     * @param credit 0 to 100 in percent, {@link Step#UNREAD} when a reading is taken back
     */
    record WorkRead(Instant at, String itemId, int credit) implements PracticeEvent {}

    /** What a try came to. */
    enum Result {
        CORRECT,
        FORM,
        INCORRECT,
        UNREADABLE
    }
}
