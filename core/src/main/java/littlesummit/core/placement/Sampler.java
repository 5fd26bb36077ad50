package littlesummit.core.placement;

import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;

/**
 * Samples states by Markov chains that add or take away one skill at a time (N. Metropolis and others, Equation of State Calculations by
 * Fast Computing Machines, 1953). Answers that contradict each other part the states into valleys; so several chains run side by side, the later
 * ones heeding the answers less, and neighbours change places at times (K. Hukushima and K. Nemoto, Exchange Monte Carlo Method, 1996).
 */
final class Sampler {
    /** How much each chain heeds the answers; the first is the one that counts. */
    private static final double[] HEED = {1, 0.65, 0.4, 0.2, 0};
    private static final int SWEEPS = 6000;
    private static final int SETTLING = 600;
    private final Random random;
    private final double[] gain;
    private final long[] before;
    private final long[] after;
    private final long[] states = new long[HEED.length];
    /** Logarithm of how likely the answers are in each chain's state, against knowing nothing. */
    private final double[] fit = new double[HEED.length];

    private Sampler(SkillOrder order, List<Evidence> evidence, long seed) {
        this.random = new Random(seed);
        this.gain = new double[order.size()];
        evidence.forEach(e -> gain[e.skill()] += Math.log(e.likelihood(true) / e.likelihood(false)));
        this.before = order.before().stream().mapToLong(m -> m).toArray();
        this.after = IntStream.range(0, order.size()).mapToLong(order::after).toArray();
    }

    /** Chance, 0 to 1, for each skill. */
    static double[] chances(SkillOrder order, List<Evidence> evidence, long seed) {
        return new Sampler(order, evidence, seed).run();
    }

    private double[] run() {
        double[] known = new double[gain.length];
        for (int sweep = 0; sweep < SETTLING + SWEEPS; sweep++) {
            for (int chain = 0; chain < HEED.length; chain++) {
                for (int step = 0; step < gain.length; step++) {
                    step(chain, random.nextInt(gain.length));
                }
            }
            exchange(random.nextInt(HEED.length - 1));
            for (int skill = 0; sweep >= SETTLING && skill < known.length; skill++) {
                known[skill] += SkillOrder.has(states[0], skill) ? 1 : 0;
            }
        }
        return Arrays.stream(known).map(k -> k / SWEEPS).toArray();
    }

    private void step(int chain, int skill) {
        boolean in = SkillOrder.has(states[chain], skill);
        boolean may = in ? (states[chain] & after[skill]) == 0 : (states[chain] & before[skill]) == before[skill];
        double change = in ? -gain[skill] : gain[skill];
        if (may && (change >= 0 || random.nextDouble() < Math.exp(HEED[chain] * change))) {
            states[chain] ^= 1L << skill;
            fit[chain] += change;
        }
    }

    /** Two neighbours change places as often as keeps each chain true. */
    private void exchange(int chain) {
        double change = (HEED[chain] - HEED[chain + 1]) * (fit[chain + 1] - fit[chain]);
        if (change >= 0 || random.nextDouble() < Math.exp(change)) {
            long state = states[chain];
            double was = fit[chain];
            states[chain] = states[chain + 1];
            fit[chain] = fit[chain + 1];
            states[chain + 1] = state;
            fit[chain + 1] = was;
        }
    }
}
