package littlesummit.content.code.lesson;

import java.util.List;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Lesson;
import littlesummit.core.skill.Skill;
import littlesummit.core.skill.SkillDefinition;

/**
 * A new idea as a chain of small graded parts on one situation, then a second situation with less help. Its items are
 * made and graded like those of a skill; tier 1 is the guided situation, the others the one with less help.
 */
public abstract class GuidedLesson extends SkillDefinition implements Lesson {
    static final String PREFIX = "lesson-";
    private static final String GUIDED = "guided";
    private static final String FREER = "freer";
    private final String teaches;

    protected GuidedLesson(Skill of, String name) {
        super(PREFIX + of.id(), name, List.of(GUIDED));
        this.teaches = of.id();
    }

    @Override
    public final String teaches() {
        return teaches;
    }

    @Override
    public final List<String> variants(int tier) {
        return List.of(tier == 1 ? GUIDED : FREER);
    }

    @Override
    public final Item make(ItemRef ref, Draw draw) {
        return make(ref, draw, ref.tier() == 1);
    }

    /** @param guided whether every small step is asked for by itself */
    abstract Item make(ItemRef ref, Draw draw, boolean guided);
}
