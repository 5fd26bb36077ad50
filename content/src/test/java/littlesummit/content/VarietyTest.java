package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import littlesummit.core.item.Item;
import littlesummit.core.skill.KindSkill;
import littlesummit.core.skill.Variety;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class VarietyTest {
    private static final int ITEMS = 25;
    private static final int MOST = 6;
    /** As many as the server draws for one that it gives out. */
    private static final int DRAWN = 8;

    static Stream<KindSkill> skills() {
        return KindLawsTest.skills();
    }

    @ParameterizedTest(allowZeroInvocations = true)
    @MethodSource("skills")
    void inTwentyFiveItemsNoFrameIsMetMoreThanSixTimes(KindSkill skill) {
        for (int tier = 1; tier <= 3; tier++) {
            Map<String, Long> met = new HashMap<>();
            for (int i = 0; i < ITEMS; i++) {
                Item next = Variety.leastMetFirst(drawn(skill, tier, i * DRAWN), met)
                        .getFirst();
                met.merge(next.ref().variant(), 1L, Long::sum);
            }
            assertTrue(Collections.max(met.values()) <= MOST, skill.id() + " tier " + tier + ": " + met);
        }
    }

    private static List<Item> drawn(KindSkill skill, int tier, int from) {
        return LongStream.range(from, from + DRAWN)
                .mapToObj(seed -> TestItems.made(skill, tier, seed))
                .toList();
    }

    @Test
    void whatWasNeverMetComesFirstAndTheRestKeepsItsOrder() {
        List<Item> drawn = drawn((KindSkill) TestItems.skill("place-value"), 1, 0);
        String first = drawn.getFirst().ref().variant();
        List<Item> sorted = Variety.leastMetFirst(drawn, Map.of(first, 3L));

        assertEquals(drawn.size(), sorted.size());
        assertEquals(first, sorted.getLast().ref().variant());
        assertEquals(
                drawn.stream().filter(i -> !i.ref().variant().equals(first)).toList(),
                sorted.stream().filter(i -> !i.ref().variant().equals(first)).toList());
    }
}
