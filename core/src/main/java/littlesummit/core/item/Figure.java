package littlesummit.core.item;

import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/**
 * A picture as numbers and labels; the screen draws it. Every one carries a text alternative that leaves out no fact.
 */
public sealed interface Figure {
    /** What the picture shows, in words. */
    String alt();

    /**
     * One bar cut into pieces.
     *
     * @param total label of the whole
     * @param pieces from left to right
     */
    record Bar(String alt, String total, List<Piece> pieces) implements Figure {}

    /**
     * @param size share of the bar, in any unit common to all pieces
     * @param slot id of the field placed here, or empty
     */
    record Piece(double size, String label, boolean shaded, String slot) {}

    /**
     * Wholes cut into parts.
     *
     * @param shape bar or circle
     * @param cuts sizes of the parts of one whole, in any common unit
     */
    record FractionPicture(String alt, Shape shape, int wholes, List<Double> cuts, int shaded) implements Figure {}

    enum Shape {
        BAR,
        CIRCLE
    }

    /**
     * @param marks labelled places
     * @param step distance of the small ticks
     * @param endsOnly whether only the two ends are numbered, so that the others have to be worked out
     */
    record NumberLine(String alt, double from, double to, double step, List<Mark> marks, boolean endsOnly)
            implements Figure {
        public NumberLine(String alt, double from, double to, double step, List<Mark> marks) {
            this(alt, from, to, step, marks, false);
        }
    }

    record Mark(double at, String label, boolean open) {}

    /**
     * Lines or rays from one point.
     *
     * @param rays directions in degrees counter-clockwise from the right
     * @param arcs marked angles
     */
    record Angles(String alt, List<Ray> rays, List<Arc> arcs) implements Figure {}

    record Ray(double degrees, String label, boolean bothWays) {}

    /** @param square whether the right-angle mark is drawn */
    record Arc(double from, double to, String label, boolean square) {}

    /** A segment, ray or line with named points. */
    record Straight(String alt, List<Named> points, boolean arrowAtStart, boolean arrowAtEnd, int ticks)
            implements Figure {}

    record Named(String name, double x, double y) {}

    /** Several segments to compare. */
    record Straights(String alt, List<Straight> items) implements Figure {}

    /** Many shapes in one picture. */
    record Shapes(String alt, List<Polygon> items) implements Figure {}

    /**
     * @param corners alternating x and y
     * @param ticks tick marks on each side, 0 for none
     * @param right corners with a right-angle mark
     */
    record Polygon(String id, String alt, List<Double> corners, List<Integer> ticks, List<Integer> right) {
        public Polygon called(String other) {
            return new Polygon(other, alt, corners, ticks, right);
        }
    }

    /** A coordinate grid. */
    record Grid(String alt, double xMin, double xMax, double yMin, double yMax, double step, List<Drawn> drawn)
            implements Figure {}

    /** What is drawn on a grid. */
    sealed interface Drawn {
        /**
         * A filled point.
         *
         * @param label beside it; may be empty
         */
        record Point(double x, double y, String label) implements Drawn {}

        record Circle(double x, double y, double radius) implements Drawn {}

        /** A point that is left out of a curve: an open circle. */
        record Hole(double x, double y) implements Drawn {}

        /** A curve in branches of points, x and y alternating. */
        record Curve(List<List<Double>> branches) implements Drawn {}

        /** The line a·x + b·y = c. */
        record Line(double a, double b, double c, boolean dashed) implements Drawn {}

        /**
         * The line a·x + b·y = c, dashed, that a curve comes near.
         *
         * @param label its equation; not drawn, since it may be what is asked
         */
        record Asymptote(double a, double b, double c, String label) implements Drawn {}
    }

    /**
     * A balance.
     *
     * @param left labels on the left pan
     */
    record Balance(String alt, List<String> left, List<String> right, boolean level) implements Figure {}

    /** A dial or display that shows a mass. */
    record Scale(String alt, double max, double step, double reading, String unit) implements Figure {}

    /**
     * An object to measure.
     *
     * @param length in units
     * @param start where it begins on the strip, in units
     */
    record Measured(String alt, String object, String unit, double length, double start) implements Figure {}

    /**
     * A picture that came as pixels.
     *
     * @param data the whole picture as a data URL (RFC 2397), a PNG or a JPEG
     * @param width in pixels of the picture, as is the height
     * @param areas outlined and lettered on it, in pixels from its upper left corner
     */
    record Image(String alt, String data, int width, int height, List<Polygon> areas) implements Figure {
        private static final Pattern DATA = Pattern.compile("data:image/(png|jpeg);base64,[A-Za-z0-9+/]+={0,2}");
        private static final int LARGEST = 4000;

        /** @throws IllegalArgumentException when it is no such picture */
        public Image {
            areas = List.copyOf(areas);
            if (!DATA.matcher(data).matches()) {
                throw new IllegalArgumentException("A picture is a PNG or a JPEG, written as a data URL.");
            }
            if (width < 1 || height < 1 || width > LARGEST || height > LARGEST) {
                throw new IllegalArgumentException("A picture is from 1 to " + LARGEST + " pixels wide and high.");
            }
            int right = width;
            int bottom = height;
            if (!areas.stream().allMatch(area -> isWithin(area.corners(), right, bottom))) {
                throw new IllegalArgumentException("An area has at least three corners, all of them in the picture.");
            }
        }

        private static boolean isWithin(List<Double> corners, int right, int bottom) {
            return corners.size() >= 6
                    && corners.size() % 2 == 0
                    && IntStream.range(0, corners.size())
                            .allMatch(i -> corners.get(i) >= 0 && corners.get(i) <= (i % 2 == 0 ? right : bottom));
        }
    }
}
