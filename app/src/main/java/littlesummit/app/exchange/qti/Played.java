package littlesummit.app.exchange.qti;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import littlesummit.core.figure.Plot;
import littlesummit.core.figure.Point;
import littlesummit.core.figure.Scenes;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Response;
import littlesummit.core.math.Canonical;
import littlesummit.core.math.MathProblem;
import littlesummit.core.math.Parser;
import littlesummit.core.math.Rational;
import littlesummit.core.math.Syntax;

/** One answer, right or mistaken, as the responses of the standard carry it. */
sealed interface Played {
    /** Any of some texts. */
    record Typed(List<String> spellings) implements Played {}

    record One(String option) implements Played {}

    /** Exactly these. */
    record Many(List<String> options) implements Played {}

    /** All of them, in this order. */
    record Ordered(List<String> options) implements Played {}

    /** A label at its place. */
    record Pair(String label, String place) implements Played {}

    /** So many areas, whichever they are. */
    record Count(int areas) implements Played {}

    /** A place in a picture, in its units. */
    record Spot(Point at, double radius) implements Played {}

    /** Two of some places in a picture. */
    record TwoOf(List<Point> places, double radius) implements Played {}

    /** Words that a person reads. */
    record Read() implements Played {}

    /** The right answer. */
    static Played right(Question question) {
        return switch (question.field().response()) {
            case Response.Typed t -> new Typed(Spellings.of(question.field().answer()));
            case Response.LayUnits l -> new Typed(Spellings.of(question.field().answer()));
            case Response.WriteInColumns c ->
                new Typed(Spellings.of(question.field().answer()));
            case Response.MarkOnLine m ->
                new Typed(Spellings.of(question.field().answer()));
            case Response.RayOnLine r -> new Typed(Spellings.of(question.field().answer()));
            case Response.DropLabel d ->
                new Pair(question.option(question.field().answer().expected()), question.id());
            default ->
                of(question, question.field().answer().expected())
                        .orElseThrow(() -> new IllegalStateException("cannot be played: " + question));
        };
    }

    /** What stands for an entry of ours; empty where the standard has no words for it. */
    static Optional<Played> of(Question question, String entry) {
        return switch (question.field().response()) {
            case Response.Typed t -> typed(entry);
            case Response.LayUnits l -> typed(entry);
            case Response.WriteInColumns c -> typed(entry);
            case Response.MarkOnLine m -> typed(entry);
            case Response.RayOnLine r -> typed(entry);
            case Response.PutInOrder o ->
                Optional.of(new Ordered(ids(entry).map(question::option).toList()));
            case Response.ChooseOne c -> Optional.of(new One(question.option(entry)));
            case Response.PickFromList p -> Optional.of(new One(question.option(entry)));
            case Response.DropLabel d -> Optional.empty();
            case Response.ChooseAll c ->
                Optional.of(new Many(ids(entry).map(question::option).toList()));
            case Response.SelectShapes s ->
                Optional.of(new Many(ids(entry).map(Played::shape).toList()));
            case Response.Shade(Figure.FractionPicture picture) -> count(picture, entry);
            case Response.PlotPoint(Figure.Grid grid) -> spot(grid, entry);
            case Response.PlotLine(Figure.Grid grid) -> line(grid, entry);
            case Response.InkWords i -> Optional.of(new Read());
            case Response.Said s -> Optional.of(new Read());
        };
    }

    /** The name of a shape to choose in a picture. */
    static String shape(String id) {
        return "S_" + id;
    }

    private static Optional<Played> typed(String entry) {
        return Optional.of(new Typed(
                List.of(entry, entry.replace(" ", "")).stream().distinct().toList()));
    }

    private static Stream<String> ids(String entry) {
        return Arrays.stream(entry.split(",")).map(String::strip).filter(id -> !id.isEmpty());
    }

    private static Optional<Played> count(Figure.FractionPicture picture, String entry) {
        return value(entry)
                .map(share -> share.times(Rational.of(picture.cuts().size())))
                .filter(Rational::isInteger)
                .map(areas -> new Count(areas.intValueExact()));
    }

    private static Optional<Played> spot(Figure.Grid grid, String entry) {
        String[] xy = entry.replaceAll("[()\\s]", "").split(",");
        Optional<Rational> x = xy.length == 2 ? value(xy[0]) : Optional.empty();
        Optional<Rational> y = xy.length == 2 ? value(xy[1]) : Optional.empty();
        Plot plot = Scenes.of(grid).plot().orElseThrow();
        return x.isPresent() && y.isPresent()
                ? Optional.of(new Spot(plot.at(near(x.get()), near(y.get())), radius(plot)))
                : Optional.empty();
    }

    private static double near(Rational value) {
        return value.num().doubleValue() / value.den().doubleValue();
    }

    /** A third of the distance between lines: no two crossings share a place. */
    private static double radius(Plot plot) {
        return plot.width() / (plot.xMax() - plot.xMin()) * plot.step() / 3;
    }

    /** Where the line runs through the upright lines of the grid, or through the level ones when it is upright. */
    private static Optional<Played> line(Figure.Grid grid, String equation) {
        Plot plot = Scenes.of(grid).plot().orElseThrow();
        double c = near(difference(equation, 0, 0));
        double a = near(difference(equation, 1, 0)) - c;
        double b = near(difference(equation, 0, 1)) - c;
        List<Point> places = b == 0
                ? steps(plot.yMin(), plot.yMax(), plot.step())
                        .mapToObj(y -> plot.at(-c / a, y))
                        .toList()
                : steps(plot.xMin(), plot.xMax(), plot.step())
                        .filter(x -> inside(plot, -(c + a * x) / b))
                        .mapToObj(x -> plot.at(x, -(c + a * x) / b))
                        .toList();
        return places.size() < 2 ? Optional.empty() : Optional.of(new TwoOf(places, radius(plot)));
    }

    private static DoubleStream steps(double from, double to, double step) {
        return IntStream.rangeClosed(0, (int) Math.round((to - from) / step)).mapToDouble(i -> from + i * step);
    }

    private static boolean inside(Plot plot, double y) {
        return y >= plot.yMin() && y <= plot.yMax();
    }

    /** Left side less right side, with numbers put in. */
    private static Rational difference(String equation, int x, int y) {
        String[] sides =
                equation.replace("x", "(" + x + ")").replace("y", "(" + y + ")").split("=", 2);
        return value(sides[0]).orElseThrow().minus(value(sides[1]).orElseThrow());
    }

    private static Optional<Rational> value(String entry) {
        try {
            return Canonical.of(Parser.expr(entry, Syntax.number())).asRational();
        } catch (MathProblem | IllegalArgumentException noNumber) {
            return Optional.empty();
        }
    }
}
