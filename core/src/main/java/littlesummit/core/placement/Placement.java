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
    public static final int MOST = 30;
    /** A check asks fewer items than there are skills: at most this share of them. Decided here; no source. */
    private static final double MOST_OF_COURSE = 0.85;
    /** A course of no more skills than these is asked whole. */
    private static final int FEW = 4;
    /** One skill is asked at most so often. */
    private static final int MOST_OF_ONE = 2;

    private Placement() {}

    /** Where a skill stands after the check. */
    public enum Standing {
        KNOWN,
        READY,
        NOT_YET
    }

    /**
     * @param chance 0 to 1 that it is known
     * @param why a sentence
     */
    public record Verdict(String skill, Standing standing, double chance, String why) {}

    /** Most items of a check over a course with so many skills. */
    public static int most(int skills) {
        return Math.clamp((int) (MOST_OF_COURSE * skills), Math.min(skills, FEW), MOST);
    }

    /**
     * The skill to ask next: the one whose chance is nearest one half. What an answer has settled is not asked, and
     * nothing that builds on what was said to be new. Empty when enough was asked.
     */
    public static Optional<Integer> next(SkillOrder order, List<Evidence> evidence, long seed) {
        if (evidence.size() >= most(order.size())) {
            return Optional.empty();
        }
        double[] known = Belief.of(order, evidence, seed);
        return IntStream.range(0, order.size())
                .filter(i -> known[i] > UNLIKELY
                        && known[i] < SURE
                        && times(i, evidence) < MOST_OF_ONE
                        && !isBeyondNew(order, evidence, i))
                .boxed()
                .min(Comparator.comparingDouble(i -> Math.abs(known[i] - 0.5) + 0.1 * times(i, evidence)));
    }

    private static boolean isBeyondNew(SkillOrder order, List<Evidence> evidence, int skill) {
        return evidence.stream()
                .anyMatch(e ->
                        e.kind() == Evidence.Kind.NEW && (e.skill() == skill || order.comesBefore(e.skill(), skill)));
    }

    private static long times(int skill, List<Evidence> evidence) {
        return evidence.stream().filter(e -> e.skill() == skill).count();
    }

    /** What is known, skill by skill in the order. */
    public static List<Verdict> verdicts(SkillOrder order, List<Evidence> evidence, long seed) {
        double[] known = Belief.of(order, evidence, seed);
        List<Verdict> verdicts = new ArrayList<>();
        for (int i = 0; i < order.size(); i++) {
            verdicts.add(new Verdict(
                    order.ids().get(i), standing(order, known, i), known[i], Reasons.why(order, evidence, known, i)));
        }
        return verdicts;
    }

    private static Standing standing(SkillOrder order, double[] known, int skill) {
        if (known[skill] >= SURE) {
            return Standing.KNOWN;
        }
        boolean open = IntStream.of(order.before(skill)).allMatch(i -> known[i] >= SURE);
        return open ? Standing.READY : Standing.NOT_YET;
    }
}
