package littlesummit.core.template;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import littlesummit.core.item.Figure;

/**
 * Reads shapes by their corners, x and y in turn, in any unit and with y upwards. All of a picture are drawn to one
 * scale, so that their sizes compare.
 */
final class PolygonReader {
    /** The width and height that a picture has for each shape. */
    private static final double ROOM = 100;

    private static final int FEWEST = 3;
    private static final int MOST = 12;
    private final FigureKeys read;

    PolygonReader(FigureKeys read) {
        this.read = read;
    }

    Made<Figure> read(Keys keys) {
        Made<String> alt = read.text(keys, "alt");
        Made<List<Figure.Polygon>> shapes = read.list(keys, "shapes", "A polygon", this::shape);
        Place at = keys.at();
        return making -> new Figure.Shapes(alt.make(making), toScale(shapes.make(making), at));
    }

    private Made<Figure.Polygon> shape(Keys keys) {
        String id = keys.text("id", "shape");
        Made<String> alt = read.text(keys, "alt", "");
        int numbers = keys.list("corners").size();
        int corners = numbers / 2;
        if (numbers % 2 == 1 || corners < FEWEST || corners > MOST) {
            throw new Refused(
                    keys.at(),
                    "A shape has from " + FEWEST + " to " + MOST + " “corners”: two numbers for each, x and y.");
        }
        Made<List<Double>> at = read.numbers(keys, "corners", numbers);
        Made<List<Double>> ticks =
                read.numbers(keys, "ticks", keys.list("ticks").size());
        Made<List<Double>> right =
                read.numbers(keys, "right", keys.list("right").size());
        Place place = keys.at();
        return making -> new Figure.Polygon(
                id,
                alt.make(making),
                at.make(making),
                ticks.make(making).stream().map(Double::intValue).toList(),
                right.make(making).stream().map(n -> corner(n, corners, place)).toList());
    }

    /** Counted from 1 in a document, from 0 in a figure. */
    private static int corner(double number, int corners, Place at) {
        if (number < 1 || number > corners || number != Math.rint(number)) {
            throw new Unmade(at, "The corners that are right angles are counted from 1 to " + corners + ".");
        }
        return (int) number - 1;
    }

    private static List<Figure.Polygon> toScale(List<Figure.Polygon> shapes, Place at) {
        double largest = shapes.stream()
                .flatMap(shape -> List.of(spread(shape, 0), spread(shape, 1)).stream())
                .mapToDouble(Spread::size)
                .max()
                .orElse(0);
        if (largest <= 0) {
            throw new Unmade(at, "The corners of the shapes lie in one place.");
        }
        return shapes.stream().map(shape -> moved(shape, ROOM / largest)).toList();
    }

    private record Spread(double from, double to) {
        double size() {
            return to - from;
        }

        double middle() {
            return (from + to) / 2;
        }
    }

    /** @param axis 0 for x, 1 for y */
    private static Spread spread(Figure.Polygon shape, int axis) {
        var numbers = IntStream.range(0, shape.corners().size() / 2)
                .mapToDouble(i -> shape.corners().get(2 * i + axis))
                .summaryStatistics();
        return new Spread(numbers.getMin(), numbers.getMax());
    }

    /** Into the middle of its room, with y downwards as in every picture. */
    private static Figure.Polygon moved(Figure.Polygon shape, double scale) {
        double middleX = spread(shape, 0).middle();
        double middleY = spread(shape, 1).middle();
        List<Double> corners = new ArrayList<>();
        for (int i = 0; i < shape.corners().size(); i += 2) {
            corners.add(tenths(ROOM / 2 + (shape.corners().get(i) - middleX) * scale));
            corners.add(tenths(ROOM / 2 - (shape.corners().get(i + 1) - middleY) * scale));
        }
        return new Figure.Polygon(shape.id(), shape.alt(), corners, shape.ticks(), shape.right());
    }

    private static double tenths(double number) {
        return Math.round(10 * number) / 10.0;
    }
}
