package littlesummit.app.assignment;

import java.time.Clock;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import littlesummit.app.own.ClassCourses;
import littlesummit.app.people.Person;
import littlesummit.app.people.Role;
import littlesummit.app.web.Json;
import littlesummit.app.web.Problem;
import littlesummit.core.practice.Policy;
import littlesummit.core.practice.Target;
import littlesummit.core.quiz.QuizPlan;
import littlesummit.core.skill.ItemSource;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is assigned to whom. */
@Service
public class AssignmentService {
    private final ItemSource catalogue;
    private final ClassCourses courses;
    private final AssignmentRepository assignments;
    private final ExceptionRepository exceptions;
    private final Json json;
    private final Clock clock;

    AssignmentService(
            AssignmentRepository assignments,
            ExceptionRepository exceptions,
            Json json,
            Clock clock,
            ItemSource catalogue,
            ClassCourses courses) {
        this.catalogue = catalogue;
        this.courses = courses;
        this.assignments = assignments;
        this.exceptions = exceptions;
        this.json = json;
        this.clock = clock;
    }

    /** All that are set for the person and open, with the dates that hold for them, the earliest due first. */
    @Transactional(readOnly = true)
    public List<Assignment> of(Person person) {
        List<ForOne> own = exceptions.findByPersonId(person.id()).stream()
                .map(AssignmentService::forOne)
                .toList();
        return setFor(ofClass(person.classId()), own, clock.instant());
    }

    /**
     * Those of a class that are set for one student and open.
     *
     * @param own what is different for that student
     */
    public static List<Assignment> setFor(List<Assignment> ofClass, List<ForOne> own, Instant now) {
        Map<String, ForOne> different = own.stream().collect(Collectors.toMap(ForOne::assignmentId, e -> e));
        return ofClass.stream()
                .filter(a -> a.isOpen(now)
                        && Optional.ofNullable(different.get(a.id()))
                                .filter(ForOne::leftOut)
                                .isEmpty())
                .map(a -> Optional.ofNullable(different.get(a.id()))
                        .flatMap(ForOne::due)
                        .map(a::dueAt)
                        .orElse(a))
                .sorted(Comparator.comparing(a -> a.due().orElse(Instant.MAX)))
                .toList();
    }

    /** All of a class but the withdrawn ones, the earliest due first. */
    @Transactional(readOnly = true)
    public List<Assignment> ofClass(String classId) {
        return all(classId, false);
    }

    /** Those of a class that were withdrawn. */
    @Transactional(readOnly = true)
    public List<Assignment> withdrawn(String classId) {
        return all(classId, true);
    }

    private List<Assignment> all(String classId, boolean withdrawn) {
        return assignments.findByClassIdOrderByDue(classId).stream()
                .filter(a -> a.isWithdrawn() == withdrawn)
                .map(this::assignment)
                .toList();
    }

    /**
     * What is different for one student.
     *
     * @param due empty for the usual date
     * @param leftOut whether it is not set for the student
     */
    public record ForOne(String assignmentId, String personId, Optional<Instant> due, boolean leftOut) {}

    private static ForOne forOne(ExceptionEntity e) {
        return new ForOne(e.assignmentId(), e.personId(), e.due(), e.leftOut());
    }

    /** What is different about some assignments, for whoever it is. */
    @Transactional(readOnly = true)
    public List<ForOne> exceptions(List<Assignment> all) {
        return exceptions.findByAssignmentIdIn(all.stream().map(Assignment::id).toList()).stream()
                .map(AssignmentService::forOne)
                .toList();
    }

    /** @throws Problem when it is another class's */
    @Transactional
    public void move(Person instructor, String assignmentId, Instant due) {
        entity(instructor, assignmentId).move(due);
    }

    @Transactional
    public void rename(Person instructor, String assignmentId, String title) {
        entity(instructor, assignmentId).rename(title);
    }

    /** Takes it back, or sets it again. What students have done in it stays. */
    @Transactional
    public void withdraw(Person instructor, String assignmentId, boolean withdrawn) {
        entity(instructor, assignmentId).withdraw(withdrawn ? Optional.of(clock.instant()) : Optional.empty());
    }

