package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Item;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;

/**
 * Items solved from what the student reads, by other means than those that made them: digits as text, every digit
 * tried, sums term by term. Naive ways, which students are known to use, are computed in the same manner and must
 * seldom be right.
 */
class BlindSolversTest {
    private static final int SEEDS = Integer.getInteger("seeds", 300);
    private static final double SELDOM = 0.15;
    private static final List<String> PLACES = List.of("ones", "tens", "hundreds", "thousands", "ten thousands");

    /** By skill, kind and, behind a bar, the naive way. */
    private static final Map<String, Function<Seen, String>> SOLVERS = new TreeMap<>(Map.ofEntries(
            Map.entry("place-value worth", s -> s.digitAsked() + "0".repeat(s.placeOfDigit())),
            Map.entry("place-value worth|the digit itself", s -> "" + s.digitAsked()),
            Map.entry("place-value build", BlindSolversTest::built),
            Map.entry("place-value build|zero left out", s -> built(s).replace("0", "")),
            Map.entry("place-value in-all", s -> dropped(s)),
            Map.entry("place-value in-all|one digit", s -> dropped(s)
                    .substring(dropped(s).length() - 1)),
            Map.entry("place-value twice", BlindSolversTest::twins),
            Map.entry("place-value twice|the same digit", s -> "1"),
            Map.entry("place-value regroup", s -> "" + (s.n(0) * s.n(1) + s.n(2) * s.n(3))),
            Map.entry("place-value regroup|written in a row", s -> "" + s.n(0) + s.n(2)),
            Map.entry("place-value cards", BlindSolversTest::laid),
            Map.entry("place-value cards|zero in front", s -> sorted(s, false)),
            Map.entry("compare-whole smudged", BlindSolversTest::smudged),
            Map.entry("compare-whole smudged|the farthest digit", s -> s.asks("largest") ? "0" : "9"),
            Map.entry("compare-whole always", BlindSolversTest::always),
            Map.entry("compare-whole always|sometimes, since something is hidden", s -> "sometimes, not always"),
            Map.entry("absolute-value value", s -> "" + bars(s.formula())),
            Map.entry("absolute-value inside", s -> "" + bars(s.formula())),
            Map.entry("absolute-value inside|bars as brackets", s -> "" + brackets(s.formula())),
            Map.entry("absolute-value scaled", s -> "" + bars(s.formula())),
            Map.entry("absolute-value scaled|bars as brackets", s -> "" + brackets(s.formula())),
            Map.entry("absolute-value apart", s -> "" + Math.abs(s.n(0) - s.n(1))),
            Map.entry("absolute-value apart|added", s -> "" + (Math.abs(s.n(0)) + Math.abs(s.n(1)))),
            Map.entry("absolute-value solve", BlindSolversTest::solved),
            Map.entry("absolute-value journey", s -> "" + (Math.abs(s.n(0) - s.n(1)) + Math.abs(s.n(1) - s.n(2)))),
            Map.entry("absolute-value journey|there and back", s -> "" + Math.abs(s.n(2) - s.n(0))),
            Map.entry("integer-add-subtract bare", s -> "" + s.sum()),
            Map.entry("integer-add-subtract bare|signs left out", s -> "" + s.sumWithoutSigns()),
            Map.entry("integer-add-subtract change", s -> "" + (s.n(0) + (s.goesDown() ? -1 : 1) * s.last())),
            Map.entry("integer-add-subtract change|sign left out", s -> "" + (Math.abs(s.n(0)) + s.last())),
            Map.entry("integer-add-subtract brackets", s -> "" + s.sum()),
            Map.entry("integer-add-subtract brackets|signs left out", s -> "" + s.sumWithoutSigns()),
            Map.entry("integer-add-subtract difference", s -> "" + (s.n(1) - s.n(0))),
            Map.entry("integer-add-subtract difference|added", s -> "" + (s.n(1) + s.n(0))),
            Map.entry("integer-add-subtract missing", BlindSolversTest::missing),
            Map.entry("integer-add-subtract two-steps", s -> "" + s.sum()),
            Map.entry("integer-add-subtract two-steps|signs left out", s -> "" + s.sumWithoutSigns())));

    /** What stands before the student. */
    record Seen(String text, String prompt) {
        static final Pattern NUMBER = Pattern.compile("-?\\d+(?:\\{?,\\}?\\d{3})*");

