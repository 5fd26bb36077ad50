package littlesummit.core.placement;

import java.util.List;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;
import littlesummit.core.placement.Evidence.Kind;

/** The sentence that goes with a verdict: what was answered, here or nearby. */
final class Reasons {
    private Reasons() {}

    static String why(SkillOrder order, List<Evidence> evidence, double[] known, int skill) {
        List<Kind> own = evidence.stream()
                .filter(e -> e.skill() == skill)
                .map(Evidence::kind)
                .toList();
        boolean isKnown = known[skill] >= Placement.SURE;
        if (!own.isEmpty()) {
            return own(order, known, skill, own, isKnown);
        }
        return isKnown ? fromAbove(order, evidence, skill) : fromBelow(order, known, skill);
    }

    private static String own(SkillOrder order, double[] known, int skill, List<Kind> own, boolean isKnown) {
        if (own.contains(Kind.NEW)) {
            return "You said that this is new to you.";
        }
        long right = own.stream().filter(k -> k == Kind.RIGHT).count();
        if (right == own.size()) {
            return isKnown
                    ? "You solved an item of it."
                    : "You solved an item of it. " + whatIsMissing(order, known, skill);
        }
        return isKnown
                ? "One item of it went wrong, but your other answers say that you know it."
                : "An item of it did not go right yet.";
    }

    /** Why solving it is not enough to count as known. */
    private static String whatIsMissing(SkillOrder order, double[] known, int skill) {
        List<String> missing = names(order, i -> order.comesBefore(i, skill) && known[i] < Placement.SURE);
        return missing.isEmpty()
                ? "A choice can be right by luck, so a little practice will tell."
                : "It builds on " + together(missing) + ", so begin there.";
    }

    private static String fromAbove(SkillOrder order, List<Evidence> evidence, int skill) {
        List<String> shown = names(
                order,
                i -> order.comesBefore(skill, i)
                        && evidence.stream().anyMatch(e -> e.skill() == i && e.kind() == Kind.RIGHT));
        return shown.isEmpty()
                ? "Your other answers make it likely."
                : "You solved " + together(shown) + ", which " + (shown.size() > 1 ? "build" : "builds") + " on it.";
    }

    private static String fromBelow(SkillOrder order, double[] known, int skill) {
        List<String> missing =
                names(order, i -> IntStream.of(order.before(skill)).anyMatch(b -> b == i) && known[i] < Placement.SURE);
        return missing.isEmpty()
                ? "All that comes before it is known: it can be learned now."
                : "It builds on " + together(missing) + ", which " + (missing.size() > 1 ? "come" : "comes")
                        + " first.";
    }

    /** At most two, so that the sentence stays short. */
    private static List<String> names(SkillOrder order, IntPredicate which) {
        return IntStream.range(0, order.size())
                .filter(which)
                .limit(2)
                .mapToObj(i -> "“" + order.name(i) + "”")
                .toList();
    }

    private static String together(List<String> names) {
        return String.join(" and ", names);
    }
}
