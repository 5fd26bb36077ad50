package littlesummit.app.practice;

import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import littlesummit.app.assignment.Assignment;
import littlesummit.app.assignment.AssignmentService;
import littlesummit.app.assignment.OwnChoice;
import littlesummit.app.people.Person;
import littlesummit.app.practice.PracticeView.FeedbackView;
import littlesummit.app.served.ServedItem;
import littlesummit.app.served.ServedItems;
import littlesummit.app.web.Problem;
import littlesummit.app.web.Rates;
import littlesummit.app.working.WorkService;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.practice.ItemState;
import littlesummit.core.practice.LastLine;
import littlesummit.core.practice.LessonStage;
import littlesummit.core.practice.PartCheck;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.PracticeEvent;
import littlesummit.core.practice.SkillState;
import littlesummit.core.practice.Step;
import littlesummit.core.practice.Target;
import littlesummit.core.skill.ItemSource;
import littlesummit.core.skill.Lesson;
import littlesummit.core.working.CheckedLine;
import littlesummit.core.working.LineVerdict;
import littlesummit.core.working.WorkCheck;
import littlesummit.core.working.WorkLetters;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Practice of one skill of an assignment: reads the state, asks core, appends to the log. */
@Service
public class PracticeService {
    private final ItemSource catalogue;
    private final AssignmentService assignments;
    private final ServedItems items;
    private final WorkService work;
    private final PracticeLog log;
    private final Surroundings surroundings;
    private final Clock clock;
    private final Rates checks;

    PracticeService(
            AssignmentService assignments,
            ServedItems items,
            WorkService work,
            PracticeLog log,
            Surroundings surroundings,
            Clock clock,
            @Value("${summit.checks-per-minute}") int checksPerMinute,
            ItemSource catalogue) {
        this.catalogue = catalogue;
        this.assignments = assignments;
        this.items = items;
        this.work = work;
        this.log = log;
        this.surroundings = surroundings;
        this.clock = clock;
        this.checks = new Rates(checksPerMinute, checksPerMinute, Duration.ofMinutes(1), clock);
    }

    /** Which student works on which skill. */
    public record Place(Person person, String assignmentId, String skillId) {}

    /** @param confirmed whether the student insists on an entry that differs from the last line of work */
    public record Attempt(String itemId, int part, Map<String, String> entries, boolean confirmed) {}

    /**
     * What came of an attempt.
     *
     * @param unread what could not be read; then nothing was counted
     * @param repeated whether it is what was judged just before; then nothing was counted
     * @param conflict the last line and the entry, when they differ and nobody has insisted; then nothing was counted
     */
    public record Checked(
            PracticeView view, List<FeedbackView> unread, boolean repeated, Optional<ConflictDto> conflict) {}

    @Transactional
    PracticeView open(Place place) {
        Assignment assignment = assignment(place);
        ProgressEntity row = log.row(place.person().id(), assignment, place.skillId());
        return view(place, assignment, row, log.state(row));
    }

    /** Id of the item that the student is in. */
    @Transactional
    public String currentItem(Place place) {
        return open(place).item().id();
    }

    private Assignment assignment(Place place) {
        Assignment assignment = assignments.require(place.person(), place.assignmentId());
        if (assignment.isCheck()) {
            throw Problem.conflict("This assignment is a check. Open it from what is due.");
        }
        if (!assignment.skills().contains(place.skillId())) {
            throw Problem.notFound("This assignment has no such skill.");
        }
        if (assignment.isQuizOnly()) {
            throw Problem.conflict(
                    "This assignment is a quiz. Open it from what is due; to practise, choose the skill on the map.");
        }
        return assignment;
    }

