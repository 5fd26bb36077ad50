package littlesummit.core.placement;

import java.util.Arrays;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;

/**
 * Samples states by Markov chains that go through the skills and put each in or out by its chance, where the others
 * allow both (S. Geman and D. Geman, Stochastic Relaxation, Gibbs Distributions, and the Bayesian Restoration of
 * Images, 1984). Answers that contradict each other part the states into valleys; so several chains run side by side,
 * the later ones heeding the answers less, and neighbours change places at times (K. Hukushima and K. Nemoto, Exchange
 * Monte Carlo Method, 1996).
 */
final class Sampler {
    /** How much each chain heeds the answers; the first is the one that counts. */
    private static final double[] HEED = {1, 0.65, 0.4, 0.2, 0};
    /**
     * Sweeps over all skills that count. Fewer where there are many skills: each sweep tells more then, and somebody
     * waits.
     */
    private static final int MOST_SWEEPS = 6000;

    private static final int FEWEST_SWEEPS = 800;
    private static final int MOVES = 1_200_000;
    /** One sweep in so many comes first, to settle. */
    private static final int SETTLING = 10;

    private final SplittableRandom random;
    private final double[] gain;
    /** Chance that a skill which may be in a state or out of it is in it, by chain and skill. */
    private final double[][] likely;

    private final Chain[] chains = new Chain[HEED.length];

    private Sampler(SkillOrder order, List<Evidence> evidence, long seed) {
        this.random = new SplittableRandom(seed);
        this.gain = new double[order.size()];
        evidence.forEach(e -> gain[e.skill()] += Math.log(e.likelihood(true) / e.likelihood(false)));
        this.likely = Arrays.stream(HEED)
                .mapToObj(heed -> Arrays.stream(gain)
                        .map(g -> 1 / (1 + Math.exp(-heed * g)))
                        .toArray())
                .toArray(double[][]::new);
        Arrays.setAll(chains, i -> new Chain(order));
    }

    /** Chance, 0 to 1, for each skill. */
    static double[] chances(SkillOrder order, List<Evidence> evidence, long seed) {
        return new Sampler(order, evidence, seed).run();
    }

    private double[] run() {
        int sweeps = Math.clamp(MOVES / (long) (HEED.length * gain.length), FEWEST_SWEEPS, MOST_SWEEPS);
        int settling = sweeps / SETTLING;
        double[] known = new double[gain.length];
        for (int sweep = 0; sweep < settling + sweeps; sweep++) {
            for (int chain = 0; chain < HEED.length; chain++) {
                sweep(chains[chain], likely[chain]);
            }
            exchange(random.nextInt(HEED.length - 1));
            for (int skill = 0; sweep >= settling && skill < known.length; skill++) {
                known[skill] += chains[0].has[skill] ? 1 : 0;
            }
        }
        return Arrays.stream(known).map(k -> k / sweeps).toArray();
    }

    private void sweep(Chain chain, double[] chances) {
        for (int skill = 0; skill < gain.length; skill++) {
            if (chain.mayTurn(skill) && random.nextDouble() < chances[skill] != chain.has[skill]) {
                chain.turn(skill, chain.has[skill] ? -gain[skill] : gain[skill]);
            }
        }
    }

    /** Two neighbours change places as often as keeps each chain true. */
    private void exchange(int chain) {
        double change = (HEED[chain] - HEED[chain + 1]) * (chains[chain + 1].fit - chains[chain].fit);
        if (change >= 0 || random.nextDouble() < Math.exp(change)) {
            Chain was = chains[chain];
            chains[chain] = chains[chain + 1];
            chains[chain + 1] = was;
        }
    }

    /**
     * One state that changes by a skill at a time. What each skill waits for and holds is counted along, so that a move
     * costs nothing to judge.
     */
    private static final class Chain {
        private final boolean[] has;
        /** Direct prerequisites that are not in the state, by skill. */
        private final int[] missing;
        /** Skills in the state that build directly on a skill. */
        private final int[] built;

        private final int[][] before;
        private final int[][] after;
        /** Logarithm of how likely the answers are in this state, against knowing nothing. */
        private double fit;

        Chain(SkillOrder order) {
            this.has = new boolean[order.size()];
            this.before =
                    IntStream.range(0, order.size()).mapToObj(order::before).toArray(int[][]::new);
            this.after = IntStream.range(0, order.size()).mapToObj(order::after).toArray(int[][]::new);
            this.missing = Arrays.stream(before).mapToInt(b -> b.length).toArray();
            this.built = new int[order.size()];
        }

        boolean mayTurn(int skill) {
            return has[skill] ? built[skill] == 0 : missing[skill] == 0;
        }

        void turn(int skill, double change) {
            int step = has[skill] ? -1 : 1;
            has[skill] = !has[skill];
            for (int later : after[skill]) {
                missing[later] -= step;
            }
            for (int earlier : before[skill]) {
                built[earlier] += step;
            }
            fit += change;
        }
    }
}
