package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import littlesummit.core.item.Part;

/** Items of one kind, and what of them stands before the student. */
final class SeenItems {
    static final int SEEDS = Integer.getInteger("seeds", 300);

    private SeenItems() {}

    static List<Item> of(String skill, String kind) {
        List<Item> items = IntStream.rangeClosed(1, 3)
                .boxed()
                .flatMap(tier ->
                        LongStream.range(0, SEEDS).mapToObj(seed -> TestItems.made(TestItems.skill(skill), tier, seed)))
                .filter(item -> item.ref().variant().replaceAll("-\\d+$", "").equals(kind))
                .toList();
        assertTrue(items.size() > SEEDS / 10, kind + ": " + items.size());
        return items;
    }

    /** The sentence above, without signs of mathematics around its formulas. */
    static String text(Item item) {
        return ((Block.Text) item.stem().getFirst()).text().replace("$", "");
    }

    static String formula(Item item) {
        return item.stem().stream()
                .filter(Block.Formula.class::isInstance)
                .map(b -> ((Block.Formula) b).latex())
                .findFirst()
                .orElseThrow();
    }

    static Field first(Item item) {
        return item.parts().getFirst().fields().getFirst();
    }

    static Field last(Item item) {
        return item.parts().getLast().fields().getFirst();
    }

    /** The right option of a part. */
    static String chosen(Part part) {
        return texts(part, true).findFirst().orElseThrow();
    }

    static Stream<String> others(Part part) {
        return texts(part, false);
    }

    private static Stream<String> texts(Part part, boolean right) {
        Field field = part.fields().getFirst();
        return field.response().options().stream()
                .filter(o -> o.id().equals(field.answer().expected()) == right)
                .map(o -> o.text().replace("$", ""));
    }
}
