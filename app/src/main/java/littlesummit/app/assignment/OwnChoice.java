package littlesummit.app.assignment;

import java.util.List;
import java.util.Optional;
import littlesummit.core.curriculum.Course;
import littlesummit.core.curriculum.CourseSkill;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import littlesummit.core.skill.ItemSource;
import littlesummit.core.skill.Skill;

/** What is open to everybody without being assigned: any skill of the map, and the lessons. */
public final class OwnChoice {
    /** Id of the practice of any skill. */
    public static final String SKILLS = "own";
    /** Id of the lessons. */
    public static final String LESSONS = "lesson";
    /** Id of the mixed sets of skills to refresh. */
    public static final String REFRESH = "refresh";
    /** Id of the checks of what is known; nothing is practised in it. */
    public static final String CHECK = "check";

    /** Id of the sheets that are worked on paper; nothing is practised in it. */
    public static final String PAPER = "paper";

    private OwnChoice() {}

    /** Whether an id is one of these, and not of what is assigned. */
    public static boolean isOne(String id) {
        return List.of(SKILLS, LESSONS, REFRESH, CHECK, PAPER).contains(id);
    }

    /** Empty for an id of what is assigned. */
    public static Optional<Assignment> find(String id, ItemSource catalogue) {
        return switch (id) {
            case SKILLS -> Optional.of(open(SKILLS, "Own choice", catalogue.skills(), new Target.Score(80)));
            case LESSONS -> Optional.of(open(LESSONS, "Lesson", catalogue.lessons(), new Target.Lesson()));
            case REFRESH -> Optional.of(open(REFRESH, "Refresh", catalogue.skills(), new Target.Score(80)));
            case CHECK -> Optional.of(open(CHECK, "Check", List.of(), new Target.Score(80)));
            case PAPER -> Optional.of(open(PAPER, "On paper", List.of(), new Target.Score(80)));
            default -> Optional.empty();
        };
    }

    /** The same for somebody whose class may have skills of its own. */
    static Optional<Assignment> find(String id, ItemSource catalogue, Course course) {
        return switch (id) {
            case SKILLS, REFRESH ->
                find(id, catalogue)
                        .map(own -> own.withSkills(
                                course.skills().stream().map(CourseSkill::id).toList()));
            default -> find(id, catalogue);
        };
    }

    private static Assignment open(String id, String title, List<? extends Skill> skills, Target target) {
        return new Assignment(
                id,
                title,
                skills.stream().map(Skill::id).toList(),
                target,
                Policy.DEFAULT,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }
}
