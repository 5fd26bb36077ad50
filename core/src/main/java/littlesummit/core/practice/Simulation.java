package littlesummit.core.practice;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import littlesummit.core.item.ItemRef;

/** Many simulated learners through one target, item by item, by the same fold as real practice. */
public final class Simulation {
    /** An item count at which a learner who is still at work gives in. */
    private static final int MOST_ITEMS = 120;
    /** Items that one who knows may be kept before it counts as holding back. */
    private static final int PATIENCE = 10;

    private Simulation() {}

    /**
     * @param mean items worked until the target, over those who reached it
     * @param median of the same
     * @param unreached share who gave in at the limit, 0 to 1
     * @param withoutKnowing share of those who reached it without knowing
     * @param heldBack share of those who came to know and were kept on for more than ten items after
     */
    public record Outcomes(
            Target target, double mean, int median, double unreached, double withoutKnowing, double heldBack) {}

    /** @param learners how many, at least 1 */
    public static Outcomes run(Target target, Learner learner, int learners, long seed) {
        SplittableRandom chance = new SplittableRandom(seed);
        List<Walk> walks = new ArrayList<>();
        for (int i = 0; i < learners; i++) {
            walks.add(walk(target, learner, chance));
        }
        List<Integer> items = new ArrayList<>(
                walks.stream().filter(Walk::reached).map(Walk::items).toList());
        Collections.sort(items);
        long reached = items.size();
        long knowing = walks.stream().filter(w -> w.knewAfter() >= 0).count();
        return new Outcomes(
                target,
                items.stream().mapToInt(n -> n).average().orElse(Double.NaN),
                reached == 0 ? 0 : items.get(items.size() / 2),
                share(walks.size() - reached, walks.size()),
                share(
                        walks.stream()
                                .filter(w -> w.reached() && w.knewAfter() < 0)
                                .count(),
                        reached),
                share(
                        walks.stream()
                                .filter(w -> w.knewAfter() >= 0 && w.items() - w.knewAfter() > PATIENCE)
                                .count(),
                        knowing));
    }

    private static double share(long part, long whole) {
        return whole == 0 ? 0 : (double) part / whole;
    }

    /** @param knewAfter items after which the learner knew, −1 for never */
    private record Walk(int items, boolean reached, int knewAfter) {}

    private static Walk walk(Target target, Learner learner, SplittableRandom chance) {
        SkillState state = SkillState.start(Policy.DEFAULT, target);
        int knewAfter = chance.nextDouble() < learner.initial() ? 0 : -1;
        int items = 0;
        while (!state.reached() && items < MOST_ITEMS) {
            boolean right = chance.nextDouble() < (knewAfter >= 0 ? 1 - learner.slip() : learner.guess());
            state = afterItem(state, items, right);
            items++;
            knewAfter = knewAfter < 0 && chance.nextDouble() < learner.learn() ? items : knewAfter;
        }
        return new Walk(items, state.reached(), state.reached() && knewAfter == items ? -1 : knewAfter);
    }

    private static SkillState afterItem(SkillState state, int number, boolean right) {
        String id = "item-" + number;
        boolean similar = state.offersSimilar();
        int slot = similar && state.currentSlot() >= 0 ? state.currentSlot() : state.nextSlot();
        ItemRef ref = new ItemRef("simulated", 1, state.nextTier(), "any", number);
        SkillState served =
                state.after(new PracticeEvent.Served(Instant.EPOCH, id, ref, similar, 0, List.of(1), slot, false));
        PracticeEvent.Result result = right ? PracticeEvent.Result.CORRECT : PracticeEvent.Result.INCORRECT;
        return served.after(new PracticeEvent.Tried(Instant.EPOCH, id, 0, result, Map.of("answer", result.name())));
    }
}
