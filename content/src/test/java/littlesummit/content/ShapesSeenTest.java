package littlesummit.content;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Item;
import littlesummit.core.item.Part;
import littlesummit.core.item.Response;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Shapes measured at their corners as drawn; strokes by their arrows and the order of their points. */
class ShapesSeenTest {
    /** Corners are drawn to a tenth. */
    private static final double NEAR = 0.02;

    /** What is measured at the corners of a drawn shape. */
    private record Measured(List<double[]> sides) {
        static Measured of(Figure.Polygon polygon) {
            List<Double> c = polygon.corners();
            List<double[]> sides = new ArrayList<>();
            for (int i = 0; i < c.size(); i += 2) {
                int next = (i + 2) % c.size();
                sides.add(new double[] {c.get(next) - c.get(i), c.get(next + 1) - c.get(i + 1)});
            }
            return new Measured(sides);
        }

        private double length(int i) {
            return Math.hypot(sides.get(i)[0], sides.get(i)[1]);
        }

        private double cross(int i, int j) {
            return (sides.get(i)[0] * sides.get(j)[1] - sides.get(i)[1] * sides.get(j)[0]) / length(i) / length(j);
        }

        private double dot(int i, int j) {
            return (sides.get(i)[0] * sides.get(j)[0] + sides.get(i)[1] * sides.get(j)[1]) / length(i) / length(j);
        }

        long rightAngles() {
            return IntStream.range(0, sides.size())
                    .filter(i -> Math.abs(dot(i, (i + 1) % sides.size())) < NEAR)
                    .count();
        }

        boolean equal() {
            return IntStream.range(0, sides.size()).allMatch(i -> Math.abs(length(i) / length(0) - 1) < NEAR);
        }

        long parallelPairs() {
            return IntStream.range(0, sides.size())
                    .boxed()
                    .flatMap(i -> IntStream.range(i + 1, sides.size())
                            .filter(j -> Math.abs(cross(i, j)) < NEAR)
                            .boxed())
                    .count();
        }

        boolean has(String says) {
            return switch (says) {
                case "three sides" -> sides.size() == 3;
                case "four sides" -> sides.size() == 4;
                case "five sides" -> sides.size() == 5;
                case "at least one right angle" -> rightAngles() > 0;
                case "no right angle" -> rightAngles() == 0;
                case "all sides equally long" -> equal();
                case "not all sides equally long" -> !equal();
                case "at least one pair of parallel sides" -> parallelPairs() > 0;
                case "a rectangle" -> sides.size() == 4 && rightAngles() == 4;
                case "a rhombus" -> sides.size() == 4 && equal();
                case "a parallelogram" -> sides.size() == 4 && parallelPairs() == 2;
                default -> throw new IllegalArgumentException(says);
            };
        }
    }

    private static void fit(Item item, Predicate<Measured> wanted) {
        Figure.Shapes shapes = ((Response.SelectShapes) SeenItems.first(item).response()).shapes();
        List<String> fitting = shapes.items().stream()
                .filter(p -> wanted.test(Measured.of(p)))
                .map(Figure.Polygon::id)
                .toList();
        assertEquals(
                String.join(",", fitting),
                SeenItems.first(item).answer().expected(),
                () -> item.ref() + " " + SeenItems.text(item));
    }

    @ParameterizedTest
    @ValueSource(strings = {"sides", "property", "two"})
    void whatIsMeasuredIsChosen(String kind) {
        SeenItems.of("select-shapes", kind).forEach(item -> {
            String says = SeenItems.text(item).replaceAll("(?s).*Choose all with (.*)\\.", "$1");
            fit(item, shape -> List.of(says.split(" and | but ")).stream().allMatch(shape::has));
        });
    }

    @Test
    void aKindTakesInWhatHasMore() {
        SeenItems.of("select-shapes", "kind").forEach(item -> {
            String kind = item.parts().getFirst().prompt().replaceAll(".*that is (.*)\\.", "$1");
            fit(item, shape -> shape.has(kind));
        });
    }

    private static final Pattern WITH =
            Pattern.compile("with ((?:at|all|three|four) [a-z ]+?)(?:,|\\.| belong| in the right)");

    @Test
    void hoopsAreTwoQuestions() {
        SeenItems.of("select-shapes", "hoops").forEach(item -> {
            Matcher with = WITH.matcher(SeenItems.text(item));
            assertTrue(with.find());
            String left = with.group(1);
            assertTrue(with.find());
            String right = with.group(1);
            String prompt = item.parts().getFirst().prompt();
            boolean neither = prompt.contains("neither");
            boolean leftOnly = prompt.matches(".*belongs (in the left|inside the red).*");
            fit(
                    item,
                    shape -> neither
                            ? !shape.has(left) && !shape.has(right)
                            : leftOnly ? shape.has(left) && !shape.has(right) : shape.has(right) && !shape.has(left));
        });
    }

