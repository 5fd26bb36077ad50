package littlesummit.app.book;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import littlesummit.app.assignment.Assignment;
import littlesummit.app.assignment.AssignmentService;
import littlesummit.app.paper.PaperRecord;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.Person;
import littlesummit.app.placement.PlacementService;
import littlesummit.app.practice.PracticeRecord;
import littlesummit.app.practice.PracticeView.ItemView;
import littlesummit.app.quiz.QuizRecord;
import littlesummit.app.quiz.QuizService;
import littlesummit.app.served.ServedItem;
import littlesummit.app.served.ServedItems;
import littlesummit.app.web.Problem;
import littlesummit.app.working.WorkLine;
import littlesummit.app.working.WorkService;
import littlesummit.app.working.WorkStateDto;
import littlesummit.core.item.Item;
import littlesummit.core.practice.Policy;
import littlesummit.core.quiz.QuizPlan;
import littlesummit.core.skill.ItemSource;
import littlesummit.core.working.Lines;
import littlesummit.core.working.WorkLetters;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The book of a student: all pages of own work, to be found and read again. */
@Service
public class BookService {
    private final ItemSource catalogue;
    private final WorkService work;
    private final ServedItems items;
    private final AssignmentService assignments;
    private final PracticeRecord practice;
    private final QuizService quizzes;
    private final QuizRecord quizRecord;
    private final PlacementService placement;
    private final PeopleService people;
    private final PaperRecord paper;

    BookService(
            WorkService work,
            ServedItems items,
            AssignmentService assignments,
            PracticeRecord practice,
            QuizService quizzes,
            QuizRecord quizRecord,
            PlacementService placement,
            PeopleService people,
            PaperRecord paper,
            ItemSource catalogue) {
        this.paper = paper;
        this.catalogue = catalogue;
        this.placement = placement;
        this.quizzes = quizzes;
        this.quizRecord = quizRecord;
        this.work = work;
        this.items = items;
        this.assignments = assignments;
        this.practice = practice;
        this.people = people;
    }

    /**
     * @param skills that there are pages of, to choose from
     * @param pages the latest first
     */
    public record Book(List<SkillName> skills, List<PageEntry> pages) {}

    public record SkillName(String id, String name) {}

    /**
     * @param photos how many
     * @param note a correction that was written, or empty
     */
    public record PageEntry(
            String itemId,
            String assignment,
            String skillId,
            String skill,
            Instant startedAt,
            List<ShownLine> lines,
            boolean hasInk,
            int photos,
            WorkStateDto state,
            String note) {}

    /** @param latex of a line that can be read as mathematics, else empty */
    public record ShownLine(String text, boolean struck, String latex) {}

    /**
     * @param item with the answers, once it is closed
     * @param lines of the page, blank ones left out
     * @param tries in practice, in their order
     */
    public record BookPage(
            String studentId,
            String student,
            String assignmentId,
            String assignment,
            String skillId,
            String skill,
            boolean workRequired,
            ItemView item,
            List<ShownLine> lines,
            List<PracticeRecord.Try> tries,
            String note) {}

    /**
     * @param skill id to look for, blank for all
     * @param words that a page must have in its lines or its note, all of them
     */
    @Transactional(readOnly = true)
    public Book book(Person person, String skill, String words) {
        Map<String, QuizRecord.Note> notes =
                quizRecord.notes(person.id()).stream().collect(Collectors.toMap(QuizRecord.Note::itemId, n -> n));
        List<PageEntry> all = new ArrayList<>();
        for (WorkService.Entry e : work.entries(person.id())) {
            all.add(entry(person, e, Optional.ofNullable(notes.remove(e.itemId()))));
        }
        notes.values().forEach(n -> all.add(entry(person, n)));
        all.sort(Comparator.comparing(PageEntry::startedAt).reversed());
        List<SkillName> skills = all.stream()
                .map(e -> new SkillName(e.skillId(), e.skill()))
                .distinct()
                .toList();
        return new Book(
                skills,
                all.stream()
                        .filter(e -> skill.isBlank() || e.skillId().equals(skill))
                        .filter(e -> has(e, words))
                        .toList());
    }

    private static boolean has(PageEntry entry, String words) {
        String text = (String.join(
                                "\n",
                                entry.lines().stream().map(ShownLine::text).toList()) + "\n" + entry.note())
                .toLowerCase(Locale.ROOT);
        return List.of(words.strip().toLowerCase(Locale.ROOT).split("\\s+")).stream()
                .allMatch(text::contains);
    }

    private PageEntry entry(Person person, WorkService.Entry e, Optional<QuizRecord.Note> note) {
        return new PageEntry(
                e.itemId(),
                title(e.assignmentId()),
                e.skillId(),
                catalogue.generator(e.skillId()).name(),
                e.startedAt(),
                shown(e.lines(), items.requireSeen(person, e.itemId()).item()),
                e.hasInk(),
                e.photos(),
                WorkStateDto.of(e.state()),
                note.map(QuizRecord.Note::text).orElse(""));
    }

    /** A correction of an item that has no page of work. */
    private PageEntry entry(Person person, QuizRecord.Note n) {
        return new PageEntry(
                n.itemId(),
                title(n.assignmentId()),
                n.skillId(),
                catalogue.require(n.skillId()).name(),
                n.at(),
                List.of(),
                false,
                0,
                WorkStateDto.START,
                n.text());
    }

    private String title(String assignmentId) {
        return assignments.lookBack(assignmentId).title();
    }

    /**
     * What belongs to a page, for its owner and the instructor of the class.
     *
     * @throws Problem when there is none, or when it is somebody else's
     */
    @Transactional
    public BookPage page(Person person, String itemId) {
        ServedItem served = items.requireSeen(person, itemId);
        Assignment assignment = assignments.lookBack(served.assignmentId());
        ItemView item = practice.item(served)
                .or(() -> quizzes.item(served))
                .or(() -> placement.item(served))
                .or(() -> paper.item(served))
                .orElseThrow(() -> Problem.notFound("There is no such page for you."));
        return new BookPage(
                served.personId(),
                people.require(served.personId()).name(),
                assignment.id(),
                assignment.title(),
                served.ref().skill(),
                catalogue.generator(served.ref().skill()).name(),
                wantsWork(assignment) || served.item().isDrawn(),
                item,
                shown(work.page(person, itemId).lines(), served.item()),
                practice.tries(served),
                quizRecord.notes(served.personId()).stream()
                        .filter(n -> n.itemId().equals(itemId))
                        .map(QuizRecord.Note::text)
                        .findFirst()
                        .orElse(""));
    }

    private static boolean wantsWork(Assignment assignment) {
        return assignment.policy().work() == Policy.Work.REQUIRED
                || assignment.isQuizOnly()
                        && assignment.quiz().filter(QuizPlan::workRequired).isPresent();
    }

    private static List<ShownLine> shown(List<WorkLine> lines, Item item) {
        Set<String> letters = WorkLetters.of(item);
        return lines.stream()
                .filter(line -> !line.text().isBlank())
                .map(line -> new ShownLine(
                        line.text(),
                        line.struck(),
                        Lines.read(line.text(), letters).latex()))
                .toList();
    }
}
