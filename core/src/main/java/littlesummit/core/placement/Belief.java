package littlesummit.core.placement;

import java.util.Arrays;
import java.util.List;

/** How likely each skill is known, given what was answered; before any answer every state is as likely as every other. */
public final class Belief {
    /** Up to so many skills that hang together all states are gone through; beyond, states are sampled. */
    public static final int EXACT_UP_TO = 20;

    private Belief() {}

    /**
     * Skills that are not joined by prerequisites say nothing of each other, so each group that hangs together is looked at alone.
     *
     * @param seed of the sampling; the same gives the same
     * @return chance, 0 to 1, for each skill of the order
     */
    public static double[] of(SkillOrder order, List<Evidence> evidence, long seed) {
        double[] known = new double[order.size()];
        for (List<Integer> group : order.groups()) {
            SkillOrder part = order.only(group);
            List<Evidence> said = evidence.stream().filter(e -> group.contains(e.skill())).map(e -> new Evidence(group.indexOf(e.skill()), e.kind(), e.guess())).toList();
            double[] chances = part.size() <= EXACT_UP_TO ? exact(part, said) : Sampler.chances(part, said, seed);
            for (int i = 0; i < chances.length; i++) {
                known[group.get(i)] = chances[i];
            }
        }
        return known;
    }

    /** A state weighs what its skills gain by the answers. */
    static double[] exact(SkillOrder order, List<Evidence> evidence) {
        double[] gain = new double[order.size()];
        Arrays.fill(gain, 1);
        evidence.forEach(e -> gain[e.skill()] *= e.likelihood(true) / e.likelihood(false));
        long[] states = order.states();
        double[] weight = new double[states.length];
        double[] known = new double[order.size()];
        double all = 0;
        for (int i = 0; i < states.length; i++) {
            weight[i] = 1;
            for (long left = states[i]; left != 0; left &= left - 1) {
                weight[i] *= gain[Long.numberOfTrailingZeros(left)];
            }
            all += weight[i];
        }
        for (int i = 0; i < states.length; i++) {
            for (long left = states[i]; left != 0; left &= left - 1) {
                known[Long.numberOfTrailingZeros(left)] += weight[i] / all;
            }
        }
        return known;
    }
}
