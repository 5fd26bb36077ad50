package littlesummit.app.exchange.qti;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
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

    private static Optional<Played> line(Figure.Grid grid, String equation) {
        Plot plot = Scenes.of(grid).plot().orElseThrow();
        List<Point> places = IntStream.rangeClosed(0, (int) Math.round((plot.xMax() - plot.xMin()) / plot.step()))
                .mapToObj(i -> plot.xMin() + i * plot.step())
                .flatMap(x -> IntStream.rangeClosed(0, (int) Math.round((plot.yMax() - plot.yMin()) / plot.step()))
                        .mapToObj(i -> plot.yMin() + i * plot.step())
                        .filter(y -> holds(equation, x, y))
                        .map(y -> plot.at(x, y)))
                .toList();
        return places.size() < 2 ? Optional.empty() : Optional.of(new TwoOf(places, radius(plot)));
    }

    private static boolean holds(String equation, double x, double y) {
        String[] sides = equation.replace("x", "(" + text(x) + ")")
                .replace("y", "(" + text(y) + ")")
                .split("=", 2);
        return sides.length == 2
                && value(sides[0]).isPresent()
                && value(sides[0]).equals(value(sides[1]));
    }

    private static String text(double value) {
        return BigDecimal.valueOf(value).stripTrailingZeros().toPlainString();
    }

    private static Optional<Rational> value(String entry) {
        try {
            return Canonical.of(Parser.expr(entry, Syntax.number())).asRational();
        } catch (MathProblem | IllegalArgumentException noNumber) {
            return Optional.empty();
        }
    }
}