        List<Long> numbers() {
            return NUMBER.matcher(text)
                    .results()
                    .map(MatchResult::group)
                    .map(g -> Long.parseLong(g.replaceAll("[{},]", "")))
                    .toList();
        }

        long n(int i) {
            return numbers().get(i);
        }

        long last() {
            return numbers().getLast();
        }

        boolean asks(String word) {
            return prompt.contains(word);
        }

        long digitAsked() {
            return numbers().getLast();
        }

        int placeOfDigit() {
            String digits = "" + n(0);
            return digits.length() - 1 - digits.indexOf("" + digitAsked());
        }

        boolean goesDown() {
            return Stream.of("falls", "sinks", "pays out").anyMatch(text::contains);
        }

        /** Terms as they are written: a sign, then a number, in brackets where it has a sign of its own. */
        long sum() {
            return Pattern.compile("([+-]?) ?\\(?(-?\\d+)\\)?")
                    .matcher(formula())
                    .results()
                    .mapToLong(t -> (t.group(1).equals("-") ? -1 : 1) * Long.parseLong(t.group(2)))
                    .sum();
        }

        /** Every number without its own sign, the operations as they are, the smaller from the larger. */
        long sumWithoutSigns() {
            return Math.abs(new Seen(formula().replaceAll("^-|\\((-)(\\d+)\\)", "$2"), "").sum());
        }

        String formula() {
            return text.substring(text.lastIndexOf('\n') + 1).replaceAll("\\\\(?:left|right|cdot ?)", "");
        }
    }

    /** Both digits with all others rubbed out: the left one over the right one, or less it. */
    private static String twins(Seen s) {
        String digits = "" + s.n(0);
        String twin = "" + s.numbers().getLast();
        long left =
                Long.parseLong(twin + digits.substring(digits.indexOf(twin) + 1).replaceAll("\\d", "0"));
        long right = Long.parseLong(
                twin + digits.substring(digits.lastIndexOf(twin) + 1).replaceAll("\\d", "0"));
        return "" + (s.asks("How much more") ? left - right : left / right);
    }

    private static String built(Seen s) {
        long value = 0;
        var said = Pattern.compile("(\\d) ((?:ten )?thousands?|hundreds?|tens?|ones?)")
                .matcher(s.text);
        while (said.find()) {
            String place = said.group(2).endsWith("s") ? said.group(2) : said.group(2) + "s";
            value += Long.parseLong(said.group(1)) * (long) Math.pow(10, PLACES.indexOf(place));
        }
        return "" + value;
    }

    /** The digits before the places that one full box covers. */
    private static String dropped(Seen s) {
        long size = Math.min(s.n(0), s.n(1));
        String digits = "" + Math.max(s.n(0), s.n(1));
        return digits.substring(0, digits.length() - ("" + size).length() + 1);
    }

    private static String sorted(Seen s, boolean down) {
        String up = s.numbers().subList(0, s.numbers().size() - 1).stream()
                .sorted()
                .map(String::valueOf)
                .collect(Collectors.joining());
        return down ? new StringBuilder(up).reverse().toString() : "" + Long.parseLong(up);
    }

    private static String laid(Seen s) {
        if (s.asks("largest")) {
            return sorted(s, true);
        }
        String up = s.numbers().subList(0, s.numbers().size() - 1).stream()
                .sorted()
                .map(String::valueOf)
                .collect(Collectors.joining());
        int first = up.lastIndexOf('0') + 1;
        return up.charAt(first) + up.substring(0, first) + up.substring(first + 1);
    }

    /** Every digit is tried. */
    private static String smudged(Seen s) {
        String shown = Pattern.compile("\\d▢\\d")
                .matcher(s.text)
                .results()
                .findFirst()
                .orElseThrow()
                .group();
        long other = s.numbers().getLast();
        IntStream fitting = IntStream.rangeClosed(0, 9).filter(d -> {
            long with = Long.parseLong(shown.replace("▢", "" + d));
            return s.asks("largest") ? with < other : with > other;
        });
        return "" + (s.asks("largest") ? fitting.max() : fitting.min()).orElseThrow();
    }

    private static String always(Seen s) {
        List<String> shown = Pattern.compile("[\\d▢]+")
                .matcher(s.text)
                .results()
                .map(MatchResult::group)
                .filter(g -> g.contains("▢"))
                .toList();
        List<Long> first = all(shown.get(0));
        List<Long> second = all(shown.get(1));
        boolean some = first.stream()
                .anyMatch(a -> a < second.stream().max(Long::compare).orElseThrow());
        boolean every = first.stream()
                .allMatch(a -> a < second.stream().min(Long::compare).orElseThrow());
        return every ? "always" : some ? "sometimes, not always" : "never";
    }

