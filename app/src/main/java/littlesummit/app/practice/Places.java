package littlesummit.app.practice;

import java.time.Clock;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import littlesummit.app.assignment.AssignmentService;
import littlesummit.app.assignment.OwnChoice;
import littlesummit.app.people.Person;
import littlesummit.core.practice.SkillMap;
import org.springframework.stereotype.Component;

/** Where in the application a student works on which skill, and what is known of it over all assignments. */
@Component
class Places {
    private final PracticeLog log;
    private final AssignmentService assignments;
    private final Clock clock;

    Places(PracticeLog log, AssignmentService assignments, Clock clock) {
        this.log = log;
        this.assignments = assignments;
        this.clock = clock;
    }

    /** By skill id; lessons are no skills and count for nothing here. */
    Map<String, SkillMap.Record> records(Person person) {
        Map<String, SkillMap.Record> records = new HashMap<>();
        for (ProgressEntity row : log.of(person.id())) {
            if (!row.assignmentId().equals(OwnChoice.LESSONS)) {
                SkillMap.Record one = new SkillMap.Record(true, row.reachedAt(), row.shownAt(), 0);
                records.merge(row.skill(), one, Places::together);
            }
        }
        return records;
    }

    private static SkillMap.Record together(SkillMap.Record a, SkillMap.Record b) {
        return new SkillMap.Record(true, min(a.knownSince(), b.knownSince()), max(a.confirmed(), b.confirmed()), Math.max(a.refreshes(), b.refreshes()));
    }

    private static Optional<Instant> min(Optional<Instant> a, Optional<Instant> b) {
        return Stream.concat(a.stream(), b.stream()).min(Instant::compareTo);
    }

    private static Optional<Instant> max(Optional<Instant> a, Optional<Instant> b) {
        return Stream.concat(a.stream(), b.stream()).max(Instant::compareTo);
    }

    List<SkillMap.Node> map(Person person) {
        return SkillMap.of(records(person), clock.instant());
    }

    /** Id of the assignment in which a skill is best gone on with: one that is open, else one's own choice. */
    String of(Person person, String skillId) {
        return assignments.of(person).stream().filter(a -> a.skills().contains(skillId) && !a.isPast(clock.instant())).findFirst()
                .map(a -> a.id()).orElse(OwnChoice.SKILLS);
    }
}
