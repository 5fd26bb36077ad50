package littlesummit.app.classroom;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import littlesummit.app.classroom.ClassView.SkillChoice;
import littlesummit.app.own.ClassCourses;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.PeopleService.Student;
import littlesummit.app.people.Person;
import littlesummit.app.practice.PracticeRecord;
import littlesummit.core.curriculum.Course;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The skills that an assignment can have, and who in the class knows them already. */
@Service
class SkillChoices {
    private final ClassCourses courses;
    private final PeopleService people;
    private final PracticeRecord practice;

    SkillChoices(PeopleService people, PracticeRecord practice, ClassCourses courses) {
        this.courses = courses;
        this.people = people;
        this.practice = practice;
    }

    @Transactional(readOnly = true)
    public List<SkillChoice> of(Person instructor) {
        List<String> students =
                people.students(instructor.classId()).stream().map(Student::id).toList();
        Map<String, Long> known =
                practice.known(instructor.classId(), students, practice.standings(students)).values().stream()
                        .flatMap(List::stream)
                        .collect(Collectors.groupingBy(Function.identity(), Collectors.counting()));
        Course course = courses.of(instructor.classId());
        return course.skills().stream()
                .map(s -> new SkillChoice(
                        s.id(),
                        s.name(),
                        s.strand().title(),
                        s.prerequisites(),
                        course.depth(s.id()),
                        known.getOrDefault(s.id(), 0L).intValue()))
                .toList();
    }
}
