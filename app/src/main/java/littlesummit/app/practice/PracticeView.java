package littlesummit.app.practice;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import littlesummit.app.content.WorkedStepDto;
import littlesummit.app.shown.ShownBlock;
import littlesummit.app.shown.ShownLayout;
import littlesummit.app.shown.ShownResponse;
import littlesummit.app.shown.ShownSecondView;
import littlesummit.core.practice.Standing;

/** What the practice screen shows. Answers stand in it only for parts that are closed. */
public record PracticeView(
        String assignmentId,
        String assignment,
        Optional<Instant> due,
        boolean late,
        String skillId,
        String skill,
        TargetView target,
        List<Point> history,
        ForecastDto forecast,
        List<String> policy,
        boolean checksOwnLines,
        boolean workRequired,
        long secondsWorked,
        Around around,
        ItemView item) {

    /** How an item of a fixed set stands. */
    public enum Mark {
        OPEN,
        RIGHT,
        AIDED,
        MISSED;

        static Mark of(Standing.Mark core) {
            return switch (core) {
                case OPEN -> OPEN;
                case RIGHT -> RIGHT;
                case AIDED -> AIDED;
                case MISSED -> MISSED;
            };
        }
    }

    /**
     * The target and where the student stands, in its own measure.
     *
     * @param says the target in words
     * @param stands in it for sure: work that waits to be read does not count yet
     * @param hoped the same once all of it is read and perfect
     * @param pagesWaiting pages that wait to be read
     * @param reachedWaiting whether it is reached but for the reading
     * @param flag measure at which it is reached
     * @param inRow right in a row now
     * @param rowWanted in a row that reach a run at once, 0 elsewhere
     * @param slots of a fixed set
     * @param slot the one being worked on, −1 for none
     * @param steps what each place of a lesson is, none elsewhere
     */
    public record TargetView(
            Measure kind,
            String says,
            int stands,
            int hoped,
            int pagesWaiting,
            boolean reachedWaiting,
            int flag,
            boolean reached,
            int inRow,
            int rowWanted,
            List<Mark> slots,
            int slot,
            List<LessonStep> steps) {}

    /**
     * A place of a lesson.
     *
     * @param begins whether another stage begins with it
     */
    public record LessonStep(String name, boolean begins) {}

    /** What is counted: the mastery score, steps of a run, or items right of a fixed set. */
    public enum Measure {
        SCORE,
        RUN,
        SET
    }

    /**
     * One closed item.
     *
     * @param waiting whether its work waits to be read
     * @param stands after it, in the measure of the target, unread work counted in full
     * @param why a sentence without its subject
     */
    public record Point(int stands, int change, String outcome, boolean waiting, boolean regained, String why) {}

    /**
     * What lies around this skill.
     *
     * @param missing prerequisites that are not known yet; said until the first item is done
     * @param lesson a lesson that leads here
     * @param teaches the skill that a lesson leads to
     * @param next a skill of the same assignment that is still to be reached; said once this one is
     * @param offer another way on, after several misses in a row
     */
    public record Around(
            List<SkillLink> missing,
            Optional<SkillLink> lesson,
            Optional<SkillLink> teaches,
            Optional<SkillLink> next,
            Optional<Offer> offer) {}

    /**
     * @param prerequisites to look at first
     * @param other a skill to change to
     * @param easier whether there is an easier level
     */
    public record Offer(List<SkillLink> prerequisites, Optional<SkillLink> other, boolean easier) {}

    public record SkillLink(String assignmentId, String skillId, String name) {}

    /**
     * @param similar whether it makes up for a miss
     * @param outcome how it ended, empty while it is open
     * @param needsWork whether all is right and only the work that goes with it is missing
     * @param offersSimilar whether another like it would bring back what was lost
     * @param draft what is typed and not yet checked, by field id, one map a part
     * @param draftTag of what is typed, or saved in a quiz; says on which version a change is built
     * @param data numbers to bring into the calculator
     * @param checksLines whether own lines may be checked now
     * @param toRead whether there are words in it that the instructor reads
     * @param picture whether a picture on the page belongs to it, which the instructor reads as well
     */
    public record ItemView(
            String id,
            int number,
            String level,
            boolean similar,
            List<ShownBlock> stem,
            List<PartView> parts,
            int currentPart,
            boolean calculator,
            boolean hintsAllowed,
            boolean exampleAllowed,
            Optional<ExampleView> example,
            Optional<String> outcome,
            boolean needsWork,
            Optional<SolutionView> solution,
            boolean offersSimilar,
            List<Map<String, String>> draft,
            String draftTag,
            List<String> letters,
            List<String> data,
            boolean checksLines,
            boolean toRead,
            boolean picture) {}

    /**
     * @param status OPEN, RIGHT or MISSED
     * @param entries the last ones that were checked
     * @param feedback what came of them
     */
    public record PartView(
            String prompt,
            ShownLayout layout,
            List<FieldView> fields,
            int triesAllowed,
            int triesLeft,
            List<String> hints,
            int hintsInAll,
            String status,
            Map<String, String> entries,
            List<FeedbackView> feedback,
            List<AnswerView> answers) {}

    /** @param spoken what to read aloud for each option, by its id: a formula or a picture names nothing by itself */
    public record FieldView(
            String id,
            String label,
            String wanted,
            String answerKind,
            List<String> letters,
            String suffix,
            ShownResponse response,
            Map<String, String> spoken) {}

    /**
     * @param verdict correct, form, incorrect or unreadable
     * @param at where reading stopped, −1 for nowhere
     */
    public record FeedbackView(String fieldId, String verdict, String reason, String message, int at) {}

    /**
     * The right answer of a closed part.
     *
     * @param latex empty for a choice
     * @param options ids of the right options; of a mark or a ray what is sent for the right one
     * @param words one way of putting it, for an answer in words; empty elsewhere
     */
    public record AnswerView(String fieldId, String latex, List<String> options, String words) {}

    public record ExampleView(List<ShownBlock> stem, List<WorkedStepDto> worked, Optional<ShownSecondView> second) {}

    public record SolutionView(List<WorkedStepDto> worked, Optional<ShownSecondView> second) {}
}
