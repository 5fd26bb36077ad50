package littlesummit.app.demo;

import java.time.Duration;
import java.time.temporal.ChronoUnit;
import java.util.List;
import littlesummit.app.assignment.Assignment;
import littlesummit.app.assignment.AssignmentService;
import littlesummit.app.people.ClassesService;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.Person;
import littlesummit.app.people.Role;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** A second class of the valley school, which works through another course: grown-ups who come in the evening. */
@Component
@ConditionalOnProperty("summit.demo")
class EveningClass {
    private static final String COURSE = "numbers-of-every-day";
    private static final List<Villager> STUDENTS = List.of(
            new Villager("Tilda Reed", 84, 2, true, List.of()), new Villager("Ulf Marten", 66, 2, true, List.of()));

    private final ClassesService classes;
    private final PeopleService people;
    private final AssignmentService assignments;
    private final SimulatedStudent students;
    private final PastClock clock;

    EveningClass(
            ClassesService classes,
            PeopleService people,
            AssignmentService assignments,
            SimulatedStudent students,
            PastClock clock) {
        this.classes = classes;
        this.people = people;
        this.assignments = assignments;
        this.students = students;
        this.clock = clock;
    }

    /** The class that was open before is open after it. */
    void make(Person instructor, String password) {
        String before = instructor.classId();
        Person evening = classes.make(instructor, "Valley school, evening class");
        classes.take(evening, COURSE);
        Assignment market = set(evening, "Market day", 4, "money-change", "decimal-add-subtract");
        set(evening, "Bus and train", 11, "time-intervals");
        for (Villager villager : STUDENTS) {
            Person student =
                    people.add(villager.username(), villager.name(), Role.STUDENT, password, evening.classId());
            clock.setBack(Duration.ofHours(50));
            students.work(student, market, "money-change", 6, villager.skillfulness());
        }
        clock.goRight();
        classes.open(evening, before);
    }

    private Assignment set(Person instructor, String title, int days, String... skills) {
        return assignments.add(
                instructor.classId(),
                title,
                List.of(skills),
                new Target.Score(80),
                Policy.DEFAULT,
                clock.real().plus(days, ChronoUnit.DAYS));
    }
}
