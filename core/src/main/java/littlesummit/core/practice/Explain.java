package littlesummit.core.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** The sentences that go with the numbers, so that no change is left unexplained. */
public final class Explain {
    private static final List<String> LEVELS = List.of("first", "second", "third");

    private Explain() {}

    /** @param tier 1 to 3 */
    public static String level(int tier) {
        return LEVELS.get(tier - 1);
    }

    /** Why it moved, or did not. */
    public static String step(Target target, Step step) {
        if (step.regained()) {
            return "back to where you were: the one like it was right.";
        }
        if (step.terms().read() && step.outcome().isRightUnaided()) {
            return step.isWaiting()
                    ? "handed in; it counts once it is read."
                    : "your picture and your words have been read.";
        }
        return switch (target) {
            case Target.Score s -> byScore(step);
            case Target.Quiz q -> byScore(step);
            case Target.Check c -> byScore(step);
            case Target.Run r -> byRun(r, step);
            case Target.Percent p -> bySet(step);
            case Target.Lesson l -> byLesson(step);
        };
    }

    private static String byScore(Step step) {
        return switch (step.outcome()) {
            case UNAIDED_FIRST -> "right at once, on the " + level(step.tier()) + " level.";
            case UNAIDED_LATER -> "right on a later try, which counts half.";
            case AIDED -> "right after a hint, which leaves the score as it is.";
            case MISSED -> "missed on the " + level(step.tier()) + " level; what you have on the other levels stays.";
        };
    }

    private static String byRun(Target.Run target, Step step) {
        int moved = step.after() - step.before();
        return switch (step.outcome()) {
            case UNAIDED_FIRST, UNAIDED_LATER ->
                moved == 2
                        ? "two steps, because the one before was right too."
                        : moved == 1 && step.after() < target.steps()
                                ? "one step. Right again now, and it is two."
                                : "right; the " + target.steps() + " steps are done.";
            case AIDED -> "right after a hint, which moves no step and breaks no run.";
            case MISSED ->
                moved < 0
                        ? "missed: one step back, and the run starts again."
                        : "missed: the run starts again. There is no step below the first.";
        };
    }

    private static String bySet(Step step) {
        return switch (step.outcome()) {
            case UNAIDED_FIRST, UNAIDED_LATER ->
                step.after() > step.before() ? "right; it stays right." : "right; this one was beyond the set.";
            case AIDED -> "right after a hint. It can be done once more without one.";
            case MISSED -> "missed. It comes back at the end, with other numbers.";
        };
    }

    private static String byLesson(Step step) {
        return switch (step.outcome()) {
            case UNAIDED_FIRST, UNAIDED_LATER, AIDED ->
                step.after() > step.before() ? "right; on to the next step." : "right; the lesson was done already.";
            case MISSED -> "missed; it comes again with other numbers.";
        };
    }

    /** What there is to reach, on each skill. */
    public static String target(Target target) {
        return switch (target) {
            case Target.Score(int score) -> "score " + score + " on each skill";
            case Target.Run(int inRow, int steps) -> inRow + " right in a row or " + steps + " steps on each skill";
            case Target.Percent(int percent, int items) -> percent + "% of " + items + " items right on each skill";
            case Target.Quiz(int percent) -> "quiz score " + percent + "%";
            case Target.Check c -> "take the starting check";
            case Target.Lesson l -> "all steps of the lesson";
        };
    }

    /** What applies where this is the target, in short sentences. */
    public static List<String> policy(Policy policy, Target target) {
        boolean isLesson = target instanceof Target.Lesson;
        boolean comesBack = isLesson || target instanceof Target.Percent;
        List<String> lines = new ArrayList<>();
        lines.add(count(policy.openTries()) + " typed, "
                + count(policy.choiceTries()).toLowerCase(Locale.ROOT) + " on a choice");
        lines.add(
                !policy.hints()
                        ? "No hints here"
                        : isLesson ? "A hint costs nothing here" : "A hint keeps an item out of the target");
        lines.add(policy.example() ? "Examples cost nothing" : "No worked examples here");
        if (policy.freeForms() > 0) {
            lines.add("A first form slip is free");
        }
        if (!policy.similar() && !comesBack) {
            lines.add("No other one like a missed item");
        }
        if (policy.work() == Policy.Work.REQUIRED) {
            lines.add("Work must be shown");
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
