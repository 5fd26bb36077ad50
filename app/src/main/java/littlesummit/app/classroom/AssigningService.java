package littlesummit.app.classroom;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.app.assignment.Assignment;
import littlesummit.app.assignment.AssignmentService;
import littlesummit.app.assignment.AssignmentService.ForOne;
import littlesummit.app.assignment.PolicyDto;
import littlesummit.app.assignment.QuizPlanDto;
import littlesummit.app.classroom.ClassView.AssignmentRow;
import littlesummit.app.classroom.ClassView.Assignments;
import littlesummit.app.classroom.ClassView.ForStudent;
import littlesummit.app.own.ClassCourses;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.PeopleService.Student;
import littlesummit.app.people.Person;
import littlesummit.app.placement.PlacementService;
import littlesummit.app.web.Problem;
import littlesummit.core.curriculum.Course;
import littlesummit.core.practice.Explain;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import littlesummit.core.quiz.PointsScheme;
import littlesummit.core.quiz.QuizPlan;
import littlesummit.core.skill.ItemSource;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Setting assignments, and changing them for the class or for one student. */
@Service
class AssigningService {
    private static final String PAST = "The due date lies in the past.";
    private final ItemSource catalogue;
    private final ClassCourses courses;
    private final PlacementService placement;
    private final AssignmentService assignments;
    private final PeopleService people;
    private final Overview overview;
    private final Clock clock;

    AssigningService(
            AssignmentService assignments,
            PeopleService people,
            Overview overview,
            Clock clock,
            PlacementService placement,
            ItemSource catalogue,
            ClassCourses courses) {
        this.catalogue = catalogue;
        this.courses = courses;
        this.placement = placement;
        this.assignments = assignments;
        this.people = people;
        this.overview = overview;
        this.clock = clock;
    }

    /**
     * @param quiz at the end, or all of it
     * @param opens empty for at once
     * @param students ids, empty for the whole class
     */
    record Wish(
            String title,
            List<String> skills,
            String target,
            Policy policy,
            Optional<QuizWish> quiz,
            Optional<Instant> opens,
            Instant due,
            List<String> students) {}

    /** @param items in a round, over all skills */
    record QuizWish(int items, int minutes, int rounds, int target, boolean workRequired) {}

    /** @param withPast whether those belong to it whose date is past: there are many of them in the end */
    @Transactional(readOnly = true)
    public Assignments all(Person instructor, boolean withPast) {
        List<Assignment> set = assignments.ofClass(instructor.classId());
        Instant now = clock.instant();
        List<Assignment> shown =
                set.stream().filter(a -> withPast || !a.isPast(now)).toList();
        List<Assignment> withdrawn = assignments.withdrawn(instructor.classId());
        Overview.Whole whole = overview.of(
                instructor.classId(),
                Stream.concat(shown.stream(), withdrawn.stream()).toList());
        Map<String, String> names = whole.students().stream().collect(Collectors.toMap(Student::id, Student::name));
        Map<String, List<ForStudent>> exceptions = whole.exceptions().values().stream()
                .flatMap(List::stream)
                .filter(e -> names.containsKey(e.personId()))
                .collect(Collectors.groupingBy(
                        ForOne::assignmentId,
                        Collectors.mapping(
                                e -> new ForStudent(e.personId(), names.get(e.personId()), e.due(), e.leftOut()),
                                Collectors.toList())));
        int past = (int) set.stream().filter(a -> a.isPast(now)).count();
        return new Assignments(whole.now(), rows(whole, shown, exceptions), rows(whole, withdrawn, exceptions), past);
    }

    private List<AssignmentRow> rows(
            Overview.Whole whole, List<Assignment> all, Map<String, List<ForStudent>> exceptions) {
        return all.stream()
                .map(a -> row(whole, a, exceptions.getOrDefault(a.id(), List.of())))
                .toList();
    }

    private AssignmentRow row(Overview.Whole whole, Assignment a, List<ForStudent> exceptions) {
        int started = (int) whole.students().stream()
                .filter(s -> whole.standings(s, a).values().stream()
                        .anyMatch(p -> p.lastAt().isPresent()))
                .count();
        int finished = (int) whole.students().stream()
                .filter(s -> a.isCheck()
                        ? a.isDoneBy(placement.lastCourse(s.id()))
                        : !a.isQuizOnly() && Overview.isReached(a, whole.standings(s, a)))
                .count();
        return new AssignmentRow(
                a.id(),
                a.title(),
                a.skills(),
                a.skills().stream().map(id -> catalogue.require(id).name()).toList(),
                a.target().code(),
                Explain.target(a.target()),
                a.opens(),
                a.due().orElseThrow(),
                a.quiz().map(QuizPlanDto::of),
                PolicyDto.of(a.policy()),
                started,
                finished,
                whole.students().size()
                        - (int) exceptions.stream().filter(ForStudent::leftOut).count(),
                exceptions);
    }

