package littlesummit.app.progress;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import littlesummit.app.placement.CheckView.DoneCheck;
import littlesummit.app.practice.PracticeRecord.Attempted;

/**
 * How a student has come along.
 *
 * @param known skills over time, one point a day on which something changed
 * @param goal where the student stands beside the goal of the class, in a sentence; empty without one
 * @param time active minutes by day, of the last weeks
 * @param checks that are done, the latest first
 * @param assignments the earliest first
 * @param earlier how many more there are, before these
 */
public record ProgressView(
        String student,
        LocalDate today,
        List<KnownPoint> known,
        Optional<String> goal,
        List<DayTime> time,
        List<DoneCheck> checks,
        List<AssignmentCourse> assignments,
        int earlier) {
    /**
     * @param byPractice and {@code byCheck} how the skills known by then were first shown
     * @param due skills whose assignments are due by then
     * @param pace skills on an even way to the goal, left out off that way
     */
    public record KnownPoint(LocalDate date, int byPractice, int byCheck, int due, Optional<Double> pace) {}

    public record DayTime(LocalDate date, int minutes) {}

    /** A round of a quiz that is done. */
    public record RoundCourse(int number, int percent, List<Attempted> items) {}

    /**
     * @param flag where the target stands, in its own measure
     * @param most height of a picture of it
     * @param quiz where it stands, in words, empty without one
     * @param finished whether all its skills are reached and its quiz is done
     */
    public record AssignmentCourse(
            String id,
            String title,
            Optional<Instant> due,
            String target,
            int flag,
            int most,
            String quiz,
            List<RoundCourse> rounds,
            List<SkillCourse> skills,
            boolean finished) {}

    /**
     * @param stands in the measure of the target
     * @param course after each closed item
     */
    public record SkillCourse(
            String id, String name, int stands, boolean reached, List<Integer> course, List<Attempted> items) {}
}
