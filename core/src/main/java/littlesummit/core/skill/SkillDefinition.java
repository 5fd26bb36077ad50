package littlesummit.core.skill;

import java.util.List;

/** The facts of a skill: what {@link Skill} asks for besides the items. */
public abstract class SkillDefinition implements Skill {
    private final String id;
    private final String name;
    private final List<String> variants;

    /**
     * @param id see {@link Skill#id()}
     * @param name see {@link Skill#name()}
     * @param variants on every tier, unless {@link #variants(int)} says otherwise
     */
    protected SkillDefinition(String id, String name, List<String> variants) {
        this.id = id;
        this.name = name;
        this.variants = List.copyOf(variants);
    }

    @Override
    public final String id() {
        return id;
    }

    @Override
    public final String name() {
        return name;
    }

    @Override
    public List<String> variants(int tier) {
        return variants;
    }
}
