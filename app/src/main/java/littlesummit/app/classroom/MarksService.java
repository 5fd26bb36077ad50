package littlesummit.app.classroom;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.app.assignment.Assignment;
import littlesummit.app.assignment.AssignmentService;
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
    /** So many assignments stand beside each other in a window of 1280 pixels. */
    private static final int ON_A_PAGE = 9;
    /** At first most of them have a date that is past. */
    private static final int PAST_ON_A_PAGE = 5;

    private final Overview overview;
    private final AssignmentService assignments;
    private final QuizRecord quizzes;
    private final WorkService work;
    private final PaperRecord paper;
    private final Clock clock;

    MarksService(
            Overview overview,
            AssignmentService assignments,
            QuizRecord quizzes,
            WorkService work,
            PaperRecord paper,
            Clock clock) {
        this.clock = clock;
        this.assignments = assignments;
        this.paper = paper;
        this.overview = overview;
        this.quizzes = quizzes;
        this.work = work;
    }

    /** All marks on one page. */
    @Transactional(readOnly = true)
    public MarksTable table(Person instructor) {
        List<Assignment> all = assignments.ofClass(instructor.classId());
        Overview.Whole whole = overview.of(instructor.classId(), all);
        return new MarksTable(whole.now(), all.size(), 0, Math.max(1, all.size()), heads(whole), rows(whole));
    }

    /**
     * A page of the marks.
     *
     * @param from how many assignments to leave out before it; empty for a page where what was due last stands
     * @param words that a title has to have, or empty
     */
    @Transactional(readOnly = true)
    public MarksTable page(Person instructor, Optional<Integer> from, String words) {
        Instant now = clock.instant();
        String wanted = words.strip().toLowerCase(Locale.ROOT);
        List<Assignment> found = assignments.ofClass(instructor.classId()).stream()
                .filter(a -> a.title().toLowerCase(Locale.ROOT).contains(wanted))
                .toList();
        int past = (int) found.stream().filter(a -> a.isPast(now)).count();
        int first = Math.clamp(from.orElse(past - PAST_ON_A_PAGE), 0, Math.max(0, found.size() - ON_A_PAGE));
        List<Assignment> shown = found.subList(first, Math.min(found.size(), first + ON_A_PAGE));
        Overview.Whole whole = overview.of(instructor.classId(), shown);
        return new MarksTable(whole.now(), found.size(), first, ON_A_PAGE, heads(whole), rows(whole));
    }

    /** What the marks of each student come to so far. */
    @Transactional(readOnly = true)
    public ClassView.Means means(Person instructor) {
        Instant now = clock.instant();
        List<Assignment> opened = assignments.ofClass(instructor.classId()).stream()
                .filter(a -> a.opens().filter(now::isBefore).isEmpty())
                .toList();
        Overview.Whole whole = overview.of(instructor.classId(), opened);
        Map<String, Integer> means = new TreeMap<>();
        rows(whole).forEach(row -> mean(whole.now(), row.cells()).ifPresent(mean -> means.put(row.studentId(), mean)));
        return new ClassView.Means(means);
    }

    private static List<MarksHead> heads(Overview.Whole whole) {
        return whole.assignments().stream()
                .map(a -> new MarksHead(
                        a.id(), a.title(), a.due().orElseThrow(), a.quiz().isPresent()))
                .toList();
    }

    private List<MarksRow> rows(Overview.Whole whole) {
        Map<String, Map<String, QuizRecord.Earned>> points =
                whole.assignments().stream().anyMatch(a -> a.quiz().isPresent())
                        ? quizzes.points(whole.ids())
                        : Map.of();
        Map<String, List<WorkService.Standing>> pages =
                work.standings(whole.ids()).stream().collect(Collectors.groupingBy(WorkService.Standing::personId));
        return whole.students().stream()
                .map(s -> row(whole, s, points.getOrDefault(s.id(), Map.of()), pages.getOrDefault(s.id(), List.of())))
                .toList();
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
        return new MarksRow(student.id(), student.name(), student.username(), cells);
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
