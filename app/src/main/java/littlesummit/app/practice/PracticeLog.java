package littlesummit.app.practice;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import littlesummit.app.assignment.Assignment;
import littlesummit.app.assignment.OwnChoice;
import littlesummit.app.served.ServedItem;
import littlesummit.app.web.Json;
import littlesummit.app.web.Snapshot;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.PracticeEvent;
import littlesummit.core.practice.SkillState;
import org.springframework.stereotype.Component;

/** The log of what happened, and its fold kept as a snapshot. */
@Component
class PracticeLog {
    private static final Snapshot<BeginningDto, SkillState> SNAPSHOT =
            new Snapshot<>(BeginningDto.class, SkillState.class);

    private final ProgressRepository progress;
    private final EventRepository events;
    private final Json json;

    PracticeLog(ProgressRepository progress, EventRepository events, Json json) {
        this.progress = progress;
        this.events = events;
        this.json = json;
    }

    /** The row of a student, made when there is none. */
    ProgressEntity row(String personId, Assignment assignment, String skill) {
        return progress.findByPersonIdAndAssignmentIdAndSkill(personId, assignment.id(), skill)
                .orElseGet(() -> progress.saveAndFlush(new ProgressEntity(
                        personId,
                        assignment.id(),
                        skill,
                        kept(SkillState.start(assignment.policy(), assignment.target())))));
    }

    Optional<ProgressEntity> find(String personId, String assignmentId, String skill) {
        return progress.findToRead(personId, assignmentId, skill);
    }

    /** Where an item was served: at its own skill, or in the lesson that leads to that. */
    Optional<ProgressEntity> find(ServedItem served) {
        String own = served.ref().skill();
        String place = served.assignmentId().equals(OwnChoice.LESSONS)
                ? events.findByItemIdOrderById(served.id()).stream()
                        .findFirst()
                        .map(EventEntity::skill)
                        .orElse(own)
                : own;
        return find(served.personId(), served.assignmentId(), place);
    }

    SkillState state(ProgressEntity row) {
        return SNAPSHOT.read(
                row.state(), json, from -> SkillState.replay(from.policyInCore(), from.targetInCore(), log(row)));
    }

    private String kept(SkillState state) {
        return SNAPSHOT.write(BeginningDto.of(state), state, json);
    }

    boolean knows(String personId, String key) {
        return events.existsByPersonIdAndIdempotencyKey(personId, key);
    }

    /** Appends to the log and moves the snapshot on; both or none. */
    SkillState append(ProgressEntity row, SkillState before, PracticeEvent event, String key) {
        events.save(new EventEntity(
                row,
                event.itemId(),
                key,
                PracticeEventDto.SCHEMA.newest(),
                json.write(PracticeEventDto.of(event), PracticeEventDto.SCHEMA),
                event.at()));
        SkillState after = before.after(event);
        row.keep(kept(after), after, event.at());
        progress.save(row);
        return after;
    }

    private PracticeEvent event(EventEntity kept) {
        return json.read(kept.payload(), kept.shape(), PracticeEventDto.SCHEMA).toCore();
    }

    /** The fold of the whole log, to compare the snapshot with. */
    SkillState replayed(ProgressEntity row) {
        SkillState now = state(row);
        return SkillState.replay(now.policy(), now.target(), log(row));
    }

    private List<PracticeEvent> log(ProgressEntity row) {
        return events
                .findByPersonIdAndAssignmentIdAndSkillOrderById(row.personId(), row.assignmentId(), row.skill())
                .stream()
                .map(this::event)
                .toList();
    }

    /** The fold of what happened at one item alone. */
    SkillState replayed(ProgressEntity row, String itemId) {
        SkillState now = state(row);
        return SkillState.replay(
                now.policy(),
                now.target(),
                events.findByItemIdOrderById(itemId).stream().map(this::event).toList());
    }

    /** Everything that was tried at an item, in order. */
    List<PracticeEvent.Tried> tries(String itemId) {
        return events.findByItemIdOrderById(itemId).stream()
                .map(this::event)
                .filter(PracticeEvent.Tried.class::isInstance)
                .map(PracticeEvent.Tried.class::cast)
                .toList();
    }

    /** Whether it was served for practice, and not in a quiz. */
    boolean isPractised(String itemId) {
        return !events.findByItemIdOrderById(itemId).isEmpty();
    }

    /** Everything that happened in a place, and what each came to. */
    List<PracticeRecord.Happened> history(ProgressEntity row) {
        SkillState now = state(row);
        SkillState state = SkillState.start(now.policy(), now.target());
        List<PracticeRecord.Happened> history = new ArrayList<>();
        for (EventEntity kept : events.findByPersonIdAndAssignmentIdAndSkillOrderById(
                row.personId(), row.assignmentId(), row.skill())) {
            PracticeEvent event = event(kept);
            SkillState after = state.after(event);
            history.add(new PracticeRecord.Happened(
                    kept.id(), row.assignmentId(), row.skill(), event, after.reached() && !state.reached()));
            state = after;
        }
        return history;
    }

    List<ProgressEntity> all() {
        return progress.findAll();
    }

    List<ProgressEntity> of(String personId) {
        return progress.findByPersonId(personId);
    }

    /** Of a student, in some assignments alone. */
    List<ProgressEntity> of(String personId, Collection<String> assignmentIds) {
        return assignmentIds.isEmpty() ? List.of() : progress.findByPersonIdAndAssignmentIdIn(personId, assignmentIds);
    }

    List<PracticeRecord.Standing> standings(String personId) {
        return standings(progress.findSummariesByPersonId(personId));
    }

    /** In some skills, wherever they were practised. */
    List<PracticeRecord.Standing> standings(String personId, Collection<String> skills) {
        return skills.isEmpty() ? List.of() : standings(progress.findSummariesByPersonIdAndSkillIn(personId, skills));
    }

    /** Of several students. */
    List<PracticeRecord.Standing> standings(Collection<String> personIds) {
        return standings(progress.findSummariesByPersonIdIn(personIds));
    }

    /** Of several students, in some assignments alone. */
    List<PracticeRecord.Standing> standings(Collection<String> personIds, Collection<String> assignmentIds) {
        return assignmentIds.isEmpty() ? List.of() : standings(progress.findSummariesOf(assignmentIds, personIds));
    }

    private static List<PracticeRecord.Standing> standings(List<Summary> summaries) {
        return summaries.stream().map(Summary::standing).toList();
    }

    /** Rows not reached of which at least half of the last items were missed. */
    List<ProgressEntity> stuck(Collection<String> personIds) {
        return progress.findByPersonIdInAndReachedFalseAndMissedLatelyGreaterThanEqual(
                personIds, (Policy.LATELY + 1) / 2);
    }

    List<EventRepository.Moment> moments(Collection<String> personIds, Instant since) {
        return events.moments(personIds, since);
    }

    /** Rows of a database that is older than their summaries get them. */
    void summariseOld() {
        List<ProgressEntity> old = progress.findBySummarisedFalse();
        old.forEach(row -> row.summarise(state(row)));
        progress.saveAll(old);
    }
}
