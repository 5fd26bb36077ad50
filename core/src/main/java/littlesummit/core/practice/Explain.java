package littlesummit.core.practice;

import java.util.ArrayList;
import java.util.List;

/** The sentences that go with the numbers, so that no change of a score is left unexplained. */
public final class Explain {
    private static final List<String> GROUND = List.of("gentle ground", "steady ground", "steep ground");

    private Explain() {}

    /** @param tier 1 to 3 */
    public static String ground(int tier) {
        return GROUND.get(tier - 1);
    }

    /** Why the score moved, or did not. */
    public static String step(Step step) {
        if (step.regained()) {
            return "back to where you were: the one like it was right.";
        }
        return switch (step.outcome()) {
            case UNAIDED_FIRST -> "right at once on " + ground(step.tier()) + ".";
            case UNAIDED_LATER -> "right on a later try, which counts half.";
            case AIDED -> "right after a hint, which leaves the score as it is.";
            case MISSED -> "missed on " + ground(step.tier()) + "; only that tier gives way.";
        };
    }

    /** What applies in an assignment, in short sentences. */
    public static List<String> policy(Policy policy) {
        List<String> lines = new ArrayList<>();
        lines.add(count(policy.openTries()) + " typed, " + count(policy.choiceTries()).toLowerCase(java.util.Locale.ROOT)
                + " on a choice");
        if (policy.hints()) {
            lines.add("Hints keep an item out of the score");
        }
        if (policy.example()) {
            lines.add("Examples cost nothing");
        }
        if (policy.freeForms() > 0) {
            lines.add("A first form slip is free");
        }
        return lines;
    }

    private static String count(int tries) {
        return switch (tries) {
            case 1 -> "One try";
            case 2 -> "Two tries";
            case 3 -> "Three tries";
            default -> tries + " tries";
        };
    }
}
