package littlesummit.app.quiz;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import littlesummit.app.assignment.Assignment;
import littlesummit.app.assignment.AssignmentService;
import littlesummit.app.people.PeopleService;
import littlesummit.app.people.Person;
import littlesummit.app.practice.PracticeRecord;
import littlesummit.app.practice.PracticeView.ItemView;
import littlesummit.app.served.ServedItem;
import littlesummit.app.served.ServedItems;
import littlesummit.app.web.Problem;
import littlesummit.app.web.Tag;
import littlesummit.app.working.WorkService;
import littlesummit.core.item.Item;
import littlesummit.core.item.Part;
import littlesummit.core.item.WorkedStep;
import littlesummit.core.math.Rational;
import littlesummit.core.quiz.CorrectionNote;
import littlesummit.core.quiz.QuizEvent;
import littlesummit.core.quiz.QuizPlan;
import littlesummit.core.quiz.QuizState;
import littlesummit.core.quiz.Round;
import littlesummit.core.skill.ItemSource;
import littlesummit.core.working.WorkLetters;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Quizzes in rounds: reads the state, asks core, appends to the log. A round that time has ended is ended by whoever
 * looks first.
 */
@Service
public class QuizService {
    private static final String OVER = "The time of this round is over. What was saved by then counts.";
    private final ItemSource catalogue;
    private final AssignmentService assignments;
    private final PracticeRecord practice;
    private final ServedItems items;
    private final WorkService work;
    private final PeopleService people;
    private final QuizLog log;
    private final Clock clock;

    QuizService(
            AssignmentService assignments,
            PracticeRecord practice,
            ServedItems items,
            WorkService work,
            PeopleService people,
            QuizLog log,
            Clock clock,
            ItemSource catalogue) {
        this.catalogue = catalogue;
        this.assignments = assignments;
        this.practice = practice;
        this.items = items;
        this.work = work;
        this.people = people;
        this.log = log;
        this.clock = clock;
    }

    /** A student in a quiz, as it stands now. */
    private record Sitting(Person person, Assignment assignment, QuizPlan plan, QuizRunEntity run, QuizState state) {
        Sitting at(QuizState next) {
            return new Sitting(person, assignment, plan, run, next);
        }
    }

    private Sitting sitting(Person person, String assignmentId) {
        Assignment assignment = assignments.require(person, assignmentId);
        QuizPlan plan = assignment.quiz().orElseThrow(() -> Problem.notFound("There is no quiz in this assignment."));
        QuizRunEntity run = log.run(person.id(), assignmentId, plan);
        return settled(new Sitting(person, assignment, plan, run, log.state(run)));
    }

    /** With the end that time has brought. */
    private Sitting settled(Sitting s) {
        Optional<QuizEvent> over = s.state().overdue(clock.instant());
        return over.map(event -> submitted(
                        s,
                        event,
                        "time-" + s.run().assignmentId() + "-"
                                + s.state().rounds().size()))
                .orElse(s);
    }

    private Sitting submitted(Sitting s, QuizEvent event, String key) {
        Sitting done = s.at(log.append(s.run(), s.state(), event, key));
        if (s.plan().workRequired()) {
            done.state().rounds().getLast().slots().forEach(slot -> work.handInIfAny(s.person(), slot.itemId()));
        }
        return done;
    }

    @Transactional
    public QuizView view(Person person, String assignmentId) {
        return view(sitting(person, assignmentId));
    }

    private QuizView view(Sitting s) {
        Optional<QuizView.Running> running = s.state()
                .running()
                .map(round -> QuizViews.running(
                        s.state(), round, served(s.person(), round), worked(s.person()), clock.instant()));
        return QuizViews.of(
                s.assignment(), s.state(), people.extraTime(s.person().id()), opensAfter(s), running, catalogue);
    }

    private List<ServedItem> served(Person person, Round round) {
        return round.slots().stream()
                .map(slot -> items.require(person, slot.itemId()))
                .toList();
    }

    private Set<String> worked(Person person) {
        return work.entries(person.id()).stream().map(WorkService.Entry::itemId).collect(Collectors.toSet());
    }

    private record Skill(String assignmentId, String skillId) {}

    private Set<Skill> reached(Person person) {
        return practice.standings(person).stream()
                .filter(PracticeRecord.Standing::reached)
                .map(p -> new Skill(p.assignmentId(), p.skillId()))
                .collect(Collectors.toSet());
    }

    private List<String> opensAfter(Sitting s) {
        return opensAfter(s.assignment(), s.state(), reached(s.person()));
    }

