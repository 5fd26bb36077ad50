package littlesummit.app.practice;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.List;
import java.util.Optional;
import littlesummit.app.assignment.Assignment;
import littlesummit.core.practice.PracticeEvent;
import littlesummit.core.practice.SkillState;
import org.springframework.stereotype.Component;

/** The log of what happened, and its fold kept as a snapshot. */
@Component
class PracticeLog {
    private final ProgressRepository progress;
    private final EventRepository events;
    private final ObjectMapper json;

    PracticeLog(ProgressRepository progress, EventRepository events, ObjectMapper json) {
        this.progress = progress;
        this.events = events;
        this.json = json;
    }

    /** The row of a student, made when there is none. */
    ProgressEntity row(String personId, Assignment assignment, String skill) {
        return progress.findByPersonIdAndAssignmentIdAndSkill(personId, assignment.id(), skill).orElseGet(() -> progress.saveAndFlush(
                new ProgressEntity(personId, assignment.id(), skill, write(SkillState.start(assignment.policy(), assignment.target())))));
    }

    Optional<ProgressEntity> find(String personId, String assignmentId, String skill) {
        return progress.findByPersonId(personId).stream()
                .filter(p -> p.assignmentId().equals(assignmentId) && p.skill().equals(skill)).findFirst();
    }

    SkillState state(ProgressEntity row) {
        return read(row.state(), SkillState.class);
    }

    boolean knows(String personId, String key) {
        return events.existsByPersonIdAndIdempotencyKey(personId, key);
    }

    /** Appends to the log and moves the snapshot on; both or none. */
    SkillState append(ProgressEntity row, SkillState before, PracticeEvent event, String key) {
        events.save(new EventEntity(row, event.itemId(), key, write(event), event.at()));
        SkillState after = before.after(event);
        row.keep(write(after), after, event.at());
        progress.save(row);
        return after;
    }

    /** The fold of the whole log, to compare the snapshot with. */
    SkillState replayed(ProgressEntity row) {
        SkillState now = state(row);
        List<PracticeEvent> log = events.findByPersonIdAndAssignmentIdAndSkillOrderById(row.personId(), row.assignmentId(), row.skill())
                .stream().map(e -> read(e.payload(), PracticeEvent.class)).toList();
        return SkillState.replay(now.policy(), now.target(), log);
    }

    /** The fold of what happened at one item alone. */
    SkillState replayed(ProgressEntity row, String itemId) {
        SkillState now = state(row);
        return SkillState.replay(now.policy(), now.target(), events.findByItemIdOrderById(itemId).stream().map(e -> read(e.payload(), PracticeEvent.class)).toList());
    }

    /** Everything that was tried at an item, in order. */
    List<PracticeEvent.Tried> tries(String itemId) {
        return events.findByItemIdOrderById(itemId).stream().map(e -> read(e.payload(), PracticeEvent.class))
                .filter(PracticeEvent.Tried.class::isInstance).map(PracticeEvent.Tried.class::cast).toList();
    }

    /** Whether it was served for practice, and not in a quiz. */
    boolean isPractised(String itemId) {
        return !events.findByItemIdOrderById(itemId).isEmpty();
    }

    List<ProgressEntity> all() {
        return progress.findAll();
    }

    List<ProgressEntity> of(String personId) {
        return progress.findByPersonId(personId);
    }

    private String write(Object value) {
        try {
            return value instanceof PracticeEvent ? json.writerFor(PracticeEvent.class).writeValueAsString(value)
                    : json.writeValueAsString(value);
        } catch (JsonProcessingException bug) {
            throw new IllegalStateException("cannot write " + value, bug);
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
