package littlesummit.core.skill;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.skill.fraction.PercentDiscount;
import littlesummit.core.skill.power.ScientificNotation;

/** Every skill that there is. */
public final class Catalogue {
    private static final Map<String, Skill> SKILLS = byId(List.of(new PercentDiscount(), new ScientificNotation()));

    private Catalogue() {}

    private static Map<String, Skill> byId(List<Skill> skills) {
        Map<String, Skill> map = new LinkedHashMap<>();
        skills.forEach(skill -> map.put(skill.id(), skill));
        return map;
    }

    public static List<Skill> all() {
        return List.copyOf(SKILLS.values());
    }

    public static Optional<Skill> find(String id) {
        return Optional.ofNullable(SKILLS.get(id));
    }

    /** @throws IllegalArgumentException for an id that is none */
    public static Skill require(String id) {
        return find(id).orElseThrow(() -> new IllegalArgumentException("no skill " + id));
    }

    /** Makes an item again. */
    public static Item make(ItemRef ref) {
        return require(ref.skill()).make(ref);
    }
}
