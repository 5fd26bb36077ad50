package littlesummit.app.quiz;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.List;
import java.util.Optional;
import littlesummit.core.quiz.QuizEvent;
import littlesummit.core.quiz.QuizPlan;
import littlesummit.core.quiz.QuizState;
import org.springframework.stereotype.Component;

/** The log of quizzes, and its fold kept as a snapshot. */
@Component
class QuizLog {
    private final QuizRunRepository runs;
    private final QuizEventRepository events;
    private final ObjectMapper json;

    QuizLog(QuizRunRepository runs, QuizEventRepository events, ObjectMapper json) {
        this.runs = runs;
        this.events = events;
        this.json = json;
    }

    /** The row of a student, made when there is none. */
    QuizRunEntity run(String personId, String assignmentId, QuizPlan plan) {
        return find(personId, assignmentId).orElseGet(() -> runs.saveAndFlush(new QuizRunEntity(personId, assignmentId, write(QuizState.start(plan)))));
    }

    Optional<QuizRunEntity> find(String personId, String assignmentId) {
        return runs.findByPersonIdAndAssignmentId(personId, assignmentId);
    }

    List<QuizRunEntity> of(String personId) {
        return runs.findByPersonId(personId);
    }

    List<QuizRunEntity> all() {
        return runs.findAll();
    }

    QuizState state(QuizRunEntity run) {
        return read(run.state(), QuizState.class);
    }

    boolean knows(String personId, String key) {
        return events.existsByPersonIdAndIdempotencyKey(personId, key);
    }

    /** Appends to the log and moves the snapshot on; both or none. */
    QuizState append(QuizRunEntity run, QuizState before, QuizEvent event, String key) {
        try {
            events.save(new QuizEventEntity(run, key, json.writerFor(QuizEvent.class).writeValueAsString(event), event.at()));
        } catch (JsonProcessingException bug) {
            throw new IllegalStateException("cannot write " + event, bug);
        }
        QuizState after = before.after(event);
        run.keep(write(after));
        runs.save(run);
        return after;
    }

    /** The fold of the whole log, to compare the snapshot with. */
    QuizState replayed(QuizRunEntity run) {
        return QuizState.replay(state(run).plan(), events.findByPersonIdAndAssignmentIdOrderById(run.personId(), run.assignmentId()).stream()
                .map(e -> read(e.payload(), QuizEvent.class)).toList());
    }

    private String write(QuizState state) {
        try {
            return json.writeValueAsString(state);
        } catch (JsonProcessingException bug) {
            throw new IllegalStateException("cannot write " + state, bug);
        }
    }

    private <T> T read(String text, Class<T> type) {
        try {
            return json.readValue(text, type);
        } catch (JsonProcessingException damaged) {
            throw new IllegalStateException("cannot read " + type.getSimpleName(), damaged);
        }
    }
}
