package littlesummit.core.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SimulationTest {
    private static final Learner PERFECT = new Learner(1, 0, 0, 0);

    /** Who knows and never slips takes exactly the fewest items that a target can need. */
    @ParameterizedTest
    @CsvSource({"score:80,6", "score:61,4", "run:3/5,3", "percent:75/10,8", "percent:100/6,6"})
    void thePerfectLearnerTakesTheShortestWay(String target, int items) {
        Simulation.Outcomes outcomes = Simulation.run(Target.of(target).orElseThrow(), PERFECT, 50, 7);

        assertEquals(items, outcomes.median());
        assertEquals(items, outcomes.mean());
        assertEquals(0, outcomes.unreached() + outcomes.withoutKnowing() + outcomes.heldBack());
    }

    @Test
    void whoNeverKnowsAndNeverGuessesNeverReaches() {
        assertEquals(
                1,
                Simulation.run(new Target.Run(3, 5), new Learner(0, 0, 0, 0), 30, 7)
                        .unreached());
    }

    @Test
    void aShortRunIsReachedByGuessingMoreOftenThanALongOne() {
        Learner guesser = new Learner(0, 0, 0, 0.4);
        double shorter = Simulation.run(new Target.Run(3, 5), guesser, 400, 7).mean();
        double longer = Simulation.run(new Target.Run(5, 12), guesser, 400, 7).mean();

        assertTrue(shorter < longer, shorter + " " + longer);
        assertEquals(1, Simulation.run(new Target.Run(3, 5), guesser, 400, 7).withoutKnowing());
    }

    @Test
    void theSameSeedGivesTheSameTable() {
        Learner learner = new Learner(0.2, 0.15, 0.1, 0.1);
        assertEquals(
                Simulation.run(new Target.Score(80), learner, 100, 3),
                Simulation.run(new Target.Score(80), learner, 100, 3));
    }

    @Test
    void chancesLieBetweenNoughtAndOne() {
        for (double bad : List.of(-0.1, 1.1, Double.NaN)) {
            assertThrows(IllegalArgumentException.class, () -> new Learner(0, bad, 0, 0));
        }
    }
}
