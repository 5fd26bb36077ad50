package littlesummit.core.placement;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import littlesummit.core.placement.Evidence.Kind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class BeliefTest {
    private static SkillOrder order(long... before) {
        return new SkillOrder(IntStream.range(0, before.length).mapToObj(i -> "s" + i).toList(), java.util.Arrays.stream(before).boxed().toList());
    }

    /** A random graph: each skill builds on up to two earlier ones. */
    private static SkillOrder random(int size, Random random) {
        long[] before = new long[size];
        for (int i = 1; i < size; i++) {
            for (int k = random.nextInt(3); k > 0; k--) {
                before[i] |= 1L << random.nextInt(i);
            }
        }
        return order(before);
    }

    private static List<Evidence> answers(int size, int count, Random random) {
        List<Evidence> answers = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            answers.add(new Evidence(random.nextInt(size), Kind.values()[random.nextInt(3)], random.nextBoolean() ? 0.02 : 0.25));
        }
        return answers;
    }

    /** Three skills in a chain have the four states of a chain: {}, {0}, {0,1}, {0,1,2}. */
    @Test
    void aChainHasOneStateMoreThanSkills() {
        assertEquals(List.of(0L, 1L, 3L, 7L), java.util.Arrays.stream(order(0, 1, 2).states()).sorted().boxed().toList());
    }

    /** Worked by hand: each of the four states is as likely as the others before anything is answered. */
    @Test
    void beforeAnyAnswerEveryStateCountsAlike() {
        double[] known = Belief.exact(order(0, 1, 2), List.of());
        assertEquals(0.75, known[0], 1e-12);
        assertEquals(0.5, known[1], 1e-12);
        assertEquals(0.25, known[2], 1e-12);
    }

    /** Worked by hand with Bayes: the middle skill of the chain right, slip 0.08, guess 0.2. */
    @Test
    void aRightAnswerSpeaksForWhatComesBefore() {
        double[] known = Belief.exact(order(0, 1, 2), List.of(new Evidence(1, Kind.RIGHT, 0.2)));
        double all = 0.2 + 0.2 + 0.92 + 0.92;
        assertEquals((0.2 + 0.92 + 0.92) / all, known[0], 1e-12);
        assertEquals((0.92 + 0.92) / all, known[1], 1e-12);
        assertEquals(0.92 / all, known[2], 1e-12);
    }

    @Test
    void newToMeCountsAsSurelyNotKnown() {
        assertTrue(Belief.exact(order(0, 1, 2), List.of(new Evidence(0, Kind.NEW, 0.02)))[0] < 0.04);
    }

    /** For graphs of up to twenty skills all states can be gone through: the sampled chances must be the same but for noise. */
    @ParameterizedTest
    @ValueSource(ints = {3, 6, 9, 12, 16, 20})
    void sampledChancesAgreeWithExactOnes(int size) {
        for (int seed = 0; seed < 6; seed++) {
            Random random = new Random(31L * size + seed);
            SkillOrder order = random(size, random);
            List<Evidence> answers = answers(size, size / 2 + seed, random);
            double[] exact = Belief.exact(order, answers);
            double[] sampled = Sampler.chances(order, answers, seed);
            for (int skill = 0; skill < size; skill++) {
                assertEquals(exact[skill], sampled[skill], 0.06, "size " + size + ", seed " + seed + ", skill " + skill);
            }
        }
    }

    @Test
    void groupsThatAreNotJoinedSayNothingOfEachOther() {
        SkillOrder order = order(0, 1, 0, 4);
        assertEquals(List.of(List.of(0, 1), List.of(2, 3)), order.groups());
        double[] apart = Belief.of(order, List.of(new Evidence(1, Kind.RIGHT, 0.02)), 1);
        double[] whole = Belief.exact(order, List.of(new Evidence(1, Kind.RIGHT, 0.02)));
        for (int skill = 0; skill < 4; skill++) {
            assertEquals(whole[skill], apart[skill], 1e-12);
        }
    }

    @Test
    void theSameSeedGivesTheSameChances() {
        SkillOrder order = random(30, new Random(5));
        List<Evidence> answers = answers(30, 10, new Random(6));
        assertEquals(List.of(boxed(Sampler.chances(order, answers, 9))), List.of(boxed(Sampler.chances(order, answers, 9))));
    }

    private static List<Double> boxed(double[] values) {
        return java.util.Arrays.stream(values).boxed().toList();
    }

    @Test
    void everyStateHoldsWhatComesBefore() {
        SkillOrder order = random(12, new Random(3));
        for (long state : order.states()) {
            for (int skill = 0; skill < 12; skill++) {
                long before = order.allBefore(skill);
                assertTrue(!SkillOrder.has(state, skill) || (state & before) == before);
            }
        }
    }

    @Test
    void anOrderThatIsNoneIsRefused() {
        assertThrows(IllegalArgumentException.class, () -> order(2, 0));
    }
}
