package littlesummit.core.placement;

/**
 * One answered item.
 *
 * @param skill index in the order
 * @param guess chance, 0 to 1, that one who does not know is right all the same
 */
public record Evidence(int skill, Kind kind, double guess) {
    /** Chance that one who knows slips. Decided here; no source. */
    public static final double SLIP = 0.08;
    /** Chance that one who knows says that it is new: an honest answer, and nearly sure. */
    private static final double SHY = 0.01;

    /** What came of it. */
    public enum Kind {
        RIGHT,
        WRONG,
        NEW
    }

    /** How likely this is for one who knows the skill, or does not. */
    double likelihood(boolean known) {
        return switch (kind) {
            case RIGHT -> known ? 1 - SLIP : guess;
            case WRONG -> known ? SLIP : 1 - guess;
            case NEW -> known ? SHY : 1;
        };
    }
}
