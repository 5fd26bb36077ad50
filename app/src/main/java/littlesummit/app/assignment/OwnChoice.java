package littlesummit.app.assignment;

import java.util.List;
import java.util.Optional;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import littlesummit.core.skill.Catalogue;
import littlesummit.core.skill.Skill;
import littlesummit.core.skill.lesson.Lessons;

/** What is open to everybody without being assigned: any skill of the map, and the lessons. */
public final class OwnChoice {
    /** Id of the practice of any skill. */
    public static final String SKILLS = "own";
    /** Id of the lessons. */
    public static final String LESSONS = "lesson";

    /** Id of the checks of what is known; nothing is practised in it. */
    public static final String CHECK = "check";

    private OwnChoice() {}

    static Optional<Assignment> find(String id) {
        return switch (id) {
            case SKILLS -> Optional.of(new Assignment(SKILLS, "Own choice", Catalogue.all().stream().map(Skill::id).toList(), new Target.Score(80),
                    Policy.DEFAULT, Optional.empty(), Optional.empty()));
            case LESSONS -> Optional.of(new Assignment(LESSONS, "Lesson", Lessons.all().stream().map(Skill::id).toList(), new Target.Percent(100, 2),
                    Policy.DEFAULT, Optional.empty(), Optional.empty()));
            case CHECK -> Optional.of(new Assignment(CHECK, "Check", List.of(), new Target.Score(80), Policy.DEFAULT, Optional.empty(), Optional.empty()));
            default -> Optional.empty();
        };
    }
}
