package littlesummit.core.practice;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A mixed set: one item of each of several known skills, in an order in which no two of a strand follow each other
 * where that can be helped. A miss in it takes nothing away.
 *
 * @param places in their order; those before the first without an outcome are done
 */
public record RefreshSet(List<Place> places) {
    /** Skills that one set has at most. Decided here; no source. */
    public static final int MOST = 8;

    /** @param outcome how the last item of the skill ended when the student went on; empty before that */
    public record Place(String skill, Optional<Outcome> outcome) {}

    public RefreshSet {
        places = List.copyOf(places);
    }

    /** @param skills those that were chosen, at least one */
    public static RefreshSet of(List<SkillMap.Node> skills) {
        List<SkillMap.Node> left = new ArrayList<>(skills);
        List<SkillMap.Node> mixed = new ArrayList<>();
        while (!left.isEmpty()) {
            SkillMap.Node next = left.stream()
                    .filter(n -> mixed.isEmpty()
                            || !mixed.getLast()
                                    .skill()
                                    .strand()
                                    .equals(n.skill().strand()))
                    .findFirst()
                    .orElse(left.getFirst());
            left.remove(next);
            mixed.add(next);
        }
        return new RefreshSet(mixed.stream()
                .map(n -> new Place(n.skill().id(), Optional.empty()))
                .toList());
    }

    /** Known skills that are due, those that have waited longest first, at most so many as one set has. */
    public static List<SkillMap.Node> due(List<SkillMap.Node> map, Instant now) {
        return map.stream()
                .filter(n -> SkillMap.isDue(n.record(), now))
                .sorted(Comparator.comparing(n -> SkillMap.dueAt(n.record()).orElseThrow()))
                .limit(MOST)
                .toList();
    }

    /** The skill that is asked now; empty when the set is done. */
    public Optional<String> current() {
        return places.stream()
                .filter(p -> p.outcome().isEmpty())
                .map(Place::skill)
                .findFirst();
    }

    /** The set after the current skill has ended so; the same when it is done. */
    public RefreshSet after(Outcome outcome) {
        int at = (int) places.stream().takeWhile(p -> p.outcome().isPresent()).count();
        List<Place> next = new ArrayList<>(places);
        if (at < places.size()) {
            next.set(at, new Place(places.get(at).skill(), Optional.of(outcome)));
        }
        return new RefreshSet(next);
    }
}
