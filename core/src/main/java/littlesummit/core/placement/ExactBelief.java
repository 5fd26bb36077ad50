package littlesummit.core.placement;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/** Goes through all knowledge states, which can be done for few skills. */
final class ExactBelief {
    /** Twenty skills that nothing joins have a million states. */
    static final int MOST = 20;

    private ExactBelief() {}

    /** Chance, 0 to 1, for each skill. A state weighs what its skills gain by the answers. */
    static double[] chances(SkillOrder order, List<Evidence> evidence) {
        double[] gain = new double[order.size()];
        Arrays.fill(gain, 1);
        evidence.forEach(e -> gain[e.skill()] *= e.likelihood(true) / e.likelihood(false));
        double[] known = new double[order.size()];
        double all = 0;
        for (int state : states(order)) {
            double weight = 1;
            for (int left = state; left != 0; left &= left - 1) {
                weight *= gain[Integer.numberOfTrailingZeros(left)];
            }
            all += weight;
            for (int left = state; left != 0; left &= left - 1) {
                known[Integer.numberOfTrailingZeros(left)] += weight;
            }
        }
        double total = all;
        return Arrays.stream(known).map(k -> k / total).toArray();
    }

    /**
     * All states as bit masks, skill i at bit i.
     *
     * @throws IllegalArgumentException for more than {@link #MOST} skills
     */
    static int[] states(SkillOrder order) {
        if (order.size() > MOST) {
            throw new IllegalArgumentException(order.size() + " skills have too many states");
        }
        int[] states = new int[1];
        int count = 1;
        for (int skill = 0; skill < order.size(); skill++) {
            int needed = IntStream.of(order.before(skill)).map(b -> 1 << b).reduce(0, (a, b) -> a | b);
            states = Arrays.copyOf(states, 2 * count);
            int there = count;
            for (int i = 0; i < there; i++) {
                if ((states[i] & needed) == needed) {
                    states[count++] = states[i] | 1 << skill;
                }
            }
        }
        return Arrays.copyOf(states, count);
    }
}
