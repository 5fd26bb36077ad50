package littlesummit.app.practice;

import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.app.people.Person;
import littlesummit.app.served.ServedItem;
import littlesummit.app.served.ServedItems;
import littlesummit.core.item.Item;
import littlesummit.core.item.Part;
import littlesummit.core.practice.ActiveTime;
import littlesummit.core.practice.Outcome;
import littlesummit.core.practice.PartCheck;
import littlesummit.core.practice.PracticeEvent;
import littlesummit.core.practice.SkillMap;
import littlesummit.core.practice.SkillState;
import littlesummit.core.practice.Step;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Looks at what was practised, and changes nothing. */
@Service
public class PracticeRecord {
    private final PracticeLog log;
    private final ServedItems items;
    private final Places places;

    PracticeRecord(PracticeLog log, ServedItems items, Places places) {
        this.log = log;
        this.items = items;
        this.places = places;
    }

    /**
     * An item of whenever, as far as it was worked: what was tried, and what is right once it is closed. Empty for one
     * that was never practised.
     */
    @Transactional(readOnly = true)
    public Optional<PracticeView.ItemView> item(ServedItem served) {
        return log.find(served)
                .map(row -> log.replayed(row, served.id()))
                .filter(state -> state.current().isPresent())
                .map(state -> ItemViews.item(state, served, items.example(served)));
    }

    /** How an item of practice ended; empty while it is open, and for one that was never practised. */
    @Transactional(readOnly = true)
    public Optional<Outcome> outcome(ServedItem served) {
        return log.find(served)
                .map(row -> log.replayed(row, served.id()))
                .flatMap(SkillState::current)
                .flatMap(item -> item.outcome());
    }

    /**
     * One try as a reader sees it.
     *
     * @param entries by label of the field
     * @param result its name
     */
    public record Try(Map<String, String> entries, String result, Instant at) {}

    /** What was tried at an item, in order. */
    @Transactional(readOnly = true)
    public List<Try> tries(ServedItem served) {
        List<Part> parts = served.item().parts();
        return log.tries(served.id()).stream()
                .map(t -> new Try(
                        ItemViews.byLabel(parts.get(t.part()), t.entries()),
                        t.result().name(),
                        t.at()))
                .toList();
    }

    /**
     * One row of the log.
     *
     * @param id of the row
     * @param skill or lesson where it happened
     * @param reached whether the target was reached by it
     */
    public record Happened(long id, String assignmentId, String skill, PracticeEvent event, boolean reached) {}

    /** Everything that happened to somebody in practice, place by place, in the order of each. */
    @Transactional(readOnly = true)
    public List<Happened> history(String personId) {
        return log.of(personId).stream()
                .flatMap(row -> log.history(row).stream())
                .toList();
    }

    /**
     * Where a student stands in a skill of an assignment.
     *
     * @param stands in the measure of the target, without work that waits to be read
     * @param lastAt when an item was closed last
     */
    public record Standing(
            String personId,
            String assignmentId,
            String skillId,
            int stands,
            Unread unread,
            boolean reached,
            Optional<Instant> reachedAt,
            Optional<Instant> shownAt,
            Optional<Instant> lastAt) {}

    /**
     * Work that waits.
     *
     * @param hoped where the student would stand if all were read and perfect
     * @param pages how many
     * @param reached whether that reaches the target
     */
    public record Unread(int hoped, int pages, boolean reached) {}

    @Transactional(readOnly = true)
    public List<Standing> standings(Person person) {
        return log.standings(person.id());
    }

    /** Of several students, quickly. */
    @Transactional(readOnly = true)
    public List<Standing> standings(Collection<String> personIds) {
        return log.standings(personIds);
    }

    /** Of several students, in some assignments alone. */
    @Transactional(readOnly = true)
    public List<Standing> standings(Collection<String> personIds, Collection<String> assignmentIds) {
        return log.standings(personIds, assignmentIds);
    }

    /**
     * A skill that does not go well.
     *
     * @param mistakes what seems to have happened at the missed ones of the last items, as it was told
     */
    public record Stuck(String personId, String assignmentId, String skillId, List<String> mistakes) {}

    /** Skills not reached in which at least half of the last items were missed. */
    @Transactional(readOnly = true)
    public List<Stuck> stuck(Collection<String> personIds) {
        return log.stuck(personIds).stream().map(this::stuck).toList();
    }

    private Stuck stuck(ProgressEntity row) {
        return new Stuck(
                row.personId(),
                row.assignmentId(),
                row.skill(),
                log.state(row).lately().stream()
                        .filter(s -> s.outcome() == Outcome.MISSED)
                        .flatMap(s -> mistakes(s.itemId()).stream())
                        .toList());
    }

