package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.skill.Skill;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** While all parts of an item stand open, as in a check or a quiz, none of them shows what another one asks. */
class OpenAnswersTest {
    private static final int SEEDS = Integer.getInteger("seeds", 300);

    static Stream<Arguments> variants() {
        return TestItems.chosenSkills()
                .flatMap(s -> IntStream.rangeClosed(1, 3).boxed().flatMap(tier -> s.openVariants(tier).stream()
                        .map(v -> Arguments.of(s, tier, v))));
    }

    /** Of skills whose open items are others than those of practice: the others are looked at in practice. */
    static Stream<Arguments> tiers() {
        return TestItems.chosenSkills().flatMap(s -> IntStream.rangeClosed(1, 3)
                .filter(tier -> !s.openVariants(tier).equals(s.variants(tier)))
                .mapToObj(tier -> Arguments.of(s, tier)));
    }

    @ParameterizedTest(name = "{0} tier {1} {2}", allowZeroInvocations = true)
    @MethodSource("variants")
    void noPartTellsTheAnswerOfAnother(Skill skill, int tier, String variant) {
        LongStream.range(0, SEEDS).parallel().forEach(seed -> {
            Item item = skill.make(new ItemRef(skill.id(), skill.version(), tier, variant, seed * 0x9E3779B97F4A7C15L));
            assertEquals(
                    List.of(),
                    OpenAnswers.found(item),
                    () -> skill.id() + " tier " + tier + " " + variant + " seed "
                            + item.ref().seed());
        });
    }

    /** Those that practice does not have obey the laws of all items too. */
    @ParameterizedTest(name = "{0} tier {1}", allowZeroInvocations = true)
    @MethodSource("tiers")
    void openItemsObeyTheLaws(Skill skill, int tier) {
        Set<String> served = ConcurrentHashMap.newKeySet();
        LongStream.range(0, SEEDS).parallel().forEach(seed -> {
            Item item = skill.makeOpen(tier, seed * 0x9E3779B97F4A7C15L);
            ItemLaws.check(
                    item,
                    skill.id() + " tier " + tier + " " + item.ref().variant() + " seed "
                            + item.ref().seed());
            served.add(item.ref().variant());
        });
        assertEquals(Set.copyOf(skill.openVariants(tier)), served);
    }

    /** The law sees what it is there for: the graphs of the whole way show zeros, poles and the asymptote. */
    @Test
    void theGraphsOfAChainTellItsOtherParts() {
        Item chain = new Catalogue()
                .make(new ItemRef(
                        "rational-analyse",
                        new Catalogue().require("rational-analyse").version(),
                        1,
                        "whole-way-1",
                        7));
        assertFalse(OpenAnswers.found(chain).isEmpty());
    }
}
