package littlesummit.content.code.function;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import littlesummit.content.code.Words;
import littlesummit.core.item.Field;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Part;
import littlesummit.core.math.PolynomialText;
import littlesummit.core.skill.Choices;
import littlesummit.core.skill.Draw;

/** The graph of a rational function, and graphs that somebody could take for it. */
final class RationalGraph {
    private static final double WINDOW = 10;
    private static final int STEPS = 400;
    private static final int WRONG = 3;

    private RationalGraph() {}

    static Figure.Grid of(RationalShape s) {
        List<Figure.Drawn> drawn = new ArrayList<>();
        drawn.add(new Figure.Drawn.Curve(branches(s)));
        s.polesOnce().forEach(p -> drawn.add(new Figure.Drawn.Asymptote(1, 0, p, "x = " + p)));
        if (s.hasLine()) {
            double slope = coefficient(s, 1);
            drawn.add(new Figure.Drawn.Asymptote(-slope, 1, coefficient(s, 0), line(s)));
        }
        if (holeIsSeen(s)) {
            drawn.add(new Figure.Drawn.Hole(s.hole(), Math.round(s.value(s.hole()) * 1000) / 1000.0));
        }
        return new Figure.Grid(alt(s), -WINDOW, WINDOW, -WINDOW, WINDOW, 1, drawn);
    }

    private static double coefficient(RationalShape s, int power) {
        return s.quotient()
                .coefficient("x", power)
                .asRational()
                .map(r -> r.num().doubleValue() / r.den().doubleValue())
                .orElse(0.0);
    }

    static String line(RationalShape s) {
        return "y = " + PolynomialText.plain(s.quotient());
    }

    static boolean holeIsSeen(RationalShape s) {
        return s.hasHole() && Math.abs(s.value(s.hole())) < WINDOW;
    }

    private static String alt(RationalShape s) {
        List<String> said = new ArrayList<>();
        s.polesOnce()
                .forEach(p -> said.add("near the vertical asymptote x = " + p + " it " + way(s.risesLeftOf(p))
                        + " on the left and " + way(s.risesRightOf(p)) + " on the right"));
        s.zerosOnce().forEach(z -> said.add((s.touches(z) ? "it touches" : "it crosses") + " the x-axis at x = " + z));
        if (s.hasLine()) {
            said.add("far out it comes close to " + line(s));
        } else {
            said.add("far out it comes close to no line");
        }
        if (holeIsSeen(s)) {
            said.add("it has a hole at x = " + s.hole());
        }
        return "A graph: " + said.stream().collect(Collectors.joining("; ")) + ".";
    }

    private static String way(boolean rises) {
        return rises ? "goes up" : "goes down";
    }

    private static List<List<Double>> branches(RationalShape s) {
        List<List<Double>> branches = new ArrayList<>();
        List<Double> branch = new ArrayList<>();
        double before = -WINDOW;
        for (int i = 0; i <= STEPS; i++) {
            double x = -WINDOW + 2 * WINDOW * i / STEPS + 1e-4;
            double y = s.value(x);
            double from = before;
            boolean isBroken = s.poles().stream().anyMatch(p -> p > from && p <= x);
            if (isBroken || Math.abs(y) > 4 * WINDOW) {
                branches.add(branch);
                branch = new ArrayList<>();
            }
            if (Math.abs(y) <= 4 * WINDOW) {
                branch.add(Math.round(x * 1000) / 1000.0);
                branch.add(Math.round(y * 1000) / 1000.0);
            }
            before = x;
        }
        branches.add(branch);
        return branches.stream().filter(b -> b.size() > 2).toList();
    }

    /** Other functions, by what somebody would have to overlook; with what is said then. */
    private static Map<RationalShape, List<String>> others(RationalShape s) {
        Map<RationalShape, List<String>> others = new LinkedHashMap<>();
        if (holeIsSeen(s)) {
            others.put(
                    s.withoutHole(),
                    List.of("hole-left-out", "One factor stands above and below. What does it leave in the graph?"));
        }
        s.zerosOnce().stream()
                .filter(s::touches)
                .forEach(z -> others.put(
                        s.withZeros(List.of(z, free(s, z))),
                        List.of("crosses", "How often does each factor of the top occur? Look at the x-axis again.")));
        if (s.poles().size() == 2 && s.polesOnce().size() == 1) {
            int p = s.poles().getFirst();
            others.put(
                    s.withPoles(List.of(p, free(s, p))),
                    List.of("poles", "How many different numbers make the bottom zero?"));
        } else if (s.polesOnce().size() == 2) {
            int p = s.poles().getFirst();
            others.put(
                    s.withPoles(List.of(p, p)), List.of("poles", "How many different numbers make the bottom zero?"));
        }
        others.put(s.mirrored(), List.of("mirrored", "Check the sign at one point that is easy to compute."));
        others.put(
                s.turned(),
                List.of("signs-kept", "Look at where zeros and asymptotes stand: what makes each factor zero?"));
        if (s.zeros().size() == s.poles().size() && s.plus() == 0) {
            others.put(
                    new RationalShape(s.factor(), s.poles(), s.zeros(), s.holes(), 0),
                    List.of("exchanged", "There zeros and asymptotes have changed places."));
        }
        others.put(
                s.mirrored().turned(),
                List.of("signs-kept", "Look at where zeros and asymptotes stand: what makes each factor zero?"));
        int by = s.borders().stream().mapToInt(b -> b).sum() > 0 ? -2 : 2;
        others.put(shifted(s, by), List.of("shifted", "The shape is like that, but it stands at another place."));
        return others;
    }

    private static RationalShape shifted(RationalShape s, int by) {
        List<List<Integer>> moved = java.util.stream.Stream.of(s.zeros(), s.poles(), s.holes())
                .map(all -> all.stream().map(p -> p + by).toList())
                .toList();
        return new RationalShape(s.factor(), moved.get(0), moved.get(1), moved.get(2), s.plus());
    }

    /** A place beside another that nothing stands on. */
    private static int free(RationalShape s, int at) {
        return java.util.stream.IntStream.of(at + 2, at - 2, at + 3, at - 3, at + 1, at - 1, at + 4, at - 4)
                .filter(p -> !s.borders().contains(p) && !s.holes().contains(p))
                .findFirst()
                .orElseThrow();
    }

    static Field field(RationalShape s, Draw draw) {
        Figure.Grid right = of(s);
        Choices choices = Choices.right("", right);
        List<Figure.Grid> taken = new ArrayList<>(List.of(right));
        others(s).forEach((shape, told) -> {
            Figure.Grid figure = of(shape);
            if (taken.size() <= WRONG && taken.stream().noneMatch(t -> t.drawn().equals(figure.drawn()))) {
                taken.add(figure);
                choices.wrong("", figure, told.getFirst(), told.getLast());
            }
        });
        return choices.shuffled("graph", "Graph", draw);
    }

    static Part part(RationalShape s, Draw draw) {
        return Part.of(
                "Which is its graph?",
                field(s, draw),
                "Look for the vertical asymptotes first, and then for what lies on the x-axis.",
                "Three things decide: where asymptotes, zeros and holes stand, whether the sign changes there, and one"
                        + " value that is easy to compute.",
                s.poles().isEmpty()
                        ? "The bottom is never zero, so the graph has no break. Where is it above the x-axis?"
                        : "Put in a number just right of $x = " + s.polesOnce().getLast()
                                + "$. Is what comes out positive or negative?");
    }

    /** “x = 2 and x = 5”. */
    static String places(List<Integer> places) {
        return Words.list(places.stream().map(p -> "$x = " + p + "$").toList());
    }
}
