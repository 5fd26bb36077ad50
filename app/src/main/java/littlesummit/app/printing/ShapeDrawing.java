package littlesummit.app.printing;

import java.awt.geom.Arc2D;
import java.awt.geom.Path2D;
import java.util.List;
import java.util.stream.DoubleStream;
import littlesummit.core.item.Figure;

/** Angles, segments and polygons. */
final class ShapeDrawing {
    static final int PER_ROW = 4;
    private static final double CX = 180;
    private static final double CY = 130;
    private static final double BEYOND = 28;

    private ShapeDrawing() {}

    static void angles(Figure.Angles figure, DrawingPen pen) {
        for (Figure.Ray ray : figure.rays()) {
            double[] start = ray.bothWays() ? at(ray.degrees() + 180, 118) : new double[] {CX, CY};
            double[] end = at(ray.degrees(), 118);
            pen.line(start[0], start[1], end[0], end[1]);
        }
        figure.arcs().forEach(arc -> arc(arc, pen));
        pen.dot(CX, CY, 3, false);
    }

    /** How far down an angle figure reaches: half of it is empty where all rays point up. */
    static double lowest(Figure.Angles figure) {
        DoubleStream ends = figure.rays().stream().flatMapToDouble(ray -> DoubleStream.of(at(ray.degrees(), 118)[1], ray.bothWays() ? at(ray.degrees() + 180, 118)[1] : CY));
        DoubleStream labels = figure.arcs().stream().mapToDouble(arc -> at((arc.from() + arc.to()) / 2, 62)[1] + 6);
        return DoubleStream.concat(ends, labels).max().orElse(CY);
    }

    private static double[] at(double degrees, double radius) {
        return new double[] {CX + radius * Math.cos(Math.toRadians(degrees)), CY - radius * Math.sin(Math.toRadians(degrees))};
    }

    private static void arc(Figure.Arc arc, DrawingPen pen) {
        if (arc.square()) {
            double[] a = at(arc.from(), 14);
            double[] b = at((arc.from() + arc.to()) / 2, 14 * Math.sqrt(2));
            double[] c = at(arc.to(), 14);
            pen.path(a[0], a[1], b[0], b[1], c[0], c[1]);
            return;
        }
        double radius = arc.to() - arc.from() > 120 ? 30 : 40;
        pen.outline(new Arc2D.Double(CX - radius, CY - radius, 2 * radius, 2 * radius, arc.from(), arc.to() - arc.from(), Arc2D.OPEN));
        double[] label = at((arc.from() + arc.to()) / 2, radius + 22);
        pen.text(arc.label(), label[0], label[1] + 6, 18);
    }

    static void straights(List<Figure.Straight> items, DrawingPen pen) {
        for (int i = 0; i < items.size(); i++) {
            straight(items.get(i), 20, 90.0 * i, pen);
        }
    }

    private static void straight(Figure.Straight figure, double left, double top, DrawingPen pen) {
        Figure.Named first = figure.points().getFirst();
        Figure.Named last = figure.points().getLast();
        double ax = left + first.x() * 3;
        double ay = top + first.y();
        double bx = left + last.x() * 3;
        double by = top + last.y();
        double length = Math.hypot(bx - ax, by - ay);
        double ux = (bx - ax) / length;
        double uy = (by - ay) / length;
        double tail = figure.arrowAtStart() ? BEYOND : 0;
        double head = figure.arrowAtEnd() ? BEYOND : 0;
        pen.line(ax - ux * tail, ay - uy * tail, bx + ux * head, by + uy * head);
        if (figure.arrowAtStart()) {
            arrow(ax - ux * tail, ay - uy * tail, -ux, -uy, pen);
        }
        if (figure.arrowAtEnd()) {
            arrow(bx + ux * head, by + uy * head, ux, uy, pen);
        }
        for (Figure.Named p : figure.points()) {
            pen.dot(left + p.x() * 3, top + p.y(), 4, false);
            pen.text(p.name(), left + p.x() * 3, top + p.y() - 11, 16);
        }
        for (int i = 0; i < figure.ticks(); i++) {
            double shift = (i - (figure.ticks() - 1) / 2.0) * 7;
            double mx = (ax + bx) / 2 + ux * shift;
            double my = (ay + by) / 2 + uy * shift;
            pen.line(mx - uy * 8, my + ux * 8, mx + uy * 8, my - ux * 8);
        }
    }

    private static void arrow(double x, double y, double ux, double uy, DrawingPen pen) {
        pen.path(x - ux * 10 - uy * 5, y - uy * 10 + ux * 5, x, y, x - ux * 10 + uy * 5, y - uy * 10 - ux * 5);
    }

    static void shapes(Figure.Shapes figure, DrawingPen pen) {
        for (int i = 0; i < figure.items().size(); i++) {
            double left = 20 + i % PER_ROW * 130;
            double top = 14 + i / PER_ROW * 130;
            Figure.Polygon shape = figure.items().get(i);
            polygon(shape, left, top, pen);
            pen.text(shape.id(), left - 8, top + 8, 14);
        }
    }

    private static void polygon(Figure.Polygon shape, double left, double top, DrawingPen pen) {
        int n = shape.corners().size() / 2;
        double[] x = new double[n];
        double[] y = new double[n];
        Path2D path = new Path2D.Double();
        for (int i = 0; i < n; i++) {
            x[i] = left + shape.corners().get(2 * i);
            y[i] = top + shape.corners().get(2 * i + 1);
            if (i == 0) {
                path.moveTo(x[i], y[i]);
            } else {
                path.lineTo(x[i], y[i]);
            }
        }
        path.closePath();
        pen.outline(path);
        for (int i = 0; i < shape.ticks().size(); i++) {
            if (shape.ticks().get(i) > 0) {
                tick(x[i % n], y[i % n], x[(i + 1) % n], y[(i + 1) % n], pen);
            }
        }
        shape.right().forEach(i -> square(x[i], y[i], x[(i + n - 1) % n], y[(i + n - 1) % n], x[(i + 1) % n], y[(i + 1) % n], pen));
    }

    private static void tick(double ax, double ay, double bx, double by, DrawingPen pen) {
        double length = Math.hypot(bx - ax, by - ay);
        double nx = -(by - ay) / length * 5;
        double ny = (bx - ax) / length * 5;
        pen.line((ax + bx) / 2 - nx, (ay + by) / 2 - ny, (ax + bx) / 2 + nx, (ay + by) / 2 + ny);
    }

    /** The mark of a right angle at a corner between two neighbours. */
    private static void square(double x, double y, double ax, double ay, double bx, double by, DrawingPen pen) {
        double a = 9 / Math.hypot(ax - x, ay - y);
        double b = 9 / Math.hypot(bx - x, by - y);
        pen.path(x + (ax - x) * a, y + (ay - y) * a, x + (ax - x) * a + (bx - x) * b, y + (ay - y) * a + (by - y) * b, x + (bx - x) * b, y + (by - y) * b);
    }
}
