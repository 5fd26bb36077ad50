package littlesummit.app.printing;

import java.awt.geom.Rectangle2D;
import java.util.List;
import littlesummit.core.item.Figure;

/** A coordinate grid with what is drawn on it. */
final class GridDrawing {
    private static final double SIZE = 400;
    private final Figure.Grid grid;
    private final DrawingPen pen;

    private GridDrawing(Figure.Grid grid, DrawingPen pen) {
        this.grid = grid;
        this.pen = pen;
    }

    static void draw(Figure.Grid grid, DrawingPen pen) {
        GridDrawing drawing = new GridDrawing(grid, pen);
        drawing.lines();
        DrawingPen inside = new DrawingPen(pen.clipped(new Rectangle2D.Double(0, 0, SIZE, SIZE)), pen.font());
        GridDrawing content = new GridDrawing(grid, inside);
        grid.drawn().forEach(content::drawn);
    }

    private double x(double value) {
        return (value - grid.xMin()) / (grid.xMax() - grid.xMin()) * SIZE;
    }

    private double y(double value) {
        return SIZE - (value - grid.yMin()) / (grid.yMax() - grid.yMin()) * SIZE;
    }

    private void lines() {
        for (double v = grid.xMin(); v <= grid.xMax() + 1e-9; v += grid.step()) {
            pen.thin(x(v), 0, x(v), SIZE);
        }
        for (double v = grid.yMin(); v <= grid.yMax() + 1e-9; v += grid.step()) {
            pen.thin(0, y(v), SIZE, y(v));
        }
        pen.line(0, y(0), SIZE, y(0));
        pen.line(x(0), 0, x(0), SIZE);
        for (int v : new int[] {-10, -5, 5, 10}) {
            if (v > grid.xMin() && v < grid.xMax()) {
                pen.text(Integer.toString(v), x(v), y(0) + 19, 17);
                pen.text(Integer.toString(v), x(0) - 12, y(v) + 4, 17);
            }
        }
    }

    private void drawn(Figure.Drawn drawn) {
        switch (drawn) {
            case Figure.Drawn.Point(double px, double py, String label) -> pen.dot(x(px), y(py), 5, false);
            case Figure.Drawn.Hole(double px, double py) -> pen.dot(x(px), y(py), 5, true);
            case Figure.Drawn.Circle(double cx, double cy, double radius) -> pen.circle(x(cx), y(cy), x(radius) - x(0));
            case Figure.Drawn.Curve(List<List<Double>> branches) -> branches.forEach(this::branch);
            case Figure.Drawn.Asymptote a when a.b() == 0 -> pen.dashed(x(a.c() / a.a()), 0, x(a.c() / a.a()), SIZE);
            case Figure.Drawn.Asymptote a -> pen.dashed(0, y((a.c() - a.a() * grid.xMin()) / a.b()), SIZE, y((a.c() - a.a() * grid.xMax()) / a.b()));
        }
    }

    private void branch(List<Double> points) {
        double[] xy = new double[points.size()];
        for (int i = 0; i + 1 < xy.length; i += 2) {
            xy[i] = x(points.get(i));
            xy[i + 1] = y(points.get(i + 1));
        }
        pen.path(xy);
    }
}
