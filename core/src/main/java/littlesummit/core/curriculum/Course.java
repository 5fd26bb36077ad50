package littlesummit.core.curriculum;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Skills in strands, with what comes before each. There is no circle among them, and nothing comes before a skill that
 * is not in the course.
 */
public final class Course {
    private final String id;
    private final String title;
    private final Map<String, CourseSkill> skills = new LinkedHashMap<>();
    private final Map<String, Integer> depths = new LinkedHashMap<>();

    /**
     * @param id lower case with hyphens
     * @param title as an instructor reads it
     * @param skills in the order of the map
     * @throws IllegalArgumentException with a sentence, for a skill that stands there twice, a prerequisite that is not
     *     in the course, or a circle
     */
    public Course(String id, String title, List<CourseSkill> skills) {
        this.id = id;
        this.title = title;
        for (CourseSkill skill : skills) {
            if (this.skills.put(skill.id(), skill) != null) {
                throw new IllegalArgumentException("“" + skill.id() + "” stands in the course twice.");
            }
        }
        for (CourseSkill skill : skills) {
            measure(skill, new LinkedHashSet<>());
        }
    }

    /** Notes the depth of a skill, after those of its prerequisites. */
    private int measure(CourseSkill skill, Set<String> above) {
        Integer known = depths.get(skill.id());
        if (known != null) {
            return known;
        }
        if (!above.add(skill.id())) {
            throw new IllegalArgumentException(
                    "These skills come before each other in a circle: " + String.join(", ", above) + ".");
        }
        int depth = 0;
        for (String before : skill.prerequisites()) {
            CourseSkill prerequisite = find(before)
                    .orElseThrow(() -> new IllegalArgumentException(
                            "“" + before + "” comes before “" + skill.id() + "” but is not in the course."));
            depth = Math.max(depth, 1 + measure(prerequisite, above));
        }
        above.remove(skill.id());
        depths.put(skill.id(), depth);
        return depth;
    }

    public String id() {
        return id;
    }

    public String title() {
        return title;
    }

    /** In the order of the map. */
    public List<CourseSkill> skills() {
        return List.copyOf(skills.values());
    }

    public Optional<CourseSkill> find(String skillId) {
        return Optional.ofNullable(skills.get(skillId));
    }

    /** @throws IllegalArgumentException for an id that is not in the course */
    public CourseSkill require(String skillId) {
        return find(skillId)
                .orElseThrow(() -> new IllegalArgumentException("no skill " + skillId + " in the course " + id));
    }

    /**
     * A part of the course. What is left out is bridged: a skill comes after the nearest ones before it that are there.
     *
     * @param ids of its skills
     * @throws IllegalArgumentException for an id that is not in this course, or none at all
     */
    public Course only(String partId, String partTitle, Set<String> ids) {
        ids.forEach(this::require);
        if (ids.isEmpty()) {
            throw new IllegalArgumentException("The course “" + partId + "” has no skills.");
        }
        List<CourseSkill> left = skills.values().stream()
                .filter(skill -> ids.contains(skill.id()))
                .map(skill ->
                        new CourseSkill(skill.id(), skill.name(), skill.strand(), List.copyOf(nearest(skill, ids))))
                .toList();
        return new Course(partId, partTitle, left);
    }

    private Set<String> nearest(CourseSkill skill, Set<String> ids) {
        Set<String> before = new LinkedHashSet<>();
        for (String prerequisite : skill.prerequisites()) {
            before.addAll(ids.contains(prerequisite) ? Set.of(prerequisite) : nearest(require(prerequisite), ids));
        }
        return before;
    }

    /** Length of the longest chain of prerequisites below a skill, from 0. */
    public int depth(String skillId) {
        return depths.get(require(skillId).id());
    }

    /** Each after its prerequisites, else in the order of the map. */
    public List<CourseSkill> inOrder() {
        List<CourseSkill> ordered = new ArrayList<>();
        depths.keySet().forEach(skillId -> ordered.add(skills.get(skillId)));
        return ordered;
    }
}
