package littlesummit.app.classroom;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import littlesummit.app.assignment.Assignment;
import littlesummit.app.assignment.AssignmentService;
import littlesummit.app.classroom.ClassView.AssignmentRow;
import littlesummit.app.classroom.ClassView.ForStudent;
import littlesummit.app.classroom.ClassView.SkillChoice;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.PeopleService.Student;
import littlesummit.app.people.Person;
import littlesummit.app.practice.PracticeService;
import littlesummit.app.practice.PracticeService.Standing;
import littlesummit.app.web.Problem;
import littlesummit.core.practice.Explain;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import littlesummit.core.quiz.PointsScheme;
import littlesummit.core.quiz.QuizPlan;
import littlesummit.core.skill.Catalogue;
import littlesummit.core.skill.Skill;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Setting assignments, and changing them for the class or for one student. */
@Service
class AssigningService {
    private final AssignmentService assignments;
    private final PeopleService people;
    private final PracticeService practice;
    private final Clock clock;

    AssigningService(AssignmentService assignments, PeopleService people, PracticeService practice, Clock clock) {
        this.assignments = assignments;
        this.people = people;
        this.practice = practice;
        this.clock = clock;
    }

    /** @param quiz at the end, or all of it; @param students ids, empty for the whole class */
    record Wish(String title, List<String> skills, String target, Policy policy, Optional<QuizWish> quiz, Instant due, List<String> students) {}

    /** @param items in a round, over all skills */
    record QuizWish(int items, int minutes, int rounds, int target, boolean workRequired) {}

    static List<SkillChoice> choices() {
        return Catalogue.all().stream().map(s -> new SkillChoice(s.id(), s.name(), s.strand().title(), s.prerequisites().stream().map(id -> Catalogue.require(id).name()).toList())).toList();
    }

    @Transactional(readOnly = true)
    public List<AssignmentRow> all(Person instructor) {
        List<Student> students = people.students(instructor.classId());
        Map<String, List<Standing>> standings = students.stream().collect(Collectors.toMap(Student::id, s -> practice.standings(people.require(s.id()))));
        List<Assignment> all = assignments.ofClass(instructor.classId());
        Map<String, List<AssignmentService.ForOne>> exceptions = assignments.exceptions(all);
        return all.stream().map(a -> row(a, students, standings, exceptions.getOrDefault(a.id(), List.of()))).toList();
    }

    private AssignmentRow row(Assignment a, List<Student> students, Map<String, List<Standing>> standings, List<AssignmentService.ForOne> exceptions) {
        List<String> out = exceptions.stream().filter(AssignmentService.ForOne::leftOut).map(AssignmentService.ForOne::personId).toList();
        Map<String, String> names = students.stream().collect(Collectors.toMap(Student::id, Student::name));
        int finished = (int) students.stream().filter(s -> !a.isQuizOnly() && ClassService.isReached(a, standings.get(s.id()))).count();
        return new AssignmentRow(a.id(), a.title(), a.skills().stream().map(id -> Catalogue.require(id).name()).toList(), Explain.target(a.target()), a.due().orElseThrow(),
                a.quiz().isPresent(), a.policy(), finished, students.size() - out.size(),
                exceptions.stream().map(e -> new ForStudent(e.personId(), names.getOrDefault(e.personId(), ""), e.due(), e.leftOut())).toList());
    }

    /** @throws Problem when something of it makes no sense, in a sentence */
    @Transactional
    public List<AssignmentRow> add(Person instructor, Wish wish) {
        if (wish.title().isBlank()) {
            throw Problem.badRequest("Give the assignment a title.");
        }
        if (wish.skills().isEmpty() || wish.skills().stream().distinct().count() < wish.skills().size() || wish.skills().stream().anyMatch(id -> Catalogue.find(id).isEmpty())) {
            throw Problem.badRequest("Choose at least one skill of the map, each once.");
        }
        Target target = Target.of(wish.target()).orElseThrow(() -> Problem.badRequest("This target is none: a score of 1 to 100, a run, a percent of a set, or a quiz."));
        if (!wish.due().isAfter(clock.instant())) {
            throw Problem.badRequest("The due date lies in the past.");
        }
        Assignment made = assignments.add(instructor.classId(), wish.title().strip(), wish.skills(), target, checked(wish.policy()), quiz(wish, target), wish.due());
        people.students(instructor.classId()).stream().map(Student::id).filter(id -> !wish.students().isEmpty() && !wish.students().contains(id))
                .forEach(id -> assignments.leaveOut(instructor, made.id(), id));
        return all(instructor);
    }

    private static Policy checked(Policy policy) {
        boolean sense = List.of(policy.openTries(), policy.choiceTries(), policy.allTries()).stream().allMatch(n -> n >= 1 && n <= 9) && policy.freeForms() >= 0;
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
            return wish.quiz().map(q -> new QuizPlan(QuizPlan.usual(wish.skills(), q.items(), 100).shares(), q.minutes(), q.rounds(),
                    target instanceof Target.Quiz(int percent) ? percent : q.target(), PointsScheme.DEFAULT, wish.policy().calculator(), q.workRequired()));
        } catch (IllegalArgumentException senseless) {
            throw Problem.badRequest("This quiz cannot be held: " + senseless.getMessage() + ".");
        }
    }

    /** @param student for one alone; empty for the class */
    @Transactional
    public List<AssignmentRow> move(Person instructor, String assignmentId, Optional<String> student, Instant due) {
        if (student.isPresent()) {
            people.student(instructor, student.get());
            assignments.postpone(instructor, assignmentId, student.get(), due);
        } else {
            assignments.move(instructor, assignmentId, due);
        }
        return all(instructor);
    }

    static Skill skill(String id) {
        return Catalogue.find(id).orElseThrow(() -> Problem.notFound("There is no such skill."));
    }
}
