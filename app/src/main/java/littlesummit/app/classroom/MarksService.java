package littlesummit.app.classroom;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import littlesummit.app.assignment.Assignment;
import littlesummit.app.assignment.AssignmentService;
import littlesummit.app.classroom.ClassView.MarkCell;
import littlesummit.app.classroom.ClassView.MarksHead;
import littlesummit.app.classroom.ClassView.MarksRow;
import littlesummit.app.classroom.ClassView.MarksTable;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.PeopleService.Student;
import littlesummit.app.people.Person;
import littlesummit.app.practice.PracticeService;
import littlesummit.app.practice.PracticeService.Standing;
import littlesummit.app.quiz.QuizService;
import littlesummit.app.working.WorkService;
import littlesummit.core.working.WorkState;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Marks: who has reached what, points of quizzes, credit of work that was read. */
@Service
class MarksService {
    private static final List<String> HEAD = List.of("username", "student", "assignment", "due", "skills reached", "skills", "quiz points", "work credit percent", "work not read", "late");
    private final PeopleService people;
    private final AssignmentService assignments;
    private final PracticeService practice;
    private final QuizService quizzes;
    private final WorkService work;
    private final Clock clock;

    MarksService(PeopleService people, AssignmentService assignments, PracticeService practice, QuizService quizzes, WorkService work, Clock clock) {
        this.people = people;
        this.assignments = assignments;
        this.practice = practice;
        this.quizzes = quizzes;
        this.work = work;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public MarksTable table(Person instructor) {
        List<Assignment> all = assignments.ofClass(instructor.classId());
        List<MarksRow> rows = people.students(instructor.classId()).stream().map(s -> new MarksRow(s.id(), s.name(), cells(s, all))).toList();
        return new MarksTable(all.stream().map(a -> new MarksHead(a.id(), a.title(), a.due().orElseThrow())).toList(), rows);
    }

    private List<MarkCell> cells(Student student, List<Assignment> all) {
        Person person = people.require(student.id());
        List<Assignment> own = assignments.of(person);
        List<Standing> standings = practice.standings(person);
        List<WorkService.Entry> pages = work.entries(student.id());
        Map<String, String> points = quizzes.points(person);
        Map<String, Assignment> set = own.stream().collect(Collectors.toMap(Assignment::id, a -> a));
        return all.stream().map(a -> Optional.ofNullable(set.get(a.id())).map(o -> cell(o, standings, pages, o.quiz().isPresent() ? points.getOrDefault(o.id(), "0") : ""))
                .orElse(new MarkCell(false, 0, 0, "", "", 0, false))).toList();
    }

    private MarkCell cell(Assignment a, List<Standing> standings, List<WorkService.Entry> pages, String points) {
        Instant now = clock.instant();
        List<Standing> reached = standings.stream().filter(s -> s.assignmentId().equals(a.id()) && s.reached()).toList();
        int skills = a.isQuizOnly() ? 0 : a.skills().size();
        List<WorkState> states = pages.stream().filter(p -> p.assignmentId().equals(a.id())).map(WorkService.Entry::state).toList();
        var credit = states.stream().filter(WorkState.Read.class::isInstance).mapToInt(s -> ((WorkState.Read) s).credit()).average();
        boolean late = reached.stream().anyMatch(s -> s.reachedAt().filter(a::isPast).isPresent()) || a.isPast(now) && reached.size() < skills;
        return new MarkCell(true, reached.size(), skills, points, credit.isPresent() ? Long.toString(Math.round(credit.getAsDouble())) : "",
                (int) states.stream().filter(WorkState.HandedIn.class::isInstance).count(), late);
    }

    /** One line a student and assignment. */
    @Transactional(readOnly = true)
    public String csv(Person instructor) {
        MarksTable table = table(instructor);
        List<Student> students = people.students(instructor.classId());
        List<List<String>> lines = new ArrayList<>();
        for (int i = 0; i < students.size(); i++) {
            for (int k = 0; k < table.assignments().size(); k++) {
                MarkCell cell = table.rows().get(i).cells().get(k);
                if (cell.set()) {
                    lines.add(line(students.get(i), table.assignments().get(k), cell));
                }
            }
        }
        return Csv.write(HEAD, lines);
    }

    private static List<String> line(Student student, MarksHead a, MarkCell cell) {
        return List.of(student.username(), student.name(), a.title(), a.due().toString(), Integer.toString(cell.reached()), Integer.toString(cell.skills()), cell.points(), cell.credit(),
                Integer.toString(cell.waiting()), cell.late() ? "yes" : "no");
    }
}
