package littlesummit.app.own;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import littlesummit.app.people.Person;
import littlesummit.app.web.Problem;
import littlesummit.core.curriculum.Course;
import littlesummit.core.curriculum.Curriculum;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Courses that instructors put together out of the skills that ship. A course never changes: another choice of skills
 * is another course.
 */
@Service
public class OwnCourses {
    /** A course of fewer skills would be an assignment. */
    public static final int FEWEST_SKILLS = 3;

    private static final int LONGEST_TITLE = 80;
    private static final int MOST_COURSES = 40;

    private final OwnCourseRepository courses;
    private final Curriculum curriculum;
    private final Clock clock;

    OwnCourses(OwnCourseRepository courses, Curriculum curriculum, Clock clock) {
        this.courses = courses;
        this.curriculum = curriculum;
        this.clock = clock;
    }

    /** Those of an instructor, the oldest first. */
    @Transactional(readOnly = true)
    public List<Course> of(Person instructor) {
        return courses.findByMakerIdAndWithdrawnFalseOrderByMadeAt(instructor.id()).stream()
                .map(this::course)
                .toList();
    }

    /** Also one that is no longer offered: who works through it goes on with it. */
    @Transactional(readOnly = true)
    public Optional<Course> find(String id) {
        return courses.findById(id).map(this::course);
    }

    /**
     * @param skills ids, from {@value #FEWEST_SKILLS} on
     * @throws Problem for a title or skills that make no course, or for too many courses
     */
    @Transactional
    public Course make(Person instructor, String title, Set<String> skills) {
        String name = title.strip();
        if (name.isEmpty() || name.length() > LONGEST_TITLE) {
            throw Problem.badRequest("A course has a name of 1 to " + LONGEST_TITLE + " characters.");
        }
        if (skills.size() < FEWEST_SKILLS) {
            throw Problem.badRequest("Choose at least " + FEWEST_SKILLS + " skills.");
        }
        if (skills.stream().anyMatch(id -> curriculum.first().find(id).isEmpty())) {
            throw Problem.badRequest("One of these skills is not there any more. Load the page again.");
        }
        List<Course> others = of(instructor);
        if (others.size() >= MOST_COURSES) {
            throw Problem.badRequest("You have " + others.size() + " courses. Take one away first.");
        }
        if (others.stream().anyMatch(course -> course.title().equals(name))) {
            throw Problem.badRequest("You have a course with this name already.");
        }
        return course(courses.save(
                new OwnCourseEntity("own-" + UUID.randomUUID(), instructor.id(), name, skills, clock.instant())));
    }

    /** No longer offers a course; classes that work through it go on with it. */
    @Transactional
    public void withdraw(Person instructor, String id) {
        courses.findByIdAndMakerId(id, instructor.id())
                .orElseThrow(() -> Problem.notFound("You have no such course."))
                .withdraw();
    }

    private Course course(OwnCourseEntity own) {
        return curriculum.first().only(own.id(), own.title(), own.skills());
    }
}
