package littlesummit.app.practice;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.datatype.jdk8.Jdk8Module;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import littlesummit.app.practice.PracticeView.ItemView;
import littlesummit.app.served.Draft;
import littlesummit.app.served.ServedItem;
import littlesummit.content.Catalogue;
import littlesummit.core.grading.Kind;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.skill.Skill;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * What goes to the browser while an item is open holds no answer, wherever in it one looks and however it is written.
 */
class NothingToldTest {
    private static final ObjectMapper JSON = new ObjectMapper().registerModule(new Jdk8Module());
    private static final Pattern NUMBER = Pattern.compile("[-\u2212]?\\d+(?:\\.\\d+)?");
    private static final int SEEDS = 8;

    static Stream<Arguments> variants() {
        return new Catalogue().skills().stream().flatMap(s -> IntStream.rangeClosed(1, 3)
                .boxed()
                .flatMap(tier -> s.openVariants(tier).stream().map(v -> Arguments.of(s, tier, v))));
    }

    private static JsonNode open(ItemRef ref) {
        ServedItem served =
                new ServedItem("item", "person", "assignment", 1, new Catalogue().make(ref), new Draft(Map.of()));
        ItemView view = ItemViews.inQuiz(served, 1, true, List.of(), Optional.empty());
        return JSON.valueToTree(view);
    }

    @ParameterizedTest(name = "{0} tier {1} {2}")
    @MethodSource("variants")
    void noAnswerLeavesWithAnOpenItem(Skill skill, int tier, String variant) {
        LongStream.range(0, SEEDS).forEach(seed -> {
            Item item = skill.make(new ItemRef(skill.id(), skill.version(), tier, variant, seed * 7919));
            ObjectNode view = (ObjectNode) open(item.ref());
            Set<BigDecimal> given = numbers(view.remove("stem"));
            given.addAll(numbers(view.remove("data")));
            for (int p = 0; p < item.parts().size(); p++) {
                for (Field field : item.parts().get(p).fields()) {
                    if (field.answer().kind() != Kind.CHOICE) {
                        Set<BigDecimal> asked =
                                numbers(JSON.valueToTree(field.answer().key()));
                        asked.removeAll(given);
                        Set<BigDecimal> told = numbers(without(view, p));
                        assertFalse(!asked.isEmpty() && told.containsAll(asked), () -> item.ref() + " tells " + asked);
                    }
                }
            }
        });
    }

    /**
     * What is told beside the part that asks: its own words and examples may have any numbers in them, which the laws
     * of items look after.
     */
    private static JsonNode without(ObjectNode view, int part) {
        ObjectNode rest = view.deepCopy();
        ArrayNode parts = (ArrayNode) rest.get("parts");
        parts.remove(part);
        parts.forEach(p -> p.get("fields").forEach(f -> {
            ((ObjectNode) f).remove("wanted");
            if (f.at("/response").has("unit")) {
                // What is to be measured has to be drawn, and so its length is known to whoever draws it.
                ((ObjectNode) f).remove("response");
            }
        }));
        rest.findParents("shapes").forEach(scene -> inWords((ObjectNode) scene));
        rest.remove(List.of("number", "currentPart", "draftTag"));
        parts.forEach(p -> ((ObjectNode) p).remove(List.of("triesAllowed", "triesLeft", "hintsInAll")));
        return rest;
    }

    /**
     * Of a picture, what stands in it to read; where its lines run is a length in pixels, and tells no more than what
     * one sees.
     */
    private static void inWords(ObjectNode scene) {
        List<String> texts = new ArrayList<>(scene.findValuesAsText("text"));
        scene.findValuesAsText("label").forEach(texts::add);
        scene.retain("alt").put("says", String.join("; ", texts));
    }

    private static Set<BigDecimal> numbers(JsonNode node) {
        List<BigDecimal> found = new ArrayList<>();
        NUMBER.matcher(String.valueOf(node))
                .results()
                .map(m -> new BigDecimal(m.group().replace('\u2212', '-')).stripTrailingZeros())
                .forEach(found::add);
        return new TreeSet<>(found);
    }

    @Test
    void nothingIsSaidOfHintsOrSolutionsEither() {
        JsonNode view = open(new ItemRef(
                "rational-analyse", new Catalogue().require("rational-analyse").version(), 1, "key-facts-1", 7));
        assertEquals(3, view.at("/parts").size());
        view.at("/parts").forEach(part -> {
            assertEquals(0, part.at("/hints").size());
            assertEquals(0, part.at("/answers").size());
            assertEquals(0, part.at("/feedback").size());
        });
        assertFalse(view.has("solution") && !view.at("/solution").isNull());
    }
}