    private static List<Long> all(String shown) {
        int at = shown.indexOf('▢');
        return at < 0
                ? List.of(Long.parseLong(shown))
                : IntStream.rangeClosed(at == 0 ? 1 : 0, 9)
                        .boxed()
                        .flatMap(d -> all(shown.substring(0, at) + d + shown.substring(at + 1)).stream())
                        .toList();
    }

    /** Pairs of bars are worked out one after the other, then what stands around them. */
    private static long bars(String formula) {
        String left = formula;
        while (left.contains("|")) {
            Matcher inner = Pattern.compile("(\\d*)\\|([^|]+)\\|").matcher(left);
            if (!inner.find()) {
                throw new AssertionError(formula);
            }
            long times = inner.group(1).isEmpty() ? 1 : Long.parseLong(inner.group(1));
            long size = times * Math.abs(new Seen(inner.group(2), "").sum());
            left = left.substring(0, inner.start()) + "(" + size + ")" + left.substring(inner.end());
        }
        return new Seen(left, "").sum();
    }

    private static long brackets(String formula) {
        Matcher first =
                Pattern.compile("(\\d*)\\|([^|]+)\\|(?: ?- ?\\|(-?\\d+)\\|)?").matcher(formula);
        if (!first.find()) {
            throw new AssertionError(formula);
        }
        long times = first.group(1).isEmpty() ? 1 : Long.parseLong(first.group(1));
        long less = first.group(3) == null ? 0 : Long.parseLong(first.group(3));
        return times * new Seen(first.group(2), "").sum() - less;
    }

    /** Every whole number is tried. */
    private static String solved(Seen s) {
        String[] sides = s.formula().split(" = ");
        return IntStream.rangeClosed(-60, 60)
                .filter(x -> bars(sides[0].replace("x", "(" + x + ")")) == Long.parseLong(sides[1]))
                .mapToObj(String::valueOf)
                .collect(Collectors.joining(", "));
    }

    private static String missing(Seen s) {
        String[] sides = s.formula().split(" = ");
        return IntStream.rangeClosed(-200, 200)
                .filter(x -> new Seen(sides[0].replace("x", "(" + x + ")"), "").sum() == Long.parseLong(sides[1]))
                .mapToObj(String::valueOf)
                .collect(Collectors.joining(" or "));
    }

    @TestFactory
    Stream<DynamicTest> solvers() {
        return SOLVERS.entrySet().stream()
                .map(e -> DynamicTest.dynamicTest(e.getKey(), () -> {
                    String[] way = e.getKey().split("\\|");
                    List<Item> items = items(way[0].split(" ")[0], way[0].split(" ")[1]);
                    assertTrue(items.size() > SEEDS / 10, "too few items");
                    if (way.length == 1) {
                        items.forEach(item ->
                                assertEquals(key(item), e.getValue().apply(seen(item)), item.ref() + seen(item).text));
                    } else {
                        long right = items.stream()
                                .filter(item -> key(item).equals(e.getValue().apply(seen(item))))
                                .count();
                        double most = key(items.getFirst()).matches("-?\\d+") ? SELDOM : 0.4;
                        assertTrue(right <= most * items.size(), right + " of " + items.size());
                    }
                }));
    }

    private static List<Item> items(String skill, String kind) {
        return IntStream.rangeClosed(1, 3)
                .boxed()
                .flatMap(tier ->
                        IntStream.range(0, SEEDS).mapToObj(seed -> TestItems.made(TestItems.skill(skill), tier, seed)))
                .filter(item -> item.ref().variant().replaceAll("-\\d+$", "").equals(kind))
                .toList();
    }

    private static Seen seen(Item item) {
        String text = item.stem().stream()
                .map(b -> switch (b) {
                    case Block.Text(String t) -> t;
                    case Block.Formula(String latex) -> latex;
                    default -> "";
                })
                .collect(Collectors.joining("\n"));
        return new Seen(text.replaceAll("[$]", ""), item.parts().getLast().prompt());
    }

    private static String key(Item item) {
        Field field = item.parts().getLast().fields().getLast();
        return field.response().options().stream()
                .filter(o -> o.id().equals(field.answer().expected()))
                .map(o -> o.text())
                .findFirst()
                .orElse(field.answer().expected());
    }
}