    /** Names of skills that must be reached before: all of a practice assignment. */
    private List<String> opensAfter(Assignment assignment, QuizState state, Set<Skill> reached) {
        return assignment.isQuizOnly() || !state.rounds().isEmpty()
                ? List.of()
                : assignment.skills().stream()
                        .filter(id -> !reached.contains(new Skill(assignment.id(), id)))
                        .map(id -> catalogue.require(id).name())
                        .toList();
    }

    /** Begins the next round; the running one goes on when there is one. */
    @Transactional
    public QuizView start(Person person, String assignmentId, String key) {
        Sitting s = sitting(person, assignmentId);
        if (s.state().phase() == QuizState.Phase.RUNNING || log.knows(person.id(), key)) {
            return view(s);
        }
        if (!opensAfter(s).isEmpty()) {
            throw Problem.conflict(
                    "This quiz opens when its skills are reached: " + String.join(", ", opensAfter(s)) + ".");
        }
        if (s.state().phase() != QuizState.Phase.READY) {
            throw Problem.conflict(
                    s.state().phase() == QuizState.Phase.CORRECTING
                            ? "First correct what was missed in the last round."
                            : "There are no more rounds in this quiz.");
        }
        Instant now = s.state().timeAt(clock.instant());
        Instant end = now.plus(QuizViews.time(s.plan(), people.extraTime(person.id())));
        return view(s.at(log.append(s.run(), s.state(), new QuizEvent.Started(now, end, fresh(s)), key)));
    }

    /** Items of the same skills and tiers as in the first round, with new numbers. */
    private List<QuizEvent.Given> fresh(Sitting s) {
        Stream<ServedItem> served = s.state().rounds().isEmpty()
                ? s.plan().shares().stream().flatMap(share -> IntStream.range(0, share.items())
                        .mapToObj(place -> items.serveOpen(
                                s.person().id(),
                                s.assignment().id(),
                                share.skill(),
                                QuizPlan.tier(place, share.items()))))
                : s.state().rounds().getFirst().slots().stream()
                        .map(slot ->
                                items.serveLike(s.person().id(), s.assignment().id(), slot.ref()));
        return served.map(item -> new QuizEvent.Given(item.id(), item.ref())).toList();
    }

    /**
     * Keeps what is entered at an item.
     *
     * @param entries one map a part
     * @param builtOn tag of the version that was changed; empty for who does not mind
     * @return the tag of what is kept now
     * @throws Problem when somebody else changed it since
     */
    @Transactional(noRollbackFor = Problem.class)
    public Tag save(
            Person person,
            String assignmentId,
            String itemId,
            List<Map<String, String>> entries,
            Optional<String> builtOn,
            String key) {
        Sitting s = sitting(person, assignmentId);
        int slot = slot(s, itemId);
        Round.Slot now = s.state().rounds().getLast().slots().get(slot);
        requireFields(items.item(itemId).orElseThrow(), entries);
        Tag change = Tag.ofEntries(entries);
        if (!log.knows(s.person().id(), key)) {
            Tag.ofEntries(now.entries()).require(builtOn, change, Map.of("entries", now.entries()));
        }
        append(s, new QuizEvent.Saved(clock.instant(), slot, entries), key);
        return change;
    }

    @Transactional(noRollbackFor = Problem.class)
    void flag(Person person, String assignmentId, String itemId, boolean on, String key) {
        Sitting s = sitting(person, assignmentId);
        append(s, new QuizEvent.Flagged(clock.instant(), slot(s, itemId), on), key);
    }

    private void append(Sitting s, QuizEvent event, String key) {
        if (!log.knows(s.person().id(), key)) {
            log.append(s.run(), s.state(), event, key);
        }
    }

    /** The end of a round is kept though the request is refused: hence no roll-back for problems. */
    private static int slot(Sitting s, String itemId) {
        Round round = s.state()
                .running()
                .orElseThrow(() -> Problem.conflict(s.state().rounds().isEmpty() ? "No round has begun yet." : OVER));
        List<String> ids = round.slots().stream().map(Round.Slot::itemId).toList();
        if (!ids.contains(itemId)) {
            throw Problem.conflict(
                    s.state().rounds().size() > 1 ? OVER : "This item is not in the round that is open.");
        }
        return ids.indexOf(itemId);
    }

    private static void requireFields(Item item, List<Map<String, String>> entries) {
        boolean known = entries.size() <= item.parts().size();
        for (int i = 0; known && i < entries.size(); i++) {
            known = item.parts().get(i).fields().stream()
                    .map(f -> f.id())
                    .toList()
                    .containsAll(entries.get(i).keySet());
        }
        if (!known) {
            throw Problem.badRequest("This item has no such field.");
        }
    }

