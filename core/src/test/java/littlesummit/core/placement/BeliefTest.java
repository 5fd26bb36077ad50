package littlesummit.core.placement;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import littlesummit.core.placement.Evidence.Kind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class BeliefTest {
    /** @param before by skill, what comes directly before it */
    private static SkillOrder order(List<Set<Integer>> before) {
        return SkillOrder.of(
                IntStream.range(0, before.size()).mapToObj(i -> "s" + i).toList(), before);
    }

    private static SkillOrder chainOfThree() {
        return order(List.of(Set.of(), Set.of(0), Set.of(1)));
    }

    /** A random graph: each skill builds on up to two earlier ones. */
    private static SkillOrder random(int size, Random random) {
        List<Set<Integer>> before = new ArrayList<>(List.of(Set.of()));
        for (int i = 1; i < size; i++) {
            Set<Integer> needed = new TreeSet<>();
            for (int k = random.nextInt(3); k > 0; k--) {
                needed.add(random.nextInt(i));
            }
            before.add(needed);
        }
        return order(before);
    }

    private static List<Evidence> answers(int size, int count, Random random) {
        List<Evidence> answers = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            answers.add(new Evidence(
                    random.nextInt(size), Kind.values()[random.nextInt(3)], random.nextBoolean() ? 0.02 : 0.25));
        }
        return answers;
    }

    /** Three skills in a chain have the four states of a chain: {}, {0}, {0,1}, {0,1,2}. */
    @Test
    void aChainHasOneStateMoreThanSkills() {
        assertEquals(
                List.of(0, 1, 3, 7),
                java.util.Arrays.stream(ExactBelief.states(chainOfThree()))
                        .sorted()
                        .boxed()
                        .toList());
    }

    /** Worked by hand: each of the four states is as likely as the others before anything is answered. */
    @Test
    void beforeAnyAnswerEveryStateCountsAlike() {
        double[] known = ExactBelief.chances(chainOfThree(), List.of());
        assertEquals(0.75, known[0], 1e-12);
        assertEquals(0.5, known[1], 1e-12);
        assertEquals(0.25, known[2], 1e-12);
    }

    /** Worked by hand with Bayes: the middle skill of the chain right, slip 0.08, guess 0.2. */
    @Test
    void aRightAnswerSpeaksForWhatComesBefore() {
        double[] known = ExactBelief.chances(chainOfThree(), List.of(new Evidence(1, Kind.RIGHT, 0.2)));
        double all = 0.2 + 0.2 + 0.92 + 0.92;
        assertEquals((0.2 + 0.92 + 0.92) / all, known[0], 1e-12);
        assertEquals((0.92 + 0.92) / all, known[1], 1e-12);
        assertEquals(0.92 / all, known[2], 1e-12);
    }

    @Test
    void newToMeCountsAsSurelyNotKnown() {
        assertTrue(ExactBelief.chances(chainOfThree(), List.of(new Evidence(0, Kind.NEW, 0.02)))[0] < 0.04);
    }

    /**
     * For graphs of up to twenty skills all states can be gone through: the sampled chances must be the same but for
     * noise.
     */
    @ParameterizedTest
    @ValueSource(ints = {3, 6, 9, 12, 16, 20})
    void sampledChancesAgreeWithExactOnes(int size) {
        for (int seed = 0; seed < 6; seed++) {
            Random random = new Random(31L * size + seed);
            SkillOrder order = random(size, random);
            List<Evidence> answers = answers(size, size / 2 + seed, random);
            double[] exact = ExactBelief.chances(order, answers);
            double[] sampled = Sampler.chances(order, answers, seed);
            for (int skill = 0; skill < size; skill++) {
                assertEquals(
                        exact[skill], sampled[skill], 0.06, "size " + size + ", seed " + seed + ", skill " + skill);
            }
        }
    }

    @Test
    void groupsThatAreNotJoinedSayNothingOfEachOther() {
        SkillOrder order = order(List.of(Set.of(), Set.of(0), Set.of(), Set.of(2)));
        assertEquals(List.of(List.of(0, 1), List.of(2, 3)), order.groups());
        double[] apart = Belief.of(order, List.of(new Evidence(1, Kind.RIGHT, 0.02)), 1);
        double[] whole = ExactBelief.chances(order, List.of(new Evidence(1, Kind.RIGHT, 0.02)));
        for (int skill = 0; skill < 4; skill++) {
            assertEquals(whole[skill], apart[skill], 1e-12);
        }
    }

    @Test
    void theSameSeedGivesTheSameChances() {
        SkillOrder order = random(30, new Random(5));
        List<Evidence> answers = answers(30, 10, new Random(6));
        assertEquals(
                List.of(boxed(Sampler.chances(order, answers, 9))), List.of(boxed(Sampler.chances(order, answers, 9))));
    }

    private static List<Double> boxed(double[] values) {
        return java.util.Arrays.stream(values).boxed().toList();
    }

    @Test
    void everyStateHoldsWhatComesBefore() {
        SkillOrder order = random(12, new Random(3));
        for (int state : ExactBelief.states(order)) {
            for (int skill = 0; skill < 12; skill++) {
                for (int other = 0; other < 12; other++) {
                    assertTrue(
                            (state >> skill & 1) == 0 || !order.comesBefore(other, skill) || (state >> other & 1) == 1);
                }
            }
        }
    }

    /** A chain of skills that is longer than any number has bits: the first is the likelier the more speaks for it. */
    @Test
    void hundredsOfSkillsHaveAPlace() {
        List<Set<Integer>> chain = new ArrayList<>(List.of(Set.of()));
        IntStream.range(0, 149).forEach(i -> chain.add(Set.of(i)));
        SkillOrder order = order(chain);
        double[] known = Belief.of(order, List.of(new Evidence(75, Kind.RIGHT, 0.02)), 1);
        assertTrue(known[0] > 0.9 && known[149] < 0.5, known[0] + " " + known[149]);
        assertTrue(order.comesBefore(0, 149) && !order.comesBefore(149, 0));
        assertEquals(1, order.groups().size());
    }

    @Test
    void statesOfManySkillsAreNotGoneThrough() {
        SkillOrder order = random(ExactBelief.MOST + 1, new Random(3));
        assertThrows(IllegalArgumentException.class, () -> ExactBelief.states(order));
    }

    @Test
    void anOrderThatIsNoneIsRefused() {
        assertThrows(IllegalArgumentException.class, () -> order(List.of(Set.of(1), Set.of())));
    }
}
