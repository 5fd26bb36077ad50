package littlesummit.app.content;

import littlesummit.core.item.ItemRef;

/** What an item was made of, as logs keep it. */
public record ItemRefDto(String skill, int version, int tier, String variant, long seed) {
    public static ItemRefDto of(ItemRef ref) {
        return new ItemRefDto(ref.skill(), ref.version(), ref.tier(), ref.variant(), ref.seed());
    }

    public ItemRef toCore() {
        return new ItemRef(skill, version, tier, variant, seed);
    }
}
