package littlesummit.core.quiz;

import java.util.List;

/**
 * How points come together, open to everybody.
 *
 * @param steps for rounds that are done and corrected
 * @param weight points for each tenth of the best round
 */
public record PointsScheme(List<Step> steps, int weight) {
    private static final int TENTHS = 10;

    /** Five, five, ten, and twice the best of ten: 40 in all. Common practice; no source. */
    public static final PointsScheme DEFAULT =
            new PointsScheme(List.of(new Step(1, 1, 5), new Step(2, 2, 5), new Step(3, 5, 10)), 2);

    /** @param from and to, rounds counted from 1, that earn it together */
    public record Step(int from, int to, int points) {
        public Step {
            if (from < 1 || to < from || points < 0) {
                throw new IllegalArgumentException("a step from round " + from + " to " + to + " for " + points);
            }
        }
    }

    public PointsScheme {
        steps = List.copyOf(steps);
        if (weight < 0) {
            throw new IllegalArgumentException("weight " + weight);
        }
    }

    /**
     * The same scheme for fewer rounds: steps beyond the last round end with it, and those wholly beyond it fall away.
     */
    public PointsScheme within(int rounds) {
        return new PointsScheme(
                steps.stream()
                        .filter(s -> s.from() <= rounds)
                        .map(s -> new Step(s.from(), Math.min(s.to(), rounds), s.points()))
                        .toList(),
                weight);
    }

    /** What everything together gives. */
    public int most() {
        return steps.stream().mapToInt(Step::points).sum() + weight * TENTHS;
    }

    int forTheBest() {
        return weight * TENTHS;
    }
}
