package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Powers of ten by {@link BigDecimal}: read from what is shown, written by its own scale. */
class TensSeenTest {
    private static final Pattern SCIENTIFIC = Pattern.compile("([\\d.]+) ?(?:\\\\times|\\\\cdot) ?10\\^\\{?(-?\\d+)}?");
    private static final Pattern PLAIN = Pattern.compile("\\d[\\d,{}]*(?:\\.[\\d,{}]+)?");

    private static List<Item> items(String kind) {
        return SeenItems.of("scientific-notation", kind);
    }

    private static String shown(Item item) {
        return item.stem().stream()
                .map(b -> switch (b) {
                    case Block.Formula(String latex) -> latex;
                    case Block.Table table -> String.join(" ", table.rows().getFirst());
                    default -> ((Block.Text) b).text();
                })
                .reduce("", (a, b) -> a + " " + b);
    }

    private static List<BigDecimal> scientific(String text) {
        return SCIENTIFIC
                .matcher(text)
                .results()
                .map(m -> new BigDecimal(m.group(1)).scaleByPowerOfTen(Integer.parseInt(m.group(2))))
                .toList();
    }

    private static BigDecimal plain(String text) {
        Matcher number = PLAIN.matcher(text);
        assertTrue(number.find(), text);
        return new BigDecimal(number.group().replaceAll("[,{}]", ""));
    }

    private static BigDecimal key(Field field) {
        String key = field.answer().expected();
        return key.contains("^")
                ? scientific(key.replaceAll(" ?[*x] ?", "\\\\times ")).getFirst()
                : new BigDecimal(key);
    }

    private static void comesTo(BigDecimal value, Item item) {
        assertEquals(0, value.compareTo(key(SeenItems.last(item))), () -> item.ref() + " " + shown(item) + " " + value);
    }

    /** One digit that is not zero before the point. */
    private static void isInForm(Item item) {
        double front =
                Double.parseDouble(SeenItems.last(item).answer().expected().split(" ?[*x]")[0]);
        assertTrue(front >= 1 && front < 10, SeenItems.last(item).answer().expected());
    }

    @ParameterizedTest
    @ValueSource(strings = {"large-to", "small-to"})
    void theSameNumberInScientificNotation(String kind) {
        items(kind).forEach(item -> {
            comesTo(plain(shown(item)), item);
            isInForm(item);
        });
    }

    @ParameterizedTest
    @ValueSource(strings = {"large-from", "small-from"})
    void theSameNumberWrittenOut(String kind) {
        items(kind).forEach(item -> {
            String text = shown(item);
            comesTo(scientific(text).isEmpty() ? plain(text) : scientific(text).getFirst(), item);
            assertTrue(!SeenItems.last(item).answer().expected().contains("^"));
        });
    }

    @Test
    void thePointMovesAndTheExponentFollows() {
        items("in-form").forEach(item -> {
            comesTo(scientific(shown(item)).getFirst(), item);
            isInForm(item);
        });
    }

    @Test
    void sumsAndQuotients() {
        items("sum").forEach(item -> {
            List<BigDecimal> two = scientific(shown(item));
            comesTo(two.get(0).add(two.get(1)), item);
            isInForm(item);
        });
        items("how-often").forEach(item -> {
            List<BigDecimal> two = scientific(shown(item));
            comesTo(two.get(0).divide(two.get(1), MathContext.DECIMAL64), item);
            isInForm(item);
        });
    }

    private static BigDecimal value(String written) {
        return scientific(written).isEmpty()
                ? plain(written)
                : scientific(written).getFirst();
    }

    private static boolean asksForLargest(Item item) {
        return item.parts().getFirst().prompt().contains("largest");
    }

    private static BigDecimal outermost(Item item, List<BigDecimal> numbers) {
        return asksForLargest(item) ? Collections.max(numbers) : Collections.min(numbers);
    }

    private static List<String> four(Item item) {
        return item.stem().stream()
                .filter(Block.Table.class::isInstance)
                .flatMap(table -> ((Block.Table) table).rows().getFirst().stream())
                .map(cell -> cell.replace("$", ""))
                .toList();
    }

    @Test
    void noneOfTheFourGoesFurther() {
        items("largest").forEach(item -> {
            List<BigDecimal> four = four(item).stream().map(TensSeenTest::value).toList();
            assertEquals(4, four.size());
            comesTo(outermost(item, four), item);
            isInForm(item);
        });
    }

    @Test
    void theNumberThatIsWantedMayBeWrittenInAnyWay() {
        Set<String> ways = items("largest").stream()
                .map(item -> {
                    List<String> four = four(item);
                    BigDecimal wanted = outermost(
                            item, four.stream().map(TensSeenTest::value).toList());
                    String written = four.stream()
                            .filter(w -> value(w).compareTo(wanted) == 0)
                            .findFirst()
                            .orElseThrow();
                    String front = written.contains("times") ? written.replaceAll("[\\\\ ].*", "") : "all digits";
                    return (asksForLargest(item) ? "largest " : "smallest ") + front.replaceAll("(?!^)\\d|[1-9]", "d");
                })
                .collect(Collectors.toSet());
        Set<String> all = Stream.of("0.ddd", "dd", "ddd", "all digits")
                .flatMap(way -> Stream.of("largest " + way, "smallest " + way))
                .collect(Collectors.toSet());
        assertEquals(all, ways);
    }
}
