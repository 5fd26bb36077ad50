package littlesummit.core.skill;

import java.util.List;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;

/**
 * A skill and the generator of its items. Implementations hold no state: the same {@link ItemRef} always gives the same
 * item. What comes before a skill, and where it stands on the map, is the business of a {@link
 * littlesummit.core.curriculum.Course}.
 */
public interface Skill {
    /** Lower case with hyphens; never changes. */
    String id();

    /** A name that a student understands. */
    String name();

    /** Raised whenever a seed would give another item than before. */
    default int version() {
        return 1;
    }

    /** At least two over all tiers; {@code tier} from 1 to 3. */
    List<String> variants(int tier);

    /**
     * Variants whose parts may all stand open at once, as in a check or a quiz: short, and no part shows what another
     * one asks. They may be others than those of practice.
     *
     * @param tier from 1 to 3
     */
    default List<String> openVariants(int tier) {
        return variants(tier);
    }

    /** Whether a tier has a variant, in practice or for a check or a quiz. */
    default boolean has(int tier, String variant) {
        return variants(tier).contains(variant) || openVariants(tier).contains(variant);
    }

    /**
     * Makes the item.
     *
     * @throws RuntimeException only for a bug of the generator
     */
    Item make(ItemRef ref, Draw draw);

    /** The item of a tier and seed, its variant drawn from the seed too. */
    default Item make(int tier, long seed) {
        return make(tier, seed, variants(tier));
    }

    /** The same, for a check or a quiz. */
    default Item makeOpen(int tier, long seed) {
        return make(tier, seed, openVariants(tier));
    }

    private Item make(int tier, long seed, List<String> variants) {
        String variant = variants.get(
                (int) Math.floorMod(new Draw(~seed).between(0, Integer.MAX_VALUE - 1), (long) variants.size()));
        return make(new ItemRef(id(), version(), tier, variant, seed));
    }

    default Item make(ItemRef ref) {
        return make(ref, new Draw(ref.seed()));
    }
}