    /** @throws Problem when something of it makes no sense, in a sentence */
    @Transactional
    public Assignments add(Person instructor, Wish wish) {
        String title = title(wish.title());
        Target target = Target.of(wish.target())
                .filter(t -> !(t instanceof Target.Lesson))
                .orElseThrow(() -> Problem.badRequest(
                        "This target is none: a score of 1 to 100, a run, a percent of a set, a quiz, or the"
                                + " starting check."));
        boolean isCheck = target instanceof Target.Check;
        Course course = courses.of(instructor.classId());
        if (!isCheck
                && (wish.skills().isEmpty()
                        || wish.skills().stream().distinct().count()
                                < wish.skills().size()
                        || wish.skills().stream().anyMatch(id -> course.find(id).isEmpty()))) {
            throw Problem.badRequest("Choose at least one skill of the map, each once.");
        }
        if (!wish.due().isAfter(clock.instant())) {
            throw Problem.badRequest(PAST);
        }
        if (wish.opens().filter(o -> !o.isBefore(wish.due())).isPresent()) {
            throw Problem.badRequest("It would open after it is due. Choose an earlier day, or none.");
        }
        List<String> everybody =
                people.students(instructor.classId()).stream().map(Student::id).toList();
        if (!everybody.containsAll(wish.students())) {
            throw Problem.badRequest("Somebody whom you chose is not in this class any more. Load the page again.");
        }
        Assignment made = assignments.add(
                instructor.classId(),
                title,
                isCheck ? List.of() : wish.skills(),
                target,
                checked(wish.policy()),
                isCheck ? Optional.empty() : quiz(wish, target),
                wish.opens(),
                wish.due());
        everybody.stream()
                .filter(id -> !wish.students().isEmpty() && !wish.students().contains(id))
                .forEach(id -> assignments.leaveOut(instructor, made.id(), id, true));
        return all(instructor, false);
    }

    private static String title(String wanted) {
        if (wanted.isBlank()) {
            throw Problem.badRequest("Give the assignment a title.");
        }
        return wanted.strip();
    }

    private static Policy checked(Policy policy) {
        boolean sense = List.of(policy.openTries(), policy.choiceTries(), policy.allTries()).stream()
                        .allMatch(n -> n >= 1 && n <= 9)
                && policy.freeForms() >= 0;
        if (!sense) {
            throw Problem.badRequest("There are 1 to 9 tries.");
        }
        return policy;
    }

    private static Optional<QuizPlan> quiz(Wish wish, Target target) {
        if (target instanceof Target.Quiz && wish.quiz().isEmpty()) {
            throw Problem.badRequest("A quiz needs a plan: items, minutes and rounds.");
        }
        try {
            return wish.quiz()
                    .map(q -> new QuizPlan(
                            QuizPlan.usual(wish.skills(), q.items(), 100).shares(),
                            q.minutes(),
                            q.rounds(),
                            target instanceof Target.Quiz(int percent) ? percent : q.target(),
                            PointsScheme.DEFAULT,
                            wish.policy().calculator(),
                            q.workRequired()));
        } catch (IllegalArgumentException senseless) {
            throw Problem.badRequest("This quiz cannot be held: " + senseless.getMessage() + ".");
        }
    }

    /**
     * @param student for one alone; empty for the class.
     * @throws Problem when the date is past
     */
    @Transactional
    public Assignments move(Person instructor, String assignmentId, Optional<String> student, Instant due) {
        if (!due.isAfter(clock.instant())) {
            throw Problem.badRequest(PAST);
        }
        if (student.isPresent()) {
            people.student(instructor, student.get());
            assignments.postpone(instructor, assignmentId, student.get(), due);
        } else {
            assignments.move(instructor, assignmentId, due);
        }
        return all(instructor, false);
    }

    @Transactional
    public Assignments rename(Person instructor, String assignmentId, String wanted) {
        assignments.rename(instructor, assignmentId, title(wanted));
        return all(instructor, false);
    }

    @Transactional
    public Assignments withdraw(Person instructor, String assignmentId, boolean withdrawn) {
        assignments.withdraw(instructor, assignmentId, withdrawn);
        return all(instructor, false);
    }

    /** @param out whether the student has nothing to do with it */
    @Transactional
    public Assignments leaveOut(Person instructor, String assignmentId, String studentId, boolean out) {
        people.student(instructor, studentId);
        assignments.leaveOut(instructor, assignmentId, studentId, out);
        return all(instructor, false);
    }
}
