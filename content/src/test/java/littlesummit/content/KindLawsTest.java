package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import littlesummit.core.proof.ItemTexts;
import littlesummit.core.skill.ItemKind;
import littlesummit.core.skill.KindSkill;
import littlesummit.core.skill.Skill;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Tiers that differ in kind, and words that change, for the skills that are written as kinds of items. */
class KindLawsTest {
    private static final int SEEDS = Integer.getInteger("seeds", 300);
    private static final int FRAMES = 6;
    private static final int ITEMS = 40;
    private static final double FROM_BELOW = 0.10;

    static Stream<KindSkill> skills() {
        return TestItems.chosenSkills().filter(KindSkill.class::isInstance).map(KindSkill.class::cast);
    }

    @Test
    void everySkillIsWrittenAsKinds() {
        assertEquals(
                List.of(),
                new Catalogue()
                        .skills().stream()
                                .filter(s -> !(s instanceof KindSkill))
                                .toList());
    }

    @ParameterizedTest(allowZeroInvocations = true)
    @MethodSource("skills")
    void everyTierSaysWhatIsNewAndHasKindsAndFrames(KindSkill skill) {
        Set<String> said = new HashSet<>();
        for (int tier = 1; tier <= 3; tier++) {
            List<ItemKind> kinds = skill.kinds(tier);
            assertTrue(kinds.size() >= 2, skill.id() + " tier " + tier + " has one kind");
            assertTrue(said.add(skill.asks(tier)) && !skill.asks(tier).isBlank(), skill.asks(tier));
            Set<String> frames =
                    kinds.stream().flatMap(k -> k.frames().stream()).collect(Collectors.toSet());
            assertTrue(skill.variants(tier).size() >= FRAMES, skill.id() + " tier " + tier + ": " + frames);
        }
    }

    @ParameterizedTest(allowZeroInvocations = true)
    @MethodSource("skills")
    void noKindComesInTwoTiersAndNoFrameTwiceInAKind(KindSkill skill) {
        Set<String> names = new HashSet<>();
        for (int tier = 1; tier <= 3; tier++) {
            for (ItemKind kind : skill.kinds(tier)) {
                assertTrue(names.add(kind.name()), kind.name());
                assertEquals(kind.frames().size(), Set.copyOf(kind.frames()).size(), kind.name());
            }
        }
    }

    @ParameterizedTest(allowZeroInvocations = true)
    @MethodSource("skills")
    void everyTierHasManyItems(KindSkill skill) {
        for (int tier = 1; tier <= 3; tier++) {
            int steep = tier;
            long different = LongStream.range(0, SEEDS)
                    .mapToObj(seed -> TestItems.made(skill, steep, seed))
                    .map(ItemTexts::seen)
                    .distinct()
                    .count();
            assertTrue(different >= ITEMS, skill.id() + " tier " + tier + ": " + different);
        }
    }

    /** With its numbers blotted out, hardly an item of a tier could be one of the tier below. */
    @ParameterizedTest(allowZeroInvocations = true)
    @MethodSource("skills")
    void tiersDifferInKind(KindSkill skill) {
        for (int tier = 2; tier <= 3; tier++) {
            Set<String> below = texts(skill, tier - 1).map(ItemTexts::blotted).collect(Collectors.toSet());
            List<String> here = texts(skill, tier).map(ItemTexts::blotted).toList();
            long fromBelow = here.stream().filter(below::contains).count();
            assertTrue(
                    fromBelow <= FROM_BELOW * here.size(),
                    skill.id() + " tier " + tier + ": " + fromBelow + " of " + here.size());
        }
    }

    /** Each frame is a variant, so that the next item can be one that was not met yet. */
    @ParameterizedTest(allowZeroInvocations = true)
    @MethodSource("skills")
    void everyFrameIsMet(KindSkill skill) {
        for (int tier = 1; tier <= 3; tier++) {
            int steep = tier;
            Set<String> met = LongStream.range(0, SEEDS)
                    .mapToObj(seed -> TestItems.made(skill, steep, seed).ref().variant())
                    .collect(Collectors.toSet());
            assertEquals(Set.copyOf(skill.variants(tier)), met);
        }
    }

    @ParameterizedTest(allowZeroInvocations = true)
    @MethodSource("skills")
    void noPlaceOfAFrameStaysEmpty(KindSkill skill) {
        for (int tier = 1; tier <= 3; tier++) {
            texts(skill, tier).forEach(text -> assertFalse(text.matches("(?s).*(%[0-9sd$]|#(?!\\d)).*"), text));
        }
    }

    private static Stream<String> texts(Skill skill, int tier) {
        return LongStream.range(0, SEEDS).mapToObj(seed -> ItemTexts.read(TestItems.made(skill, tier, seed)));
    }
}
