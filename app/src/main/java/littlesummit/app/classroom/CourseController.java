package littlesummit.app.classroom;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import littlesummit.app.own.ClassCourses;
import littlesummit.app.people.ClassesService;
import littlesummit.app.people.Instructors;
import littlesummit.app.people.Person;
import littlesummit.app.web.Problem;
import littlesummit.core.curriculum.Course;
import littlesummit.core.curriculum.CourseSkill;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Which course the open class works through: what is on its map, and what a check over the course asks. */
@RestController
@RequestMapping("/api/class/course")
class CourseController {
    private final ClassCourses courses;
    private final ClassesService classes;

    CourseController(ClassCourses courses, ClassesService classes) {
        this.courses = courses;
        this.classes = classes;
    }

    /**
     * @param skills names, each after those that come before it
     * @param isChosen whether the class works through it
     */
    record CourseView(String id, String title, List<String> skills, boolean isChosen) {}

    record Choice(
            @NotNull(message = "The course is missing.") String id) {}

    @GetMapping
    List<CourseView> all(@AuthenticationPrincipal Person person) {
        String chosen = courses.chosen(Instructors.only(person).classId()).id();
        return courses.all().stream().map(course -> view(course, chosen)).toList();
    }

    private static CourseView view(Course course, String chosen) {
        return new CourseView(
                course.id(),
                course.title(),
                course.inOrder().stream().map(CourseSkill::name).toList(),
                course.id().equals(chosen));
    }

    /** Nothing that was practised or set is lost by it. */
    @PutMapping
    List<CourseView> take(@AuthenticationPrincipal Person person, @Valid @RequestBody Choice choice) {
        Instructors.only(person);
        if (courses.all().stream().noneMatch(course -> course.id().equals(choice.id()))) {
            throw Problem.badRequest("There is no such course. Load the page again.");
        }
        classes.take(person, choice.id());
        return all(person);
    }
}
