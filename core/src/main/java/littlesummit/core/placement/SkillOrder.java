package littlesummit.core.placement;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Skills with what comes before each. A knowledge state is a set of skills that holds, with each skill, all that comes before it
 * (J.-P. Doignon and J.-C. Falmagne, Knowledge Spaces, 1999); here it is a bit mask, skill i at bit i.
 *
 * @param ids of the skills, each after its prerequisites
 * @param before bit masks of direct prerequisites, by skill
 */
public record SkillOrder(List<String> ids, List<Long> before) {
    /** A mask has this many bits. */
    public static final int MOST = 62;

    public SkillOrder {
        ids = List.copyOf(ids);
        before = List.copyOf(before);
        if (ids.size() != before.size() || ids.size() > MOST) {
            throw new IllegalArgumentException(ids.size() + " skills, " + before.size() + " sets of prerequisites");
        }
        for (int i = 0; i < ids.size(); i++) {
            if (before.get(i) >> i != 0) {
                throw new IllegalArgumentException(ids.get(i) + " stands before one of its prerequisites");
            }
        }
    }

    int size() {
        return ids.size();
    }

    static boolean has(long state, int skill) {
        return (state >> skill & 1) == 1;
    }

    /** Skills that build directly on a skill. */
    long after(int skill) {
        long after = 0;
        for (int later = skill + 1; later < size(); later++) {
            after |= has(before.get(later), skill) ? 1L << later : 0;
        }
        return after;
    }

    /** Skills that hang together by prerequisites, group by group, each in the order. */
    List<List<Integer>> groups() {
        List<List<Integer>> groups = new ArrayList<>();
        long left = (1L << size()) - 1;
        while (left != 0) {
            long group = grown(Long.lowestOneBit(left));
            left &= ~group;
            groups.add(IntStream.range(0, size()).filter(i -> has(group, i)).boxed().toList());
        }
        return groups;
    }

    private long grown(long group) {
        long next = group;
        for (int i = 0; i < size(); i++) {
            if (has(group, i) || (before.get(i) & group) != 0) {
                next |= 1L << i | before.get(i);
            }
        }
        return next == group ? group : grown(next);
    }

    /** The order of some skills that nothing outside is joined to. */
    SkillOrder only(List<Integer> group) {
        return new SkillOrder(group.stream().map(ids::get).toList(), group.stream()
                .map(skill -> IntStream.range(0, group.size()).filter(i -> has(before.get(skill), group.get(i))).mapToLong(i -> 1L << i).reduce(0, (a, b) -> a | b)).toList());
    }

    /** All states; for few skills only, since they are many. */
    long[] states() {
        long[] states = new long[1];
        int count = 1;
        for (int skill = 0; skill < size(); skill++) {
            states = Arrays.copyOf(states, 2 * count);
            int there = count;
            for (int i = 0; i < there; i++) {
                if ((states[i] & before.get(skill)) == before.get(skill)) {
                    states[count++] = states[i] | 1L << skill;
                }
            }
        }
        return Arrays.copyOf(states, count);
    }

    /** Everything that comes before a skill, directly or not. */
    long allBefore(int skill) {
        long all = before.get(skill);
        for (int i = skill - 1; i >= 0; i--) {
            if (has(all, i)) {
                all |= before.get(i);
            }
        }
        return all;
    }
}
