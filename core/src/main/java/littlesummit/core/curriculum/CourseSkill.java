package littlesummit.core.curriculum;

import java.util.List;

/**
 * A skill in its place in a course.
 *
 * @param id as in {@link littlesummit.core.skill.Skill#id()}
 * @param name as a student reads it
 * @param strand where it stands on the map
 * @param prerequisites ids of the skills of the course that come directly before it
 */
public record CourseSkill(String id, String name, Strand strand, List<String> prerequisites) {
    public CourseSkill {
        prerequisites = List.copyOf(prerequisites);
    }
}
