package littlesummit.core.placement;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import littlesummit.core.item.ItemRef;
import littlesummit.core.placement.Evidence.Kind;

/**
 * A check under way or done: over the whole course, or a short one of some skills.
 *
 * @param plan ids to ask in a short check, one item each; empty for the whole course
 * @param asked in their order; only the last may wait for an answer
 */
public record CheckState(List<String> plan, List<Asked> asked) {
    /**
     * @param guess chance, 0 to 1, of being right without knowing
     * @param kind empty while it waits for an answer
     */
    public record Asked(String itemId, ItemRef ref, double guess, Optional<Kind> kind, Instant at) {}

    /** Even typed answers are right by luck at times. Decided here; no source. */
    private static final double LEAST_GUESS = 0.02;

    public CheckState {
        plan = List.copyOf(plan);
        asked = List.copyOf(asked);
    }

    public static CheckState ofCourse() {
        return new CheckState(List.of(), List.of());
    }

    public static CheckState of(List<String> skills) {
        return new CheckState(skills, List.of());
    }

    public boolean isShort() {
        return !plan.isEmpty();
    }

    /** The item that waits for an answer. */
    public Optional<Asked> waiting() {
        return asked.isEmpty() || asked.getLast().kind().isPresent() ? Optional.empty() : Optional.of(asked.getLast());
    }

    /** Most items that it can have. */
    public int most(SkillOrder order) {
        return isShort() ? plan.size() : Placement.most(order.size());
    }

    /** Id of the skill to ask next; empty when it is done, or while an item waits. */
    public Optional<String> next(SkillOrder order) {
        if (waiting().isPresent()) {
            return Optional.empty();
        }
        return isShort()
                ? plan.stream().skip(asked.size()).findFirst()
                : Placement.next(order, evidence(order), seed()).map(order.ids()::get);
    }

    public boolean isDone(SkillOrder order) {
        return waiting().isEmpty() && next(order).isEmpty();
    }

    public CheckState asking(String itemId, ItemRef ref, double guess, Instant at) {
        List<Asked> more = new ArrayList<>(asked);
        more.add(new Asked(itemId, ref, Math.max(LEAST_GUESS, guess), Optional.empty(), at));
        return new CheckState(plan, more);
    }

    /** The same check when nothing waits. */
    public CheckState answered(Kind kind, Instant at) {
        return waiting()
                .map(item -> {
                    List<Asked> more = new ArrayList<>(asked.subList(0, asked.size() - 1));
                    more.add(new Asked(item.itemId(), item.ref(), item.guess(), Optional.of(kind), at));
                    return new CheckState(plan, more);
                })
                .orElse(this);
    }

    /** What was answered; a skill that is in the course no more says nothing. */
    public List<Evidence> evidence(SkillOrder order) {
        return asked.stream()
                .filter(a ->
                        a.kind().isPresent() && order.ids().contains(a.ref().skill()))
                .map(a -> new Evidence(
                        order.ids().indexOf(a.ref().skill()), a.kind().orElseThrow(), a.guess()))
                .toList();
    }

    /** What the check over the course says of every skill. */
    public List<Placement.Verdict> verdicts(SkillOrder order) {
        return Placement.verdicts(order, evidence(order), seed());
    }

    /**
     * Skills of which a check over the course says clearly that they are not known, after an item of their own.
     *
     * @param verdicts its own
     */
    public List<String> lowered(List<Placement.Verdict> verdicts) {
        List<String> missed = of(false);
        return verdicts.stream()
                .filter(v -> v.chance() <= Placement.UNLIKELY && missed.contains(v.skill()))
                .map(Placement.Verdict::skill)
                .toList();
    }

    /** Skills that a short check confirms. */
    public List<String> confirmed() {
        return of(true);
    }

    /** Skills that a short check puts back into practice. */
    public List<String> fallen() {
        return of(false);
    }

    private List<String> of(boolean right) {
        return IntStream.range(0, asked.size())
                .filter(i ->
                        asked.get(i).kind().isPresent() && (asked.get(i).kind().get() == Kind.RIGHT) == right)
                .mapToObj(i -> asked.get(i).ref().skill())
                .toList();
    }

    /** The same check samples in the same way. */
    private long seed() {
        return asked.stream().mapToLong(a -> a.ref().seed()).reduce(7, (a, b) -> 31 * a + b);
    }
}
