package littlesummit.app.shown;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import littlesummit.core.figure.Plot;
import littlesummit.core.figure.Point;
import littlesummit.core.figure.Scene;
import littlesummit.core.figure.Scenes;
import littlesummit.core.figure.Shape;
import littlesummit.core.figure.Spot;
import littlesummit.core.figure.Stroke;
import littlesummit.core.item.Figure;

/**
 * A picture, ready to draw; see {@link Scene} for its units.
 *
 * @param shapes in their order, the later ones on top
 * @param plot of a grid, where a coordinate stands
 */
public record ShownScene(
        String alt,
        double width,
        double height,
        List<ShownShape> shapes,
        List<ShownSpot> spots,
        Optional<ShownPlot> plot) {
    /** @param paint of the line, NONE for none */
    public record ShownStroke(ShownPaint paint, double width, boolean dashed) {
        static ShownStroke of(Stroke stroke) {
            return new ShownStroke(ShownPaint.valueOf(stroke.paint().name()), stroke.width(), stroke.dashed());
        }
    }

    /** Colours by their meaning, as in core. */
    public enum ShownPaint {
        NONE,
        INK,
        SOFT,
        GRID,
        MAIN,
        OTHER,
        HAND,
        PAPER,
        WASH,
        SAND,
        HATCH
    }

    public enum ShownAnchor {
        START,
        MIDDLE,
        END
    }

    public enum ShownStyle {
        PLAIN,
        BOLD,
        SOFT,
        LETTER
    }

    public enum ShownSpotKind {
        AREA,
        FIELD,
        UNIT,
        TICK
    }

    /** A piece of a picture. Lists of points alternate x and y. */
    public sealed interface ShownShape {
        record Path(List<Double> points, boolean closed, ShownStroke stroke, ShownPaint fill) implements ShownShape {}

        record Arc(double x, double y, double radius, double from, double to, ShownStroke stroke)
                implements ShownShape {}

        record Disc(double x, double y, double radius, ShownStroke stroke, ShownPaint fill) implements ShownShape {}

        record Text(double x, double y, String text, double size, ShownAnchor anchor, ShownStyle style)
                implements ShownShape {}

        /** @param data a data URL */
        record Image(double x, double y, double width, double height, String data) implements ShownShape {}
    }

    /** A place with a behaviour. */
    public record ShownSpot(ShownSpotKind kind, String id, String label, List<Double> outline, boolean marked) {}

    public record ShownPlot(
            double left,
            double top,
            double width,
            double height,
            double xMin,
            double xMax,
            double yMin,
            double yMax,
            double step) {}

    public static ShownScene of(Figure figure) {
        return of(Scenes.of(figure));
    }

    static ShownScene of(Scene scene) {
        return new ShownScene(
                scene.alt(),
                round(scene.width()),
                round(scene.height()),
                scene.shapes().stream().map(ShownScene::of).toList(),
                scene.spots().stream().map(ShownScene::of).toList(),
                scene.plot().map(ShownScene::of));
    }

    private static ShownShape of(Shape shape) {
        return switch (shape) {
            case Shape.Path(var points, boolean closed, Stroke stroke, var fill) ->
                new ShownShape.Path(flat(points), closed, ShownStroke.of(stroke), ShownPaint.valueOf(fill.name()));
            case Shape.Arc(Point c, double radius, double from, double to, Stroke stroke) ->
                new ShownShape.Arc(round(c.x()), round(c.y()), radius, from, to, ShownStroke.of(stroke));
            case Shape.Disc(Point c, double radius, Stroke stroke, var fill) ->
                new ShownShape.Disc(
                        round(c.x()),
                        round(c.y()),
                        round(radius),
                        ShownStroke.of(stroke),
                        ShownPaint.valueOf(fill.name()));
            case Shape.Text(Point at, String text, double size, var anchor, var style) ->
                new ShownShape.Text(
                        round(at.x()),
                        round(at.y()),
                        text,
                        size,
                        ShownAnchor.valueOf(anchor.name()),
                        ShownStyle.valueOf(style.name()));
            case Shape.Image(Point at, double width, double height, String data) ->
                new ShownShape.Image(round(at.x()), round(at.y()), round(width), round(height), data);
        };
    }

    private static ShownSpot of(Spot spot) {
        return new ShownSpot(
                ShownSpotKind.valueOf(spot.kind().name()),
                spot.id(),
                spot.label(),
                flat(spot.outline()),
                spot.marked());
    }

    private static ShownPlot of(Plot p) {
        return new ShownPlot(
                p.left(), p.top(), p.width(), p.height(), p.xMin(), p.xMax(), p.yMin(), p.yMax(), p.step());
    }

    private static List<Double> flat(List<Point> points) {
        return points.stream()
                .flatMap(p -> Stream.of(round(p.x()), round(p.y())))
                .toList();
    }

    /** A hundredth of a pixel is enough, and short to send. */
    private static double round(double length) {
        return Math.round(length * 100) / 100.0;
    }
}