    private PracticeView view(Place place, Assignment assignment, ProgressEntity row, SkillState state) {
        SkillState now = state;
        if (state.current().isEmpty()) {
            ServedItem first = serve(place, state, Math.max(assignment.leastTier(), state.nextTier()));
            now = log.append(row, state, served(first, state, false, state.nextSlot()), "first-" + first.id());
        }
        ServedItem served =
                items.require(place.person(), now.current().orElseThrow().itemId());
        return PracticeViews.of(
                assignment,
                catalogue.generator(place.skillId()),
                now,
                served,
                items.example(served),
                surroundings.of(place, assignment, now),
                clock.instant());
    }

    private PracticeEvent served(ServedItem item, SkillState state, boolean similar, int slot) {
        Item made = item.item();
        return new PracticeEvent.Served(
                clock.instant(),
                item.id(),
                item.ref(),
                similar,
                made.guessChance(),
                made.parts().stream().map(state.policyAt(slot)::tries).toList(),
                slot,
                made.isRead());
    }

    /** One more event about the current item, unless its key is known already. */
    private PracticeView append(Place place, String itemId, String key, Function<ItemState, PracticeEvent> event) {
        Assignment assignment = assignment(place);
        ProgressEntity row = log.row(place.person().id(), assignment, place.skillId());
        SkillState state = log.state(row);
        if (!log.knows(place.person().id(), key)) {
            ItemState item = current(place, state, itemId);
            state = log.append(row, state, event.apply(item), key);
        }
        return view(place, assignment, row, state);
    }

    private ItemState current(Place place, SkillState state, String itemId) {
        items.require(place.person(), itemId);
        return state.current()
                .filter(i -> i.itemId().equals(itemId) && !i.isClosed())
                .orElseThrow(() -> Problem.conflict(
                        "You had gone on in another window, and this was not counted. What you see now is how"
                                + " it stands."));
    }

    @Transactional
    public Checked check(Place place, Attempt attempt, String key) {
        limit(place.person());
        Assignment assignment = assignment(place);
        ProgressEntity row = log.row(place.person().id(), assignment, place.skillId());
        SkillState state = log.state(row);
        if (log.knows(place.person().id(), key)) {
            return new Checked(view(place, assignment, row, state), List.of(), false, Optional.empty());
        }
        ItemState now = current(place, state, attempt.itemId());
        Part part = part(now, attempt);
        Map<String, String> entries = PracticeViews.trimmed(part, attempt.entries());
        if (entries.equals(now.parts().get(attempt.part()).last())) {
            return new Checked(view(place, assignment, row, state), List.of(), true, Optional.empty());
        }
        Optional<LastLine.Conflict> conflict =
                attempt.confirmed() ? Optional.empty() : conflict(place, attempt, part, entries);
        if (conflict.isPresent()) {
            return new Checked(view(place, assignment, row, state), List.of(), false, conflict.map(ConflictDto::of));
        }
        PartCheck check = PartCheck.of(part, entries);
        SkillState after = log.append(
                row,
                state,
                new PracticeEvent.Tried(clock.instant(), attempt.itemId(), attempt.part(), check.result(), entries),
                key);
        List<FeedbackView> unread = check.result() == PracticeEvent.Result.UNREADABLE
                ? ItemViews.feedback(check).stream()
                        .filter(f -> f.verdict().equals("unreadable"))
                        .toList()
                : List.of();
        return new Checked(
                view(place, assignment, row, withWorkIfThere(place, row, after, key)), unread, false, Optional.empty());
    }

    /** Work that stands on the page already closes an item that is right; else it stays open until there is some. */
    private SkillState withWorkIfThere(Place place, ProgressEntity row, SkillState state, String key) {
        Optional<String> right = state.current().filter(ItemState::awaitsWork).map(ItemState::itemId);
        return right.filter(id -> work.show(place.person(), id).isEmpty())
                .map(id -> log.append(row, state, new PracticeEvent.WorkShown(clock.instant(), id), key + ":work"))
                .orElse(state);
    }

