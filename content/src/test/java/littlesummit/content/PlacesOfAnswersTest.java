package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.Option;
import littlesummit.core.item.Response;
import littlesummit.core.skill.Skill;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Whoever always takes the same place of a list, such as line 2, is not right in most of the items of a kind. */
class PlacesOfAnswersTest {
    /** Fewer would show by chance what is not so. */
    private static final int SEEDS = Math.max(600, Integer.getInteger("seeds", 600));

    private static final double MOST = 0.6;

    /** Below this many items of a kind a share says little. */
    private static final int ENOUGH = 40;

    /** How often each place of a list was the right one. */
    private static final class Places {
        private final Map<Integer, Integer> right = new HashMap<>();
        private int items;

        void count(int place) {
            right.merge(place, 1, Integer::sum);
            items++;
        }

        boolean favourOne() {
            return items >= ENOUGH && right.values().stream().anyMatch(times -> times > MOST * items);
        }

        @Override
        public String toString() {
            return right + " of " + items;
        }
    }

    static List<Skill> skills() {
        return TestItems.chosenSkills().toList();
    }

    @ParameterizedTest
    @MethodSource("skills")
    void noPlaceOfAListIsTheRightOneInMostItems(Skill skill) {
        for (int tier = 1; tier <= 3; tier++) {
            int t = tier;
            Map<String, Places> kinds = new HashMap<>();
            LongStream.range(0, SEEDS)
                    .mapToObj(seed -> TestItems.made(skill, t, seed))
                    .forEach(item -> count(item, kinds));
            kinds.forEach((kind, places) -> assertTrue(!places.favourOne(), () -> kind + ": " + places));
        }
    }

    private static void count(Item item, Map<String, Places> kinds) {
        String kind = item.ref().variant().replaceAll("-\\d+$", "");
        IntStream.range(0, item.parts().size()).forEach(part -> {
            for (Field field : item.parts().get(part).fields()) {
                if (field.response() instanceof Response.ChooseOne(List<Option> options) && options.size() > 2) {
                    String at = item.ref().skill() + " " + item.ref().tier() + " " + kind + ", part " + (part + 1);
                    int place = options.stream()
                            .map(Option::id)
                            .toList()
                            .indexOf(field.answer().expected());
                    kinds.computeIfAbsent(at, none -> new Places()).count(place);
                }
            }
        });
    }
}
