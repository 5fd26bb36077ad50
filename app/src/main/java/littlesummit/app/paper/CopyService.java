package littlesummit.app.paper;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.Person;
import littlesummit.app.people.Role;
import littlesummit.app.served.ServedItem;
import littlesummit.app.served.ServedItems;
import littlesummit.app.web.Problem;
import littlesummit.core.item.Item;
import littlesummit.core.paper.MarkScheme;
import littlesummit.core.paper.SelfMark;
import littlesummit.core.paper.SheetState;
import littlesummit.core.paper.SheetState.Standing;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a student does with a copy, and what the instructor says of the marks. */
@Service
public class CopyService {
    private static final String OPEN = "The solutions of this sheet are open. Mark your work now.";
    private static final String NOT_TRIED =
            "Try every item first: type its answer in, or say that you have done it on paper.";
    private final Copies copies;
    private final Runs runs;
    private final ServedItems items;
    private final PeopleService people;
    private final ScaleService scales;

    CopyService(Copies copies, Runs runs, ServedItems items, PeopleService people, ScaleService scales) {
        this.copies = copies;
        this.runs = runs;
        this.items = items;
        this.people = people;
        this.scales = scales;
    }

    /** A student at a copy. */
    private record Desk(Person student, Copies.Found found, Runs.Run run, List<ServedItem> served) {
        Item item(int place) {
            return served.get(place).item();
        }

        Desk with(int place, ServedItem now) {
            List<ServedItem> all = new ArrayList<>(served);
            all.set(place, now);
            return new Desk(student, found, run, all);
        }

        List<MarkScheme> schemes() {
            return PaperViews.schemes(served.stream().map(ServedItem::item).toList());
        }
    }

    private Desk desk(Person student, String code) {
        if (student.role() != Role.STUDENT) {
            throw Problem.conflict("A sheet is worked on by students.");
        }
        Copies.Found found = copies.require(student, code);
        return desk(student, found, runs.open(student, found.copy().code(), copies.items(found.copy())));
    }

    private Desk desk(Person student, Copies.Found found, Runs.Run run) {
        return new Desk(
                student,
                found,
                run,
                run.itemIds().stream().map(id -> items.require(student, id)).toList());
    }

    private PaperView.PaperCopy view(Desk desk) {
        return PaperViews.copy(
                desk.found(),
                desk.run(),
                desk.student().name(),
                desk.served(),
                scales.of(desk.found().sheet().classId()));
    }

    private PaperView.PaperCopy changed(Desk desk, UnaryOperator<SheetState> how) {
        SheetState next = how.apply(desk.run().state());
        return view(new Desk(desk.student(), desk.found(), runs.keep(desk.run(), next), desk.served()));
    }

    /** The copy of a student; from its first opening on the items are the student's own. */
    @Transactional
    public PaperView.PaperCopy open(Person student, String code) {
        return view(desk(student, code));
    }

    /**
     * Grades an answer that was typed in. What is right already stays so.
     *
     * @param entries one map a part, by field id
     */
    @Transactional
    public PaperView.PaperCopy answer(Person student, String code, int place, List<Map<String, String>> entries) {
        Desk desk = at(desk(student, code), place);
        SheetState state = desk.run().state();
        if (state.solved()) {
            throw Problem.conflict(OPEN);
        }
        if (!state.takesAnswer(place)) {
            return view(desk);
        }
        String itemId = desk.served().get(place).id();
        items.keepDraft(student, itemId, entries, Optional.empty());
        return changed(
                desk.with(place, items.require(student, itemId)), s -> s.answered(place, desk.item(place), entries));
    }

    /** Says that an item was done on paper, or takes that back. */
    @Transactional
    public PaperView.PaperCopy onPaper(Person student, String code, int place, boolean done) {
        Desk desk = at(desk(student, code), place);
        if (desk.run().state().solved()) {
            throw Problem.conflict(OPEN);
        }
        return changed(desk, s -> s.onPaper(place, done));
    }

    private static Desk at(Desk desk, int place) {
        if (place < 0 || place >= desk.served().size()) {
            throw Problem.notFound("This sheet has no such item.");
        }
        return desk;
    }

    @Transactional
    public PaperView.PaperCopy openSolutions(Person student, String code) {
        Desk desk = desk(student, code);
        if (!desk.run().state().isTried()) {
            throw Problem.conflict(NOT_TRIED);
        }
        return changed(desk, SheetState::openSolutions);
    }

    /** @throws Problem when the solutions are closed, the marks are accepted, or they do not fit the sheet */
    @Transactional
    public PaperView.PaperCopy mark(Person student, String code, SelfMark mark) {
        Desk desk = desk(student, code);
        SheetState state = desk.run().state();
        if (!state.solved()) {
            throw Problem.conflict(NOT_TRIED);
        }
        if (!state.takesMarks()) {
            throw Problem.conflict("Your instructor has accepted these marks. They stay as they are.");
        }
        mark.refusal(desk.schemes()).ifPresent(sentence -> {
            throw Problem.badRequest(sentence);
        });
        return changed(desk, s -> s.marked(mark, desk.schemes()));
    }

    /** Whether the solutions may be printed: for instructors always, for students once they are open. */
    @Transactional(readOnly = true)
    public void requireSolutions(Person person, String code) {
        Copies.Found found = copies.require(person, code);
        boolean open = person.role() == Role.INSTRUCTOR
                || runs.find(found.copy().code(), person.id())
                        .filter(run -> run.state().solved())
                        .isPresent();
        if (!open) {
            throw Problem.conflict(NOT_TRIED);
        }
    }

    /** What a student has done, for the instructor. */
    @Transactional(readOnly = true)
    public PaperView.PaperCopy of(Person instructor, String code, String studentId) {
        return view(desk(instructor, code, studentId));
    }

    private Desk desk(Person instructor, String code, String studentId) {
        Copies.Found found = copies.require(instructor, code);
        Runs.Run run = runs.find(found.copy().code(), studentId)
                .orElseThrow(() -> Problem.notFound("This student has not opened this sheet."));
        return desk(people.require(studentId), found, run);
    }

    /** @throws Problem when nothing is marked yet */
    @Transactional
    public PaperView.PaperCopy judge(Person instructor, String code, String studentId, Standing standing) {
        Desk desk = desk(instructor, code, studentId);
        if (desk.run().state().mark().isEmpty()) {
            throw Problem.conflict("This sheet has not been marked yet.");
        }
        return changed(desk, s -> s.judged(standing));
    }
}
