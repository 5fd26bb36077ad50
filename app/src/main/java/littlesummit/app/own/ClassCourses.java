package littlesummit.app.own;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.app.people.ClassesService;
import littlesummit.app.people.Person;
import littlesummit.core.curriculum.Course;
import littlesummit.core.curriculum.CourseSkill;
import littlesummit.core.curriculum.Curriculum;
import littlesummit.core.curriculum.Strand;
import littlesummit.core.template.TemplateSkill;
import org.springframework.stereotype.Service;

/** The courses of a class: the one that it works through and all that ships, with skills of its own. */
@Service
public class ClassCourses {
    private static final Strand OWN = new Strand("own", "Skills of your class");

    private final Curriculum curriculum;
    private final ClassesService classes;
    private final OwnShelf shelf;
    private final OwnCourses own;

    ClassCourses(Curriculum curriculum, ClassesService classes, OwnShelf shelf, OwnCourses own) {
        this.own = own;
        this.curriculum = curriculum;
        this.classes = classes;
        this.shelf = shelf;
    }

    /** All that can be practised in a class, whatever course it works through. */
    public Course of(String classId) {
        return withOwn(curriculum.first(), classId);
    }

    /** What is on the map of a class: the course that it works through. */
    public Course mapOf(String classId) {
        return withOwn(chosen(classId), classId);
    }

    /** The course that a class works through, without skills of its own. */
    public Course chosen(String classId) {
        return byId(classes.courseOf(classId));
    }

    /** The whole course where there is none with this id. */
    public Course byId(String courseId) {
        return courseId.isEmpty()
                ? curriculum.first()
                : curriculum.find(courseId).or(() -> own.find(courseId)).orElseGet(curriculum::first);
    }

    /** Whether it is all that ships, and no part of it. */
    public boolean isWhole(Course course) {
        return course.equals(curriculum.first());
    }

    /** What an instructor can choose for the open class: all that ship, one's own, and what a colleague has chosen. */
    public List<Course> offeredTo(Person instructor) {
        return Stream.of(
                        curriculum.courses().stream(),
                        own.of(instructor).stream(),
                        Stream.of(chosen(instructor.classId())))
                .flatMap(courses -> courses)
                .collect(Collectors.toMap(Course::id, course -> course, (a, b) -> a, LinkedHashMap::new))
                .values()
                .stream()
                .toList();
    }

    private Course withOwn(Course course, String classId) {
        List<TemplateSkill> own = shelf.of(classId);
        return own.isEmpty()
                ? course
                : new Course(
                        course.id(),
                        course.title(),
                        Stream.concat(course.skills().stream(), own.stream().map(skill -> placed(skill, course)))
                                .toList());
    }

    /** What comes before it may have gone since it was written, or be in another course: then nothing does. */
    private static CourseSkill placed(TemplateSkill skill, Course course) {
        Strand strand = course.skills().stream()
                .map(CourseSkill::strand)
                .filter(s -> s.id().equals(skill.template().strand()))
                .findFirst()
                .orElse(OWN);
        List<String> before = skill.template().prerequisites().stream()
                .filter(id -> course.find(id).isPresent())
                .toList();
        return new CourseSkill(skill.id(), skill.name(), strand, before);
    }
}
