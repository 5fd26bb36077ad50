package littlesummit.app.classroom;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.app.assignment.Assignment;
import littlesummit.app.classroom.ClassView.MarkCell;
import littlesummit.app.classroom.ClassView.MarksHead;
import littlesummit.app.classroom.ClassView.MarksRow;
import littlesummit.app.classroom.ClassView.MarksTable;
import littlesummit.app.paper.PaperRecord;
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
public class MarksService {
    private static final List<String> HEAD = List.of(
            "username",
            "student",
            "assignment",
            "due",
            "counts",
            "mark percent",
            "skills reached",
            "skills reached once read",
            "skills",
            "percent of target",
            "quiz points",
            "quiz percent",
            "work credit percent",
            "work not read",
            "late",
            "self-marked on paper");
    private final Overview overview;
    private final QuizRecord quizzes;
    private final WorkService work;
    private final PaperRecord paper;

    MarksService(Overview overview, QuizRecord quizzes, WorkService work, PaperRecord paper) {
        this.paper = paper;
        this.overview = overview;
        this.quizzes = quizzes;
        this.work = work;
    }

    @Transactional(readOnly = true)
    public MarksTable table(Person instructor) {
        Overview.Whole whole = overview.of(instructor.classId());
        Map<String, Map<String, QuizRecord.Earned>> points = quizzes.points(whole.ids());
        Map<String, List<WorkService.Standing>> pages =
                work.standings(whole.ids()).stream().collect(Collectors.groupingBy(WorkService.Standing::personId));
        List<MarksRow> rows = whole.students().stream()
                .map(s -> row(whole, s, points.getOrDefault(s.id(), Map.of()), pages.getOrDefault(s.id(), List.of())))
                .toList();
        return new MarksTable(
                whole.now(),
                whole.assignments().stream()
                        .map(a -> new MarksHead(
                                a.id(),
                                a.title(),
                                a.due().orElseThrow(),
                                a.quiz().isPresent()))
                        .toList(),
                rows);
    }

    private static MarksRow row(
            Overview.Whole whole,
            Student student,
            Map<String, QuizRecord.Earned> points,
            List<WorkService.Standing> pages) {
        Map<String, Assignment> set =
                whole.setFor(student).stream().collect(Collectors.toMap(Assignment::id, Function.identity()));
        Map<String, List<WorkState>> states = pages.stream()
                .collect(Collectors.groupingBy(
                        WorkService.Standing::assignmentId,
                        Collectors.mapping(WorkService.Standing::state, Collectors.toList())));
        List<MarkCell> cells = whole.assignments().stream()
                .map(a -> cell(
                        whole,
                        student,
                        a,
                        Optional.ofNullable(set.get(a.id())),
                        states.getOrDefault(a.id(), List.of()),
                        Optional.ofNullable(points.get(a.id()))))
                .toList();
        return new MarksRow(student.id(), student.name(), student.username(), cells, mean(whole.now(), cells));
    }

    /** Of everything that was due by now, quizzes too; what was never begun counts 0. */
    private static Optional<Integer> mean(Instant now, List<MarkCell> cells) {
        return rounded(cells.stream()
                .filter(c -> c.status() == MarkCell.Status.SET
                        && c.due().filter(due -> due.isBefore(now)).isPresent())
                .flatMap(c -> c.mark().stream())
                .mapToInt(m -> m)
                .average());
    }

    /** What was done stays to be seen, also by one who has been left out since. */
    private static MarkCell cell(
            Overview.Whole whole,
            Student student,
            Assignment a,
            Optional<Assignment> own,
            List<WorkState> states,
            Optional<QuizRecord.Earned> points) {
        Map<String, Standing> standings = whole.standings(student, a);
        MarkCell.Status status = own.isPresent()
                ? MarkCell.Status.SET
                : a.opens().filter(whole.now()::isBefore).isPresent()
                        ? MarkCell.Status.OPENS_LATER
                        : MarkCell.Status.LEFT_OUT;
        if (own.isEmpty() && standings.isEmpty() && points.isEmpty()) {
            return MarkCell.none(status);
        }
        return cell(whole.now(), status, own.orElse(a), standings, states, points);
    }

