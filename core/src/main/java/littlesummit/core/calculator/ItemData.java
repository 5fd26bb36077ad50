package littlesummit.core.calculator;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import littlesummit.core.item.Block;
import littlesummit.core.item.Item;

/**
 * The numbers that an item gives, to bring into the calculator: those of its tables and formulas, else those of its
 * text.
 */
public final class ItemData {
    private static final Pattern NUMBER = Pattern.compile("(?<![\\w.])-?\\d[\\d,]*(?:\\.\\d+)?");

    private ItemData() {}

    /** As entries, in the order in which they are read. */
    public static List<String> of(Item item) {
        List<String> inTables = new ArrayList<>();
        List<String> inTexts = new ArrayList<>();
        for (Block block : item.stem()) {
            switch (block) {
                case Block.Table(var head, var rows) ->
                    rows.forEach(row -> row.forEach(cell -> inTables.addAll(numbers(cell))));
                case Block.Text(String text) -> inTexts.addAll(numbers(text));
                case Block.Formula(String latex) -> inTexts.addAll(numbers(latex));
                case Block.Picture p -> {}
            }
        }
        return List.copyOf(inTables.isEmpty() ? inTexts : inTables);
    }

    private static List<String> numbers(String text) {
        List<String> found = new ArrayList<>();
        Matcher number = NUMBER.matcher(text.replace("\\$", "").replace("{,}", ","));
        while (number.find()) {
            found.add(number.group().replaceAll(",(?=\\d{3})", "").replaceAll(",$", ""));
        }
        return found;
    }
}
