package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.function.DoubleUnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import littlesummit.core.grading.Grader;
import littlesummit.core.grading.Reason;
import littlesummit.core.grading.Verdict;
import littlesummit.core.item.Block;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Rational functions looked at in floating point: the formula of the stem is computed at many places, and what is seen
 * there has to be what the keys say. Nothing of the generator is used.
 */
class RationalFunctionsTest {
    private static final int SEEDS = Integer.getInteger("seeds", 300);
    private static final double NEAR = 1e-5;

    /** What stands before the student, as a function. */
    private record Seen(Item item, String formula, DoubleUnaryOperator f) {
        static Seen of(Item item) {
            String latex = item.stem().stream()
                    .filter(Block.Formula.class::isInstance)
                    .map(b -> ((Block.Formula) b).latex())
                    .findFirst()
                    .orElseThrow()
                    .replace("f(x) = ", "");
            return new Seen(item, latex, x -> SeenFormula.value(latex, x));
        }

        boolean isUndefined(int x) {
            return !Double.isFinite(f.applyAsDouble(x));
        }

        /** A value that stays small beside a place that has none. */
        boolean hasHole(int x) {
            return isUndefined(x) && Math.abs(near(x, 1)) < 1e3 && Math.abs(near(x, -1)) < 1e3;
        }

        double near(int x, int side) {
            return f.applyAsDouble(x + side * NEAR);
        }

        List<Integer> places(java.util.function.IntPredicate fits) {
            return IntStream.rangeClosed(-9, 9).filter(fits).boxed().toList();
        }

        List<Integer> zeros() {
            return places(x -> Math.abs(f.applyAsDouble(x)) < 1e-9);
        }

        List<Integer> holes() {
            return places(this::hasHole);
        }

        List<Integer> poles() {
            return places(x -> isUndefined(x) && !hasHole(x));
        }

        String at() {
            return item.ref() + " " + formula;
        }
    }

    private static Stream<Seen> seen() {
        return IntStream.rangeClosed(1, 3)
                .boxed()
                .flatMap(tier -> LongStream.range(0, SEEDS)
                        .mapToObj(seed -> TestItems.made(TestItems.skill("rational-analyse"), tier, seed)))
                .filter(item -> !item.ref().variant().startsWith("built"))
                .map(Seen::of);
    }

    private static String set(List<Integer> places) {
        return places.isEmpty()
                ? "none"
                : places.stream().map(String::valueOf).collect(Collectors.joining(",", "{", "}"));
    }

    private static String chosen(Field field) {
        return field.response().options().stream()
                .filter(o -> o.id().equals(field.answer().expected()))
                .map(o -> o.text())
                .findFirst()
                .orElseThrow();
    }

    static Stream<String> fields() {
        return Stream.of(
                "zeros",
                "poles",
                "any-hole",
                "domain",
                "hole",
                "crossing",
                "side",
                "sign",
                "asymptote",
                "meets",
                "start",
                "ends",
                "graph");
    }

    @ParameterizedTest
    @MethodSource("fields")
    void theKeyIsWhatIsSeen(String id) {
        List<Field> met = seen().flatMap(s -> s.item().parts().stream()
                        .flatMap(p -> p.fields().stream())
                        .filter(f -> f.id().replaceAll("\\d+$", "")
                                .replaceAll("left|right", "side")
                                .equals(id))
                        .peek(f -> look(s, f, id)))
                .toList();
        assertTrue(met.size() > SEEDS / 12, id + ": " + met.size());
    }

    private static void look(Seen s, Field field, String id) {
        String key = field.answer().expected();
        switch (id) {
            case "zeros" -> assertEquals(set(s.zeros()), key.replace(" ", ""), s.at());
            case "poles" -> assertEquals(set(s.poles()), key.replace(" ", ""), s.at());
            case "any-hole" -> assertEquals(set(s.holes()), key.replace(" ", ""), s.at());
            case "domain" ->
                assertEquals(
                        s.places(s::isUndefined), s.places(x -> (key + ",").contains("x != " + x + ",")), s.at() + key);
            case "hole" -> {
                String[] pair = key.replaceAll("[() ]", "").split(",");
                assertEquals(s.holes(), List.of(Integer.parseInt(pair[0])), s.at());
                assertEquals(s.near(s.holes().getFirst(), 1), number(pair[1]), 1e-2, s.at());
            }
            case "start" -> {
                double value = s.f().applyAsDouble(0);
                String inside = key.replaceAll("[{} ]|none", "");
                assertEquals(Double.isFinite(value), !inside.isEmpty(), s.at());
                assertTrue(inside.isEmpty() || Math.abs(number(inside) - value) < 1e-9, s.at());
            }
            case "crossing" -> {
                int zero = place(field);
                boolean turns = s.near(zero, -1) * s.near(zero, 1) > 0;
                assertEquals(turns ? "touches" : "crosses", chosen(field), s.at());
            }
            case "side" -> {
                double value = s.near(place(field), field.label().contains("left") ? -1 : 1);
                assertEquals(value > 0 ? "up without end" : "down without end", chosen(field), s.at());
            }
            case "sign" ->
                assertEquals(s.f().applyAsDouble(between(field)) > 0 ? "f(x) > 0" : "f(x) < 0", chosen(field), s.at());
            case "asymptote" -> {
                double line = SeenFormula.value(key.replace("y = ", ""), 1e7);
                assertEquals(line, s.f().applyAsDouble(1e7), 1e-3 * Math.max(1, Math.abs(line) * 1e-6), s.at() + key);
            }
            case "meets" -> meets(s, key);
            case "ends" -> assertEquals(ends(s.f()), chosen(field), s.at());
            case "graph" -> onlyTheRightGraphFits(s, field);
            default -> throw new AssertionError(id);
        }
    }

