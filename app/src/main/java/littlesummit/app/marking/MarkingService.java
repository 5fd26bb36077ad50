package littlesummit.app.marking;

import java.time.Instant;
import java.util.List;
import littlesummit.app.assignment.AssignmentService;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.Person;
import littlesummit.app.practice.PracticeService;
import littlesummit.app.web.Problem;
import littlesummit.app.working.WorkService;
import littlesummit.core.practice.Step;
import littlesummit.core.skill.ItemSource;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The reading table: work that was handed in, and what the instructor says of it. */
@Service
class MarkingService {
    private static final int MOST_COMMENTS = 20;
    private final ItemSource catalogue;
    private final WorkService work;
    private final PracticeService practice;
    private final PeopleService people;
    private final AssignmentService assignments;
    private final SavedCommentRepository comments;

    MarkingService(
            WorkService work,
            PracticeService practice,
            PeopleService people,
            AssignmentService assignments,
            SavedCommentRepository comments,
            ItemSource catalogue) {
        this.catalogue = catalogue;
        this.work = work;
        this.practice = practice;
        this.people = people;
        this.assignments = assignments;
        this.comments = comments;
    }

    /** @param waiting the longest waiting first */
    record Pile(List<WaitingPage> waiting, List<Comment> comments) {}

    record WaitingPage(
            String itemId,
            String studentId,
            String student,
            String assignment,
            String skillId,
            String skill,
            Instant since) {}

    /** A sentence that is written often. */
    record Comment(String id, String text) {}

    @Transactional(readOnly = true)
    public Pile pile(Person instructor) {
        return new Pile(
                work.waiting(instructor.classId()).stream().map(this::page).toList(), saved(instructor));
    }

    private WaitingPage page(WorkService.Waiting w) {
        return new WaitingPage(
                w.itemId(),
                w.personId(),
                people.require(w.personId()).name(),
                assignments.lookBack(w.assignmentId()).title(),
                w.skillId(),
                catalogue.generator(w.skillId()).name(),
                w.since());
    }

    /** @throws Problem when it was not handed in */
    @Transactional
    public WorkService.Page read(Person instructor, String itemId, int credit, String comment) {
        WorkService.Page page = work.read(instructor, itemId, credit, comment);
        practice.workRead(instructor, itemId, credit);
        return page;
    }

    /** @throws Problem when it was not read */
    @Transactional
    public WorkService.Page unread(Person instructor, String itemId) {
        WorkService.Page page = work.unread(instructor, itemId);
        practice.workRead(instructor, itemId, Step.UNREAD);
        return page;
    }

    /** Work that was read before counts no more until it has been read again. */
    @Transactional
    public WorkService.Page sendBack(Person instructor, String itemId, String comment) {
        WorkService.Page page = work.sendBack(instructor, itemId, comment);
        practice.workRead(instructor, itemId, Step.UNREAD);
        return page;
    }

    @Transactional(readOnly = true)
    public List<Comment> saved(Person instructor) {
        return comments.findByPersonIdOrderByText(instructor.id()).stream()
                .map(c -> new Comment(c.id(), c.text()))
                .toList();
    }

    /** @throws Problem when there are many already */
    @Transactional
    public List<Comment> save(Person instructor, String text) {
        List<Comment> there = saved(instructor);
        if (there.size() >= MOST_COMMENTS) {
            throw Problem.badRequest("You have " + MOST_COMMENTS + " saved comments. Take one away first.");
        }
        if (there.stream().noneMatch(c -> c.text().equals(text.strip()))) {
            comments.saveAndFlush(new SavedCommentEntity(instructor.id(), text.strip()));
        }
        return saved(instructor);
    }

    @Transactional
    public List<Comment> forget(Person instructor, String id) {
        comments.findById(id).filter(c -> c.personId().equals(instructor.id())).ifPresent(comments::delete);
        comments.flush();
        return saved(instructor);
    }
}
