package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.Part;
import littlesummit.core.proof.GivenAway;
import littlesummit.core.skill.Skill;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * What helps gives nothing away: no hint and no message about a mistake holds the answer, unless the item itself shows
 * it.
 */
class HelpLawsTest {
    private static final int ASKED = Integer.getInteger("seeds", 300);
    /** A third is enough to see what happens in one item of twenty; the long run takes all. */
    private static final int SEEDS = ASKED <= 300 ? ASKED / 3 : ASKED;

    /** Numbers meet by accident: “go 13 down” may come to 13. */
    private static final double MOST_BY_CHANCE = 0.05;

    static Stream<Skill> skills() {
        return TestItems.chosen();
    }

    /** A hint or message in its place, over many items: how often it was there, and how often it held an answer. */
    private record Told(int items, int times, String sample) {
        Told and(boolean tells, String text) {
            return new Told(items + 1, times + (tells ? 1 : 0), tells ? text : sample);
        }

        boolean isMoreThanChance() {
            return times > MOST_BY_CHANCE * items;
        }
    }

    @ParameterizedTest
    @MethodSource("skills")
    void noHintAndNoMessageHoldsAnAnswer(Skill skill) {
        Map<String, Told> places = new TreeMap<>();
        for (int tier = 1; tier <= 3; tier++) {
            for (long seed = 0; seed < SEEDS; seed++) {
                look(TestItems.made(skill, tier, seed), places);
            }
        }
        places.values().removeIf(told -> !told.isMoreThanChance());
        assertEquals(Map.of(), places, skill.id());
    }

    private static void look(Item item, Map<String, Told> places) {
        for (int p = 0; p < item.parts().size(); p++) {
            List<Field> open = GivenAway.open(item, p);
            List<String> help = help(item.parts().get(p)).toList();
            for (int i = 0; i < help.size(); i++) {
                String text = help.get(i);
                String place = "tier " + item.ref().tier() + " " + item.ref().variant() + " part " + (p + 1)
                        + (i < 3 ? " hint " + (i + 1) : " message");
                boolean tells = open.stream().anyMatch(field -> GivenAway.tells(text, field));
                places.merge(place, new Told(0, 0, "").and(tells, text), (told, one) -> told.and(tells, text));
            }
        }
    }

    private static Stream<String> help(Part part) {
        return Stream.concat(
                part.hints().stream(),
                part.fields().stream().flatMap(f -> f.mistakes().stream()).map(m -> m.message()));
    }

    @ParameterizedTest
    @CsvSource({
        "It is 4.,4,true",
        "It is $4$.,4,true",
        "That makes 14.,4,false",
        "It is 4/5.,4,false",
        "It is $\\frac{4}{5}$.,4/5,true",
        "It is 4.5 metres.,4,false",
        "It is −4.,-4,true",
        "It is −4.,4,false",
        "Take 3 + 4 together.,4,false",
        "It is 12 400.,12400,false",
        "'It is 12,400.',12400,true",
        "So $x = 7$ is it.,x = 7,true",
        "Look at the whole.,the whole,true",
        "The whole is 100%.,100,false",
        "The new exponent is $1 + (-1)$.,1,false"
    })
    void aKeyIsFoundAsAWhole(String text, String key, boolean held) {
        assertEquals(held, GivenAway.holds(text, key), text + " / " + key);
    }

    @Test
    void whatIsShownAlreadyIsNotGivenAway() {
        Item item = new Catalogue().require("prime-factors").make(1, 3);
        Field field = item.parts().getFirst().fields().getFirst();
        assertTrue(GivenAway.tells("It is $" + field.answer().key() + "$.", field));
        assertFalse(GivenAway.holds(GivenAway.shown(item, 0), GivenAway.key(field)));
    }
}
