package littlesummit.content.code.shape;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import littlesummit.core.item.Figure;
import littlesummit.core.skill.Draw;

/**
 * A named kind of shape with its corners.
 *
 * @param corners x and y alternating, in a square of 100
 * @param pairs how many pairs of parallel sides there are
 */
record Outline(String name, List<Double> corners, boolean rightAngle, boolean allSidesEqual, int pairs) {
    private static final List<Outline> ALL = List.of(
            of("square", true, true, 2, 20, 20, 80, 20, 80, 80, 20, 80),
            of("rectangle", true, false, 2, 10, 30, 90, 30, 90, 70, 10, 70),
            of("rhombus", false, true, 2, 50, 8, 82, 50, 50, 92, 18, 50),
            of("parallelogram", false, false, 2, 8, 75, 62, 75, 92, 25, 38, 25),
            of("trapezium", false, false, 1, 10, 78, 90, 78, 66, 25, 34, 25),
            of("right trapezium", true, false, 1, 15, 80, 85, 80, 55, 25, 15, 25),
            of("kite", false, false, 0, 50, 8, 80, 36, 50, 94, 20, 36),
            of("arrowhead", false, false, 0, 50, 10, 85, 85, 50, 60, 15, 85),
            of("right triangle", true, false, 0, 15, 82, 85, 82, 15, 22),
            of("equilateral triangle", false, true, 0, 10, 80, 90, 80, 50, 10.7),
            of("scalene triangle", false, false, 0, 8, 78, 92, 70, 40, 18),
            of("thin triangle", false, false, 0, 8, 60, 92, 50, 60, 72),
            of("pentagon", false, false, 0, 50, 8, 90, 38, 74, 88, 20, 80, 12, 36),
            of("house", true, false, 1, 50, 10, 85, 40, 85, 88, 15, 88, 15, 40),
            of("hexagon", false, true, 3, 50, 6, 88, 28, 88, 72, 50, 94, 12, 72, 12, 28));

    private static Outline of(String name, boolean right, boolean equal, int pairs, double... corners) {
        List<Double> list = new ArrayList<>();
        for (double c : corners) {
            list.add(c);
        }
        return new Outline(name, list, right, equal, pairs);
    }

    static List<Outline> draw(int count, Draw draw) {
        return draw.shuffled(ALL).subList(0, count);
    }

    boolean parallel() {
        return pairs > 0;
    }

    int sides() {
        return corners.size() / 2;
    }

    /**
     * Turned around its middle.
     *
     * @param degrees counter-clockwise
     * @param id of the option
     */
    Figure.Polygon turned(double degrees, String id, boolean marks) {
        double cos = Math.cos(Math.toRadians(degrees));
        double sin = Math.sin(Math.toRadians(degrees));
        List<Double> turned = new ArrayList<>();
        for (int i = 0; i < corners.size(); i += 2) {
            double x = corners.get(i) - 50;
            double y = corners.get(i + 1) - 50;
            turned.add(Math.round(10 * (50 + x * cos - y * sin)) / 10.0);
            turned.add(Math.round(10 * (50 + x * sin + y * cos)) / 10.0);
        }
        List<Integer> ticks = Collections.nCopies(sides(), marks && allSidesEqual ? 1 : 0);
        return new Figure.Polygon(id, alt(), turned, ticks, marks ? rightCorners() : List.of());
    }

    /** What is seen, without the name of the kind. */
    private String alt() {
        int right = rightAngle ? rightCorners().size() : 0;
        return sides() + " sides" + (allSidesEqual ? ", all equally long" : "")
                + (right == 0 ? ", no right angle" : right == 1 ? ", 1 right angle" : ", " + right + " right angles")
                + (pairs == 0
                        ? ""
                        : pairs == 1 ? ", 1 pair of parallel sides" : ", " + pairs + " pairs of parallel sides");
    }

    private List<Integer> rightCorners() {
        List<Integer> right = new ArrayList<>();
        int n = sides();
        for (int i = 0; i < n; i++) {
            double ax = corners.get(2 * ((i + n - 1) % n)) - corners.get(2 * i);
            double ay = corners.get(2 * ((i + n - 1) % n) + 1) - corners.get(2 * i + 1);
            double bx = corners.get(2 * ((i + 1) % n)) - corners.get(2 * i);
            double by = corners.get(2 * ((i + 1) % n) + 1) - corners.get(2 * i + 1);
            if (Math.abs(ax * bx + ay * by) < 1e-6) {
                right.add(i);
            }
        }
        return right;
    }
}
