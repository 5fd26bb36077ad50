package littlesummit.core.placement;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collection;
import java.util.List;
import java.util.stream.IntStream;
import littlesummit.core.curriculum.Course;
import littlesummit.core.curriculum.CourseSkill;

/**
 * Skills with what comes before each. A knowledge state is a set of skills that holds, with each skill, all that comes
 * before it (J.-P. Doignon and J.-C. Falmagne, Knowledge Spaces, 1999); here it is a bit set, skill i at bit i. There
 * is no limit to how many skills there are.
 */
public final class SkillOrder {
    private final List<String> ids;
    private final List<String> names;
    private final int[][] before;
    private final int[][] after;
    private final BitSet[] allBefore;

    private SkillOrder(List<String> ids, List<String> names, int[][] before) {
        this.ids = List.copyOf(ids);
        this.names = List.copyOf(names);
        this.before = before;
        this.after = turned(before);
        this.allBefore = closed(before);
    }

    /** The skills of a course. */
    public static SkillOrder of(Course course) {
        List<CourseSkill> skills = course.inOrder();
        List<String> ids = skills.stream().map(CourseSkill::id).toList();
        return of(
                ids,
                skills.stream().map(CourseSkill::name).toList(),
                skills.stream()
                        .map(s -> s.prerequisites().stream().map(ids::indexOf).toList())
                        .toList());
    }

    /**
     * Skills that are called by their ids.
     *
     * @param ids of the skills, each after its prerequisites
     * @param before indices of the direct prerequisites, by skill
     * @throws IllegalArgumentException when a skill stands before one of its prerequisites, or the two lists do not
     *     match
     */
    public static SkillOrder of(List<String> ids, List<? extends Collection<Integer>> before) {
        return of(ids, ids, before);
    }

    private static SkillOrder of(List<String> ids, List<String> names, List<? extends Collection<Integer>> before) {
        if (ids.size() != before.size()) {
            throw new IllegalArgumentException(ids.size() + " skills, " + before.size() + " sets of prerequisites");
        }
        for (int i = 0; i < ids.size(); i++) {
            int skill = i;
            if (before.get(i).stream().anyMatch(b -> b < 0 || b >= skill)) {
                throw new IllegalArgumentException(ids.get(i) + " stands before one of its prerequisites");
            }
        }
        return new SkillOrder(
                ids,
                names,
                before.stream()
                        .map(b -> b.stream()
                                .mapToInt(Integer::intValue)
                                .distinct()
                                .sorted()
                                .toArray())
                        .toArray(int[][]::new));
    }

    private static int[][] turned(int[][] before) {
        List<List<Integer>> after = IntStream.range(0, before.length)
                .<List<Integer>>mapToObj(i -> new ArrayList<>())
                .toList();
        for (int skill = 0; skill < before.length; skill++) {
            for (int b : before[skill]) {
                after.get(b).add(skill);
            }
        }
        return after.stream()
                .map(a -> a.stream().mapToInt(Integer::intValue).toArray())
                .toArray(int[][]::new);
    }

    private static BitSet[] closed(int[][] before) {
        BitSet[] all = new BitSet[before.length];
        for (int skill = 0; skill < before.length; skill++) {
            all[skill] = new BitSet(before.length);
            for (int b : before[skill]) {
                all[skill].set(b);
                all[skill].or(all[b]);
            }
        }
        return all;
    }

    public List<String> ids() {
        return ids;
    }

    /** Name of a skill, as a student reads it. */
    String name(int skill) {
        return names.get(skill);
    }

    public int size() {
        return ids.size();
    }

    /** Direct prerequisites of a skill. */
    int[] before(int skill) {
        return before[skill].clone();
    }

    /** Skills that build directly on a skill. */
    int[] after(int skill) {
        return after[skill].clone();
    }

    /** Whether one skill comes before another, directly or not. */
    boolean comesBefore(int first, int later) {
        return allBefore[later].get(first);
    }

    /** Whether a skill may join a state: all that comes directly before it is there. */
    boolean isOpen(BitSet state, int skill) {
        return IntStream.of(before[skill]).allMatch(state::get);
    }

    /** Skills that hang together by prerequisites, group by group, each in the order. */
    List<List<Integer>> groups() {
        List<List<Integer>> groups = new ArrayList<>();
        BitSet seen = new BitSet(size());
        for (int first = 0; first < size(); first = seen.nextClearBit(first + 1)) {
            if (!seen.get(first)) {
                List<Integer> group = joined(first);
                group.forEach(seen::set);
                groups.add(group);
            }
        }
        return groups;
    }

    private List<Integer> joined(int first) {
        BitSet group = new BitSet(size());
        List<Integer> toLookAt = new ArrayList<>(List.of(first));
        while (!toLookAt.isEmpty()) {
            int skill = toLookAt.removeLast();
            if (!group.get(skill)) {
                group.set(skill);
                IntStream.concat(IntStream.of(before[skill]), IntStream.of(after[skill]))
                        .forEach(toLookAt::add);
            }
        }
        return group.stream().boxed().toList();
    }

    /** The order of some skills that nothing outside is joined to. */
    SkillOrder only(List<Integer> group) {
        return of(
                group.stream().map(ids::get).toList(),
                group.stream().map(names::get).toList(),
                group.stream()
                        .map(skill -> IntStream.of(before[skill])
                                .mapToObj(group::indexOf)
                                .toList())
                        .toList());
    }
}
