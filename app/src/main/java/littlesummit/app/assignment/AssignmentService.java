package littlesummit.app.assignment;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import littlesummit.app.people.Person;
import littlesummit.app.web.Json;
import littlesummit.app.web.Problem;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import littlesummit.core.quiz.QuizPlan;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is assigned to whom. */
@Service
public class AssignmentService {
    private final AssignmentRepository assignments;
    private final ExceptionRepository exceptions;
    private final Json json;

    AssignmentService(AssignmentRepository assignments, ExceptionRepository exceptions, Json json) {
        this.assignments = assignments;
        this.exceptions = exceptions;
        this.json = json;
    }

    /** All that are set for the person, with the dates that hold for them, the earliest due first. */
    @Transactional(readOnly = true)
    public List<Assignment> of(Person person) {
        Map<String, ExceptionEntity> own = exceptions.findByPersonId(person.id()).stream().collect(Collectors.toMap(ExceptionEntity::assignmentId, e -> e));
        return ofClass(person.classId()).stream().filter(a -> !own.containsKey(a.id()) || !own.get(a.id()).leftOut())
                .map(a -> Optional.ofNullable(own.get(a.id())).flatMap(ExceptionEntity::due).map(a::dueAt).orElse(a))
                .sorted(Comparator.comparing(a -> a.due().orElse(Instant.MAX))).toList();
    }

    /** All of a class, the earliest due first. */
    @Transactional(readOnly = true)
    public List<Assignment> ofClass(String classId) {
        return assignments.findByClassIdOrderByDue(classId).stream().map(this::assignment).toList();
    }

    /** What is different for some students. @param due empty for the usual date; @param leftOut whether it is not set for them */
    public record ForOne(String personId, Optional<Instant> due, boolean leftOut) {}

    /** By assignment; those without any are left out. */
    @Transactional(readOnly = true)
    public Map<String, List<ForOne>> exceptions(List<Assignment> all) {
        return exceptions.findByAssignmentIdIn(all.stream().map(Assignment::id).toList()).stream().collect(Collectors.groupingBy(ExceptionEntity::assignmentId,
                Collectors.mapping(e -> new ForOne(e.personId(), e.due(), e.leftOut()), Collectors.toList())));
    }

    /** @throws Problem when it is another class's */
    @Transactional
    public void move(Person instructor, String assignmentId, Instant due) {
        entity(instructor, assignmentId).move(due);
    }

    /** For one student alone. */
    @Transactional
    public void postpone(Person instructor, String assignmentId, String personId, Instant due) {
        entity(instructor, assignmentId);
        ExceptionEntity exception = exception(assignmentId, personId);
        exception.postpone(due);
        exceptions.save(exception);
    }

    @Transactional
    public void leaveOut(Person instructor, String assignmentId, String personId) {
        entity(instructor, assignmentId);
        ExceptionEntity exception = exception(assignmentId, personId);
        exception.leaveOut();
        exceptions.save(exception);
    }

    private ExceptionEntity exception(String assignmentId, String personId) {
        return exceptions.findById(new ExceptionEntity.Key(assignmentId, personId)).orElseGet(() -> new ExceptionEntity(assignmentId, personId));
    }

    private AssignmentEntity entity(Person person, String id) {
        return assignments.findById(id).filter(a -> a.classId().equals(person.classId())).orElseThrow(() -> Problem.notFound("There is no such assignment for you."));
    }

    /** @throws Problem when there is none, or when it is another class's, or not set for the person */
    @Transactional(readOnly = true)
    public Assignment require(Person person, String id) {
        return OwnChoice.find(id).orElseGet(() -> {
            Assignment assignment = assignment(entity(person, id));
            Optional<ExceptionEntity> own = exceptions.findById(new ExceptionEntity.Key(id, person.id()));
            if (own.filter(ExceptionEntity::leftOut).isPresent()) {
                throw Problem.notFound("There is no such assignment for you.");
            }
            return own.flatMap(ExceptionEntity::due).map(assignment::dueAt).orElse(assignment);
        });
    }

    @Transactional
    public Assignment add(String classId, String title, List<String> skills, Target target, Policy policy, Instant due) {
        return add(classId, title, skills, target, policy, Optional.empty(), due);
    }

    @Transactional
    public Assignment add(String classId, String title, List<String> skills, Target target, Policy policy, Optional<QuizPlan> quiz, Instant due) {
        return assignment(assignments.save(new AssignmentEntity(UUID.randomUUID().toString(), classId, title, target.code(), json.write(policy), quiz.map(json::write), due,
                skills)));
    }

    private Assignment assignment(AssignmentEntity entity) {
        return new Assignment(entity.id(), entity.title(), entity.skills(), Target.of(entity.target()).orElseThrow(), json.read(entity.policy(), Policy.class),
                entity.quizPlan().map(plan -> json.read(plan, QuizPlan.class)), Optional.of(entity.due()));
    }
}
