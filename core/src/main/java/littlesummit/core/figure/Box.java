package littlesummit.core.figure;

import java.util.Collection;

/** A rectangle along the axes, in units of the scene. */
public record Box(double left, double top, double right, double bottom) {
    static Box around(Collection<Point> points) {
        return new Box(
                points.stream().mapToDouble(Point::x).min().orElseThrow(),
                points.stream().mapToDouble(Point::y).min().orElseThrow(),
                points.stream().mapToDouble(Point::x).max().orElseThrow(),
                points.stream().mapToDouble(Point::y).max().orElseThrow());
    }

    /** A square with its middle at a point. */
    static Box around(double x, double y, double radius) {
        return new Box(x - radius, y - radius, x + radius, y + radius);
    }

    Box and(Box other) {
        return new Box(
                Math.min(left, other.left),
                Math.min(top, other.top),
                Math.max(right, other.right),
                Math.max(bottom, other.bottom));
    }

    /** Larger by so much on each side. */
    Box wider(double by) {
        return new Box(left - by, top - by, right + by, bottom + by);
    }

    Box moved(double dx, double dy) {
        return new Box(left + dx, top + dy, right + dx, bottom + dy);
    }

    /** Whether the two have more in common than an edge. */
    public boolean overlaps(Box other) {
        return left < other.right && other.left < right && top < other.bottom && other.top < bottom;
    }

    /** Whether the other lies in it, edges included, up to a rounding error. */
    public boolean holds(Box other) {
        double slack = 1e-6;
        return other.left >= left - slack
                && other.top >= top - slack
                && other.right <= right + slack
                && other.bottom <= bottom + slack;
    }
}
