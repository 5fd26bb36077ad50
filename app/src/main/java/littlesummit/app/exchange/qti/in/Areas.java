package littlesummit.app.exchange.qti.in;

import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.w3c.dom.Element;

/** Places on a picture: their shapes are those of areas in HTML, in the pixels that the item counts in. */
final class Areas {
    private static final int CORNERS = 24;
    private final Pictures.Shown shown;

    Areas(Pictures.Shown shown) {
        this.shown = shown;
    }

    /** Corners of a place, x and y in turn, in pixels of the picture as it is kept; empty for what is no such place. */
    Optional<List<Double>> corners(Element place) {
        try {
            List<Double> at = Stream.of(place.getAttribute("coords").strip().split("\\s*,\\s*"))
                    .map(Double::valueOf)
                    .toList();
            List<Double> corners = scaled(outline(place.getAttribute("shape"), at));
            return corners.size() >= 6 && corners.size() % 2 == 0 ? Optional.of(corners) : Optional.empty();
        } catch (NumberFormatException | IndexOutOfBoundsException unsound) {
            return Optional.empty();
        }
    }

    private static List<Double> outline(String shape, List<Double> at) {
        return switch (shape) {
            case "rect" ->
                List.of(at.get(0), at.get(1), at.get(2), at.get(1), at.get(2), at.get(3), at.get(0), at.get(3));
            case "circle" -> round(at.get(0), at.get(1), at.get(2), at.get(2));
            case "ellipse" -> round(at.get(0), at.get(1), at.get(2), at.get(3));
            case "poly" -> at;
            default -> List.of();
        };
    }

    private static List<Double> round(double x, double y, double across, double upwards) {
        return IntStream.range(0, CORNERS)
                .mapToObj(i -> 2 * Math.PI * i / CORNERS)
                .flatMap(angle -> Stream.of(x + across * Math.cos(angle), y + upwards * Math.sin(angle)))
                .toList();
    }

    /** What lies outside of the picture is drawn at its edge. */
    private List<Double> scaled(List<Double> corners) {
        double across = shown.picture().width() / shown.wide();
        double upwards = shown.picture().height() / shown.high();
        return IntStream.range(0, corners.size())
                .mapToObj(i -> i % 2 == 0
                        ? within(corners.get(i) * across, shown.picture().width())
                        : within(corners.get(i) * upwards, shown.picture().height()))
                .toList();
    }

    private static double within(double place, int edge) {
        return Math.clamp(Math.round(place * 10) / 10.0, 0, edge);
    }

    /** The same place mirrored from side to side, from top to bottom, and both. */
    List<List<Double>> mirrored(List<Double> corners) {
        return Stream.of(new boolean[] {true, false}, new boolean[] {false, true}, new boolean[] {true, true})
                .map(way -> IntStream.range(0, corners.size())
                        .mapToObj(i -> way[i % 2] ? size(i) - corners.get(i) : corners.get(i))
                        .toList())
                .toList();
    }

    private int size(int i) {
        return i % 2 == 0 ? shown.picture().width() : shown.picture().height();
    }

    /** Whether the boxes around two places have something in common. */
    static boolean overlap(List<Double> a, List<Double> b) {
        return IntStream.of(0, 1).allMatch(axis -> least(a, axis) <= most(b, axis) && least(b, axis) <= most(a, axis));
    }

    static double least(List<Double> corners, int axis) {
        return along(corners, axis).min().orElseThrow();
    }

    private static double most(List<Double> corners, int axis) {
        return along(corners, axis).max().orElseThrow();
    }

    private static DoubleStream along(List<Double> corners, int axis) {
        return IntStream.range(0, corners.size() / 2).mapToDouble(i -> corners.get(2 * i + axis));
    }
}