    /** For one student alone. */
    @Transactional
    public void postpone(Person instructor, String assignmentId, String personId, Instant due) {
        change(instructor, assignmentId, personId, e -> e.postpone(due));
    }

    /** Whether one student has nothing to do with it. */
    @Transactional
    public void leaveOut(Person instructor, String assignmentId, String personId, boolean out) {
        change(instructor, assignmentId, personId, e -> e.leaveOut(out));
    }

    private void change(Person instructor, String assignmentId, String personId, Consumer<ExceptionEntity> how) {
        entity(instructor, assignmentId);
        ExceptionEntity exception = exception(assignmentId, personId);
        how.accept(exception);
        exceptions.save(exception);
    }

    private ExceptionEntity exception(String assignmentId, String personId) {
        return exceptions
                .findById(new ExceptionEntity.Key(assignmentId, personId))
                .orElseGet(() -> new ExceptionEntity(assignmentId, personId));
    }

    private AssignmentEntity entity(Person person, String id) {
        return assignments
                .findById(id)
                .filter(a -> a.classId().equals(person.classId()))
                .orElseThrow(() -> Problem.notFound("There is no such assignment for you."));
    }

    /**
     * @throws Problem when there is none, or when it is another class's, or not set for the person, or not open to a
     *     student
     */
    @Transactional(readOnly = true, noRollbackFor = Problem.class)
    public Assignment require(Person person, String id) {
        return OwnChoice.find(id, catalogue, courses.of(person.classId())).orElseGet(() -> {
            AssignmentEntity entity = entity(person, id);
            List<ForOne> own =
                    exceptions
                            .findById(new ExceptionEntity.Key(id, person.id()))
                            .map(AssignmentService::forOne)
                            .stream()
                            .toList();
            if (person.role() == Role.INSTRUCTOR) {
                return assignment(entity);
            }
            return entity.isWithdrawn()
                    ? refuse()
                    : setFor(List.of(assignment(entity)), own, clock.instant()).stream()
                            .findFirst()
                            .orElseGet(AssignmentService::refuse);
        });
    }

    private static Assignment refuse() {
        throw Problem.notFound("There is no such assignment for you.");
    }

    /**
     * As it was set, for a look back at what was done in it: also when it was withdrawn, or belongs to a class that the
     * student has left. Whoever asks has made sure that the work may be seen.
     */
    @Transactional(readOnly = true)
    public Assignment lookBack(String id) {
        return OwnChoice.find(id, catalogue)
                .or(() -> assignments.findById(id).map(this::assignment))
                .orElseGet(AssignmentService::refuse);
    }

    @Transactional
    public Assignment add(
            String classId, String title, List<String> skills, Target target, Policy policy, Instant due) {
        return add(classId, title, skills, target, policy, Optional.empty(), Optional.empty(), due);
    }

    @Transactional
    public Assignment add(
            String classId,
            String title,
            List<String> skills,
            Target target,
            Policy policy,
            Optional<QuizPlan> quiz,
            Optional<Instant> opens,
            Instant due) {
        AssignmentEntity entity = new AssignmentEntity(
                UUID.randomUUID().toString(),
                classId,
                title,
                target.code(),
                json.write(PolicyDto.of(policy)),
                quiz.map(plan -> json.write(QuizPlanDto.of(plan))),
                due,
                skills);
        entity.setAt(clock.instant());
        opens.ifPresent(entity::openAt);
        return assignment(assignments.save(entity));
    }

    private Assignment assignment(AssignmentEntity entity) {
        return new Assignment(
                entity.id(),
                entity.title(),
                entity.skills(),
                Target.of(entity.target()).orElseThrow(),
                json.read(entity.policy(), PolicyDto.class).toCore(),
                entity.quizPlan().map(plan -> json.read(plan, QuizPlanDto.class).toCore()),
                entity.opens(),
                Optional.of(entity.due()),
                entity.setAt());
    }
}
