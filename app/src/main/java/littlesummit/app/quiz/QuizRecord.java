package littlesummit.app.quiz;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import littlesummit.app.assignment.Assignment;
import littlesummit.app.people.Person;
import littlesummit.app.served.ServedItems;
import littlesummit.app.web.Problem;
import littlesummit.core.item.Item;
import littlesummit.core.math.Rational;
import littlesummit.core.quiz.Points;
import littlesummit.core.quiz.QuizPlan;
import littlesummit.core.quiz.QuizState;
import littlesummit.core.quiz.Round;
import littlesummit.core.skill.ItemSource;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Looks at quizzes, and changes nothing. */
@Service
public class QuizRecord {
    private final ItemSource catalogue;
    private final QuizLog log;
    private final ServedItems items;

    QuizRecord(QuizLog log, ServedItems items, ItemSource catalogue) {
        this.catalogue = catalogue;
        this.log = log;
        this.items = items;
    }

    /**
     * @param have points so far, as they are read
     * @param most that there are
     * @param percent of them
     */
    public record Earned(String have, int most, int percent) {}

    /** Points so far, by student and assignment of each quiz that was begun. */
    @Transactional(readOnly = true)
    public Map<String, Map<String, Earned>> points(Collection<String> personIds) {
        return log.of(personIds).stream()
                .collect(Collectors.groupingBy(
                        QuizRunEntity::personId,
                        Collectors.toMap(QuizRunEntity::assignmentId, run -> earned(log.state(run)))));
    }

    private static Earned earned(QuizState state) {
        Points points = Points.of(state);
        return new Earned(
                QuizViews.points(state).have(),
                points.most(),
                points.have()
                        .times(Rational.of(100))
                        .over(Rational.of(Math.max(1, points.most())))
                        .roundHalfUp(0)
                        .num()
                        .intValueExact());
    }

    /**
     * A round that is done.
     *
     * @param marks by id of the item, in their order
     */
    public record DoneRound(String assignmentId, int number, int percent, Instant at, List<MarkedItem> marks) {}

    public record MarkedItem(String itemId, Round.Mark mark) {}

    /** All rounds of a student that are done, in the order of each quiz. */
    @Transactional(readOnly = true)
    public List<DoneRound> rounds(Person person) {
        return log.of(person.id()).stream()
                .flatMap(run -> log.state(run).rounds().stream()
                        .filter(r -> !r.isOpen())
                        .map(r -> new DoneRound(
                                run.assignmentId(),
                                r.number(),
                                r.percent(),
                                r.submittedAt().orElseThrow(),
                                r.slots().stream()
                                        .map(s -> new MarkedItem(
                                                s.itemId(), s.mark().orElseThrow()))
                                        .toList())))
                .toList();
    }

    /**
     * A correction that a student has written.
     *
     * @param at when its round ended
     */
    public record Note(String itemId, String assignmentId, String skillId, Instant at, String text) {}

    @Transactional(readOnly = true)
    public List<Note> notes(String personId) {
        return log.of(personId).stream()
                .flatMap(run -> log.state(run).rounds().stream().flatMap(round -> round.slots().stream()
                        .filter(slot -> slot.note().isPresent())
                        .map(slot -> new Note(
                                slot.itemId(),
                                run.assignmentId(),
                                slot.ref().skill(),
                                round.submittedAt().orElseThrow(),
                                slot.note().orElseThrow()))))
                .toList();
    }

    /** Items of the round that a student is in, or was in last; none before the first. */
    @Transactional(readOnly = true)
    public List<Item> latest(Person person, Assignment assignment) {
        return log.look(person.id(), assignment.id())
                .map(log::state)
                .filter(state -> !state.rounds().isEmpty())
                .map(state -> state.rounds().getLast().slots().stream()
                        .map(slot -> items.item(slot.itemId()).orElseThrow())
                        .toList())
                .orElse(List.of());
    }

    /**
     * A round that nobody is in, to practise with.
     *
     * @throws Problem when the assignment has no quiz
     */
    public List<Item> sample(Assignment assignment, long seed) {
        QuizPlan plan = assignment.quiz().orElseThrow(() -> Problem.notFound("There is no quiz in this assignment."));
        return plan.shares().stream()
                .flatMap(share -> IntStream.range(0, share.items()).mapToObj(place -> catalogue
                        .require(share.skill())
                        .makeOpen(QuizPlan.tier(place, share.items()), seed * 1000 + place)))
                .toList();
    }

    /** When something was done in a quiz. */
    @Transactional(readOnly = true)
    public List<Instant> moments(Person person, Instant since) {
        return moments(List.of(person.id()), since).getOrDefault(person.id(), List.of());
    }

    /** The same of several students, by id. */
    @Transactional(readOnly = true)
    public Map<String, List<Instant>> moments(Collection<String> personIds, Instant since) {
        return log.moments(personIds, since).stream()
                .collect(Collectors.groupingBy(
                        QuizEventRepository.Moment::personId,
                        Collectors.mapping(QuizEventRepository.Moment::at, Collectors.toList())));
    }

    /** Snapshots that differ from the replayed log, each by its student and assignment; none ever should. */
    @Transactional(readOnly = true)
    public List<String> differences() {
        return different(log.all().stream());
    }

    /** The same of some students. */
    @Transactional(readOnly = true)
    public List<String> differences(Collection<String> personIds) {
        return different(log.all().stream().filter(run -> personIds.contains(run.personId())));
    }

    private List<String> different(Stream<QuizRunEntity> runs) {
        return runs.filter(run -> !log.state(run).equals(log.replayed(run)))
                .map(run -> "quiz " + run.personId() + " " + run.assignmentId())
                .toList();
    }

    /** How many snapshots there are. */
    @Transactional(readOnly = true)
    public long snapshots() {
        return log.all().size();
    }
}
