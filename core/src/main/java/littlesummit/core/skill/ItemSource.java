package littlesummit.core.skill;

import java.util.List;
import java.util.Optional;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;

/** Where items come from: the skills and lessons that there are. An implementation lists them; the rules stand here. */
public interface ItemSource {
    List<Skill> skills();

    List<Lesson> lessons();

    default Optional<Skill> find(String id) {
        return skills().stream().filter(skill -> skill.id().equals(id)).findFirst();
    }

    /** @throws IllegalArgumentException for an id that is none */
    default Skill require(String id) {
        return find(id).orElseThrow(() -> new IllegalArgumentException("no skill " + id));
    }

    default Optional<Lesson> lesson(String id) {
        return lessons().stream().filter(lesson -> lesson.id().equals(id)).findFirst();
    }

    /** The lesson that leads to a skill. */
    default Optional<Lesson> lessonOn(String skillId) {
        return lessons().stream()
                .filter(lesson -> lesson.teaches().equals(skillId))
                .findFirst();
    }

    /**
     * What makes items: a skill, or a lesson that leads to one.
     *
     * @throws IllegalArgumentException for an id that is neither
     */
    default Skill generator(String id) {
        return find(id).or(() -> lesson(id).map(Skill.class::cast))
                .orElseThrow(() -> new IllegalArgumentException("no generator " + id));
    }

    /**
     * Makes an item again.
     *
     * @throws IllegalArgumentException when it would be another one: for a version that is not today's, or a variant
     *     that there is not
     */
    default Item make(ItemRef ref) {
        Skill skill = generator(ref.skill());
        if (ref.version() != skill.version() || !skill.has(ref.tier(), ref.variant())) {
            throw new IllegalArgumentException("not made any more: " + ref);
        }
        return skill.make(ref);
    }

    /** Another one like it, as it is made today: of the same variant, or of any where that one is gone. */
    default Item like(ItemRef ref, long seed) {
        Skill skill = generator(ref.skill());
        return skill.has(ref.tier(), ref.variant())
                ? skill.make(new ItemRef(ref.skill(), skill.version(), ref.tier(), ref.variant(), seed))
                : skill.make(ref.tier(), seed);
    }
}
