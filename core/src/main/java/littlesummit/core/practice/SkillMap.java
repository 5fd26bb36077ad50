package littlesummit.core.practice;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import littlesummit.core.curriculum.Course;
import littlesummit.core.curriculum.CourseSkill;

/** Which skills are known, ready or not yet, and what stands between. */
public final class SkillMap {
    /**
     * Days after which a known skill is due for a refresh, by the number of refreshes: 1, 2, 4, 8 weeks. Common
     * practice; no source.
     */
    private static final int[] REFRESH_DAYS = {7, 14, 28, 56};

    private SkillMap() {}

    /** From the most to the least advanced. */
    public enum Status {
        KNOWN,
        REFRESH,
        IN_PROGRESS,
        READY,
        LOCKED
    }

    /**
     * What a student has done in a skill, over all assignments.
     *
     * @param knownSince when it was first reached or shown in a check
     * @param confirmed when it was last shown to be known
     * @param refreshes how often it has been confirmed since
     */
    public record Record(boolean started, Optional<Instant> knownSince, Optional<Instant> confirmed, int refreshes) {
        public static final Record NONE = new Record(false, Optional.empty(), Optional.empty(), 0);
    }

    /**
     * A skill of the course, as it stands for a student.
     *
     * @param missing prerequisites that are not known yet
     * @param way all before it that is not known yet, directly or not, in an order in which it can be learned
     * @param depth longest chain of prerequisites below it, from 0
     */
    public record Node(
            CourseSkill skill, Status status, List<String> missing, List<String> way, int depth, Record record) {
        public boolean isKnown() {
            return record.knownSince().isPresent();
        }
    }

    /**
     * Every skill of a course.
     *
     * @param records by skill id; a missing one counts as nothing done
     */
    public static List<Node> of(Course course, Map<String, Record> records, Instant now) {
        List<Node> nodes = new ArrayList<>();
        Map<String, Set<String>> ways = new HashMap<>();
        for (CourseSkill skill : course.skills()) {
            List<String> missing = missing(skill, records);
            Record record = records.getOrDefault(skill.id(), Record.NONE);
            nodes.add(new Node(
                    skill,
                    status(record, missing, now),
                    missing,
                    List.copyOf(way(skill, course, records, ways)),
                    course.depth(skill.id()),
                    record));
        }
        return nodes;
    }

    /**
     * What is known is not gone into: whoever knows a skill need not learn what comes before it.
     *
     * @param found ways of other skills, so that each is gone once
     */
    private static Set<String> way(
            CourseSkill skill, Course course, Map<String, Record> records, Map<String, Set<String>> found) {
        Set<String> known = found.get(skill.id());
        if (known != null) {
            return known;
        }
        Set<String> before = new LinkedHashSet<>();
        for (String id : missing(skill, records)) {
            before.addAll(way(course.require(id), course, records, found));
            before.add(id);
        }
        found.put(skill.id(), before);
        return before;
    }

    /** Prerequisites that are not known. */
    public static List<String> missing(CourseSkill skill, Map<String, Record> records) {
        return skill.prerequisites().stream()
                .filter(p -> records.getOrDefault(p, Record.NONE).knownSince().isEmpty())
                .toList();
    }

    private static Status status(Record record, List<String> missing, Instant now) {
        if (record.knownSince().isPresent()) {
            return isDue(record, now) ? Status.REFRESH : Status.KNOWN;
        }
        return record.started() ? Status.IN_PROGRESS : missing.isEmpty() ? Status.READY : Status.LOCKED;
    }

    /** Whether a known skill should be looked at once more. */
    public static boolean isDue(Record record, Instant now) {
        return record.knownSince()
                .flatMap(since -> dueAt(record))
                .filter(at -> !at.isAfter(now))
                .isPresent();
    }

    /** When a skill is to be looked at once more; empty for one that was never shown to be known. */
    public static Optional<Instant> dueAt(Record record) {
        int days = REFRESH_DAYS[Math.min(record.refreshes(), REFRESH_DAYS.length - 1)];
        return record.confirmed().map(at -> at.plus(Duration.ofDays(days)));
    }
}
