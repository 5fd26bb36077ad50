package littlesummit.app.classroom;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import littlesummit.app.assignment.PolicyDto;
import littlesummit.app.assignment.QuizPlanDto;
import littlesummit.app.people.PeopleService.Student;
import littlesummit.app.people.RosterService.Invited;

/** What the instructor sees of the class. */
public final class ClassView {
    private ClassView() {}

    /**
     * @param skills on the map
     * @param closed whose accounts are closed
     * @param stuck skills in which students are stuck, those of most students first
     */
    public record Glance(
            String className, int skills, List<StudentRow> students, List<Student> closed, List<StuckSkill> stuck) {}

    /**
     * @param known skills
     * @param open assignments not finished and not past
     * @param late past ones not finished
     * @param lastAt when an item was closed last
     * @param minutesThisWeek active
     * @param where that was
     */
    public record StudentRow(
            Student student,
            int known,
            int open,
            int late,
            Optional<Instant> lastAt,
            int minutesThisWeek,
            Optional<Where> where,
            List<String> stuckOn) {}

    /**
     * Where a student works.
     *
     * @param stands in the measure of the target, whose flag is at {@code flag}
     */
    public record Where(String assignment, String skill, int stands, int flag, boolean reached) {}

    /**
     * @param mistake what was told most often there; empty when the mistakes were all different
     * @param times how often
     */
    public record StuckSkill(String skillId, String skill, List<String> students, String mistake, int times) {}

    /** @param refused lines that could not be taken, each with the reason */
    public record RosterResult(List<Invited> added, List<String> refused) {}

    /**
     * @param all that are set; those whose date is past only where they were asked for
     * @param withdrawn that were taken back
     * @param past how many have a date that is past
     */
    public record Assignments(Instant now, List<AssignmentRow> all, List<AssignmentRow> withdrawn, int past) {}

    /**
     * @param skillIds in the order in which they are worked, and their names
     * @param says the target in words
     * @param opens empty for at once
     * @param started students who have closed an item
     * @param students for whom it is set
     * @param exceptions for single students
     */
    public record AssignmentRow(
            String id,
            String title,
            List<String> skillIds,
            List<String> skills,
            String target,
            String says,
            Optional<Instant> opens,
            Instant due,
            Optional<QuizPlanDto> quiz,
            PolicyDto policy,
            int started,
            int finished,
            int students,
            List<ForStudent> exceptions) {}

    /** @param due empty for the usual date */
    public record ForStudent(String id, String name, Optional<Instant> due, boolean leftOut) {}

    /**
     * A page of the marks: some assignments that stand beside each other.
     *
     * @param of how many assignments there are, or fit the words that were asked for
     * @param from how many stand before these
     * @param most so many stand on a page
     */
    public record MarksTable(
            Instant now, int of, int from, int most, List<MarksHead> assignments, List<MarksRow> rows) {}

    public record MarksHead(String id, String title, Instant due, boolean hasQuiz) {}

    /** @param cells in the order of the assignments */
    public record MarksRow(String studentId, String student, String username, List<MarkCell> cells) {}

    /** @param percent over all that were due by now; students for whom nothing was have none */
    public record Means(Map<String, Integer> percent) {}

    /**
     * @param status whether it counts for the student: SET, not open yet, or left out
     * @param due the student's own date
     * @param begun whether anything was done in it
     * @param reached of {@code skills}
     * @param reachedWaiting skills that are reached but for work that waits to be read
     * @param mark percent of everything in it, skills and quiz alike; what the mean is of
     * @param percent how far the skills are toward the target on average, 0 to 100; empty for a quiz alone
     * @param quizPercent of the points of its quiz
     * @param points of a quiz, or empty
     * @param credit percent of read work, or empty
     * @param waiting pages not read yet
     */
    public record MarkCell(
            Status status,
            Optional<Instant> due,
            boolean begun,
            int reached,
            int reachedWaiting,
            int skills,
            Optional<Integer> mark,
            Optional<Integer> percent,
            Optional<Integer> quizPercent,
            String points,
            String credit,
            int waiting,
            boolean late) {
        /** Whether an assignment counts for a student. */
        public enum Status {
            SET,
            OPENS_LATER,
            LEFT_OUT
        }

        /** Nothing done, and nothing to do. */
        static MarkCell none(Status status) {
            return new MarkCell(
                    status,
                    Optional.empty(),
                    false,
                    0,
                    0,
                    0,
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    "",
                    "",
                    0,
                    false);
        }
    }

    /**
     * A skill to choose for an assignment.
     *
     * @param needs ids of its prerequisites
     * @param knownBy how many of the class know it
     */
    public record SkillChoice(String id, String name, String strand, List<String> needs, int depth, int knownBy) {}
}