    private List<String> mistakes(String itemId) {
        Optional<Item> item = items.item(itemId);
        return item.isEmpty()
                ? List.of()
                : log.tries(itemId).stream()
                        .filter(t -> t.result() == PracticeEvent.Result.INCORRECT)
                        .flatMap(t -> PartCheck.of(item.get().parts().get(t.part()), t.entries()).fields().stream())
                        .flatMap(f -> f.mistake().stream())
                        .map(m -> m.message())
                        .distinct()
                        .toList();
    }

    /**
     * One closed item.
     *
     * @param outcome its name
     */
    public record Attempted(String itemId, Instant at, String outcome) {}

    /**
     * @param items closed, in their order
     * @param course where the student stood after each
     */
    public record Worked(Standing standing, List<Integer> course, List<Attempted> items) {}

    /** All closed items of a person in some assignments, by assignment and skill. */
    @Transactional(readOnly = true)
    public List<Worked> worked(Person person, Collection<String> assignmentIds) {
        return log.of(person.id(), assignmentIds).stream().map(this::worked).toList();
    }

    private Worked worked(ProgressEntity row) {
        List<Step> history = log.state(row).history();
        return new Worked(
                row.standing(),
                history.stream().map(Step::after).toList(),
                history.stream()
                        .map(s -> new Attempted(s.itemId(), s.at(), s.outcome().name()))
                        .toList());
    }

    /** The map of all skills, over all assignments and checks. */
    @Transactional(readOnly = true)
    public List<SkillMap.Node> map(Person person) {
        return places.map(person);
    }

    /** The map of the course that the class works through. */
    @Transactional(readOnly = true)
    public List<SkillMap.Node> courseMap(Person person) {
        return places.courseMap(person);
    }

    /**
     * Skills known by each of several students of a class.
     *
     * @param practised their standings
     */
    @Transactional(readOnly = true)
    public Map<String, List<String>> known(String classId, Collection<String> personIds, List<Standing> practised) {
        return places.maps(classId, personIds, practised).entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, e -> e.getValue().stream()
                        .filter(SkillMap.Node::isKnown)
                        .map(n -> n.skill().id())
                        .toList()));
    }

    /** When something was done: an item given out, tried, or a hint opened. */
    @Transactional(readOnly = true)
    public List<Instant> moments(Person person, Instant since) {
        return moments(List.of(person.id()), since).getOrDefault(person.id(), List.of());
    }

    /** The same of several students, by id. */
    @Transactional(readOnly = true)
    public Map<String, List<Instant>> moments(Collection<String> personIds, Instant since) {
        return log.moments(personIds, since).stream()
                .collect(Collectors.groupingBy(
                        EventRepository.Moment::personId,
                        Collectors.mapping(EventRepository.Moment::at, Collectors.toList())));
    }

    /**
     * Active time without pauses.
     *
     * @param since work before it is left out
     */
    @Transactional(readOnly = true)
    public Duration timeWorked(Person person, Instant since) {
        return ActiveTime.of(moments(person, since));
    }

    /** Snapshots that differ from the replayed log, each by its student, assignment and skill; none ever should. */
    @Transactional(readOnly = true)
    public List<String> differences() {
        return differences(Integer.MAX_VALUE);
    }

    /** The same of some of them alone. */
    @Transactional(readOnly = true)
    public List<String> differences(int most) {
        return different(log.all().stream().limit(most));
    }

    /** The same of some students. */
    @Transactional(readOnly = true)
    public List<String> differences(Collection<String> personIds) {
        return different(personIds.stream().flatMap(id -> log.of(id).stream()));
    }

    private boolean isAsReplayed(ProgressEntity row) {
        SkillState state = log.state(row);
        return state.equals(log.replayed(row)) && state.score() == row.score() && state.reached() == row.reached();
    }

    /** Works out again, from their states, what lists of a class show of some students. */
    @Transactional
    public void summariseAgain(Collection<String> personIds) {
        personIds.stream().flatMap(id -> log.of(id).stream()).forEach(row -> row.summarise(log.state(row)));
    }

    private List<String> different(Stream<ProgressEntity> rows) {
        return rows.filter(row -> !isAsReplayed(row))
                .map(row -> "practice " + row.personId() + " " + row.assignmentId() + " " + row.skill())
                .toList();
    }

    /** How many snapshots there are. */
    @Transactional(readOnly = true)
    public long snapshots() {
        return log.all().size();
    }
}
