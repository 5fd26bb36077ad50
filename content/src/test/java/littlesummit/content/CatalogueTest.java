package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.stream.Stream;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.skill.Skill;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class CatalogueTest {
    static Stream<Skill> skills() {
        return TestItems.chosenSkills();
    }

    private static ItemRef with(ItemRef ref, int version, String variant) {
        return new ItemRef(ref.skill(), version, ref.tier(), variant, ref.seed());
    }

    @ParameterizedTest(allowZeroInvocations = true)
    @MethodSource("skills")
    void anItemIsMadeAgainOrNotAtAll(Skill skill) {
        for (int tier = 1; tier <= 3; tier++) {
            Item item = skill.make(tier, 42);
            ItemRef ref = item.ref();
            assertEquals(item, new Catalogue().make(ref));
            for (ItemRef other : new ItemRef[] {
                with(ref, ref.version() + 1, ref.variant()),
                with(ref, 0, ref.variant()),
                with(ref, ref.version(), "renamed-variant")
            }) {
                String says = assertThrows(IllegalArgumentException.class, () -> new Catalogue().make(other))
                        .getMessage();
                assertTrue(says.contains(skill.id()), says);
            }
        }
    }

    @ParameterizedTest(allowZeroInvocations = true)
    @MethodSource("skills")
    void anotherOneLikeItIsOfTodaysVersion(Skill skill) {
        ItemRef ref = skill.make(2, 42).ref();
        assertEquals(skill.make(ref.withSeed(7)), new Catalogue().like(with(ref, 99, ref.variant()), 7));
        ItemRef gone = new Catalogue().like(with(ref, 99, "renamed-variant"), 7).ref();
        assertEquals(skill.version() + " 2", gone.version() + " " + gone.tier());
        assertTrue(skill.variants(2).contains(gone.variant()));
    }
}
