package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.Option;
import littlesummit.core.item.Part;

/** Items of one kind, and what of them stands before the student. */
final class SeenItems {
    /** Shares of few items say little. */
    static final int SEEDS = Math.max(100, Integer.getInteger("seeds", 300));

    private static final Pattern NUMBER = Pattern.compile("-?\\d+(?:\\.\\d+)?");
    static final Pattern FRACTION = Pattern.compile("(\\d*)\\\\frac\\{(\\d+)}\\{(\\d+)}");
    private static final double SELDOM = 0.15;

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

    /** All whole and decimal numbers of the sentence above, in the order in which they are read. */
    static double[] numbers(Item item) {
        return numbers(text(item));
    }

    static double[] numbers(String text) {
        return NUMBER.matcher(text.replace("{,}", "").replaceAll("(?<=\\d),(?=\\d{3})", ""))
                .results()
                .mapToDouble(m -> Double.parseDouble(m.group()))
                .toArray();
    }

    /** The fractions of the sentence above, with the wholes before them, in the order in which they are read. */
    static double[] fractions(Item item) {
        return fractions(text(item));
    }

    static double[] fractions(String text) {
        return FRACTION.matcher(text)
                .results()
                .mapToDouble(m -> (m.group(1).isEmpty() ? 0 : Double.parseDouble(m.group(1)))
                        + Double.parseDouble(m.group(2)) / Double.parseDouble(m.group(3)))
                .toArray();
    }

    /** The cells of the table above; those that are no numbers are left as they are. */
    static List<List<String>> table(Item item) {
        return item.stem().stream()
                .filter(Block.Table.class::isInstance)
                .map(b -> ((Block.Table) b).rows())
                .findFirst()
                .orElseThrow();
    }

    static List<String> head(Item item) {
        return item.stem().stream()
                .filter(Block.Table.class::isInstance)
                .map(b -> ((Block.Table) b).head())
                .findFirst()
                .orElseThrow();
    }

    /** The first picture above. */
    static <T extends Figure> T figure(Item item, Class<T> kind) {
        return figures(item, kind).getFirst();
    }

    static <T extends Figure> List<T> figures(Item item, Class<T> kind) {
        return item.stem().stream()
                .filter(Block.Picture.class::isInstance)
                .map(b -> kind.cast(((Block.Picture) b).figure()))
                .toList();
    }

    /** Texts of what is to be put in order, in the right one. */
    static Stream<String> inOrder(Item item) {
        Field field = first(item);
        return Stream.of(field.answer().expected().split(",")).flatMap(id -> field.response().options().stream()
                .filter(option -> option.id().equals(id))
                .map(Option::text));
    }

    /** The right answer as a number: 3/4, 2 1/4, 25%, 2.5*10^3. */
    static double value(Field field) {
        String key = field.answer().key();
        String plain = key.replace("%", "");
        int space = plain.indexOf(' ');
        return space < 0 ? number(plain) : number(plain.substring(0, space)) + number(plain.substring(space + 1));
    }

    private static double number(String plain) {
        String[] power = plain.split("\\*10\\^");
        String[] parts = power[0].split("/");
        double front = Double.parseDouble(parts[0]) / (parts.length > 1 ? Double.parseDouble(parts[1]) : 1);
        return front * (power.length > 1 ? Math.pow(10, Integer.parseInt(power[1])) : 1);
    }

    static void comesTo(double expected, Item item) {
        assertEquals(
                expected,
                value(last(item)),
                1e-9 * Math.max(1, Math.abs(expected)),
                () -> item.ref() + " " + item.stem() + " "
                        + item.parts().getLast().prompt());
    }

    /** A wrong way comes to the right answer in hardly any item. */
    static void seldom(List<Item> items, ToDoubleFunction<Item> way) {
        long right = items.stream()
                .filter(item -> Math.abs(way.applyAsDouble(item) - value(last(item))) < 1e-9)
                .count();
        assertTrue(right <= SELDOM * items.size(), () -> right + " of " + items.size());
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
