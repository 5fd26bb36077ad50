package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import littlesummit.core.grading.Kind;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
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
            String shown = shown(item, p);
            List<Field> open = item.parts().stream()
                    .skip(p)
                    .flatMap(part -> part.fields().stream())
                    .filter(field -> !holds(shown, key(field)))
                    .toList();
            List<String> help = help(item.parts().get(p)).toList();
            for (int i = 0; i < help.size(); i++) {
                String text = help.get(i);
                String place = "tier " + item.ref().tier() + " " + item.ref().variant() + " part " + (p + 1)
                        + (i < 3 ? " hint " + (i + 1) : " message");
                boolean tells = open.stream().anyMatch(field -> tells(text, field));
                places.merge(place, new Told(0, 0, "").and(tells, text), (told, one) -> told.and(tells, text));
            }
        }
    }

    private static Stream<String> help(Part part) {
        return Stream.concat(
                part.hints().stream(),
                part.fields().stream().flatMap(f -> f.mistakes().stream()).map(m -> m.message()));
    }

    /** A text that names several options alike tells nothing. */
    private static boolean tells(String text, Field field) {
        String key = key(field);
        boolean namesAnother = field.response().options().stream()
                .map(option -> option.text())
                .anyMatch(other -> !other.equals(key) && holds(text, other));
        return holds(text, key) && !namesAnother;
    }

    /** As it is read: a percent with its sign. */
    private static String key(Field field) {
        if (field.answer().kind() != Kind.CHOICE) {
            return field.answer().key() + (field.answer().suffix().equals("%") ? "%" : "");
        }
        boolean isOne =
                field.response() instanceof Response.ChooseOne || field.response() instanceof Response.PickFromList;
        return field.response().options().stream()
                .filter(option -> isOne && option.id().equals(field.answer().expected()))
                .map(option -> option.text())
                .findFirst()
                .orElse("");
    }

    /** What one reads before one answers, and what is known from the parts before. */
    private static String shown(Item item, int part) {
        StringBuilder shown = new StringBuilder();
        item.stem().forEach(block -> shown.append(text(block)).append(" ; "));
        for (int p = 0; p <= part; p++) {
            Part one = item.parts().get(p);
            shown.append(one.prompt()).append(" ; ").append(one.layout()).append(" ; ");
            if (p < part) {
                one.fields().forEach(f -> shown.append(key(f)).append(" ; "));
            }
        }
        return shown.toString();
    }

    private static String text(Block block) {
        return switch (block) {
            case Block.Text(String text) -> text;
            case Block.Formula(String latex) -> latex;
            case Block.Table(List<String> head, List<List<String>> rows) -> head + " " + rows;
            case Block.Picture(var figure) -> figure.toString();
        };
    }

    /** Whether a text holds a key as a whole: 4 stands in “it is 4” and not in 14, 4/5 or 4.5. */
    private static boolean holds(String text, String key) {
        String plain = plain(key);
        return !plain.isEmpty()
                && Pattern.compile("(?<![\\w./^*+-])" + Pattern.quote(plain) + "(?![\\w/^*+%-]|\\.\\w)")
                        .matcher(plain(text))
                        .find();
    }

    private static String plain(String text) {
        return text.replaceAll("\\\\d?frac\\{([^{}]*)}\\{([^{}]*)}", "$1/$2")
                .replaceAll("\\\\cdot ?|\\\\times ?|×", "*")
                .replaceAll("\\\\[ ,;!]|\\\\(?=%)|\\\\left|\\\\right|[${}]", "")
                .replaceAll("(?<=\\d),(?=\\d{3})", "")
                .replace('−', '-')
                .replaceAll(" ([-+*/^=]) ", "$1")
                .toLowerCase(Locale.ROOT)
                .strip();
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
        assertEquals(held, holds(text, key), text + " / " + key);
    }

    @Test
    void whatIsShownAlreadyIsNotGivenAway() {
        Item item = new Catalogue().require("prime-factors").make(1, 3);
        Field field = item.parts().getFirst().fields().getFirst();
        assertTrue(tells("It is $" + field.answer().key() + "$.", field));
        assertFalse(holds(shown(item, 0), key(field)));
    }
}
