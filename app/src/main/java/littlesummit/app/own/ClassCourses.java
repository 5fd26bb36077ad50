package littlesummit.app.own;

import java.util.List;
import java.util.stream.Stream;
import littlesummit.core.curriculum.Course;
import littlesummit.core.curriculum.CourseSkill;
import littlesummit.core.curriculum.Strand;
import littlesummit.core.template.TemplateSkill;
import org.springframework.stereotype.Service;

/** The course of a class: the one that ships, with the skills that the class has of its own. */
@Service
public class ClassCourses {
    private static final Strand OWN = new Strand("own", "Skills of your class");

    private final Course shipped;
    private final OwnShelf shelf;

    ClassCourses(Course shipped, OwnShelf shelf) {
        this.shipped = shipped;
        this.shelf = shelf;
    }

    public Course of(String classId) {
        List<TemplateSkill> own = shelf.of(classId);
        return own.isEmpty()
                ? shipped
                : new Course(
                        shipped.id(),
                        shipped.title(),
                        Stream.concat(shipped.skills().stream(), own.stream().map(this::placed))
                                .toList());
    }

    /** What comes before it may have gone since it was written: then nothing comes before it. */
    private CourseSkill placed(TemplateSkill skill) {
        Strand strand = shipped.skills().stream()
                .map(CourseSkill::strand)
                .filter(s -> s.id().equals(skill.template().strand()))
                .findFirst()
                .orElse(OWN);
        List<String> before = skill.template().prerequisites().stream()
                .filter(id -> shipped.find(id).isPresent())
                .toList();
        return new CourseSkill(skill.id(), skill.name(), strand, before);
    }
}
