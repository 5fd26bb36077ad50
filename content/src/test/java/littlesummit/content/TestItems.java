package littlesummit.content;

import java.util.List;
import java.util.stream.Stream;
import littlesummit.core.item.Item;
import littlesummit.core.skill.Skill;

/** Skills, lessons and their items, for tests. */
public final class TestItems {
    private TestItems() {}

    static Skill skill(String id) {
        return all().filter(s -> s.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new AssertionError(
                        "There is no skill or lesson “" + id + "”. ./summit items --list shows all."));
    }

    static Stream<Skill> all() {
        return Stream.concat(new Catalogue().skills().stream(), new Catalogue().lessons().stream());
    }

    /** All skills and lessons; with {@code -Dskill=ID}, as {@code ./summit test --skill ID} sets it, that one alone. */
    static Stream<Skill> chosen() {
        String id = System.getProperty("skill", "");
        return id.isBlank() ? all() : Stream.of(skill(id));
    }

    /** The same without lessons. */
    public static Stream<Skill> chosenSkills() {
        List<Skill> skills = new Catalogue().skills();
        return chosen().filter(skills::contains);
    }

    /** An item; a generator that fails says where. */
    static Item made(Skill skill, int tier, long seed) {
        try {
            return skill.make(tier, seed);
        } catch (RuntimeException bug) {
            throw new AssertionError(
                    skill.id() + " makes no item of tier " + tier + " for seed " + seed + ": " + bug, bug);
        }
    }
}
