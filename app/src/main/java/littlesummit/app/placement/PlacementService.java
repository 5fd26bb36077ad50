package littlesummit.app.placement;

import java.time.Clock;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.app.assignment.AssignmentService;
import littlesummit.app.assignment.OwnChoice;
import littlesummit.app.knowledge.KnowledgeService;
import littlesummit.app.knowledge.KnowledgeService.Said;
import littlesummit.app.own.ClassCourses;
import littlesummit.app.people.Person;
import littlesummit.app.placement.CheckView.CheckedItem;
import littlesummit.app.placement.CheckView.DoneCheck;
import littlesummit.app.placement.CheckView.RefreshSkill;
import littlesummit.app.placement.CheckView.RunningCheck;
import littlesummit.app.placement.CheckView.SkillVerdict;
import littlesummit.app.practice.ItemViews;
import littlesummit.app.practice.PracticeRecord;
import littlesummit.app.practice.PracticeView.ItemView;
import littlesummit.app.served.ServedItem;
import littlesummit.app.served.ServedItems;
import littlesummit.app.web.Json;
import littlesummit.app.web.Problem;
import littlesummit.core.grading.Verdict;
import littlesummit.core.item.Item;
import littlesummit.core.item.Part;
import littlesummit.core.placement.CheckState;
import littlesummit.core.placement.Evidence;
import littlesummit.core.placement.Placement;
import littlesummit.core.placement.RetakeRules;
import littlesummit.core.placement.SkillOrder;
import littlesummit.core.practice.PartCheck;
import littlesummit.core.practice.PracticeEvent;
import littlesummit.core.practice.SkillMap;
import littlesummit.core.skill.ItemSource;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The starting-point check, and short checks of what was reached some weeks ago. Nothing is said of right and wrong
 * while one runs.
 */
@Service
public class PlacementService {
    private static final int TIER = 2;
    private static final int MOST_IN_A_SHORT_ONE = 6;
    private final ItemSource catalogue;
    private final ClassCourses courses;
    private final Map<String, SkillOrder> orders = new ConcurrentHashMap<>();
    private final SkillCheckRepository checks;
    private final ServedItems items;
    private final PracticeRecord practice;
    private final KnowledgeService knowledge;
    private final AssignmentService assignments;
    private final Json json;
    private final Clock clock;

