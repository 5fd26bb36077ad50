package littlesummit.core.quiz;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.math.Rational;
import littlesummit.core.practice.PartCheck;
import littlesummit.core.practice.PracticeEvent;

/**
 * One round of a quiz.
 *
 * @param number from 1
 * @param endsAt when what is saved is submitted by itself
 * @param submittedAt empty while it is open
 */
public record Round(int number, Instant startedAt, Instant endsAt, List<Slot> slots, Optional<Instant> submittedAt) {
    /** What came of an item. */
    public enum Mark {
        RIGHT,
        FORM,
        WRONG,
        EMPTY
    }

    /**
     * One item of the round.
     *
     * @param entries what is saved, one map a part, by field id
     * @param flagged to come back to
     * @param mark empty while the round is open
     * @param note the correction, once there is one
     */
    public record Slot(
            String itemId,
            ItemRef ref,
            List<Map<String, String>> entries,
            boolean flagged,
            Optional<Mark> mark,
            Optional<String> note) {
        public Slot {
            entries = entries.stream().map(Map::copyOf).toList();
        }

        static Slot fresh(QuizEvent.Given given) {
            return new Slot(given.itemId(), given.ref(), List.of(), false, Optional.empty(), Optional.empty());
        }

        Slot saved(List<Map<String, String>> typed) {
            return new Slot(itemId, ref, typed, flagged, mark, note);
        }

        Slot flagged(boolean on) {
            return new Slot(itemId, ref, entries, on, mark, note);
        }

        Slot graded(IssuedItems issued) {
            return new Slot(itemId, ref, entries, flagged, Optional.of(gradeOf(issued)), note);
        }

        Slot corrected(String text) {
            return new Slot(itemId, ref, entries, flagged, mark, Optional.of(text));
        }

        /** Entries of a part, none where nothing is saved. */
        public Map<String, String> of(int part) {
            return part < entries.size() ? entries.get(part) : Map.of();
        }

        /** Whether anything is entered. */
        boolean isAnswered() {
            return entries.stream().flatMap(part -> part.values().stream()).anyMatch(entry -> !entry.isBlank());
        }

        private Mark gradeOf(IssuedItems issued) {
            if (!isAnswered()) {
                return Mark.EMPTY;
            }
            Item item = issued.require(itemId);
            Mark worst = Mark.RIGHT;
            for (int i = 0; i < item.parts().size(); i++) {
                Mark mark = mark(PartCheck.of(item.parts().get(i), of(i)).result());
                worst = mark.compareTo(worst) > 0 ? mark : worst;
            }
            return worst;
        }

        private static Mark mark(PracticeEvent.Result result) {
            return switch (result) {
                case CORRECT -> Mark.RIGHT;
                case FORM -> Mark.FORM;
                case INCORRECT -> Mark.WRONG;
                case UNREADABLE -> Mark.WRONG;
            };
        }

        /** Whether it needs a correction note, written or not. */
        public boolean wantsNote() {
            return mark.filter(m -> m != Mark.RIGHT).isPresent();
        }
    }

    public Round {
        slots = List.copyOf(slots);
    }

    public boolean isOpen() {
        return submittedAt.isEmpty();
    }

    /** Whether it is done and nothing is left to correct. */
    public boolean isCorrected() {
        return !isOpen()
                && slots.stream().noneMatch(s -> s.wantsNote() && s.note().isEmpty());
    }

    /** Share right, 0 to 1; right in value but not in form counts half. */
    public Rational share() {
        long halves = slots.stream()
                .mapToLong(s -> s.mark().filter(m -> m == Mark.RIGHT).isPresent()
                        ? 2
                        : s.mark().filter(m -> m == Mark.FORM).isPresent() ? 1 : 0)
                .sum();
        return Rational.of(halves, 2L * slots.size());
    }

    /** Share right in whole percent, rounded down, so that 100 is all of it. */
    public int percent() {
        return share().times(Rational.of(100)).floor().intValueExact();
    }

    Round with(int slot, Slot changed) {
        List<Slot> next = new ArrayList<>(slots);
        next.set(slot, changed);
        return new Round(number, startedAt, endsAt, next, submittedAt);
    }

    Round submitted(Instant at, IssuedItems issued) {
        return new Round(
                number,
                startedAt,
                endsAt,
                slots.stream().map(slot -> slot.graded(issued)).toList(),
                Optional.of(at));
    }
}
