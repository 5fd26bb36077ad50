package littlesummit.app.classroom;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import littlesummit.app.own.ClassCourses;
import littlesummit.app.own.OwnCourses;
import littlesummit.app.people.ClassesService;
import littlesummit.app.people.Instructors;
import littlesummit.app.people.Person;
import littlesummit.app.web.Problem;
import littlesummit.core.curriculum.Course;
import littlesummit.core.curriculum.CourseSkill;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Which course the open class works through: what is on its map, and what a check over the course asks. */
@RestController
@RequestMapping("/api/class/course")
class CourseController {
    private static final int MOST_SKILLS = 500;

    private final ClassCourses courses;
    private final OwnCourses own;
    private final ClassesService classes;

    CourseController(ClassCourses courses, OwnCourses own, ClassesService classes) {
        this.courses = courses;
        this.own = own;
        this.classes = classes;
    }

    /**
     * @param skills each after those that come before it
     * @param isChosen whether the class works through it
     * @param isOwn whether the instructor has put it together, and can take it away
     */
    record CourseView(String id, String title, List<SkillOfCourse> skills, boolean isChosen, boolean isOwn) {}

    record SkillOfCourse(String id, String name, String strand) {}

    record Choice(
            @NotNull(message = "The course is missing.") String id) {}

    /** @param insteadOf one's own course that this one takes the place of; empty for none */
    record NewCourse(
            @NotNull(message = "The name is missing.") String title,

            @NotNull(message = "The skills are missing.")
            @Size(max = MOST_SKILLS, message = "These are too many skills.")
            List<String> skills,

            @NotNull(message = "It is not said which course this takes the place of.")
            String insteadOf) {}

    @GetMapping
    List<CourseView> all(@AuthenticationPrincipal Person person) {
        String chosen = courses.chosen(Instructors.only(person).classId()).id();
        Set<String> mine = own.of(person).stream().map(Course::id).collect(Collectors.toSet());
        return courses.offeredTo(person).stream()
                .map(course -> view(course, chosen, mine.contains(course.id())))
                .toList();
    }

    private static CourseView view(Course course, String chosen, boolean isOwn) {
        return new CourseView(
                course.id(),
                course.title(),
                course.inOrder().stream().map(CourseController::view).toList(),
                course.id().equals(chosen),
                isOwn);
    }

    private static SkillOfCourse view(CourseSkill skill) {
        return new SkillOfCourse(skill.id(), skill.name(), skill.strand().title());
    }

    /** Nothing that was practised or set is lost by it. */
    @PutMapping
    List<CourseView> take(@AuthenticationPrincipal Person person, @Valid @RequestBody Choice choice) {
        Instructors.only(person);
        if (courses.offeredTo(person).stream().noneMatch(course -> course.id().equals(choice.id()))) {
            throw Problem.badRequest("There is no such course. Load the page again.");
        }
        classes.take(person, choice.id());
        return all(person);
    }

    /** Puts a course together, and has the open class work through it. */
    @PostMapping("/own")
    @Transactional
    List<CourseView> put(@AuthenticationPrincipal Person person, @Valid @RequestBody NewCourse put) {
        Instructors.only(person);
        if (!put.insteadOf().isEmpty()) {
            own.withdraw(person, put.insteadOf());
        }
        classes.take(
                person,
                own.make(person, put.title(), new LinkedHashSet<>(put.skills())).id());
        return all(person);
    }

    /** Classes that work through it go on with it. */
    @DeleteMapping("/own/{id}")
    List<CourseView> withdraw(@AuthenticationPrincipal Person person, @PathVariable String id) {
        own.withdraw(Instructors.only(person), id);
        return all(person);
    }
}