    private static MarkCell cell(
            Instant now,
            MarkCell.Status status,
            Assignment a,
            Map<String, Standing> standings,
            List<WorkState> states,
            Optional<QuizRecord.Earned> points) {
        List<Standing> reached =
                standings.values().stream().filter(Standing::reached).toList();
        int skills = a.isPractice() ? a.skills().size() : 0;
        Optional<Integer> credit = rounded(states.stream()
                .filter(WorkState.Read.class::isInstance)
                .mapToInt(s -> ((WorkState.Read) s).credit())
                .average());
        boolean late =
                reached.stream().anyMatch(s -> s.reachedAt().filter(a::isPast).isPresent())
                        || a.isPast(now) && (reached.size() < skills || a.isQuizOnly() && points.isEmpty());
        Optional<Integer> percent = a.isPractice() ? Optional.of(percent(a, standings)) : Optional.empty();
        Optional<Integer> quiz =
                a.quiz().map(plan -> points.map(QuizRecord.Earned::percent).orElse(0));
        return new MarkCell(
                status,
                a.due(),
                points.isPresent()
                        || standings.values().stream().anyMatch(s -> s.lastAt().isPresent()),
                reached.size(),
                (int) standings.values().stream()
                        .filter(s -> s.unread().reached())
                        .count(),
                skills,
                rounded(Stream.of(percent, quiz)
                        .flatMap(Optional::stream)
                        .mapToInt(p -> p)
                        .average()),
                percent,
                quiz,
                points.map(p -> p.have() + " of " + p.most()).orElse(""),
                credit.map(String::valueOf).orElse(""),
                (int) states.stream()
                        .filter(WorkState.HandedIn.class::isInstance)
                        .count(),
                late);
    }

    /** Each skill counts alike; one that is reached counts whole, whatever came later. */
    private static int percent(Assignment a, Map<String, Standing> standings) {
        int flag = a.target().flag();
        return (int) Math.round(a.skills().stream()
                        .flatMap(id -> Optional.ofNullable(standings.get(id)).stream())
                        .mapToDouble(s -> s.reached() ? 100 : Math.min(100, 100.0 * s.stands() / flag))
                        .sum()
                / a.skills().size());
    }

    private static Optional<Integer> rounded(OptionalDouble mean) {
        return mean.isPresent() ? Optional.of((int) Math.round(mean.getAsDouble())) : Optional.empty();
    }

    /** One line a student and assignment, and one a sheet that a student has marked. */
    @Transactional(readOnly = true)
    public String csv(Person instructor) {
        MarksTable table = table(instructor);
        List<List<String>> lines = new ArrayList<>();
        for (MarksRow row : table.rows()) {
            for (int k = 0; k < table.assignments().size(); k++) {
                if (row.cells().get(k).status() == MarkCell.Status.SET
                        || row.cells().get(k).begun()) {
                    lines.add(line(row, table.assignments().get(k), row.cells().get(k)));
                }
            }
        }
        Map<String, MarksRow> rows =
                table.rows().stream().collect(Collectors.toMap(MarksRow::studentId, Function.identity()));
        paper.selfMarked(instructor).stream()
                .filter(sheet -> rows.containsKey(sheet.studentId()))
                .forEach(sheet -> lines.add(line(rows.get(sheet.studentId()), sheet)));
        return Csv.write(HEAD, lines);
    }

    /** It counts for nothing, and stands in columns of its own. */
    private static List<String> line(MarksRow row, PaperRecord.SelfMarked sheet) {
        List<String> line = new ArrayList<>(List.of(row.username(), row.student(), sheet.title(), "", "no"));
        line.add(Integer.toString(sheet.percent()));
        line.addAll(Collections.nCopies(HEAD.size() - line.size() - 1, ""));
        line.add(sheet.marks() + (sheet.isAccepted() ? ", accepted" : ", not accepted"));
        return line;
    }

    private static List<String> line(MarksRow row, MarksHead a, MarkCell cell) {
        return List.of(
                row.username(),
                row.student(),
                a.title(),
                cell.due().orElse(a.due()).toString(),
                cell.status() == MarkCell.Status.SET ? "yes" : "no",
                text(cell.mark()),
                Integer.toString(cell.reached()),
                Integer.toString(cell.reached() + cell.reachedWaiting()),
                Integer.toString(cell.skills()),
                text(cell.percent()),
                cell.points(),
                text(cell.quizPercent()),
                cell.credit(),
                Integer.toString(cell.waiting()),
                cell.late() ? "yes" : "no",
                "");
    }

    private static String text(Optional<Integer> number) {
        return number.map(String::valueOf).orElse("");
    }
}
