package littlesummit.core.placement;

import java.util.List;

/**
 * How likely each skill is known, given what was answered; before any answer every state is as likely as every other.
 */
public final class Belief {
    private Belief() {}

    /**
     * Skills that are not joined by prerequisites say nothing of each other, so each group that hangs together is
     * looked at alone: of few skills all states are gone through, of more states are sampled.
     *
     * @param seed of the sampling; the same gives the same
     * @return chance, 0 to 1, for each skill of the order
     */
    public static double[] of(SkillOrder order, List<Evidence> evidence, long seed) {
        double[] known = new double[order.size()];
        for (List<Integer> group : order.groups()) {
            SkillOrder part = order.only(group);
            List<Evidence> said = evidence.stream()
                    .filter(e -> group.contains(e.skill()))
                    .map(e -> new Evidence(group.indexOf(e.skill()), e.kind(), e.guess()))
                    .toList();
            double[] chances = part.size() <= ExactBelief.MOST
                    ? ExactBelief.chances(part, said)
                    : Sampler.chances(part, said, seed);
            for (int i = 0; i < chances.length; i++) {
                known[group.get(i)] = chances[i];
            }
        }
        return known;
    }
}
