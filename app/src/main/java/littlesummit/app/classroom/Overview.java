package littlesummit.app.classroom;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.app.assignment.Assignment;
import littlesummit.app.assignment.AssignmentService;
import littlesummit.app.assignment.AssignmentService.ForOne;
import littlesummit.app.assignment.OwnChoice;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.PeopleService.Student;
import littlesummit.app.practice.PracticeRecord;
import littlesummit.app.practice.PracticeRecord.Standing;
import littlesummit.core.skill.ItemSource;
import org.springframework.stereotype.Component;

/** Reads a class, or a page of what is set for it, in a handful of queries, however many students it has. */
@Component
class Overview {
    private final ItemSource catalogue;
    private final PeopleService people;
    private final AssignmentService assignments;
    private final PracticeRecord practice;
    private final Clock clock;

    Overview(
            PeopleService people,
            AssignmentService assignments,
            PracticeRecord practice,
            Clock clock,
            ItemSource catalogue) {
        this.catalogue = catalogue;
        this.people = people;
        this.assignments = assignments;
        this.practice = practice;
        this.clock = clock;
    }

    /**
     * A class at one moment.
     *
     * @param exceptions by student
     * @param standings by student, assignment and skill
     * @param catalogue of what everybody may choose
     */
    record Whole(
            Instant now,
            List<Student> students,
            List<Assignment> assignments,
            Map<String, List<ForOne>> exceptions,
            Map<String, Map<String, Map<String, Standing>>> standings,
            ItemSource catalogue) {
        /** Those that are set for a student and open, with the dates that hold for this one. */
        List<Assignment> setFor(Student student) {
            return AssignmentService.setFor(assignments, exceptions.getOrDefault(student.id(), List.of()), now);
        }

        Stream<Standing> standings(Student student) {
            return standings.getOrDefault(student.id(), Map.of()).values().stream()
                    .flatMap(skills -> skills.values().stream());
        }

        /** Of one student, by skill. */
        Map<String, Standing> standings(Student student, Assignment assignment) {
            return standings.getOrDefault(student.id(), Map.of()).getOrDefault(assignment.id(), Map.of());
        }

        /** Also what everybody may choose; empty for what was withdrawn, or is another class's. */
        Optional<Assignment> find(String assignmentId) {
            return assignments.stream()
                    .filter(a -> a.id().equals(assignmentId))
                    .findFirst()
                    .or(() -> OwnChoice.find(assignmentId, catalogue));
        }

        List<String> ids() {
            return students.stream().map(Student::id).toList();
        }
    }

    /** All of a class, also what its students chose themselves. */
    Whole of(String classId) {
        List<Student> students = people.students(classId);
        return whole(students, assignments.ofClass(classId), practice.standings(ids(students)));
    }

    /** A class with some of its assignments, as if there were no others. */
    Whole of(String classId, List<Assignment> some) {
        List<Student> students = people.students(classId);
        return whole(
                students,
                some,
                practice.standings(
                        ids(students), some.stream().map(Assignment::id).toList()));
    }

    private Whole whole(List<Student> students, List<Assignment> some, List<Standing> standings) {
        return new Whole(
                clock.instant(),
                students,
                some,
                assignments.exceptions(some).stream().collect(Collectors.groupingBy(ForOne::personId)),
                standings.stream()
                        .collect(Collectors.groupingBy(
                                Standing::personId,
                                Collectors.groupingBy(
                                        Standing::assignmentId,
                                        Collectors.toMap(Standing::skillId, Function.identity())))),
                catalogue);
    }

    private static List<String> ids(List<Student> students) {
        return students.stream().map(Student::id).toList();
    }

    /** Whether all skills of an assignment are reached. */
    static boolean isReached(Assignment assignment, Map<String, Standing> standings) {
        return assignment.skills().stream()
                .allMatch(skill ->
                        standings.containsKey(skill) && standings.get(skill).reached());
    }
}
