package littlesummit.core.practice;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import littlesummit.core.item.ItemRef;

/**
 * Where a student stands in one skill of one assignment: a fold over the log.
 *
 * @param current the item being worked on, or the closed one still on the screen
 * @param repairs levels to go back to when another like the missed one is right, the latest last; a miss that took nothing
 *     leaves none, and another like it then counts as any other item
 * @param standing where the student stands toward the target
 * @param missesInRow missed items since the last right one
 * @param reached whether the target was ever reached
 */
public record SkillState(Policy policy, Target target, Mastery mastery, Standing standing, List<Step> history,
        Optional<ItemState> current, List<Repair> repairs, int missesInRow, boolean reached) {
    /** @param level of the tier before the miss */
    public record Repair(int tier, double level) {}

    public SkillState {
        history = List.copyOf(history);
        repairs = List.copyOf(repairs);
    }

    public static SkillState start(Policy policy, Target target) {
        return new SkillState(policy, target, Mastery.NONE, Standing.start(target), List.of(), Optional.empty(), List.of(), 0, false);
    }

    /** The whole log at once. */
    public static SkillState replay(Policy policy, Target target, Iterable<PracticeEvent> log) {
        SkillState state = start(policy, target);
        for (PracticeEvent event : log) {
            state = state.after(event);
        }
        return state;
    }

    /** The last closed items, so many as tell whether it goes well. */
    public List<Step> lately() {
        return history.subList(Math.max(0, history.size() - Policy.LATELY), history.size());
    }

    public int score() {
        return mastery.score();
    }

    /** The state after one more event. Events of another item than the current one, or of a closed one, change nothing. */
    public SkillState after(PracticeEvent event) {
        if (event instanceof PracticeEvent.Served served) {
            List<Repair> kept = served.similar() ? repairs : List.of();
            Standing at = standing instanceof Standing.FixedSet set ? set.served(served.slot(), served.ref()) : standing;
            return new SkillState(policy, target, mastery, at, history, Optional.of(ItemState.of(served)), kept, missesInRow, reached);
        }
        Optional<ItemState> open = current.filter(i -> i.itemId().equals(event.itemId()) && !i.isClosed());
        return open.map(item -> withItem(changed(item, event), event)).orElse(this);
    }

    private ItemState changed(ItemState item, PracticeEvent event) {
        return switch (event) {
            case PracticeEvent.Served s -> throw new IllegalStateException("served twice: " + s.itemId());
            case PracticeEvent.Tried t when isOpen(item, t.part()) -> item.withPart(t.part(),
                    item.parts().get(t.part()).tried(t.result(), t.entries(), policy.freeForms()));
            case PracticeEvent.Tried t -> item;
            case PracticeEvent.HintOpened h when isOpen(item, h.part()) -> item.withPart(h.part(),
                    item.parts().get(h.part()).withHints(h.count()));
            case PracticeEvent.HintOpened h -> item;
            case PracticeEvent.ExampleOpened e -> item.withExample();
            case PracticeEvent.SolutionOpened s -> item.closed(Outcome.MISSED);
            case PracticeEvent.GivenUp g -> item.closed(Outcome.MISSED);
        };
    }

    private static boolean isOpen(ItemState item, int part) {
        return part >= 0 && part < item.parts().size() && item.parts().get(part).isOpen();
    }

    private SkillState withItem(ItemState item, PracticeEvent event) {
        SkillState next = new SkillState(policy, target, mastery, standing, history, Optional.of(item), repairs, missesInRow, reached);
        return item.outcome().map(outcome -> next.closed(item, outcome, event.at())).orElse(next);
    }

    /** The state after this item has ended so. */
    SkillState closed(ItemState item, Outcome outcome, Instant at) {
        int tier = item.ref().tier();
        boolean regains = item.similar() && outcome.isRightUnaided() && !repairs.isEmpty();
        Mastery levels = scored(item, outcome);
        List<Repair> left = new ArrayList<>(repairs);
        if (regains) {
            left.removeLast();
        } else if (outcome == Outcome.MISSED && mastery.level(tier) > 0) {
            left.add(new Repair(tier, mastery.level(tier)));
        }
        int misses = outcome == Outcome.MISSED ? missesInRow + 1 : outcome.isRightUnaided() ? 0 : missesInRow;
        Standing stands = standing.after(outcome, target);
        int now = measure(target, levels, stands);
        List<Step> steps = new ArrayList<>(history);
        steps.add(new Step(at, item.itemId(), tier, outcome, measure(), now, regains && target.isByScore()));
        return new SkillState(policy, target, levels, stands, steps, Optional.of(item), left, misses,
                reached || reaches(target, levels, stands));
    }

    private static boolean reaches(Target target, Mastery levels, Standing stands) {
        return switch (target) {
            case Target.Score(int wanted) -> levels.score() >= wanted;
            case Target.Run(int inRow, int steps) -> stands instanceof Standing.Running r && (r.inRow() >= inRow || r.steps() >= steps);
            case Target.Percent(int percent, int items) -> measure(target, levels, stands) * 100 >= percent * items;
            case Target.Quiz q -> false;
        };
    }

    private static int measure(Target target, Mastery levels, Standing stands) {
        return switch (stands) {
            case Standing.Scored s -> levels.score();
            case Standing.Running r -> r.steps();
            case Standing.FixedSet f -> f.right();
        };
    }

    /** Where the student stands, in the target's measure: score, steps, or items right. */
    public int measure() {
        return measure(target, mastery, standing);
    }

    /** The levels after this item would end so. */
    Mastery scored(ItemState item, Outcome outcome) {
        int tier = item.ref().tier();
        return switch (outcome) {
            case AIDED -> mastery;
            case MISSED -> mastery.missed(tier);
            case UNAIDED_FIRST, UNAIDED_LATER -> {
                if (item.similar() && !repairs.isEmpty()) {
                    Repair back = repairs.getLast();
                    yield mastery.withLevel(back.tier(), Math.max(mastery.level(back.tier()), back.level()));
                }
                yield mastery.right(tier, item.guess(), outcome == Outcome.UNAIDED_FIRST);
            }
        };
    }

    /** Whether another like the missed one is offered: after a miss, and while an earlier one can still be made good. */
    public boolean offersSimilar() {
        boolean missed = current.flatMap(ItemState::outcome).filter(o -> o == Outcome.MISSED).isPresent();
        return policy.similar() && current.filter(ItemState::isClosed).isPresent() && (missed || !repairs.isEmpty());
    }

    /** Whether to offer another way on: every third miss in a row, just after it. */
    public boolean offersPause() {
        boolean missed = current.flatMap(ItemState::outcome).filter(o -> o == Outcome.MISSED).isPresent();
        return missed && missesInRow == Policy.MISSES_BEFORE_OFFER;
    }

    /** Slot of a fixed set that comes next, −1 where there is none or all are right. */
    public int nextSlot() {
        return standing instanceof Standing.FixedSet set ? set.next() : -1;
    }

    /** Slot of a fixed set that the current item belongs to, −1 for none. */
    public int currentSlot() {
        return standing instanceof Standing.FixedSet set ? set.at() : -1;
    }

    /** The item to make another like, when the next slot was worked on before. */
    public Optional<ItemRef> toRedo() {
        return standing instanceof Standing.FixedSet set && set.next() >= 0 ? set.slots().get(set.next()).last() : Optional.empty();
    }

    /** Tier of the next item: of its place in a fixed set; else as the levels say, one below after two misses in a row. */
    public int nextTier() {
        if (standing instanceof Standing.FixedSet set && set.next() >= 0) {
            return Target.Percent.tier(set.next(), set.slots().size());
        }
        int tier = mastery.tier();
        return missesInRow >= 2 && missesInRow % 2 == 0 ? Math.max(1, tier - 1) : tier;
    }
}
