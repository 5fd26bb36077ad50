package littlesummit.core.paper;

import java.util.List;
import java.util.Map;
import littlesummit.core.grading.AnswerSpec;
import littlesummit.core.grading.Form;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.ItemRef;
import littlesummit.core.item.Part;
import littlesummit.core.skill.Items;

/** Items for tests about paper. */
final class Fixture {
    private Fixture() {}

    private static Field number(String id, String key) {
        return Field.typed(id, "In francs", "a number", AnswerSpec.number(Form.Shape.ANY, key));
    }

    /** One answer, 12, at the end of three steps of which the first is in words. */
    static Item shop() {
        return Items.of(new ItemRef("shop", 1, 1, "plain", 1))
                .text("Three cheeses cost 36 francs.")
                .part(Part.of("What does one cost?", number("answer", "12"), "One.", "Two.", "Three."))
                .step("All cost the same, so divide.", "")
                .step("Write it as a quotient.", "36 \\div 3")
                .step("One costs a third of it.", "36 \\div 3 = 12")
                .build();
    }

    /** Two parts, with 5 and 7 as answers; 5 stands at the end of two steps. */
    static Item path() {
        return Items.of(new ItemRef("path", 1, 1, "plain", 1))
                .text("A path.")
                .part(Part.of("How far?", number("far", "5"), "One.", "Two.", "Three."))
                .part(Part.of("How high?", number("high", "7"), "One.", "Two.", "Three."))
                .step("Begin with the sum.", "2 + 3 = 5")
                .step("The way is as long.", "d = 5")
                .step("Add the climb.", "h = 5 + 2")
                .step("Add it up.", "h = 7")
                .step("That is the height.", "h = 7")
                .build();
    }

    /** Two steps, of which the second may state the key. */
    static Item stating(String first, String second, String key) {
        return Items.of(new ItemRef("stating", 1, 1, "plain", 1))
                .text("A number.")
                .part(Part.of("Which?", number("answer", key), "One.", "Two.", "Three."))
                .step("Begin.", first)
                .step("Go on.", second)
                .build();
    }

    static List<Map<String, String>> typed(String answer) {
        return List.of(Map.of("answer", answer));
    }
}