    private static double number(String text) {
        String[] parts = text.split("/");
        return Double.parseDouble(parts[0]) / (parts.length == 1 ? 1 : Double.parseDouble(parts[1]));
    }

    private static int place(Field field) {
        Matcher number = Pattern.compile("-?\\d+").matcher(field.label());
        assertTrue(number.find(), field.label());
        return Integer.parseInt(number.group());
    }

    private static double between(Field field) {
        double[] ends = Pattern.compile("-?\\d+")
                .matcher(field.label())
                .results()
                .mapToDouble(m -> Double.parseDouble(m.group()))
                .toArray();
        boolean isRight = field.label().contains(">");
        return ends.length == 2 ? 0.45 * ends[0] + 0.55 * ends[1] : ends[0] + (isRight ? 0.5 : -0.5);
    }

    private static void meets(Seen s, String key) {
        String line = s.item().parts().stream()
                .flatMap(p -> p.fields().stream())
                .filter(f -> f.id().equals("asymptote"))
                .findFirst()
                .orElseThrow()
                .answer()
                .expected()
                .replace("y = ", "");
        DoubleUnaryOperator gap = x -> s.f().applyAsDouble(x) - SeenFormula.value(line, x);
        List<Double> told = Pattern.compile("-?\\d+(/\\d+)?")
                .matcher(key)
                .results()
                .map(m -> number(m.group()))
                .toList();
        told.forEach(x -> assertEquals(0, gap.applyAsDouble(x), 1e-9, s.at() + key));
        for (double x = -60; x < 60; x += 0.013) {
            double from = gap.applyAsDouble(x);
            double to = gap.applyAsDouble(x + 0.013);
            double here = x;
            assertTrue(
                    from * to > 0
                            || Math.abs(from) + Math.abs(to) > 5
                            || told.stream().anyMatch(t -> t > here - 0.02 && t < here + 0.03)
                            || s.places(s::isUndefined).stream().anyMatch(p -> Math.abs(p - here) < 0.03),
                    () -> s.at() + " meets its line near " + here);
        }
    }

    private static String ends(DoubleUnaryOperator f) {
        boolean left = f.applyAsDouble(-1e6) > 0;
        boolean right = f.applyAsDouble(1e6) > 0;
        return left == right
                ? (left ? "up" : "down") + " on both sides"
                : left ? "up on the left and down on the right" : "down on the left and up on the right";
    }

    private static void onlyTheRightGraphFits(Seen s, Field field) {
        field.response().options().forEach(option -> {
            Figure.Grid grid = (Figure.Grid) option.figure().orElseThrow();
            assertEquals(
                    option.id().equals(field.answer().expected()),
                    fits(s, grid),
                    () -> s.at() + " " + option.id() + " " + grid.alt());
        });
    }

    private static boolean fits(Seen s, Figure.Grid grid) {
        List<Double> points = grid.drawn().stream()
                .filter(Figure.Drawn.Curve.class::isInstance)
                .flatMap(c -> ((Figure.Drawn.Curve) c).branches().stream().flatMap(List::stream))
                .toList();
        long off = IntStream.range(0, points.size() / 2)
                .filter(i -> Math.abs(s.f().applyAsDouble(points.get(2 * i)) - points.get(2 * i + 1))
                        > 0.02 + 0.01 * Math.abs(points.get(2 * i + 1)))
                .count();
        List<Double> holes = s.holes().stream()
                .filter(h -> Math.abs(s.near(h, 1)) < 9.99)
                .map(Integer::doubleValue)
                .toList();
        List<Double> drawn = grid.drawn().stream()
                .filter(Figure.Drawn.Hole.class::isInstance)
                .map(h -> ((Figure.Drawn.Hole) h).x())
                .toList();
        return off <= points.size() / 40 && holes.equals(drawn);
    }