    @Test
    void theStatementIsTrueOfTheShape() {
        SeenItems.of("select-shapes", "statement").forEach(item -> {
            Measured shape = Measured.of(
                    SeenItems.figure(item, Figure.Shapes.class).items().getFirst());
            String end = shape.rightAngles() > 0 ? "at least one right angle." : "no right angle.";
            assertEquals(
                    "It has " + shape.sides().size() + " sides and " + end,
                    SeenItems.chosen(item.parts().getFirst()));
        });
    }

    private static String kind(Figure.Straight s) {
        return s.arrowAtStart() && s.arrowAtEnd() ? "line" : s.arrowAtStart() || s.arrowAtEnd() ? "ray" : "segment";
    }

    /** The names that fit: any two of a line, both ends of a segment, the end and any other of a ray. */
    private static boolean fits(String name, Figure.Straight s) {
        String[] words = name.split(" ");
        List<String> row =
                new ArrayList<>(s.points().stream().map(Figure.Named::name).toList());
        if (s.arrowAtStart()) {
            row = row.reversed();
        }
        boolean known =
                words[1].length() == 2 && row.contains(words[1].substring(0, 1)) && row.contains(words[1].substring(1));
        if (!words[0].equals(kind(s)) || !known) {
            return false;
        }
        String ends = row.getFirst() + row.getLast();
        return switch (words[0]) {
            case "segment" ->
                words[1].equals(ends)
                        || words[1].equals(new StringBuilder(ends).reverse().toString());
            case "ray" -> words[1].startsWith(row.getFirst());
            default -> true;
        };
    }

    @Test
    void aStrokeIsNamedByItsArrows() {
        SeenItems.of("line-kinds", "drawn").forEach(item -> {
            Figure.Straight stroke = SeenItems.figure(item, Figure.Straight.class);
            assertEquals("a " + kind(stroke), SeenItems.chosen(item.parts().get(0)));
            assertTrue(fits(SeenItems.chosen(item.parts().get(1)), stroke));
            SeenItems.others(item.parts().get(1)).forEach(other -> assertTrue(!fits(other, stroke), other));
        });
    }

    @Test
    void allNamesThatFitAreChosen() {
        SeenItems.of("line-kinds", "names").forEach(item -> {
            Figure.Straight stroke = SeenItems.figure(item, Figure.Straight.class);
            Part part = item.parts().getFirst();
            List<String> right =
                    List.of(SeenItems.first(item).answer().expected().split(","));
            SeenItems.first(item)
                    .response()
                    .options()
                    .forEach(o -> assertEquals(right.contains(o.id()), fits(o.text(), stroke), o + " " + part));
        });
    }

    @Test
    void wordsAreTakenAtTheirWord() {
        SeenItems.of("line-kinds", "described").forEach(item -> {
            String text = SeenItems.text(item);
            String kind = text.matches("(?s).*(neither side|no end).*")
                    ? "line"
                    : text.matches("(?s).*(does not stop|without end).*") ? "ray" : "segment";
            assertTrue(SeenItems.chosen(item.parts().getFirst()).startsWith(kind), text);
        });
    }

    @Test
    void aPointLiesWhereItIsMet() {
        SeenItems.of("line-kinds", "lies-on").forEach(item -> {
            List<String> row = SeenItems.figure(item, Figure.Straight.class).points().stream()
                    .map(Figure.Named::name)
                    .toList();
            String point = item.parts().getFirst().prompt().replaceAll(".*\\$(.)\\$.*", "$1");
            String chosen = SeenItems.chosen(item.parts().getFirst());
            String line = chosen.replaceAll(".*line (..).*", "$1");
            int p = row.indexOf(point);
            int from = row.indexOf(line.substring(0, 1));
            int to = row.indexOf(line.substring(1));
            boolean onSegment = p > Math.min(from, to) && p < Math.max(from, to);
            boolean onRay = onSegment || (p - from) * (to - from) > 0;
            String expected = onSegment
                    ? "on segment " + line + ", ray " + line + " and line " + line
                    : onRay
                            ? "on ray " + line + " and line " + line + ", not on segment " + line
                            : "on line " + line + " only";
            assertEquals(expected, chosen, row + " " + point);
        });
    }

    @Test
    void pairsAndDirectionsAreCountedOneByOne() {
        SeenItems.of("line-kinds", "count").forEach(item -> {
            int n = SeenItems.figure(item, Figure.Straight.class).points().size();
            int pairs = 0;
            for (int i = 0; i < n; i++) {
                for (int j = i + 1; j < n; j++) {
                    pairs++;
                }
            }
            boolean rays = item.parts().getFirst().prompt().contains("rays");
            SeenItems.comesTo(rays ? n + n : pairs, item);
        });
    }
}
