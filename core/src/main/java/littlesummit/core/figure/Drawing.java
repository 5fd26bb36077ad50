package littlesummit.core.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Puts a scene together, anywhere on an endless paper; the picture is cut around what was drawn. */
final class Drawing {
    private static final double MARGIN = 4;
    private final List<Shape> shapes = new ArrayList<>();
    private final List<Spot> spots = new ArrayList<>();

    Drawing add(Shape shape) {
        shapes.add(shape);
        return this;
    }

    Drawing line(double x1, double y1, double x2, double y2, Stroke stroke) {
        return path(stroke, new Point(x1, y1), new Point(x2, y2));
    }

    Drawing path(Stroke stroke, Point... points) {
        return add(new Shape.Path(List.of(points), false, stroke, Paint.NONE));
    }

    Drawing area(List<Point> corners, Stroke stroke, Paint fill) {
        return add(new Shape.Path(corners, true, stroke, fill));
    }

    Drawing box(double x, double y, double width, double height, Stroke stroke, Paint fill) {
        return area(corners(x, y, width, height), stroke, fill);
    }

    static List<Point> corners(double x, double y, double width, double height) {
        return List.of(
                new Point(x, y), new Point(x + width, y), new Point(x + width, y + height), new Point(x, y + height));
    }

    /** A point, filled or open. */
    Drawing dot(Point at, double radius, Paint paint, boolean open) {
        return add(new Shape.Disc(at, radius, new Stroke(paint, 2.4, false), open ? Paint.PAPER : paint));
    }

    /** Centred at x, standing on y; nothing for an empty text. */
    Drawing text(double x, double y, String text, double size, Shape.Style style) {
        return text.isBlank() ? this : add(new Shape.Text(new Point(x, y), text, size, Shape.Anchor.MIDDLE, style));
    }

    Drawing spot(Spot spot) {
        spots.add(spot);
        return this;
    }

    /** Whether some room is free of texts. */
    boolean isFree(Box box) {
        return shapes.stream()
                .noneMatch(s -> s instanceof Shape.Text && s.bounds().overlaps(box));
    }

    /** Everything of another drawing, moved. */
    Drawing all(Drawing other, double dx, double dy) {
        other.shapes.forEach(s -> shapes.add(s.moved(dx, dy)));
        other.spots.forEach(s -> spots.add(s.moved(dx, dy)));
        return this;
    }

    /** The room that all of it takes. */
    Box bounds() {
        return Stream.concat(shapes.stream().map(Shape::bounds), spots.stream().map(Spot::bounds))
                .reduce(Box::and)
                .orElseThrow();
    }

    Scene scene(String alt) {
        Box box = bounds().wider(MARGIN);
        Drawing moved = new Drawing().all(this, -box.left(), -box.top());
        return new Scene(
                alt, box.right() - box.left(), box.bottom() - box.top(), moved.shapes, moved.spots, Optional.empty());
    }

    /**
     * The same with coordinates.
     *
     * @param plot as it was drawn
     */
    Scene scene(String alt, Plot plot) {
        Box box = bounds().wider(MARGIN);
        Plot moved = new Plot(
                plot.left() - box.left(),
                plot.top() - box.top(),
                plot.width(),
                plot.height(),
                plot.xMin(),
                plot.xMax(),
                plot.yMin(),
                plot.yMax(),
                plot.step());
        Scene scene = scene(alt);
        return new Scene(alt, scene.width(), scene.height(), scene.shapes(), scene.spots(), Optional.of(moved));
    }
}