    /** Hands in the work that an item still needs, and closes it. */
    @Transactional
    PracticeView showWork(Place place, String itemId, String key) {
        work.show(place.person(), itemId).ifPresent(why -> {
            throw Problem.conflict(why);
        });
        return append(place, itemId, key, item -> new PracticeEvent.WorkShown(clock.instant(), itemId));
    }

    /**
     * The gain of an item in proportion to the credit that its work was given.
     *
     * @param credit 0 to 100, or {@link Step#UNREAD}
     */
    @Transactional
    public void workRead(Person instructor, String itemId, int credit) {
        ServedItem served = items.requireSeen(instructor, itemId);
        log.find(served)
                .ifPresent(row -> log.append(
                        row,
                        log.state(row),
                        new PracticeEvent.WorkRead(clock.instant(), itemId, credit),
                        "read-" + UUID.randomUUID()));
    }

    private void limit(Person person) {
        if (!checks.allows(person.id())) {
            throw Problem.tooMany("That was very quick. Wait a moment; what you entered is kept.");
        }
    }

    private Part part(ItemState now, Attempt attempt) {
        if (attempt.part() != now.currentPart()) {
            throw Problem.conflict("This part is not the one that is open. Load the page again.");
        }
        Part part = item(now).parts().get(attempt.part());
        List<String> ids = part.fields().stream().map(f -> f.id()).toList();
        if (!ids.containsAll(attempt.entries().keySet())) {
            throw Problem.badRequest("This item has no such field.");
        }
        return part;
    }

    /** The item as it was given out. */
    private Item item(ItemState now) {
        return items.item(now.itemId()).orElseThrow();
    }

    private Optional<LastLine.Conflict> conflict(Place place, Attempt attempt, Part part, Map<String, String> entries) {
        if (part.fields().size() != 1) {
            return Optional.empty();
        }
        var field = part.fields().getFirst();
        String entry = field.response().entryOf(entries.get(field.id()));
        return LastLine.conflict(
                field.answer(), work.page(place.person(), attempt.itemId()).counted(), entry);
    }

    /** What is allowed at the item that is open. */
    private Policy policy(Place place) {
        Assignment assignment = assignment(place);
        return log.find(place.person().id(), assignment.id(), place.skillId())
                .map(row -> log.state(row).policyHere())
                .orElse(assignment.policy());
    }

    private static void require(boolean allowed, String sentence) {
        if (!allowed) {
            throw Problem.forbidden(sentence);
        }
    }

    @Transactional
    public PracticeView hint(Place place, String itemId, String key) {
        require(policy(place).hints(), "There are no hints here.");
        return append(place, itemId, key, item -> {
            int part = item.currentPart();
            if (part >= item.parts().size()) {
                throw Problem.conflict("Every part of this item is answered.");
            }
            int inAll = item(item).parts().get(part).hints().size();
            return new PracticeEvent.HintOpened(
                    clock.instant(),
                    itemId,
                    part,
                    Math.min(inAll, item.parts().get(part).hints() + 1));
        });
    }

    @Transactional
    public PracticeView example(Place place, String itemId, String key) {
        require(policy(place).example(), "There are no worked examples here.");
        items.openExample(items.require(place.person(), itemId));
        return append(place, itemId, key, item -> new PracticeEvent.ExampleOpened(clock.instant(), itemId));
    }

    @Transactional
    public PracticeView solution(Place place, String itemId, String key) {
        return append(place, itemId, key, item -> new PracticeEvent.SolutionOpened(clock.instant(), itemId));
    }

    /** The next item, or another like the one that was missed. The current one must be closed. */
    @Transactional
    public PracticeView next(Place place, String itemId, Onward onward, String key) {
        Assignment assignment = assignment(place);
        ProgressEntity row = log.row(place.person().id(), assignment, place.skillId());
        SkillState state = log.state(row);
        items.require(place.person(), itemId);
        Optional<ItemState> closed = state.current().filter(i -> i.itemId().equals(itemId) && i.isClosed());
        if (closed.isPresent() && !log.knows(place.person().id(), key)) {
            state = log.append(row, state, next(place, assignment, state, onward), key);
        }
        return view(place, assignment, row, state);
    }

