package littlesummit.core.figure;

import java.util.List;
import java.util.stream.IntStream;
import littlesummit.core.item.Figure;

/** A picture of pixels, no larger than a page has room for, with its areas outlined and lettered. */
final class ImageScene {
    private static final double WIDEST = 520;
    private static final double HIGHEST = 400;
    private static final double LETTER = 16;
    private static final double ROOM = 22;
    private static final Stroke RIM = new Stroke(Paint.PAPER, 4.5, false);
    private static final Stroke EDGE = new Stroke(Paint.INK, 2, false);

    private ImageScene() {}

    static Scene of(Figure.Image image) {
        double scale = Math.min(1, Math.min(WIDEST / image.width(), HIGHEST / image.height()));
        Drawing drawing = new Drawing()
                .add(new Shape.Image(new Point(0, 0), image.width() * scale, image.height() * scale, image.data()));
        image.areas().forEach(area -> outline(area, scale, drawing));
        image.areas().forEach(area -> letter(area, scale, drawing));
        return drawing.scene(image.alt());
    }

    private static List<Point> corners(Figure.Polygon area, double scale) {
        return IntStream.range(0, area.corners().size() / 2)
                .mapToObj(i -> new Point(
                        area.corners().get(2 * i) * scale, area.corners().get(2 * i + 1) * scale))
                .toList();
    }

    /** A dark line on a light one is seen on any picture. */
    private static void outline(Figure.Polygon area, double scale, Drawing drawing) {
        List<Point> corners = corners(area, scale);
        drawing.area(corners, RIM, Paint.NONE);
        drawing.area(corners, EDGE, Paint.NONE);
    }

    /** In the middle of the area, or beside it where another letter stands there. */
    private static void letter(Figure.Polygon area, double scale, Drawing drawing) {
        Box box = Box.around(corners(area, scale));
        double x = (box.left() + box.right()) / 2;
        double y = (box.top() + box.bottom()) / 2;
        while (!drawing.isFree(label(x, y))) {
            x += ROOM;
        }
        drawing.box(x - ROOM / 2, y - ROOM / 2, ROOM, ROOM, EDGE, Paint.PAPER);
        drawing.text(x, y + LETTER * 0.36, area.id(), LETTER, Shape.Style.BOLD);
    }

    private static Box label(double x, double y) {
        return new Box(x - ROOM / 2, y - ROOM / 2, x + ROOM / 2, y + ROOM / 2);
    }
}
