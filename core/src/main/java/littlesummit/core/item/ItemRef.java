package littlesummit.core.item;

/**
 * All that is needed to make an item again, the same on every machine.
 *
 * @param version of the generator; a change of what a seed gives is a new version
 * @param tier of steepness, 1 gentle, 2 steady, 3 steep
 * @param variant other wording or another direction
 */
public record ItemRef(String skill, int version, int tier, String variant, long seed) {
    public ItemRef {
        if (tier < 1 || tier > 3) {
            throw new IllegalArgumentException("tier " + tier);
        }
    }

    /** Another one like it: the same but for the numbers. */
    public ItemRef withSeed(long other) {
        return new ItemRef(skill, version, tier, variant, other);
    }
}