    /** Checks the student's own lines, where the policy allows it by now. Nothing is counted. */
    @Transactional(readOnly = true)
    public List<CheckedLine> checkLines(Place place, String itemId, List<String> lines) {
        Assignment assignment = assignment(place);
        ServedItem served = items.require(place.person(), itemId);
        SkillState state = log.find(place.person().id(), assignment.id(), place.skillId())
                .map(log::state)
                .orElseThrow(() -> Problem.notFound("There is no such item for you."));
        if (!log.isPractised(itemId)) {
            throw Problem.notFound("There is no such item in your practice.");
        }
        boolean tried = state.current()
                .filter(i -> i.itemId().equals(itemId))
                .map(i -> i.isClosed() || i.anyTryUsed())
                .orElse(true);
        Policy allowed = state.policyHere();
        require(
                allowed.checksLines(tried),
                allowed.lineCheck() == Policy.LineCheck.NEVER
                        ? "Lines are not checked here."
                        : "Your lines can be checked after a first try that was not right.");
        Item item = served.item();
        return withoutGiven(WorkCheck.check(item.given(), WorkLetters.of(item), lines));
    }

    /** The first line is compared with what the item gives, which may stand in no stem: no piece of that is shown. */
    private static List<CheckedLine> withoutGiven(List<CheckedLine> checked) {
        int first = 0;
        while (first < checked.size()
                && (checked.get(first).verdict() == LineVerdict.WORDS
                        || checked.get(first).verdict() == LineVerdict.UNREADABLE)) {
            first++;
        }
        List<CheckedLine> shown = new ArrayList<>(checked);
        if (first < shown.size()) {
            shown.set(first, shown.get(first).withoutPlace());
        }
        return shown;
    }

    /** What shall come: the next item, another like the missed one, or an easier one. */
    public enum Onward {
        NEXT,
        LIKE,
        EASIER
    }

    private PracticeEvent next(Place place, Assignment assignment, SkillState state, Onward onward) {
        String person = place.person().id();
        if (onward == Onward.LIKE && state.offersSimilar()) {
            return served(
                    items.serveLike(
                            person,
                            place.assignmentId(),
                            state.current().orElseThrow().ref()),
                    state,
                    true,
                    state.currentSlot());
        }
        Optional<ItemRef> redo = state.toRedo();
        if (redo.isPresent()) {
            return served(items.serveLike(person, place.assignmentId(), redo.get()), state, true, state.nextSlot());
        }
        int tier = onward == Onward.EASIER
                ? Math.max(1, state.current().orElseThrow().ref().tier() - 1)
                : Math.max(assignment.leastTier(), state.nextTier());
        return served(serve(place, state, tier), state, false, state.nextSlot());
    }

    /** Where one goes on by what is right at once, nothing is given out that a person has to read. */
    private ServedItem serve(Place place, SkillState state, int tier) {
        String person = place.person().id();
        String skill = generator(place, state);
        boolean isShort = place.assignmentId().equals(OwnChoice.REFRESH) || !skill.equals(place.skillId());
        return isShort
                ? items.serveOpen(person, place.assignmentId(), skill, tier)
                : items.serve(person, place.assignmentId(), skill, tier);
    }

    /** What makes the next item: the skill itself, or in a lesson, after its situations, the skill that it leads to. */
    private String generator(Place place, SkillState state) {
        boolean isOwn = !(state.target() instanceof Target.Lesson)
                || state.stage(state.nextSlot())
                        .filter(LessonStage::isSituation)
                        .isPresent();
        return isOwn
                ? place.skillId()
                : catalogue.lesson(place.skillId()).map(Lesson::teaches).orElseThrow();
    }
}
