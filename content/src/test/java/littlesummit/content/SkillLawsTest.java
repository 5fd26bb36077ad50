package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import littlesummit.core.item.Item;
import littlesummit.core.skill.Skill;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds for every item of every skill. Comes for free with a new skill; -Dseeds=10000 takes the full run. */
class SkillLawsTest {
    private static final int SEEDS = Integer.getInteger("seeds", 300);

    static Stream<Skill> skills() {
        return TestItems.chosenSkills();
    }

    static Stream<Arguments> tiers() {
        return TestItems.chosen().flatMap(s -> IntStream.rangeClosed(1, 3).mapToObj(tier -> Arguments.of(s, tier)));
    }

    /** One pass for all laws: making the items is the costly part. */
    @ParameterizedTest(name = "{0} tier {1}", allowZeroInvocations = true)
    @MethodSource("tiers")
    void everyItemObeysTheLaws(Skill skill, int tier) {
        Set<String> fingerprints = ConcurrentHashMap.newKeySet();
        Set<String> variants = ConcurrentHashMap.newKeySet();
        LongStream.range(0, SEEDS).parallel().forEach(seed -> {
            Item item = TestItems.made(skill, tier, seed * 0x9E3779B97F4A7C15L + tier);
            String at = skill.id() + " tier " + tier + " variant " + item.ref().variant() + " seed "
                    + item.ref().seed();
            ItemLaws.check(item, at);
            assertEquals(item, skill.make(item.ref()), at);
            fingerprints.add(item.fingerprint());
            variants.add(item.ref().variant());
        });
        assertTrue(
                fingerprints.size() >= Math.min(20, SEEDS / 6),
                () -> skill.id() + " has only " + fingerprints.size() + " items at tier " + tier);
        assertEquals(
                Set.copyOf(skill.variants(tier)),
                variants,
                () -> skill.id() + " serves other variants at tier " + tier);
    }

    @ParameterizedTest(allowZeroInvocations = true)
    @MethodSource("skills")
    void thereAreTwoVariants(Skill skill) {
        assertTrue(
                IntStream.rangeClosed(1, 3)
                                .boxed()
                                .flatMap(t -> skill.variants(t).stream())
                                .distinct()
                                .count()
                        >= 2,
                skill.id());
    }
}
