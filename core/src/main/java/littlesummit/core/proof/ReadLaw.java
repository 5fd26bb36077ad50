package littlesummit.core.proof;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import littlesummit.core.item.Item;

/** In checks, quizzes and on sheets nothing is asked that a person has to read, so each tier has something else. */
final class ReadLaw implements Law {
    private final Map<Integer, Tier> tiers = new TreeMap<>();

    /**
     * @param seen items
     * @param read those of them that a person has to read
     */
    private record Tier(long seen, long read, Item first) {
        Tier and(Tier one) {
            return new Tier(seen + one.seen, read + one.read, first);
        }
    }

    @Override
    public void see(Item item, Map<String, Boolean> naive) {
        tiers.merge(item.ref().tier(), new Tier(1, item.isRead() ? 1 : 0, item), Tier::and);
    }

    @Override
    public List<Finding> findings() {
        return tiers.entrySet().stream()
                .filter(tier -> tier.getValue().read == tier.getValue().seen)
                .map(tier -> new Finding(
                        "tier " + tier.getKey(),
                        "A person has to read every item of this level. Add a kind of item that is judged at once, for"
                                + " checks and quizzes.",
                        tier.getValue().read,
                        tier.getValue().seen,
                        tier.getValue().first))
                .toList();
    }
}
