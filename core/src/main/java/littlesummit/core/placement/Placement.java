package littlesummit.core.placement;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** The starting-point check: which skill to ask next, when enough was asked, and what is known then. */
public final class Placement {
    /** Below this a skill counts as not known, above {@link #SURE} as known. */
    public static final double UNLIKELY = 0.2;
    public static final double SURE = 0.8;
    /** Items of a check over a whole course. Common practice; no source. */
    public static final int FEWEST = 20;
    public static final int MOST = 30;
    /** One skill is asked at most so often. */
    private static final int MOST_OF_ONE = 2;

    private Placement() {}

    /** Where a skill stands after the check. */
    public enum Standing { KNOWN, READY, NOT_YET }

    /** @param chance 0 to 1 that it is known; @param why a sentence */
    public record Verdict(String skill, Standing standing, double chance, String why) {}

    /** The skill to ask next: the one whose chance is nearest one half. Empty when enough was asked. */
    public static Optional<Integer> next(SkillOrder order, List<Evidence> evidence, long seed) {
        double[] known = Belief.of(order, evidence, seed);
        boolean clear = IntStream.range(0, order.size()).allMatch(i -> known[i] <= UNLIKELY || known[i] >= SURE);
        if (evidence.size() >= Math.min(MOST, MOST_OF_ONE * order.size()) || clear && evidence.size() >= Math.min(FEWEST, order.size())) {
            return Optional.empty();
        }
        return IntStream.range(0, order.size()).filter(i -> times(i, evidence) < MOST_OF_ONE).boxed()
                .min(Comparator.comparingDouble(i -> Math.abs(known[i] - 0.5) + 0.1 * times(i, evidence)));
    }

    private static long times(int skill, List<Evidence> evidence) {
        return evidence.stream().filter(e -> e.skill() == skill).count();
    }

    /** What is known, skill by skill in the order. */
    public static List<Verdict> verdicts(SkillOrder order, List<Evidence> evidence, long seed) {
        double[] known = Belief.of(order, evidence, seed);
        List<Verdict> verdicts = new ArrayList<>();
        for (int i = 0; i < order.size(); i++) {
            verdicts.add(new Verdict(order.ids().get(i), standing(order, known, i), known[i], Reasons.why(order, evidence, known, i)));
        }
        return verdicts;
    }

    private static Standing standing(SkillOrder order, double[] known, int skill) {
        if (known[skill] >= SURE) {
            return Standing.KNOWN;
        }
        boolean open = IntStream.range(0, order.size()).filter(i -> SkillOrder.has(order.before().get(skill), i)).allMatch(i -> known[i] >= SURE);
        return open ? Standing.READY : Standing.NOT_YET;
    }
}
