package littlesummit.app.assignment;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import littlesummit.app.people.Person;
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
    private final ObjectMapper json;

    AssignmentService(AssignmentRepository assignments, ObjectMapper json) {
        this.assignments = assignments;
        this.json = json;
    }

    /** All of the person's class, the earliest due first. */
    @Transactional(readOnly = true)
    public List<Assignment> of(Person person) {
        return assignments.findByClassIdOrderByDue(person.classId()).stream().map(this::assignment).toList();
    }

    /** @throws Problem when there is none, or when it is another class's */
    @Transactional(readOnly = true)
    public Assignment require(Person person, String id) {
        return OwnChoice.find(id).or(() -> assignments.findById(id).filter(a -> a.classId().equals(person.classId())).map(this::assignment))
                .orElseThrow(() -> Problem.notFound("There is no such assignment for you."));
    }

    @Transactional
    public Assignment add(String classId, String title, List<String> skills, Target target, Policy policy, Instant due) {
        return add(classId, title, skills, target, policy, Optional.empty(), due);
    }

    @Transactional
    public Assignment add(String classId, String title, List<String> skills, Target target, Policy policy, Optional<QuizPlan> quiz, Instant due) {
        return assignment(assignments.save(new AssignmentEntity(UUID.randomUUID().toString(), classId, title, target.code(), write(policy), quiz.map(this::write), due,
                skills)));
    }

    private Assignment assignment(AssignmentEntity entity) {
        return new Assignment(entity.id(), entity.title(), entity.skills(), Target.of(entity.target()).orElseThrow(), read(entity, entity.policy(), Policy.class),
                entity.quizPlan().map(plan -> read(entity, plan, QuizPlan.class)), Optional.of(entity.due()));
    }

    private String write(Object value) {
        try {
            return json.writeValueAsString(value);
        } catch (JsonProcessingException bug) {
            throw new IllegalStateException(bug);
        }
    }

    private <T> T read(AssignmentEntity entity, String text, Class<T> type) {
        try {
            return json.readValue(text, type);
        } catch (JsonProcessingException damaged) {
            throw new IllegalStateException(type.getSimpleName() + " of assignment " + entity.id(), damaged);
        }
    }
}
