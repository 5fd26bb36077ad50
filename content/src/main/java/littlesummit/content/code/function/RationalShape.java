package littlesummit.content.code.function;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import littlesummit.core.item.Figure;
import littlesummit.core.math.Polynomial;
import littlesummit.core.math.PolynomialText;
import littlesummit.core.math.Rational;
import littlesummit.core.skill.Draw;
import littlesummit.core.skill.Linear;

/**
 * factor · ∏(x − zero) / ∏(x − pole), with a factor (x − hole) above and below.
 *
 * @param zeros with repetition
 * @param poles all different, none of them a zero
 * @param hole none of the others
 */
record RationalShape(int factor, List<Integer> zeros, List<Integer> poles, int hole) {
    private static final double WINDOW = 10;
    private static final int STEPS = 400;

    static RationalShape draw(int tier, Draw draw) {
        List<Integer> places = draw.shuffled(List.of(-5, -4, -3, -2, -1, 1, 2, 3, 4, 5));
        int factor = draw.oneOf(1, 2, -1, -2);
        return switch (tier) {
            case 1 -> new RationalShape(factor, List.of(places.get(0)), List.of(places.get(1)), places.get(2));
            case 2 ->
                2 * places.get(0) == places.get(1) + places.get(2)
                        ? draw(tier, draw)
                        : new RationalShape(
                                factor,
                                List.of(places.get(0), places.get(0)),
                                List.of(places.get(1), places.get(2)),
                                places.get(3));
            default ->
                new RationalShape(
                        draw.oneOf(1, -1),
                        List.of(places.get(0), places.get(1)),
                        List.of(places.get(2)),
                        places.get(3));
        };
    }

    private static Polynomial product(List<Integer> roots) {
        return roots.stream().map(r -> Linear.of("x", 1, -r)).reduce(Polynomial.ONE, Polynomial::times);
    }

    Polynomial reducedTop() {
        return product(zeros).times(Rational.of(factor));
    }

    Polynomial reducedBottom() {
        return product(poles);
    }

    private Polynomial holeFactor() {
        return Linear.of("x", 1, -hole);
    }

    Polynomial top() {
        return reducedTop().times(holeFactor());
    }

    Polynomial bottom() {
        return reducedBottom().times(holeFactor());
    }

    boolean isOblique() {
        return zeros.size() > poles.size();
    }

    /** Of the asymptote that is not vertical; for one more zero than poles a line. */
    Polynomial asymptote() {
        if (!isOblique()) {
            return Polynomial.constant(Rational.of(factor));
        }
        int sum = zeros.stream().mapToInt(Integer::intValue).sum() - poles.getFirst();
        return Linear.of("x", factor, -(long) factor * sum);
    }

    /** Where the function has the value of its asymptote. */
    List<Rational> meets() {
        Polynomial rest = reducedTop().minus(asymptote().times(reducedBottom()));
        if (rest.degree("x") == 0) {
            return List.of();
        }
        Rational x = rest.coefficient("x", 0)
                .asRational()
                .orElseThrow()
                .over(rest.coefficient("x", 1).asRational().orElseThrow())
                .negate();
        boolean undefined = x.equals(Rational.of(hole)) || poles.stream().anyMatch(p -> x.equals(Rational.of(p)));
        return undefined ? List.of() : List.of(x);
    }

    Rational atZero() {
        Rational top = reducedTop().coefficient("x", 0).asRational().orElseThrow();
        return top.over(reducedBottom().coefficient("x", 0).asRational().orElseThrow());
    }

    /**
     * How far from zero the x or y of anything lies that is asked for: zeros, poles, the hole, and where it meets the
     * y-axis and its asymptote.
     */
    double reach() {
        DoubleStream places = Stream.concat(zeros.stream(), poles.stream()).mapToDouble(Integer::doubleValue);
        DoubleStream hole = DoubleStream.of(this.hole, value(this.hole), value(0));
        DoubleStream meeting = meets().stream()
                .mapToDouble(x -> x.num().doubleValue() / x.den().doubleValue())
                .flatMap(x -> DoubleStream.of(x, value(x)));
        return Stream.of(places, hole, meeting)
                .flatMapToDouble(all -> all)
                .map(Math::abs)
                .max()
                .orElseThrow();
    }

    /** Whether the function is positive just to the right of a pole. */
    boolean risesRightOf(int pole) {
        return value(pole + 1e-6) > 0;
    }

    double value(double x) {
        double v = factor;
        for (int z : zeros) {
            v *= x - z;
        }
        for (int p : poles) {
            v /= x - p;
        }
        return v;
    }

    RationalShape mirrored() {
        return new RationalShape(-factor, zeros, poles, hole);
    }

    RationalShape exchanged() {
        return new RationalShape(factor, List.of(poles.getFirst()), List.of(zeros.getFirst()), hole);
    }

    RationalShape shifted(int by) {
        return new RationalShape(
                factor,
                zeros.stream().map(z -> z + by).toList(),
                poles.stream().map(p -> p + by).toList(),
                hole + by);
    }

    Figure.Grid graph() {
        List<Figure.Drawn> drawn = new ArrayList<>();
        drawn.add(new Figure.Drawn.Curve(branches()));
        poles.forEach(p -> drawn.add(new Figure.Drawn.Asymptote(1, 0, p, "x = " + p)));
        double slope = isOblique() ? factor : 0;
        double c =
                asymptote().coefficient("x", 0).asRational().orElseThrow().num().doubleValue();
        drawn.add(new Figure.Drawn.Asymptote(-slope, 1, c, "y = " + PolynomialText.plain(asymptote())));
        boolean holeInside = Math.abs(value(hole)) < WINDOW;
        if (holeInside) {
            drawn.add(new Figure.Drawn.Hole(hole, Math.round(value(hole) * 1000) / 1000.0));
        }
        String alt = "A graph with vertical asymptotes at x = "
                + Stream.concat(poles.stream().map(String::valueOf), Stream.<String>empty())
                        .sorted()
                        .toList()
                + ", the asymptote y = " + PolynomialText.plain(asymptote()) + ", zeros at x = "
                + zeros.stream().distinct().sorted().toList()
                + ", " + (risesRightOf(poles.getFirst()) ? "rising" : "falling") + " without end just right of x = "
                + poles.getFirst()
                + (holeInside ? ", with a hole at x = " + hole : "") + ".";
        return new Figure.Grid(alt.replace("[", "").replace("]", ""), -WINDOW, WINDOW, -WINDOW, WINDOW, 1, drawn);
    }

    private List<List<Double>> branches() {
        List<List<Double>> branches = new ArrayList<>();
        List<Double> branch = new ArrayList<>();
        for (int i = 0; i <= STEPS; i++) {
            double x = -WINDOW + 2 * WINDOW * i / STEPS + 1e-4;
            double y = value(x);
            boolean broken =
                    !branch.isEmpty() && (Math.abs(y) > 4 * WINDOW || Math.abs(y - branch.getLast()) > 2 * WINDOW);
            if (broken) {
                branches.add(branch);
                branch = new ArrayList<>();
            }
            if (Math.abs(y) <= 4 * WINDOW) {
                branch.add(Math.round(x * 1000) / 1000.0);
                branch.add(Math.round(y * 1000) / 1000.0);
            }
        }
        branches.add(branch);
        return branches.stream().filter(b -> b.size() > 2).toList();
    }
}