    /** What was the same in every item of a tier could be answered without looking. */
    @Test
    void nothingIsTheSameInEveryItem() {
        assertShare("crossing", "touches", 0.25, 0.75);
        assertShare("side", "up without end", 0.35, 0.65);
        assertShare("sign", "f(x) > 0", 0.3, 0.7);
        List<Seen> all = seen().toList();
        double withHole = all.stream().filter(s -> !s.holes().isEmpty()).count() / (double) all.size();
        assertTrue(withHole > 0.25 && withHole < 0.75, "with a hole: " + withHole);
    }

    private static void assertShare(String id, String text, double low, double high) {
        List<String> answers = seen().filter(s -> s.item().ref().tier() > 1)
                .flatMap(s -> s.item().parts().stream())
                .flatMap(p -> p.fields().stream())
                .filter(f -> f.id().replaceAll("\\d+$", "")
                        .replaceAll("left|right", "side")
                        .equals(id))
                .map(RationalFunctionsTest::chosen)
                .toList();
        double share = answers.stream().filter(text::equals).count() / (double) answers.size();
        assertTrue(share > low && share < high, id + " is " + text + ": " + share);
    }

    /** "Bottom is not 0" says the question again: it is true, but nothing was solved, and no try is lost. */
    @Test
    void theBottomThatIsNotZeroIsNoDomain() {
        List<Seen> wholeWays = LongStream.range(0, SEEDS)
                .mapToObj(seed -> TestItems.made(TestItems.skill("rational-analyse"), 1, seed))
                .filter(item -> item.ref().variant().startsWith("whole-way"))
                .map(Seen::of)
                .toList();
        assertFalse(wholeWays.isEmpty());
        for (Seen s : wholeWays) {
            Field domain = s.item().parts().stream()
                    .flatMap(part -> part.fields().stream())
                    .filter(field -> field.id().equals("domain"))
                    .findFirst()
                    .orElseThrow();
            String bottom = s.formula().replaceAll("^\\\\frac\\{.*}\\{(.*)}$", "$1");
            Verdict verdict = Grader.grade(domain.answer(), bottom + " \\ne 0");
            assertEquals(Verdict.form(Reason.SOLVED_WANTED), verdict, s.at());
            assertEquals(
                    Verdict.CORRECT,
                    Grader.grade(domain.answer(), domain.answer().expected()),
                    s.at());
        }
    }

    /** The function that is wanted has what was asked for, and nothing else. */
    @Test
    void whatIsBuiltHasItsFeatures() {
        LongStream.range(0, 2 * SEEDS)
                .mapToObj(seed -> TestItems.made(TestItems.skill("rational-analyse"), 3, seed))
                .filter(item -> item.ref().variant().startsWith("built"))
                .forEach(item -> {
                    String stem = ((Block.Text) item.stem().getFirst()).text();
                    String key =
                            item.parts().getFirst().fields().getFirst().answer().expected();
                    String latex = key.replaceFirst("^(.*)/(.*)$", "\\\\frac{$1}{$2}");
                    Seen s = new Seen(item, latex, x -> SeenFormula.value(latex, x));
                    assertEquals(s.poles(), places(stem, "asymptote[^,]*"), stem + key);
                    Matcher point =
                            Pattern.compile("\\$\\((-?\\d+), (-?\\d+)\\)\\$").matcher(stem);
                    if (point.find()) {
                        assertEquals(
                                Integer.parseInt(point.group(2)),
                                s.f().applyAsDouble(Integer.parseInt(point.group(1))),
                                1e-9,
                                stem + key);
                        assertEquals(List.of(), s.zeros(), stem + key);
                    } else {
                        assertEquals(s.zeros(), places(stem, "x-axis only at \\$x = -?\\d+"), stem + key);
                        assertEquals(
                                stem.contains("turns back"),
                                s.near(s.zeros().getFirst(), 1)
                                                * s.near(s.zeros().getFirst(), -1)
                                        > 0);
                        assertEquals(
                                places(stem.replace("y = ", "x = "), "comes close to .*")
                                        .getFirst()
                                        .doubleValue(),
                                s.f().applyAsDouble(1e9),
                                1e-6,
                                stem + key);
                    }
                });
    }

    /** The numbers behind “x =” in a piece of the sentence, from left to right. */
    private static List<Integer> places(String sentence, String piece) {
        Matcher found = Pattern.compile(piece).matcher(sentence);
        assertTrue(found.find(), sentence);
        return Pattern.compile("x = (-?\\d+)")
                .matcher(found.group())
                .results()
                .map(m -> Integer.parseInt(m.group(1)))
                .sorted()
                .toList();
    }
}
