package littlesummit.core.practice;

/**
 * How far each tier of steepness is mastered.
 *
 * @param gentle level of tier 1, 0 to 1
 * @param steady level of tier 2
 * @param steep level of tier 3
 */
public record Mastery(double gentle, double steady, double steep) {
    /** The parameters of the score, in one place. */
    static final double[] WEIGHTS = {0.40, 0.35, 0.25};

    static final double GAIN = 0.45;
    static final double LOSS = 0.35;
    static final double LATER_SHARE = 0.5;
    static final double MOVE_ON = 0.65;

    public static final Mastery NONE = new Mastery(0, 0, 0);

    /** 0 to 100. */
    public int score() {
        return (int) Math.round(100 * (WEIGHTS[0] * gentle + WEIGHTS[1] * steady + WEIGHTS[2] * steep));
    }

    /** @param tier 1 to 3 */
    public double level(int tier) {
        return switch (tier) {
            case 1 -> gentle;
            case 2 -> steady;
            case 3 -> steep;
            default -> throw new IllegalArgumentException("tier " + tier);
        };
    }

    public Mastery withLevel(int tier, double level) {
        return switch (tier) {
            case 1 -> new Mastery(level, steady, steep);
            case 2 -> new Mastery(gentle, level, steep);
            case 3 -> new Mastery(gentle, steady, level);
            default -> throw new IllegalArgumentException("tier " + tier);
        };
    }

    /** The tier to practise on: the lowest that is not yet firm, else the steepest. */
    public int tier() {
        return gentle < MOVE_ON ? 1 : steady < MOVE_ON ? 2 : 3;
    }

    /**
     * After an item right without help.
     *
     * @param guess chance of being right by guessing
     * @param firstTry whether at once
     */
    public Mastery right(int tier, double guess, boolean firstTry) {
        return right(tier, guess, firstTry, 1);
    }

    /** The same where only a share of it counts, 0 to 1: the credit of the work that was read. */
    Mastery right(int tier, double guess, boolean firstTry, double share) {
        double gain = GAIN * (1 - guess) * (firstTry ? 1 : LATER_SHARE) * share;
        Mastery result = this;
        for (int s = 1; s <= tier; s++) {
            result = result.withLevel(s, level(s) + gain * (1 - level(s)));
        }
        return result;
    }

    /** After a missed item: only its own tier gives way. */
    public Mastery missed(int tier) {
        return withLevel(tier, level(tier) - LOSS * level(tier));
    }
}