    PlacementService(
            SkillCheckRepository checks,
            ServedItems items,
            PracticeRecord practice,
            KnowledgeService knowledge,
            AssignmentService assignments,
            Json json,
            Clock clock,
            ItemSource catalogue,
            ClassCourses courses) {
        this.catalogue = catalogue;
        this.courses = courses;
        this.assignments = assignments;
        this.checks = checks;
        this.items = items;
        this.practice = practice;
        this.knowledge = knowledge;
        this.json = json;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public CheckView view(Person person) {
        List<SkillCheckEntity> all = checks.findByPersonIdOrderByStartedAt(person.id());
        List<SkillCheckEntity> done =
                all.stream().filter(c -> c.finishedAt().isPresent()).toList();
        List<SkillCheckEntity> wide =
                done.stream().filter(c -> !state(c).isShort()).toList();
        List<SkillCheckEntity> counted =
                wide.stream().filter(c -> !c.isExcused()).toList();
        return new CheckView(
                running(all).map(c -> running(person, state(c), order(c))),
                refusal(person, counted).orElse(""),
                RetakeRules.MOST_CHECKS - counted.size(),
                due(person),
                wide.isEmpty() ? List.of() : shown(verdicts(wide.getLast()), practice.courseMap(person)),
                done.reversed().stream().map(this::done).toList());
    }

    private static Optional<SkillCheckEntity> running(List<SkillCheckEntity> all) {
        return all.stream().filter(c -> c.finishedAt().isEmpty()).findFirst();
    }

    private SkillOrder order(SkillCheckEntity check) {
        return orders.computeIfAbsent(check.courseId(), id -> SkillOrder.of(courses.byId(id)));
    }

    private RunningCheck running(Person person, CheckState state, SkillOrder order) {
        CheckState.Asked waiting = state.waiting().orElseThrow();
        ServedItem served = items.require(person, waiting.itemId());
        Item item = served.item();
        return new RunningCheck(
                !state.isShort(),
                state.asked().size() - 1,
                state.most(order),
                ItemViews.inQuiz(
                        served,
                        state.asked().size(),
                        item.calculator(),
                        served.draft().typed(item),
                        Optional.empty()));
    }

    /** When a student last finished a check over the course; empty for one who never did. */
    @Transactional(readOnly = true)
    public Optional<Instant> lastCourse(String personId) {
        return checks.findByPersonIdOrderByStartedAt(personId).stream()
                .filter(c -> c.finishedAt().isPresent() && !state(c).isShort())
                .map(c -> c.finishedAt().orElseThrow())
                .max(Comparator.naturalOrder());
    }

    /** Whether an instructor has set the check and it was not taken since. */
    private boolean isSet(Person person) {
        Optional<Instant> last = lastCourse(person.id());
        return assignments.of(person).stream().anyMatch(a -> a.isCheck() && !a.isDoneBy(last));
    }

    private Optional<String> refusal(Person person, List<SkillCheckEntity> wide) {
        if (isSet(person)) {
            return Optional.empty();
        }
        Optional<Instant> last =
                wide.isEmpty() ? Optional.empty() : wide.getLast().finishedAt();
        return RetakeRules.refusal(
                wide.size(), last, practice.timeWorked(person, last.orElse(Instant.EPOCH)), clock.instant());
    }

    private List<RefreshSkill> due(Person person) {
        return practice.map(person).stream()
                .filter(n -> n.status() == SkillMap.Status.REFRESH)
                .map(n -> new RefreshSkill(n.skill().id(), n.skill().name()))
                .toList();
    }

    /** As the map has it now, with what the check said where that still holds. */
    private static List<SkillVerdict> shown(List<Placement.Verdict> verdicts, List<SkillMap.Node> map) {
        Map<String, Placement.Verdict> said =
                verdicts.stream().collect(Collectors.toMap(Placement.Verdict::skill, v -> v));
        return map.stream()
                .map(node -> {
                    Placement.Standing now = standing(node);
                    Optional<Placement.Verdict> own =
                            Optional.ofNullable(said.get(node.skill().id()));
                    String why = own.filter(v ->
                                    (v.standing() == Placement.Standing.KNOWN) == (now == Placement.Standing.KNOWN))
                            .map(Placement.Verdict::why)
                            .orElse(
                                    now == Placement.Standing.KNOWN
                                            ? "You have shown it in practice."
                                            : "It is back in practice.");
                    return new SkillVerdict(
                            node.skill().id(),
                            node.skill().name(),
                            node.skill().strand().title(),
                            StandingDto.of(now),
                            why);
                })
                .toList();
    }

    private static Placement.Standing standing(SkillMap.Node node) {
        return node.isKnown()
                ? Placement.Standing.KNOWN
                : node.status() == SkillMap.Status.LOCKED ? Placement.Standing.NOT_YET : Placement.Standing.READY;
    }

    /** Whatever was taken so far no longer stands in the way of another check. */
    @Transactional
    public void allowAnother(String studentId) {
        checks.findByPersonIdOrderByStartedAt(studentId).forEach(SkillCheckEntity::excuse);
    }

    /** What a check over the course said of each skill. */
    private List<Placement.Verdict> verdicts(SkillCheckEntity check) {
        return check.verdicts()
                .map(kept -> Stream.of(json.read(kept, CheckStateDto.VerdictDto[].class))
                        .map(CheckStateDto.VerdictDto::toCore)
                        .toList())
                .orElseGet(() -> state(check).verdicts(order(check)));
    }

    private DoneCheck done(SkillCheckEntity check) {
        CheckState state = state(check);
        List<String> known = state.isShort() ? state.confirmed() : known(verdicts(check));
        return new DoneCheck(
                check.finishedAt().orElseThrow(),
                !state.isShort(),
                state.asked().size(),
                names(known),
                names(check.fell().isEmpty() && state.isShort() ? state.fallen() : check.fell()),
                state.asked().stream()
                        .map(i -> new CheckedItem(
                                i.itemId(),
                                catalogue.require(i.ref().skill()).name(),
                                i.at(),
                                KindDto.of(i.kind().orElseThrow())))
                        .toList());
    }

    private static List<String> known(List<Placement.Verdict> verdicts) {
        return verdicts.stream()
                .filter(v -> v.standing() == Placement.Standing.KNOWN)
                .map(Placement.Verdict::skill)
                .toList();
    }

    private List<String> names(List<String> skills) {
        return skills.stream().map(id -> catalogue.require(id).name()).toList();
    }

    /**
     * Begins a check, or goes on with the one that runs.
     *
     * @throws Problem when it is too early, or nothing is due
     */
    @Transactional
    public CheckView start(Person person, boolean wholeCourse) {
        List<SkillCheckEntity> all = checks.findByPersonIdOrderByStartedAt(person.id());
        if (running(all).isEmpty()) {
            CheckState fresh = wholeCourse ? course(person, all) : shortOne(person);
            SkillCheckEntity entity = checks.save(new SkillCheckEntity(
                    person.id(), "", courses.chosen(person.classId()).id(), clock.instant()));
            goOn(person, entity, fresh);
        }
        return view(person);
    }

    private CheckState course(Person person, List<SkillCheckEntity> all) {
        refusal(
                        person,
                        all.stream()
                                .filter(c -> !c.isExcused() && !state(c).isShort())
                                .toList())
                .ifPresent(sentence -> {
                    throw Problem.conflict(sentence);
                });
        return CheckState.ofCourse();
    }

    private CheckState shortOne(Person person) {
        List<String> due = due(person).stream()
                .map(RefreshSkill::id)
                .limit(MOST_IN_A_SHORT_ONE)
                .toList();
        if (due.isEmpty()) {
            throw Problem.conflict("Nothing is due for a refresh at the moment.");
        }
        return CheckState.of(due);
    }

    /** Asks the next item, or closes the check. */
    private void goOn(Person person, SkillCheckEntity entity, CheckState state) {
        SkillOrder order = order(entity);
        CheckState next = state.next(order)
                .map(skill -> {
                    ServedItem served = items.serveOpen(person.id(), OwnChoice.CHECK, skill, TIER);
                    return state.asking(served.id(), served.ref(), served.item().guessChance(), clock.instant());
                })
                .orElse(state);
        entity.keep(json.write(CheckStateDto.of(next)));
        if (next.waiting().isEmpty()) {
            List<Placement.Verdict> verdicts = next.isShort() ? List.of() : next.verdicts(order);
            entity.finish(
                    clock.instant(),
                    learn(person, next, verdicts),
                    json.write(
                            verdicts.stream().map(CheckStateDto.VerdictDto::of).toList()));
        }
        checks.saveAndFlush(entity);
    }

    /** @return skills that were known and are back in practice now */
    private List<String> learn(Person person, CheckState done, List<Placement.Verdict> verdicts) {
        Instant now = clock.instant();
        List<String> before = practice.map(person).stream()
                .filter(SkillMap.Node::isKnown)
                .map(n -> n.skill().id())
                .toList();
        List<String> fell = done.isShort()
                ? done.fallen()
                : done.lowered(verdicts).stream().filter(before::contains).toList();
        (done.isShort() ? done.confirmed() : known(verdicts))
                .forEach(skill -> knowledge.shown(person.id(), skill, now, done.isShort()));
        fell.forEach(skill -> knowledge.fell(person.id(), skill, now));
        verdicts.forEach(v -> knowledge.say(person.id(), v.skill(), new Said(percent(v), v.why(), now)));
        return fell;
    }

    private static int percent(Placement.Verdict v) {
        return (int) Math.round(100 * v.chance());
    }

    /**
     * @param entries one map a part, by field id; not looked at for what is new
     * @param key of the request; the same one answers once
     * @throws Problem when the item does not wait for an answer, or an entry cannot be read, which costs nothing
     */
    @Transactional
    public CheckView answer(
            Person person, String itemId, List<Map<String, String>> entries, boolean isNew, String key) {
        if (checks.existsByPersonIdAndLastKey(person.id(), key)) {
            return view(person);
        }
        SkillCheckEntity entity = running(checks.findByPersonIdOrderByStartedAt(person.id()))
                .orElseThrow(() -> Problem.conflict("No check is running. Load the page again."));
        CheckState state = state(entity);
        CheckState.Asked waiting = state.waiting()
                .filter(w -> w.itemId().equals(itemId))
                .orElseThrow(() -> Problem.conflict("This item was answered already. Load the page again."));
        entity.answeredBy(key);
        goOn(
                person,
                entity,
                state.answered(
                        isNew
                                ? Evidence.Kind.NEW
                                : graded(items.item(waiting.itemId()).orElseThrow(), entries),
                        clock.instant()));
        return view(person);
    }

    /** Right in value is knowing: the form is practised elsewhere. */
    private static Evidence.Kind graded(Item item, List<Map<String, String>> entries) {
        Evidence.Kind kind = Evidence.Kind.RIGHT;
        for (int i = 0; i < item.parts().size(); i++) {
            Part part = item.parts().get(i);
            Map<String, String> own = i < entries.size() ? entries.get(i) : Map.of();
            if (part.fields().stream()
                    .anyMatch(f -> own.getOrDefault(f.id(), "").isBlank())) {
                throw Problem.badRequest("Something is still empty. Answer it, or say that it is new to you.");
            }
            PartCheck check = PartCheck.of(part, own);
            if (check.result() == PracticeEvent.Result.UNREADABLE) {
                throw Problem.badRequest("This cannot be read: "
                        + check.fields().stream()
                                .filter(f -> f.verdict() instanceof Verdict.Unreadable)
                                .findFirst()
                                .orElseThrow()
                                .message());
            }
            kind = check.result() == PracticeEvent.Result.INCORRECT ? Evidence.Kind.WRONG : kind;
        }
        return kind;
    }

    /** When something was answered in a check. */
    @Transactional(readOnly = true)
    public List<Instant> moments(Person person, Instant since) {
        return checks.findByPersonIdOrderByStartedAt(person.id()).stream()
                .flatMap(c -> state(c).asked().stream())
                .map(CheckState.Asked::at)
                .filter(at -> at.isAfter(since))
                .toList();
    }

    /** An item of a check as it may be seen now; empty for any other. */
    @Transactional(readOnly = true)
    public Optional<ItemView> item(ServedItem served) {
        return checks.findByPersonIdOrderByStartedAt(served.personId()).stream()
                .flatMap(c -> state(c).asked().stream()
                        .filter(a -> a.itemId().equals(served.id()))
                        .map(a -> c.finishedAt().flatMap(at -> a.kind())))
                .findFirst()
                .map(kind -> ItemViews.inQuiz(served, served.number(), false, List.of(), kind.map(Enum::name)));
    }

    private CheckState state(SkillCheckEntity entity) {
        return json.read(entity.state(), CheckStateDto.class).toCore();
    }
}
