package littlesummit.app.classroom;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import littlesummit.app.assignment.Assignment;
import littlesummit.app.classroom.ClassView.MarkCell;
import littlesummit.app.classroom.ClassView.MarksHead;
import littlesummit.app.classroom.ClassView.MarksRow;
import littlesummit.app.classroom.ClassView.MarksTable;
import littlesummit.app.people.PeopleService.Student;
import littlesummit.app.people.Person;
import littlesummit.app.practice.PracticeRecord.Standing;
import littlesummit.app.quiz.QuizRecord;
import littlesummit.app.working.WorkService;
import littlesummit.core.working.WorkState;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Marks: who has reached what, points of quizzes, credit of work that was read. */
@Service
class MarksService {
    private static final List<String> HEAD = List.of("username", "student", "assignment", "due", "skills reached", "skills", "percent of target", "quiz points", "work credit percent", "work not read",
            "late");
    private final Overview overview;
    private final QuizRecord quizzes;
    private final WorkService work;

    MarksService(Overview overview, QuizRecord quizzes, WorkService work) {
        this.overview = overview;
        this.quizzes = quizzes;
        this.work = work;
    }

    @Transactional(readOnly = true)
    public MarksTable table(Person instructor) {
        Overview.Whole whole = overview.of(instructor.classId());
        Map<String, Map<String, String>> points = quizzes.points(whole.ids());
        Map<String, List<WorkService.Standing>> pages = work.standings(whole.ids()).stream().collect(Collectors.groupingBy(WorkService.Standing::personId));
        List<MarksRow> rows = whole.students().stream().map(s -> row(whole, s, points.getOrDefault(s.id(), Map.of()), pages.getOrDefault(s.id(), List.of()))).toList();
        return new MarksTable(whole.now(), whole.assignments().stream().map(a -> new MarksHead(a.id(), a.title(), a.due().orElseThrow(), a.quiz().isPresent())).toList(), rows);
    }

    private static MarksRow row(Overview.Whole whole, Student student, Map<String, String> points, List<WorkService.Standing> pages) {
        Map<String, Assignment> set = whole.setFor(student).stream().collect(Collectors.toMap(Assignment::id, Function.identity()));
        Map<String, List<WorkState>> states = pages.stream().collect(Collectors.groupingBy(WorkService.Standing::assignmentId, Collectors.mapping(WorkService.Standing::state, Collectors.toList())));
        List<MarkCell> cells = whole.assignments().stream().map(a -> Optional.ofNullable(set.get(a.id()))
                .map(own -> cell(whole, own, whole.standings(student, own), states.getOrDefault(a.id(), List.of()), points.getOrDefault(a.id(), ""))).orElse(MarkCell.NONE)).toList();
        return new MarksRow(student.id(), student.name(), student.username(), cells, mean(whole, set, cells));
    }

    private static Optional<Integer> mean(Overview.Whole whole, Map<String, Assignment> set, List<MarkCell> cells) {
        return rounded(IntStream.range(0, cells.size()).filter(i -> Optional.ofNullable(set.get(whole.assignments().get(i).id())).filter(a -> a.isPast(whole.now())).isPresent())
                .mapToObj(cells::get).flatMap(c -> c.percent().stream()).mapToInt(p -> p).average());
    }

    private static MarkCell cell(Overview.Whole whole, Assignment a, Map<String, Standing> standings, List<WorkState> states, String points) {
        List<Standing> reached = standings.values().stream().filter(Standing::reached).toList();
        int skills = a.isQuizOnly() ? 0 : a.skills().size();
        Optional<Integer> credit = rounded(states.stream().filter(WorkState.Read.class::isInstance).mapToInt(s -> ((WorkState.Read) s).credit()).average());
        boolean late = reached.stream().anyMatch(s -> s.reachedAt().filter(a::isPast).isPresent()) || a.isPast(whole.now()) && (reached.size() < skills || a.isQuizOnly() && points.isEmpty());
        return new MarkCell(true, !points.isEmpty() || standings.values().stream().anyMatch(s -> s.lastAt().isPresent()), reached.size(), skills, a.isQuizOnly() ? Optional.empty() : Optional.of(percent(a, standings)), points, credit.map(String::valueOf).orElse(""),
                (int) states.stream().filter(WorkState.HandedIn.class::isInstance).count(), late);
    }

    /** Each skill counts alike; one that is reached counts whole, whatever came later. */
    private static int percent(Assignment a, Map<String, Standing> standings) {
        int flag = a.target().flag();
        return (int) Math.round(a.skills().stream().flatMap(id -> Optional.ofNullable(standings.get(id)).stream())
                .mapToDouble(s -> s.reached() ? 100 : Math.min(100, 100.0 * s.stands() / flag)).sum() / a.skills().size());
    }

    private static Optional<Integer> rounded(OptionalDouble mean) {
        return mean.isPresent() ? Optional.of((int) Math.round(mean.getAsDouble())) : Optional.empty();
    }

    /** One line a student and assignment. */
    @Transactional(readOnly = true)
    public String csv(Person instructor) {
        MarksTable table = table(instructor);
        List<List<String>> lines = new ArrayList<>();
        for (MarksRow row : table.rows()) {
            for (int k = 0; k < table.assignments().size(); k++) {
                if (row.cells().get(k).set()) {
                    lines.add(line(row, table.assignments().get(k), row.cells().get(k)));
                }
            }
        }
        return Csv.write(HEAD, lines);
    }

    private static List<String> line(MarksRow row, MarksHead a, MarkCell cell) {
        return List.of(row.username(), row.student(), a.title(), a.due().toString(), Integer.toString(cell.reached()), Integer.toString(cell.skills()),
                cell.percent().map(String::valueOf).orElse(""), cell.points(), cell.credit(), Integer.toString(cell.waiting()), cell.late() ? "yes" : "no");
    }
}
