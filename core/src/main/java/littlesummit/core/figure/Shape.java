package littlesummit.core.figure;

import java.util.List;
import java.util.stream.IntStream;

/** A piece of a scene. Lengths are in units of the scene; angles in degrees, counter-clockwise from the right. */
public sealed interface Shape {
    /** The room that it takes, with half the width of its line. */
    Box bounds();

    /** The same somewhere else. */
    Shape moved(double dx, double dy);

    /** A stroke through points, or an area when it is closed. */
    record Path(List<Point> points, boolean closed, Stroke stroke, Paint fill) implements Shape {
        public Path {
            points = List.copyOf(points);
        }

        @Override
        public Box bounds() {
            return Box.around(points).wider(stroke.width() / 2);
        }

        @Override
        public Shape moved(double dx, double dy) {
            return new Path(points.stream().map(p -> p.moved(dx, dy)).toList(), closed, stroke, fill);
        }
    }

    /** Part of a circle's line, from one angle on to another. */
    record Arc(Point centre, double radius, double from, double to, Stroke stroke) implements Shape {
        private static final int STEPS = 36;

        @Override
        public Box bounds() {
            return Box.around(points()).wider(stroke.width() / 2);
        }

        private List<Point> points() {
            return IntStream.rangeClosed(0, STEPS)
                    .mapToObj(i -> centre.at(from + (to - from) * i / STEPS, radius))
                    .toList();
        }

        @Override
        public Shape moved(double dx, double dy) {
            return new Arc(centre.moved(dx, dy), radius, from, to, stroke);
        }
    }

    record Disc(Point centre, double radius, Stroke stroke, Paint fill) implements Shape {
        @Override
        public Box bounds() {
            return Box.around(centre.x(), centre.y(), radius + stroke.width() / 2);
        }

        @Override
        public Shape moved(double dx, double dy) {
            return new Disc(centre.moved(dx, dy), radius, stroke, fill);
        }
    }

    /**
     * Words or numbers, with a rim of paper around each letter where something runs behind.
     *
     * @param at where it stands: on the base line, at its beginning, middle or end as the anchor says
     * @param size height of the letters' box
     */
    record Text(Point at, String text, double size, Anchor anchor, Style style) implements Shape {
        @Override
        public Box bounds() {
            double width = TextWidth.of(text, size, style);
            double left =
                    switch (anchor) {
                        case START -> at.x();
                        case MIDDLE -> at.x() - width / 2;
                        case END -> at.x() - width;
                    };
            return new Box(left, at.y() - 0.76 * size, left + width, at.y() + 0.22 * size);
        }

        @Override
        public Shape moved(double dx, double dy) {
            return new Text(at.moved(dx, dy), text, size, anchor, style);
        }
    }

    /**
     * A picture of pixels.
     *
     * @param at its upper left corner
     * @param data a data URL (RFC 2397), a PNG or a JPEG
     */
    record Image(Point at, double width, double height, String data) implements Shape {
        @Override
        public Box bounds() {
            return new Box(at.x(), at.y(), at.x() + width, at.y() + height);
        }

        @Override
        public Shape moved(double dx, double dy) {
            return new Image(at.moved(dx, dy), width, height, data);
        }
    }

    enum Anchor {
        START,
        MIDDLE,
        END
    }

    /** How letters look: as in a sentence, heavier, lighter, or as a letter of mathematics. */
    enum Style {
        PLAIN,
        BOLD,
        SOFT,
        LETTER
    }
}
