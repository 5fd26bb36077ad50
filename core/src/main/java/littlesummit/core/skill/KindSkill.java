package littlesummit.core.skill;

import java.util.List;
import java.util.stream.IntStream;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;

/**
 * A skill that is written as kinds of items, tier by tier. Each frame of words of a kind is a variant: “kind-2” is the
 * second frame.
 */
public abstract class KindSkill extends SkillDefinition {
    private final int version;
    private final List<Tier> tiers;

    /**
     * What one tier asks.
     *
     * @param asks what the tier below does not ask, in a line for instructors
     * @param kinds at least two
     */
    public record Tier(String asks, List<ItemKind> kinds) {
        public static Tier of(String asks, ItemKind... kinds) {
            return new Tier(asks, List.of(kinds));
        }
    }

    /**
     * The facts of a skill.
     *
     * @param id see {@link Skill#id()}
     * @param name see {@link Skill#name()}
     * @param version see {@link Skill#version()}
     */
    protected KindSkill(String id, String name, int version, Tier first, Tier second, Tier third) {
        super(id, name, List.of());
        this.version = version;
        this.tiers = List.of(first, second, third);
    }

    @Override
    public final int version() {
        return version;
    }

    /**
     * What a tier asks that the one below does not.
     *
     * @param tier from 1 to 3
     */
    public final String asks(int tier) {
        return tier(tier).asks();
    }

    /** @param tier from 1 to 3 */
    public final List<ItemKind> kinds(int tier) {
        return tier(tier).kinds();
    }

    private Tier tier(int tier) {
        if (tier < 1 || tier > tiers.size()) {
            throw new IllegalArgumentException("tiers go from 1 to 3, and " + tier + " is none");
        }
        return tiers.get(tier - 1);
    }

    @Override
    public final List<String> variants(int tier) {
        return kinds(tier).stream()
                .flatMap(kind ->
                        IntStream.rangeClosed(1, kind.frames().size()).mapToObj(frame -> kind.name() + "-" + frame))
                .toList();
    }

    private static int cut(String variant) {
        return variant.lastIndexOf('-');
    }

    /** The name of the kind that a variant is a frame of. */
    protected static String kindOf(String variant) {
        return variant.substring(0, cut(variant));
    }

    @Override
    public final Item make(ItemRef ref, Draw draw) {
        int frame = Integer.parseInt(ref.variant().substring(cut(ref.variant()) + 1));
        ItemKind kind = kinds(ref.tier()).stream()
                .filter(k -> k.name().equals(kindOf(ref.variant())))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no kind " + ref));
        return kind.maker().make(ref, kind.frames().get(frame - 1), draw);
    }
}
