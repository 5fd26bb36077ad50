package littlesummit.core.working.ink;

import java.util.List;

/**
 * One movement of a pen over a page.
 *
 * @param id made where it was drawn; the same id is the same stroke
 * @param width of the line at middle pressure, in page units; a page is {@link #PAGE_WIDTH} units wide and as long as
 *     needed
 * @param points in fours: x and y in page units, pressure 0 to 1, milliseconds since the stroke began
 */
public record Stroke(String id, Tool tool, double width, InkColour colour, List<Double> points) {
    public static final int PAGE_WIDTH = 680;
    public static final int MOST_POINTS = 5000;
    /** Numbers that make one point. */
    public static final int FIELDS = 4;

    private static final double FARTHEST = 1_000_000;
    private static final double WIDEST = 100;

    /** What draws. */
    public enum Tool {
        PEN,
        HIGHLIGHTER
    }

    public Stroke {
        points = List.copyOf(points);
        if (id.isBlank() || id.length() > 36) {
            throw new IllegalArgumentException("stroke id '" + id + "'");
        }
        if (points.isEmpty() || points.size() % FIELDS != 0 || points.size() > FIELDS * MOST_POINTS) {
            throw new IllegalArgumentException(points.size() + " numbers for the points of a stroke");
        }
        if (!(width > 0 && width <= WIDEST) || points.stream().anyMatch(n -> !(Math.abs(n) <= FARTHEST))) {
            throw new IllegalArgumentException("a stroke beyond the page");
        }
    }

    public int count() {
        return points.size() / FIELDS;
    }

    public double x(int point) {
        return points.get(FIELDS * point);
    }

    public double y(int point) {
        return points.get(FIELDS * point + 1);
    }

    /** Of the whole way, in units of the sheet. */
    public double length() {
        double length = 0;
        for (int i = 1; i < count(); i++) {
            length += Math.hypot(x(i) - x(i - 1), y(i) - y(i - 1));
        }
        return length;
    }

    /** 0 to 1. */
    public double pressure(int point) {
        return points.get(FIELDS * point + 2);
    }

    /** Since the stroke began. */
    public double millis(int point) {
        return points.get(FIELDS * point + 3);
    }
}
