package littlesummit.app.practice;

import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.app.assignment.AssignmentService;
import littlesummit.app.assignment.OwnChoice;
import littlesummit.app.knowledge.KnowledgeService;
import littlesummit.app.own.ClassCourses;
import littlesummit.app.people.Person;
import littlesummit.core.curriculum.Course;
import littlesummit.core.practice.SkillMap;
import org.springframework.stereotype.Component;

/** Where in the application a student works on which skill, and what is known of it over all assignments. */
@Component
class Places {
    private final ClassCourses courses;
    private final PracticeLog log;
    private final AssignmentService assignments;
    private final KnowledgeService knowledge;
    private final Clock clock;

    Places(
            PracticeLog log,
            AssignmentService assignments,
            KnowledgeService knowledge,
            Clock clock,
            ClassCourses courses) {
        this.courses = courses;
        this.knowledge = knowledge;
        this.log = log;
        this.assignments = assignments;
        this.clock = clock;
    }

    /** By skill id. */
    Map<String, SkillMap.Record> records(Person person) {
        return records(log.standings(person.id()), knowledge.of(person.id())).getOrDefault(person.id(), Map.of());
    }

    /** Of some skills alone, by id. */
    Map<String, SkillMap.Record> records(Person person, List<String> skills) {
        return skills.isEmpty()
                ? Map.of()
                : records(log.standings(person.id(), skills), knowledge.of(person.id(), skills))
                        .getOrDefault(person.id(), Map.of());
    }

    /** By student and skill id; lessons are no skills and count for nothing here. */
    private static Map<String, Map<String, SkillMap.Record>> records(
            List<PracticeRecord.Standing> practised, List<KnowledgeService.Known> checked) {
        Map<String, Map<String, SkillMap.Record>> all = new HashMap<>();
        for (PracticeRecord.Standing row : practised) {
            if (!row.assignmentId().equals(OwnChoice.LESSONS)) {
                SkillMap.Record one = new SkillMap.Record(true, row.reachedAt(), row.shownAt(), 0);
                all.computeIfAbsent(row.personId(), id -> new HashMap<>()).merge(row.skillId(), one, Places::together);
            }
        }
        for (KnowledgeService.Known known : checked) {
            Map<String, SkillMap.Record> own = all.computeIfAbsent(known.personId(), id -> new HashMap<>());
            own.put(known.skill(), checked(Optional.ofNullable(own.get(known.skill())), known));
        }
        return all;
    }

    /**
     * With what checks say: a fall takes back what was known before it, and the next right answer in practice gives it
     * again.
     */
    private static SkillMap.Record checked(Optional<SkillMap.Record> practised, KnowledgeService.Known known) {
        SkillMap.Record before = practised.orElse(SkillMap.Record.NONE);
        Optional<Instant> shown = max(before.confirmed(), known.confirmed());
        boolean fallen = known.fallen()
                .filter(at -> shown.filter(at::isBefore).isEmpty())
                .isPresent();
        return fallen
                ? new SkillMap.Record(true, Optional.empty(), Optional.empty(), 0)
                : new SkillMap.Record(
                        before.started(), min(before.knownSince(), known.knownSince()), shown, known.refreshes());
    }

    private static SkillMap.Record together(SkillMap.Record a, SkillMap.Record b) {
        return new SkillMap.Record(
                true,
                min(a.knownSince(), b.knownSince()),
                max(a.confirmed(), b.confirmed()),
                Math.max(a.refreshes(), b.refreshes()));
    }

    private static Optional<Instant> min(Optional<Instant> a, Optional<Instant> b) {
        return Stream.concat(a.stream(), b.stream()).min(Instant::compareTo);
    }

    private static Optional<Instant> max(Optional<Instant> a, Optional<Instant> b) {
        return Stream.concat(a.stream(), b.stream()).max(Instant::compareTo);
    }

    List<SkillMap.Node> map(Person person) {
        return SkillMap.of(courses.of(person.classId()), records(person), clock.instant());
    }

    /** Title of the course that a class works through; empty for all that there is. */
    String course(Person person) {
        Course chosen = courses.chosen(person.classId());
        return courses.isWhole(chosen) ? "" : chosen.title();
    }

    /** The same for the course alone that the class works through. */
    List<SkillMap.Node> courseMap(Person person) {
        return SkillMap.of(courses.mapOf(person.classId()), records(person), clock.instant());
    }

    /**
     * Of students of one class.
     *
     * @param practised standings of all of them
     */
    Map<String, List<SkillMap.Node>> maps(
            String classId, Collection<String> personIds, List<PracticeRecord.Standing> practised) {
        Course course = courses.of(classId);
        Map<String, Map<String, SkillMap.Record>> records = records(practised, knowledge.of(personIds));
        return personIds.stream()
                .collect(Collectors.toMap(
                        id -> id, id -> SkillMap.of(course, records.getOrDefault(id, Map.of()), clock.instant())));
    }

    /** Id of the assignment in which a skill is best gone on with: one that is open, else one's own choice. */
    String of(Person person, String skillId) {
        return open(person).apply(skillId);
    }

    /** The same for many skills at once. */
    Function<String, String> open(Person person) {
        Map<String, String> bySkill = new HashMap<>();
        assignments.of(person).stream()
                .filter(a -> a.isPractice() && !a.isPast(clock.instant()))
                .forEach(a -> a.skills().forEach(skill -> bySkill.putIfAbsent(skill, a.id())));
        return skill -> bySkill.getOrDefault(skill, OwnChoice.SKILLS);
    }
}
