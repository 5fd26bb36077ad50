package littlesummit.core.practice;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import littlesummit.core.item.ItemRef;

/** Where a student stands toward a target, in the target's own measure; changes only when an item closes. */
public sealed interface Standing {
    /** By the mastery score alone. */
    record Scored() implements Standing {}

    /**
     * @param steps climbed, 0 to those of the target
     * @param inRow right without help since the last miss
     */
    record Running(int steps, int inRow) implements Standing {
        Running after(Outcome outcome, Target.Run target) {
            return switch (outcome) {
                case UNAIDED_FIRST, UNAIDED_LATER ->
                    new Running(Math.min(target.steps(), steps + (inRow > 0 ? 2 : 1)), inRow + 1);
                case AIDED -> this;
                case MISSED -> new Running(Math.max(0, steps - 1), 0);
            };
        }
    }

    /** @param at index of the slot being worked on, −1 for an item beyond the set */
    record FixedSet(List<Slot> slots, int at) implements Standing {
        public FixedSet {
            slots = List.copyOf(slots);
        }

        int right() {
            return (int) slots.stream().filter(s -> s.mark() == Mark.RIGHT).count();
        }

        /**
         * The first that was never worked on, else the first to be redone; −1 when all are right. In a lesson each
         * place comes before the next, up to the quiz.
         */
        int next(Target target) {
            int behind = target instanceof Target.Lesson ? firstBeforeQuiz() : -1;
            if (behind >= 0) {
                return behind;
            }
            int open = first(Mark.OPEN);
            return open >= 0 ? open : first(Mark.MISSED) >= 0 ? first(Mark.MISSED) : first(Mark.AIDED);
        }

        private int firstBeforeQuiz() {
            return IntStream.range(0, slots.size())
                    .filter(i -> LessonStage.PLACES.get(i) != LessonStage.QUIZ)
                    .filter(i -> slots.get(i).mark() != Mark.RIGHT)
                    .findFirst()
                    .orElse(-1);
        }

        private int first(Mark mark) {
            return slots.stream().map(Slot::mark).toList().indexOf(mark);
        }

        FixedSet served(int slot, ItemRef ref) {
            return slot < 0 || slot >= slots.size()
                    ? new FixedSet(slots, -1)
                    : new FixedSet(with(slot, new Slot(slots.get(slot).mark(), Optional.of(ref))), slot);
        }

        /** Nothing worked on yet, with the items that were served. */
        FixedSet unmarked() {
            return new FixedSet(
                    slots.stream().map(s -> new Slot(Mark.OPEN, s.last())).toList(), -1);
        }

        FixedSet at(int slot) {
            return new FixedSet(slots, slot < slots.size() ? slot : -1);
        }

        /** The best state of a slot counts: right once is right. Help is what a lesson is for: it takes nothing. */
        FixedSet marked(Outcome outcome, Target target) {
            if (at < 0 || slots.get(at).mark() == Mark.RIGHT) {
                return this;
            }
            boolean isRight = outcome.isRightUnaided() || outcome == Outcome.AIDED && target instanceof Target.Lesson;
            Mark mark = isRight ? Mark.RIGHT : outcome == Outcome.AIDED ? Mark.AIDED : Mark.MISSED;
            return new FixedSet(with(at, new Slot(mark, slots.get(at).last())), at);
        }

        private List<Slot> with(int index, Slot slot) {
            List<Slot> changed = new ArrayList<>(slots);
            changed.set(index, slot);
            return changed;
        }
    }

    /**
     * One place of a fixed set.
     *
     * @param last the item that was served there, to make another like it
     */
    record Slot(Mark mark, Optional<ItemRef> last) {
        static final Slot FRESH = new Slot(Mark.OPEN, Optional.empty());
    }

    /** What came of a slot so far. */
    enum Mark {
        OPEN,
        RIGHT,
        AIDED,
        MISSED
    }

    static Standing start(Target target) {
        return switch (target) {
            case Target.Score s -> new Scored();
            case Target.Quiz q -> new Scored();
            case Target.Check c -> new Scored();
            case Target.Run r -> new Running(0, 0);
            case Target.Percent(int percent, int items) -> new FixedSet(Collections.nCopies(items, Slot.FRESH), -1);
            case Target.Lesson l -> new FixedSet(Collections.nCopies(LessonStage.PLACES.size(), Slot.FRESH), -1);
        };
    }

    /** After an item has ended. */
    default Standing after(Outcome outcome, Target target) {
        return switch (this) {
            case Scored s -> s;
            case Running r -> r.after(outcome, (Target.Run) target);
            case FixedSet f -> f.marked(outcome, target);
        };
    }
}
