package littlesummit.core.skill;

import java.util.List;

/** The facts of a skill that stand in the catalogue: what {@link Skill} asks for besides the items. */
public abstract class Row implements Skill {
    private final String id;
    private final String name;
    private final Strand strand;
    private final List<String> prerequisites;
    private final List<String> variants;

    protected Row(String id, String name, Strand strand, List<String> prerequisites, List<String> variants) {
        this.id = id;
        this.name = name;
        this.strand = strand;
        this.prerequisites = List.copyOf(prerequisites);
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
    public final Strand strand() {
        return strand;
    }

    @Override
    public final List<String> prerequisites() {
        return prerequisites;
    }

    /** The same on every tier, unless a skill says otherwise. */
    @Override
    public List<String> variants(int tier) {
        return variants;
    }
}
