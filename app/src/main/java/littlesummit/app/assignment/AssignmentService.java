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
        try {
            AssignmentEntity entity = new AssignmentEntity(UUID.randomUUID().toString(), classId, title, target.code(),
                    json.writeValueAsString(policy), due, skills);
            return assignment(assignments.save(entity));
        } catch (JsonProcessingException bug) {
            throw new IllegalStateException(bug);
        }
    }

    private Assignment assignment(AssignmentEntity entity) {
        try {
            return new Assignment(entity.id(), entity.title(), entity.skills(), Target.of(entity.target()).orElseThrow(),
                    json.readValue(entity.policy(), Policy.class), Optional.of(entity.due()));
        } catch (JsonProcessingException damaged) {
            throw new IllegalStateException("policy of assignment " + entity.id(), damaged);
        }
    }
}
