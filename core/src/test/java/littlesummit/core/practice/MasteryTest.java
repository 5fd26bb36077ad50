package littlesummit.core.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class MasteryTest {
    /** Worked out by hand from the three levels; the rule is ours. */
    @Test
    void scoresOfNineRightAnswersInARow() {
        List<Integer> scores = new ArrayList<>();
        Mastery m = Mastery.NONE;
        for (int i = 0; i < 9; i++) {
            m = m.right(m.tier(), 0, true);
            scores.add(m.score());
        }
        assertEquals(List.of(18, 28, 49, 61, 78, 88, 93, 96, 98), scores);
    }

    @Test
    void aMissOnSteepGroundLeavesGentleGroundAlone() {
        Mastery before = new Mastery(0.8, 0.7, 0.4);
        Mastery after = before.missed(3);

        assertEquals(0.8, after.gentle());
        assertEquals(0.7, after.steady());
        assertEquals(0.26, after.steep(), 1e-12);
    }

    @Test
    void aLaterTryGainsHalf() {
        assertEquals(0.225, Mastery.NONE.right(1, 0, false).gentle(), 1e-12);
    }

    @Test
    void aChoiceGainsLessTheEasierItIsToGuess() {
        assertEquals(0.3375, Mastery.NONE.right(1, 0.25, true).gentle(), 1e-12);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5})
    void levelsStayBetweenNothingAndAllOfIt(long seed) {
        Random random = new Random(seed);
        Mastery m = Mastery.NONE;
        for (int i = 0; i < 500; i++) {
            m = random.nextBoolean()
                    ? m.right(1 + random.nextInt(3), random.nextDouble(), random.nextBoolean())
                    : m.missed(1 + random.nextInt(3));
            assertTrue(m.score() >= 0 && m.score() <= 100, "seed " + seed + " step " + i);
        }
    }
}
