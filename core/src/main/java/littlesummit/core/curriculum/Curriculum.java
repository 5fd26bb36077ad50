package littlesummit.core.curriculum;

import java.util.List;
import java.util.Optional;

/**
 * The courses that there are.
 *
 * @param courses at least one; a class that chose none takes the first
 */
public record Curriculum(List<Course> courses) {
    public Curriculum {
        courses = List.copyOf(courses);
        if (courses.isEmpty()) {
            throw new IllegalArgumentException("A curriculum has at least one course.");
        }
    }

    public Course first() {
        return courses.getFirst();
    }

    public Optional<Course> find(String courseId) {
        return courses.stream().filter(course -> course.id().equals(courseId)).findFirst();
    }
}
