package littlesummit.app.quiz;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import littlesummit.app.assignment.QuizPlanDto;
import littlesummit.app.served.ServedItems;
import littlesummit.app.web.Json;
import littlesummit.app.web.Snapshot;
import littlesummit.core.item.Item;
import littlesummit.core.quiz.QuizEvent;
import littlesummit.core.quiz.QuizPlan;
import littlesummit.core.quiz.QuizState;
import org.springframework.stereotype.Component;

/** The log of quizzes, and its fold kept as a snapshot. */
@Component
class QuizLog {
    private static final Snapshot<QuizPlanDto, QuizState> SNAPSHOT = new Snapshot<>(QuizPlanDto.class, QuizState.class);

    private final QuizRunRepository runs;
    private final QuizEventRepository events;
    private final ServedItems items;
    private final Json json;

    QuizLog(QuizRunRepository runs, QuizEventRepository events, ServedItems items, Json json) {
        this.items = items;
        this.runs = runs;
        this.events = events;
        this.json = json;
    }

    /** The row of a student, made when there is none. */
    QuizRunEntity run(String personId, String assignmentId, QuizPlan plan) {
        return find(personId, assignmentId)
                .orElseGet(() ->
                        runs.saveAndFlush(new QuizRunEntity(personId, assignmentId, kept(QuizState.start(plan)))));
    }

    /** For one who only looks. */
    Optional<QuizRunEntity> look(String personId, String assignmentId) {
        return runs.readByPersonIdAndAssignmentId(personId, assignmentId);
    }

    /** For one who may change it; others who may wait meanwhile. */
    Optional<QuizRunEntity> find(String personId, String assignmentId) {
        return runs.findByPersonIdAndAssignmentId(personId, assignmentId);
    }

    List<QuizRunEntity> of(String personId) {
        return of(List.of(personId));
    }

    List<QuizRunEntity> of(Collection<String> personIds) {
        return runs.findByPersonIdIn(personIds);
    }

    List<QuizEventRepository.Moment> moments(Collection<String> personIds, Instant since) {
        return events.findMomentsByPersonIdInAndAtAfter(personIds, since);
    }

    List<QuizRunEntity> all() {
        return runs.findAll();
    }

    QuizState state(QuizRunEntity run) {
        return SNAPSHOT.read(run.state(), json, plan -> replayed(run, plan.toCore()));
    }

    private String kept(QuizState state) {
        return SNAPSHOT.write(QuizPlanDto.of(state.plan()), state, json);
    }

    boolean knows(String personId, String key) {
        return events.existsByPersonIdAndIdempotencyKey(personId, key);
    }

    /** Appends to the log and moves the snapshot on; both or none. */
    QuizState append(QuizRunEntity run, QuizState before, QuizEvent event, String key) {
        events.save(new QuizEventEntity(
                run,
                key,
                QuizEventDto.SCHEMA.newest(),
                json.write(QuizEventDto.of(event), QuizEventDto.SCHEMA),
                event.at()));
        QuizState after = before.after(event, this::issued);
        run.keep(kept(after));
        runs.save(run);
        return after;
    }

    private Item issued(String itemId) {
        return items.item(itemId).orElseThrow();
    }

    /** The fold of the whole log, to compare the snapshot with. */
    QuizState replayed(QuizRunEntity run) {
        return replayed(run, state(run).plan());
    }

    private QuizState replayed(QuizRunEntity run, QuizPlan plan) {
        return QuizState.replay(
                plan,
                events.findByPersonIdAndAssignmentIdOrderById(run.personId(), run.assignmentId()).stream()
                        .map(e -> json.read(e.payload(), e.shape(), QuizEventDto.SCHEMA)
                                .toCore())
                        .toList(),
                this::issued);
    }
}
