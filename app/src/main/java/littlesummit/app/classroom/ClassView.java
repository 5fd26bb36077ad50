package littlesummit.app.classroom;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import littlesummit.app.people.PeopleService.Student;
import littlesummit.core.practice.Policy;

/** What the instructor sees of the class. */
public final class ClassView {
    private ClassView() {}

    /** @param stuck skills in which students are stuck, those of most students first */
    public record Glance(String className, List<StudentRow> students, List<StuckSkill> stuck) {}

    /**
     * @param known skills; @param open assignments not finished and not past; @param late past ones not finished
     * @param lastAt when something was answered last; @param minutesThisWeek active
     */
    public record StudentRow(Student student, int known, int open, int late, Optional<Instant> lastAt, int minutesThisWeek, List<String> stuckOn) {}

    /** @param mistake what was told most often there; empty when the mistakes were all different; @param times how often */
    public record StuckSkill(String skillId, String skill, List<String> students, String mistake, int times) {}

    /** @param code opens the account once; shown this one time */
    public record Invited(String id, String name, String username, String code) {}

    /** @param refused lines that could not be taken, each with the reason */
    public record RosterResult(List<Invited> added, List<String> refused) {}

    /** @param exceptions for single students */
    public record AssignmentRow(String id, String title, List<String> skills, String target, Instant due, boolean hasQuiz, Policy policy, int finished, int students,
            List<ForStudent> exceptions) {}

    /** @param due empty for the usual date */
    public record ForStudent(String id, String name, Optional<Instant> due, boolean leftOut) {}

    public record MarksTable(List<MarksHead> assignments, List<MarksRow> rows) {}

    public record MarksHead(String id, String title, Instant due) {}

    /** @param cells in the order of the assignments */
    public record MarksRow(String studentId, String student, List<MarkCell> cells) {}

    /**
     * @param set whether it is set for the student; @param reached of {@code skills}
     * @param points of a quiz, or empty; @param credit percent of read work, or empty; @param waiting pages not read yet
     */
    public record MarkCell(boolean set, int reached, int skills, String points, String credit, int waiting, boolean late) {}

    /** A skill to choose for an assignment. @param needs names of its prerequisites */
    public record SkillChoice(String id, String name, String strand, List<String> needs) {}
}
