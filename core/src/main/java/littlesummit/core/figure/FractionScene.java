package littlesummit.core.figure;

import java.util.ArrayList;
import java.util.List;
import littlesummit.core.item.Figure;

/** Wholes cut into parts, each part a spot. */
final class FractionScene {
    private static final double SIZE = 120;
    private static final double GAP = 14;
    private static final double BAR_WIDTH = 300;
    private static final double BAR_HEIGHT = 64;
    private static final int CIRCLES_A_ROW = 3;
    private static final double DEGREES_A_STEP = 3;
    private static final Stroke EDGE = new Stroke(Paint.INK, 1.6, false);

    private FractionScene() {}

    static Scene of(Figure.FractionPicture figure) {
        Drawing drawing = new Drawing();
        double sum = figure.cuts().stream().mapToDouble(c -> c).sum();
        int number = 0;
        for (int whole = 0; whole < figure.wholes(); whole++) {
            Point corner = corner(figure.shape(), whole);
            double from = 0;
            for (int i = 0; i < figure.cuts().size(); i++) {
                double to = from + figure.cuts().get(i) / sum;
                List<Point> outline = outline(figure.shape(), corner, from, to);
                boolean shaded = number < figure.shaded();
                drawing.area(outline, EDGE, shaded ? Paint.HATCH : Paint.PAPER);
                drawing.spot(new Spot(
                        Spot.Kind.AREA,
                        String.valueOf(number),
                        "part " + (i + 1) + " of whole " + (whole + 1),
                        outline,
                        shaded));
                from = to;
                number++;
            }
        }
        return drawing.scene(figure.alt());
    }

    private static Point corner(Figure.Shape shape, int whole) {
        return switch (shape) {
            case BAR -> new Point(0, whole * (BAR_HEIGHT + GAP));
            case CIRCLE -> new Point(whole % CIRCLES_A_ROW * (SIZE + GAP), whole / CIRCLES_A_ROW * (SIZE + GAP));
        };
    }

    private static List<Point> outline(Figure.Shape shape, Point corner, double from, double to) {
        return switch (shape) {
            case BAR -> Drawing.corners(corner.x() + from * BAR_WIDTH, corner.y(), (to - from) * BAR_WIDTH, BAR_HEIGHT);
            case CIRCLE -> sector(corner.moved(SIZE / 2, SIZE / 2), 90 - 360 * from, 90 - 360 * to);
        };
    }

    /** From the top clockwise; a whole circle has no line to its middle. */
    private static List<Point> sector(Point centre, double from, double to) {
        int steps = (int) Math.ceil((from - to) / DEGREES_A_STEP);
        List<Point> points = new ArrayList<>();
        if (from - to < 360) {
            points.add(centre);
        }
        for (int i = 0; i <= steps; i++) {
            points.add(centre.at(from + (to - from) * i / steps, SIZE / 2));
        }
        return points;
    }
}
