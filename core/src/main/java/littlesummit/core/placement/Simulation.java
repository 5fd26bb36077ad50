package littlesummit.core.placement;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import littlesummit.core.placement.Evidence.Kind;
import littlesummit.core.placement.Placement.Standing;

/** Simulated students go through the check, to see how well it finds what they know. */
public final class Simulation {
    private static final double GUESS = 0.03;

    private Simulation() {}

    /** Which skill is asked next: as the check does, each once in turn, or any. */
    public enum Way {
        ADAPTIVE,
        ONCE_EACH,
        RANDOM
    }

    /**
     * @param rightly share of skills, 0 to 1, classified rightly
     * @param items asked on average
     */
    public record Report(Way way, double rightly, double items) {}

    /** Students whose states are drawn at random; they slip and guess as {@link Evidence} supposes. */
    public static Report run(SkillOrder order, Way way, int students, long seed) {
        Random random = new Random(seed);
        double rightly = 0;
        double items = 0;
        for (int i = 0; i < students; i++) {
            BitSet state = state(order, random);
            List<Evidence> evidence = answers(way, order, state, random);
            var verdicts = Placement.verdicts(order, evidence, seed);
            rightly += IntStream.range(0, order.size())
                            .filter(s -> (verdicts.get(s).standing() == Standing.KNOWN) == state.get(s))
                            .count()
                    / (double) order.size();
            items += evidence.size();
        }
        return new Report(way, rightly / students, items / students);
    }

    private static List<Evidence> answers(Way way, SkillOrder order, BitSet state, Random random) {
        List<Evidence> evidence = new ArrayList<>();
        Optional<Integer> next = next(way, order, evidence, random);
        while (next.isPresent()) {
            boolean right = random.nextDouble() < (state.get(next.get()) ? 1 - Evidence.SLIP : GUESS);
            evidence.add(new Evidence(next.get(), right ? Kind.RIGHT : Kind.WRONG, GUESS));
            next = next(way, order, evidence, random);
        }
        return evidence;
    }

    private static Optional<Integer> next(Way way, SkillOrder order, List<Evidence> evidence, Random random) {
        return switch (way) {
            case ADAPTIVE -> Placement.next(order, evidence, 1);
            case ONCE_EACH -> evidence.size() < order.size() ? Optional.of(evidence.size()) : Optional.empty();
            case RANDOM ->
                evidence.size() < Placement.most(order.size())
                        ? Optional.of(random.nextInt(order.size()))
                        : Optional.empty();
        };
    }

    /**
     * A state between knowing nothing and knowing all: skills are added in their order, each with the same chance for
     * this student.
     */
    static BitSet state(SkillOrder order, Random random) {
        double chance = 0.2 + 0.75 * random.nextDouble();
        BitSet state = new BitSet(order.size());
        for (int skill = 0; skill < order.size(); skill++) {
            if (order.isOpen(state, skill) && random.nextDouble() < chance) {
                state.set(skill);
            }
        }
        return state;
    }
}
