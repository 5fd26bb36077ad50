package littlesummit.core.practice;

/**
 * A simulated learner by the knowledge tracing model of A. T. Corbett and J. R. Anderson (User Modeling and
 * User-Adapted Interaction 4, 1995): knows a skill or does not, and may come to know it after any item.
 *
 * @param initial chance of knowing it at the start
 * @param learn chance of coming to know it with an item
 * @param slip chance of a wrong answer in spite of knowing
 * @param guess chance of a right answer without knowing
 */
public record Learner(double initial, double learn, double slip, double guess) {
    public Learner {
        for (double chance : new double[] {initial, learn, slip, guess}) {
            if (!(chance >= 0 && chance <= 1)) {
                throw new IllegalArgumentException("a chance lies between 0 and 1, not " + chance);
            }
        }
    }
}
