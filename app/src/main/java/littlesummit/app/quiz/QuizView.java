package littlesummit.app.quiz;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import littlesummit.app.practice.PracticeView.ItemView;
import littlesummit.core.quiz.Round;

/**
 * What the quiz screen shows. Nothing in it tells what is right while a round is open.
 *
 * @param minutes of a round, with the student's extra time in it
 * @param extraPercent how much of that is extra
 * @param opensAfter skills of the assignment that must be reached first
 * @param running the open round
 * @param workRequired whether work is to be shown for every item
 * @param best percent of the best round so far
 */
public record QuizView(
        String assignmentId,
        String assignment,
        Optional<Instant> due,
        PhaseDto phase,
        List<QuizSkill> skills,
        int items,
        int minutes,
        int extraPercent,
        int rounds,
        int target,
        int best,
        boolean reached,
        boolean workRequired,
        List<String> rules,
        PointsView points,
        List<RoundView> done,
        List<String> opensAfter,
        Optional<Running> running) {

    /** @param items of this skill in a round */
    public record QuizSkill(String id, String name, int items) {}

    /** @param have and {@code most} as they are read, whole or with one decimal place */
    public record PointsView(List<PointsRow> rows, String have, int most) {}

    /** @param adds what the next thing to do would add */
    public record PointsRow(String what, String have, int most, boolean full, String adds) {}

    /** How an item of a round was marked. */
    public enum Mark {
        RIGHT,
        FORM,
        WRONG,
        EMPTY;

        static Mark of(Round.Mark core) {
            return switch (core) {
                case RIGHT -> RIGHT;
                case FORM -> FORM;
                case WRONG -> WRONG;
                case EMPTY -> EMPTY;
            };
        }
    }

    /**
     * @param marks by place
     * @param toCorrect notes still to be written
     */
    public record RoundView(int number, int percent, List<Mark> marks, int toCorrect) {}

    /**
     * @param secondsLeft by the server's clock
     * @param seconds of the whole round
     */
    public record Running(int number, long secondsLeft, long seconds, List<RunningItem> items) {}

    /**
     * @param answered whether everything is entered
     * @param worked whether anything stands on its page
     */
    public record RunningItem(int slot, boolean flagged, boolean answered, boolean worked, ItemView item) {}

    /** A round that is done. */
    public record RoundResult(int number, int percent, int rounds, PhaseDto phase, List<ResultItem> items) {}

    /**
     * @param note the correction, once there is one
     * @param wantsNote whether it needs one
     * @param worked whether anything stands on its page
     */
    public record ResultItem(
            int slot, Mark mark, boolean wantsNote, Optional<String> note, boolean worked, ItemView item) {}
}
