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
 * @param repairs levels to go back to when another like the missed one is right, the latest last; a miss that took
 *     nothing leaves none, and another like it then counts as any other item
 * @param standing where the student stands toward the target
 * @param missesInRow missed items since the last right one
 * @param reached whether the target was ever reached
 */
public record SkillState(
        Policy policy,
        Target target,
        Mastery mastery,
        Standing standing,
        List<Step> history,
        Optional<ItemState> current,
        List<Repair> repairs,
        int missesInRow,
        boolean reached) {
    /** @param level of the tier before the miss */
    public record Repair(int tier, double level) {}

    public SkillState {
        history = List.copyOf(history);
        repairs = List.copyOf(repairs);
    }

    public static SkillState start(Policy policy, Target target) {
        return new SkillState(
                policy, target, Mastery.NONE, Standing.start(target), List.of(), Optional.empty(), List.of(), 0, false);
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

    /**
     * The state after one more event. Events of another item than the current one, or of a closed one, change nothing
     * but for work that is read.
     */
    public SkillState after(PracticeEvent event) {
        if (event instanceof PracticeEvent.Served served) {
            return served(served);
        }
        if (event instanceof PracticeEvent.WorkRead read) {
            return read(read);
        }
        Optional<ItemState> open = current.filter(i -> i.itemId().equals(event.itemId()) && !i.isClosed());
        return open.map(item -> withItem(changed(item, event), event)).orElse(this);
    }

    /** Logs that are older than the rule about work go on to the next item without it. */
    private SkillState served(PracticeEvent.Served served) {
        Optional<ItemState> unshown = current.filter(ItemState::awaitsWork);
        SkillState from = unshown.map(item -> withItem(item.withWork(), served)).orElse(this);
        List<Repair> kept = served.similar() ? from.repairs : List.of();
        Standing at = from.standing instanceof Standing.FixedSet set
                ? set.served(served.slot(), served.ref())
                : from.standing;
        return new SkillState(
                policy,
                target,
                from.mastery,
                at,
                from.history,
                Optional.of(ItemState.of(served)),
                kept,
                from.missesInRow,
                from.reached);
    }

    private ItemState changed(ItemState item, PracticeEvent event) {
        return switch (event) {
            case PracticeEvent.Served s -> throw new IllegalStateException("served twice: " + s.itemId());
            case PracticeEvent.WorkRead r -> throw new IllegalStateException("read while it is open: " + r.itemId());
            case PracticeEvent.Tried t
            when isOpen(item, t.part()) ->
                item.withPart(
                        t.part(),
                        item.parts()
                                .get(t.part())
                                .tried(t.result(), t.entries(), policyHere().freeForms()),
                        needsWork(item));
            case PracticeEvent.Tried t -> item;
            case PracticeEvent.HintOpened h
            when isOpen(item, h.part()) ->
                item.withPart(h.part(), item.parts().get(h.part()).withHints(h.count()), needsWork(item));
            case PracticeEvent.HintOpened h -> item;
            case PracticeEvent.WorkShown w -> item.withWork();
            case PracticeEvent.ExampleOpened e -> item.withExample();
            case PracticeEvent.SolutionOpened s -> item.closed(Outcome.MISSED);
            case PracticeEvent.GivenUp g -> item.closed(Outcome.MISSED);
        };
    }

    private boolean needsWork() {
        return policy.work() == Policy.Work.REQUIRED;
    }

    private boolean needsWork(ItemState item) {
        return needsWork() || item.read();
    }

    private static boolean isOpen(ItemState item, int part) {
        return part >= 0 && part < item.parts().size() && item.parts().get(part).isOpen();
    }

    private SkillState withItem(ItemState item, PracticeEvent event) {
        SkillState next = new SkillState(
                policy, target, mastery, standing, history, Optional.of(item), repairs, missesInRow, reached);
        return item.outcome()
                .map(outcome -> next.closed(item, outcome, event.at()))
                .orElse(next);
    }

    /** The state after this item has ended so. */
    SkillState closed(ItemState item, Outcome outcome, Instant at) {
        int credit = needsWork(item) && outcome.isRightUnaided() ? Step.UNREAD : Step.FULL;
        return closed(
                        new Step(
                                at,
                                item.itemId(),
                                item.ref().tier(),
                                outcome,
                                0,
                                0,
                                false,
                                new Step.Terms(item.similar(), item.guess(), currentSlot(), credit, item.read())),
                        true)
                .withReached();
    }

    /**
     * @param step what ended, before it is counted
     * @param unreadCounts whether work that waits counts as if it were perfect
     */
    private SkillState closed(Step step, boolean unreadCounts) {
        double share = step.isWaiting() ? unreadCounts ? 1 : 0 : step.terms().credit() / (double) Step.FULL;
        boolean regains = step.terms().similar() && step.outcome().isRightUnaided() && !repairs.isEmpty();
        List<Repair> left = new ArrayList<>(repairs);
        if (regains) {
            left.removeLast();
        } else if (step.outcome() == Outcome.MISSED && mastery.level(step.tier()) > 0) {
            left.add(new Repair(step.tier(), mastery.level(step.tier())));
        }
        int misses = step.outcome() == Outcome.MISSED
                ? missesInRow + 1
                : step.outcome().isRightUnaided() ? 0 : missesInRow;
        Mastery levels = scored(step, share);
        Standing stands = standing.after(
                share < PASSING && step.outcome().isRightUnaided() ? Outcome.AIDED : step.outcome(), target);
        List<Step> steps = new ArrayList<>(history);
        steps.add(new Step(
                step.at(),
                step.itemId(),
                step.tier(),
                step.outcome(),
                measure(),
                measure(target, levels, stands),
                regains && target.isByScore(),
                step.terms()));
        return new SkillState(policy, target, levels, stands, steps, current, left, misses, reached);
    }

    /**
     * Share of the credit from which read work makes an item right in a run or a fixed set, which know no halves.
     * Decided here; no source.
     */
    private static final double PASSING = 0.5;

    /** Work was read, or a reading taken back: the whole history is counted once more. */
    private SkillState read(PracticeEvent.WorkRead read) {
        List<Step> steps = history.stream()
                .map(s -> s.itemId().equals(read.itemId()) && s.outcome().isRightUnaided() && isRead(s)
                        ? new Step(
                                s.at(),
                                s.itemId(),
                                s.tier(),
                                s.outcome(),
                                s.before(),
                                s.after(),
                                s.regained(),
                                s.terms().withCredit(read.credit()))
                        : s)
                .toList();
        return steps.equals(history) ? this : counted(steps, true).withReached();
    }

    /** Whether the work of a closed item is read for credit. */
    private boolean isRead(Step step) {
        return needsWork() || step.terms().read();
    }

    /** These steps from the beginning, with everything else as it is. */
    private SkillState counted(List<Step> steps, boolean unreadCounts) {
        Standing start = standing instanceof Standing.FixedSet set ? set.unmarked() : Standing.start(target);
        SkillState now = new SkillState(policy, target, Mastery.NONE, start, List.of(), current, List.of(), 0, reached);
        for (Step step : steps) {
            List<Repair> kept = step.terms().similar() ? now.repairs : List.of();
            Standing at = now.standing instanceof Standing.FixedSet set
                    ? set.at(step.terms().slot())
                    : now.standing;
            now = new SkillState(policy, target, now.mastery, at, now.history, current, kept, now.missesInRow, reached)
                    .closed(step, unreadCounts);
        }
        Standing last = now.standing instanceof Standing.FixedSet set ? set.at(currentSlot()) : now.standing;
        boolean similar = current.filter(ItemState::similar).isPresent()
                || current.filter(ItemState::isClosed).isPresent();
        return new SkillState(
                policy,
                target,
                now.mastery,
                last,
                now.history,
                current,
                similar ? now.repairs : List.of(),
                now.missesInRow,
                reached);
    }

    private SkillState withReached() {
        SkillState sure = sure();
        return new SkillState(
                policy,
                target,
                mastery,
                standing,
                history,
                current,
                repairs,
                missesInRow,
                reached || reaches(target, sure.mastery, sure.standing));
    }

    /** The same without the work that waits to be read. */
    private SkillState sure() {
        return waiting() == 0 ? this : counted(history, false);
    }

    /** How many pages wait to be read. */
    public int waiting() {
        return (int) history.stream().filter(Step::isWaiting).count();
    }

    /** Where the student stands for sure, in the target's measure: work that waits to be read does not count yet. */
    public int sureMeasure() {
        return sure().measure();
    }

    /** Whether the target would be reached if all work that waits were read and perfect. */
    public boolean reachedWaiting() {
        return !reached && waiting() > 0 && reaches(target, mastery, standing);
    }

    private static boolean reaches(Target target, Mastery levels, Standing stands) {
        return switch (target) {
            case Target.Score(int wanted) -> levels.score() >= wanted;
            case Target.Run(int inRow, int steps) ->
                stands instanceof Standing.Running r && (r.inRow() >= inRow || r.steps() >= steps);
            case Target.Percent(int percent, int items) -> measure(target, levels, stands) * 100 >= percent * items;
            case Target.Quiz q -> false;
            case Target.Check c -> false;
            case Target.Lesson l -> measure(target, levels, stands) >= target.flag();
        };
    }

    private static int measure(Target target, Mastery levels, Standing stands) {
        return switch (stands) {
            case Standing.Scored s -> levels.score();
            case Standing.Running r -> r.steps();
            case Standing.FixedSet f -> f.right();
        };
    }

    /**
     * Where the student stands, in the target's measure: score, steps, or items right. Work that waits to be read
     * counts in full.
     */
    public int measure() {
        return measure(target, mastery, standing);
    }

    private Mastery scored(Step step, double share) {
        int tier = step.tier();
        return switch (step.outcome()) {
            case AIDED -> mastery;
            case MISSED -> mastery.missed(tier);
            case UNAIDED_FIRST, UNAIDED_LATER -> {
                if (step.terms().similar() && !repairs.isEmpty()) {
                    Repair back = repairs.getLast();
                    double level = mastery.level(back.tier());
                    yield mastery.withLevel(back.tier(), level + share * Math.max(0, back.level() - level));
                }
                yield mastery.right(tier, step.terms().guess(), step.outcome() == Outcome.UNAIDED_FIRST, share);
            }
        };
    }

    /**
     * Whether another like the missed one is offered: after a miss, and while an earlier one can still be made good.
     */
    public boolean offersSimilar() {
        boolean missed = current.flatMap(ItemState::outcome)
                .filter(o -> o == Outcome.MISSED)
                .isPresent();
        return policyHere().similar()
                && current.filter(ItemState::isClosed).isPresent()
                && (missed || !repairs.isEmpty());
    }

    /** Whether to offer another way on: every third miss in a row, just after it. */
    public boolean offersPause() {
        boolean missed = current.flatMap(ItemState::outcome)
                .filter(o -> o == Outcome.MISSED)
                .isPresent();
        return missed && missesInRow == Policy.MISSES_BEFORE_OFFER;
    }

    /** What is allowed at the current item: that of the assignment, but for the quiz at the end of a lesson. */
    public Policy policyHere() {
        return policyAt(currentSlot());
    }

    /** @param slot of a fixed set, −1 for none */
    public Policy policyAt(int slot) {
        return stage(slot).map(stage -> stage.policy(policy)).orElse(policy);
    }

    /** The stage of a place in a lesson; empty elsewhere. */
    public Optional<LessonStage> stage(int slot) {
        return target instanceof Target.Lesson && slot >= 0
                ? Optional.of(LessonStage.PLACES.get(slot))
                : Optional.empty();
    }

    /** Slot of a fixed set that comes next, −1 where there is none or all are right. */
    public int nextSlot() {
        return standing instanceof Standing.FixedSet set ? set.next(target) : -1;
    }

    /** Slot of a fixed set that the current item belongs to, −1 for none. */
    public int currentSlot() {
        return standing instanceof Standing.FixedSet set ? set.at() : -1;
    }

    /** The item to make another like, when the next slot was worked on before. */
    public Optional<ItemRef> toRedo() {
        return standing instanceof Standing.FixedSet set && set.next(target) >= 0
                ? set.slots().get(set.next(target)).last()
                : Optional.empty();
    }

    /**
     * Tier of the next item: of its place in a fixed set; else as the levels say, one below after two misses in a row.
     */
    public int nextTier() {
        if (standing instanceof Standing.FixedSet set && nextSlot() >= 0) {
            return stage(nextSlot())
                    .map(LessonStage::tier)
                    .orElseGet(() -> Target.Percent.tier(nextSlot(), set.slots().size()));
        }
        int tier = mastery.tier();
        return missesInRow >= 2 && missesInRow % 2 == 0 ? Math.max(1, tier - 1) : tier;
    }
}