    @Transactional
    public QuizView submit(Person person, String assignmentId, int round, String key) {
        Sitting s = sitting(person, assignmentId);
        boolean open = s.state().running().filter(r -> r.number() == round).isPresent();
        return view(
                open && !log.knows(person.id(), key)
                        ? submitted(s, new QuizEvent.Submitted(s.state().timeAt(clock.instant())), key)
                        : s);
    }

    /** A round that is done. */
    @Transactional
    public QuizView.RoundResult result(Person person, String assignmentId, int number) {
        Sitting s = sitting(person, assignmentId);
        Round round = done(s, number);
        return QuizViews.result(s.state(), round, served(person, round), worked(person));
    }

    private static Round done(Sitting s, int number) {
        return s.state().rounds().stream()
                .filter(r -> r.number() == number && !r.isOpen())
                .findFirst()
                .orElseThrow(() -> Problem.notFound("This round is not done."));
    }

    /** @throws Problem when the note is too little or not the student's own */
    @Transactional
    public QuizView.RoundResult correct(
            Person person, String assignmentId, int number, int slot, String note, String key) {
        Sitting s = sitting(person, assignmentId);
        done(s, number);
        if (!s.state().wantsNote(number, slot)) {
            throw Problem.conflict("This item needs no correction.");
        }
        Item item = items.item(
                        s.state().rounds().get(number - 1).slots().get(slot).itemId())
                .orElseThrow();
        CorrectionNote.refusal(note, explanation(item), WorkLetters.of(item)).ifPresent(sentence -> {
            throw Problem.badRequest(sentence);
        });
        append(s, new QuizEvent.Corrected(clock.instant(), number, slot, note.strip()), key);
        return result(person, assignmentId, number);
    }

    private static List<String> explanation(Item item) {
        List<String> texts =
                new ArrayList<>(item.worked().stream().map(WorkedStep::say).toList());
        texts.addAll(item.worked().stream().map(WorkedStep::math).toList());
        item.parts().stream().map(Part::hints).forEach(texts::addAll);
        item.parts().stream()
                .flatMap(p -> p.fields().stream())
                .flatMap(f -> f.mistakes().stream())
                .forEach(m -> texts.add(m.message()));
        item.second().ifPresent(second -> texts.add(second.blocks().toString()));
        return texts;
    }

    /**
     * A quiz in a list of due work.
     *
     * @param words where it stands, in a few words
     */
    public record Summary(boolean open, boolean finished, int rounds, String words) {}

    /** By assignment; those without a quiz are left out. */
    @Transactional
    public Map<String, Summary> summaries(Person person, List<Assignment> all) {
        Map<String, QuizRunEntity> runs =
                log.of(person.id()).stream().collect(Collectors.toMap(QuizRunEntity::assignmentId, run -> run));
        Set<Skill> reached = reached(person);
        return all.stream().filter(a -> a.quiz().isPresent()).collect(Collectors.toMap(Assignment::id, a -> {
            QuizState state = Optional.ofNullable(runs.get(a.id()))
                    .map(run -> settled(new Sitting(person, a, a.quiz().orElseThrow(), run, log.state(run)))
                            .state())
                    .orElseGet(() -> QuizState.start(a.quiz().orElseThrow()));
            List<String> before = opensAfter(a, state, reached);
            return new Summary(
                    before.isEmpty(),
                    state.phase() == QuizState.Phase.FINISHED,
                    state.rounds().size(),
                    words(state, before));
        }));
    }

    private static String words(QuizState state, List<String> before) {
        if (!before.isEmpty()) {
            return "opens when all its skills are reached";
        }
        int best = state.best().times(Rational.of(100)).floor().intValueExact();
        return switch (state.phase()) {
            case READY ->
                state.rounds().isEmpty()
                        ? "not begun"
                        : "best " + best + "%, round " + (state.rounds().size() + 1) + " is open";
            case RUNNING -> "round " + state.rounds().size() + " is running";
            case CORRECTING -> "best " + best + "%, round " + state.rounds().size() + " wants its corrections";
            case FINISHED -> state.isReached() ? "reached with " + best + "%" : "done, best " + best + "%";
        };
    }

    /** An item of a quiz as it may be seen now; empty for one that is in no quiz. */
    @Transactional
    public Optional<ItemView> item(ServedItem served) {
        return log.find(served.personId(), served.assignmentId()).flatMap(run -> {
            Person owner = people.require(served.personId());
            Assignment assignment = assignments.lookBack(served.assignmentId());
            QuizState state = settled(
                            new Sitting(owner, assignment, assignment.quiz().orElseThrow(), run, log.state(run)))
                    .state();
            return state.rounds().stream()
                    .flatMap(r -> r.slots().stream())
                    .filter(slot -> slot.itemId().equals(served.id()))
                    .findFirst()
                    .map(slot -> QuizViews.item(state, slot, served, served.number() - 1));
        });
    }
}
