package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.Layout;
import littlesummit.core.item.Option;
import littlesummit.core.item.Part;
import littlesummit.core.item.WorkedStep;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What single skills teach is true, can be seen, and is right for the right reason. */
class TeachingTest {
    private static final int SEEDS = 300;
    private static final Pattern NUMBER = Pattern.compile("-?\\d+(?:\\.\\d+)?");

    private static Stream<Item> items(String skill, int tier) {
        return LongStream.range(0, SEEDS).mapToObj(seed -> TestItems.made(TestItems.skill(skill), tier, seed));
    }

    private static List<Field> fields(Item item) {
        return item.parts().stream().flatMap(p -> p.fields().stream()).toList();
    }

    private static Field only(Item item) {
        return fields(item).getFirst();
    }

    /** Whoever leaves out every sign and adds has not understood the bars; that way is right in few items. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void leavingOutTheSignsIsSeldomRight(int tier) {
        List<Item> shown = items("absolute-value", tier)
                .filter(item -> Set.of("value", "inside", "scaled").contains(kind(item)))
                .toList();
        long naive = shown.stream()
                .filter(item -> only(item).answer().key().equals(String.valueOf(withoutSigns(item))))
                .count();
        assertTrue(naive <= 0.15 * shown.size(), naive + " of " + shown.size());
    }

    /** 4|−3 + 5| − |−2| becomes 4 · (3 + 5) + 2. */
    private static long withoutSigns(Item item) {
        String formula = ((Block.Formula) item.stem().get(1)).latex();
        Matcher bars = Pattern.compile("(\\d*)\\|([^|]+)\\|").matcher(formula);
        return bars.results()
                .mapToLong(found -> (found.group(1).isEmpty() ? 1 : Long.parseLong(found.group(1)))
                        * NUMBER.matcher(found.group(2))
                                .results()
                                .mapToLong(n -> Math.abs(Long.parseLong(n.group())))
                                .sum())
                .sum();
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void absoluteValuesAreOfNumbersOfEverySign(int tier) {
        Set<Integer> signs = items("absolute-value", tier)
                .filter(item -> only(item).answer().key().matches("-?\\d+"))
                .map(item -> Integer.signum(Integer.parseInt(only(item).answer().key())))
                .collect(Collectors.toCollection(TreeSet::new));
        assertTrue(tier == 2 ? signs.equals(Set.of(1)) : signs.contains(1), signs.toString());
        assertEquals(tier != 2, signs.contains(-1), "a minus before the bars stays");
    }

    /** The hand stands on a mark, and there are not too many of them to tell apart. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2})
    void theDialCanBeRead(int tier) {
        List<Figure.Scale> dials = items("mass-problems", tier)
                .flatMap(FigureLawsTest::figures)
                .filter(Figure.Scale.class::isInstance)
                .map(Figure.Scale.class::cast)
                .toList();
        assertFalse(dials.isEmpty());
        for (Figure.Scale dial : dials) {
            assertEquals(0, dial.reading() % dial.step(), dial.toString());
            assertTrue(dial.reading() < dial.max() && dial.max() / dial.step() <= 45, dial.toString());
        }
    }

    /** The window that is right holds every number that the item asks for. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void theWindowHoldsWhatWasFound(int tier) {
        Set<String> windows = new TreeSet<>();
        items("rational-analyse", tier).forEach(item -> fields(item).stream()
                .filter(f -> f.id().equals("window"))
                .forEach(window -> {
                    String text = window.response().options().stream()
                            .filter(o -> o.id().equals(window.answer().expected()))
                            .map(Option::text)
                            .findFirst()
                            .orElseThrow();
                    windows.add(text);
                    double size = Double.parseDouble(text.substring(text.lastIndexOf(' ') + 1));
                    fields(item).stream()
                            .filter(f -> Set.of("zeros", "poles", "meets", "start", "hole")
                                    .contains(f.id()))
                            .flatMap(f -> NUMBER.matcher(f.answer().key().replaceAll("/\\d+", ""))
                                    .results())
                            .forEach(n -> assertTrue(
                                    Math.abs(Double.parseDouble(n.group())) < size || isFraction(item),
                                    item.ref() + ": " + n.group() + " outside " + text));
                }));
        assertTrue(windows.size() > 1, "the same window in every item: " + windows);
    }

    private static boolean isFraction(Item item) {
        return fields(item).stream().anyMatch(f -> f.answer().key().contains("/"));
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void theNumberLineEndsAtTheAnswer(int tier) {
        List<Item> sums = items("integer-add-subtract", tier)
                .filter(item -> Set.of("bare", "change", "brackets", "two").contains(kind(item)))
                .toList();
        assertFalse(sums.isEmpty());
        sums.forEach(item -> {
            Block.Picture picture =
                    (Block.Picture) item.second().orElseThrow().blocks().getLast();
            Figure.NumberLine line = (Figure.NumberLine) picture.figure();
            assertEquals(
                    only(item).answer().key(),
                    String.valueOf((int) line.marks().getLast().at()),
                    item.ref().toString());
        });
    }

    private static String kind(Item item) {
        return item.ref().variant().split("-")[0];
    }

    /** Each angle that is asked for is worked out to its number. */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void everyAngleIsWorkedOut(int tier) {
        items("angle-pairs", tier).forEach(item -> {
            List<String> steps = item.worked().stream().map(WorkedStep::math).toList();
            fields(item).stream()
                    .filter(f -> f.response().options().isEmpty())
                    .forEach(f -> assertTrue(
                            steps.stream()
                                    .anyMatch(step ->
                                            step.endsWith(" = " + f.answer().key())),
                            item.ref() + " lacks " + f.id() + " = " + f.answer().key() + " in " + steps));
        });
    }

    @Test
    void aCornerSaysWhereItsAnglesLie() {
        items("angle-pairs", 2)
                .filter(i -> i.ref().variant().startsWith("corner"))
                .forEach(item -> {
                    String stem = ((Block.Text) item.stem().getFirst()).text();
                    assertTrue(stem.contains("from the corner"), stem);
                    assertFalse(stem.contains("ladder"), "a ladder that leans does not start in the corner");
                });
    }

    /** Parallel sides are said to be so in words that do not hold for any two sides. */
    @Test
    void parallelSidesWouldNeverMeet() {
        items("select-shapes", 3)
                .flatMap(i -> i.parts().stream())
                .flatMap(p -> p.hints().stream())
                .filter(hint -> hint.contains("never meet"))
                .forEach(hint -> assertTrue(hint.contains("however far"), hint));
    }

    /** Where there are several pictures of a fraction, each step says what its picture shows. */
    @Test
    void theStepsLeadToThePictures() {
        items("fraction-picture", 1)
                .filter(i -> i.ref().variant().startsWith("find"))
                .forEach(item -> {
                    assertEquals(4, item.worked().size(), item.ref().toString());
                    assertEquals(
                            2,
                            item.worked().stream()
                                    .filter(s -> s.say().startsWith("This one fits"))
                                    .count());
                    assertFalse(
                            item.parts().getFirst().hints().getLast().contains("\\frac{1}"), "it may be cut otherwise");
                });
    }

    /** A hint is about what stands in the item. */
    @ParameterizedTest
    @CsvSource({
        "solution-count,brackets are gone,\\left(",
        "circle-center,first bracket,\\left(",
        "both-sides,brackets,\\left("
    })
    void noHintSpeaksOfWhatIsNotThere(String skill, String words, String sign) {
        for (int tier = 1; tier <= 3; tier++) {
            items(skill, tier).forEach(item -> {
                boolean isThere = item.stem().toString().contains(sign);
                boolean speaks = item.parts().getFirst().hints().stream().anyMatch(h -> h.contains(words));
                assertTrue(isThere || !speaks, () -> item.ref() + " speaks of " + words);
            });
        }
    }

    @Test
    void bracketsOfAnEquationComeFirst() {
        items("both-sides", 3)
                .filter(item -> !item.ref().variant().startsWith("wrong-line"))
                .forEach(item -> {
                    List<String> hints = item.parts().getFirst().hints();
                    assertTrue(hints.getLast().startsWith("Multiply both terms in the brackets"), hints.toString());
                });
    }

    /** The letters go to the side that has more of them: nobody has to turn signs round without need. */
    @Test
    void theLettersGoWhereThereAreMoreOfThem() {
        for (String kind : List.of("bare", "turned")) {
            items("both-sides", 1)
                    .filter(i -> i.ref().variant().startsWith(kind))
                    .forEach(item -> {
                        String first = item.worked().getFirst().math();
                        boolean numberLeft =
                                NUMBER.matcher(first.split(" = ")[0]).matches();
                        assertEquals(kind.equals("turned"), numberLeft, first);
                        assertFalse(first.contains("-") && first.matches(".*-\\d*x.*"), first);
                    });
        }
    }

    @Test
    void whatAllTermsShareIsTakenOutInTheHintsToo() {
        items("polynomial-factor", 3)
                .filter(i -> i.ref().variant().startsWith("two-steps"))
                .forEach(item -> {
                    List<String> hints = item.parts().getFirst().hints();
                    assertTrue(hints.getLast().startsWith("Take $"), hints.toString());
                });
    }

    @Test
    void aSquareIsCompletedStepByStep() {
        items("circle-center", 3)
                .filter(i -> i.ref().variant().startsWith("expanded"))
                .forEach(item -> {
                    assertTrue(item.worked().size() >= 5, item.worked().toString());
                    assertNotEquals("", item.worked().get(1).math());
                });
    }

    /** Whoever looks at the solution sees the whole table. */
    @Test
    void everyCellOfATableIsWorkedOut() {
        items("two-way-relative", 2).forEach(item -> {
            Part part = item.parts().getFirst();
            assertTrue(part.layout() instanceof Layout.InTable);
            String all = item.worked().getLast().say();
            part.fields()
                    .forEach(f -> assertTrue(
                            all.contains(f.answer().key().replaceAll("0+$", "")),
                            f.answer().key() + " is not in " + all));
        });
    }
}
