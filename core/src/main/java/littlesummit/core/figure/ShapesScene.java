package littlesummit.core.figure;

import java.util.List;
import java.util.stream.IntStream;
import littlesummit.core.item.Figure;

/** Shapes with the marks of equal sides and right angles; many are lettered and stand in rows. */
final class ShapesScene {
    private static final int PER_ROW = 4;
    private static final double CELL = 130;
    private static final double LETTER = 14;
    private static final Stroke EDGE = new Stroke(Paint.INK, 2.4, false);

    private ShapesScene() {}

    static Scene of(Figure.Shapes figure) {
        Drawing all = new Drawing();
        for (int i = 0; i < figure.items().size(); i++) {
            Figure.Polygon shape = figure.items().get(i);
            double left = i % PER_ROW * CELL;
            double top = i / PER_ROW * CELL;
            all.all(draw(shape), left + 16, top);
            all.text(left, top + 8, shape.id(), LETTER, Shape.Style.PLAIN);
        }
        return all.scene(figure.alt());
    }

    static Scene of(Figure.Polygon shape) {
        Drawing drawing = draw(shape);
        // The same room for each, so that the sizes compare.
        drawing.box(0, 0, 100, 100, Stroke.NONE, Paint.NONE);
        return drawing.scene(shape.alt());
    }

    private static Drawing draw(Figure.Polygon shape) {
        Drawing drawing = new Drawing();
        List<Point> corners = IntStream.range(0, shape.corners().size() / 2)
                .mapToObj(i ->
                        new Point(shape.corners().get(2 * i), shape.corners().get(2 * i + 1)))
                .toList();
        int n = corners.size();
        drawing.area(corners, EDGE, Paint.WASH);
        for (int i = 0; i < shape.ticks().size(); i++) {
            if (shape.ticks().get(i) > 0) {
                tick(corners.get(i % n), corners.get((i + 1) % n), drawing);
            }
        }
        shape.right()
                .forEach(i -> square(corners.get(i), corners.get((i + n - 1) % n), corners.get((i + 1) % n), drawing));
        return drawing;
    }

    private static void tick(Point a, Point b, Drawing drawing) {
        double length = Math.hypot(b.x() - a.x(), b.y() - a.y());
        double nx = -(b.y() - a.y()) / length * 5;
        double ny = (b.x() - a.x()) / length * 5;
        Point middle = new Point((a.x() + b.x()) / 2, (a.y() + b.y()) / 2);
        drawing.path(EDGE, middle.moved(-nx, -ny), middle.moved(nx, ny));
    }

    /** The mark of a right angle at a corner between two neighbours. */
    private static void square(Point corner, Point before, Point after, Drawing drawing) {
        double a = 9 / Math.hypot(before.x() - corner.x(), before.y() - corner.y());
        double b = 9 / Math.hypot(after.x() - corner.x(), after.y() - corner.y());
        Point first = corner.moved((before.x() - corner.x()) * a, (before.y() - corner.y()) * a);
        Point second = corner.moved((after.x() - corner.x()) * b, (after.y() - corner.y()) * b);
        drawing.path(
                new Stroke(Paint.INK, 1.5, false),
                first,
                first.moved(second.x() - corner.x(), second.y() - corner.y()),
                second);
    }
}
