package littlesummit.core.figure;

import java.util.List;
import littlesummit.core.item.Figure;
import littlesummit.core.item.MarkedLine;

/** A number line with arrows, numbered ticks, and filled or open points with their labels above. */
final class NumberLineScene {
    private static final double WIDTH = 440;
    private static final double BEYOND = 18;
    private static final double NUMBER = 16;
    private static final double LABEL = 16;
    private static final double GAP = 6;
    private static final double REACH = 9;
    private static final double NEARLY = 1e-9;

    private NumberLineScene() {}

    static Scene of(Figure.NumberLine line) {
        return drawn(line).scene(line.alt());
    }

    /** With a place at each tick, where something can be marked. */
    static Scene toMark(Figure.NumberLine line) {
        Drawing drawing = drawn(line);
        String last = "the left end";
        int behind = 0;
        for (int tick = 0; tick < MarkedLine.ticks(line); tick++) {
            double value = line.from() + tick * line.step();
            boolean isNumbered = isNumbered(line, value);
            last = isNumbered ? Numbers.text(value) : last;
            behind = isNumbered ? 0 : behind + 1;
            String label = behind == 0 ? "at " + last : behind + (behind == 1 ? " tick" : " ticks") + " after " + last;
            List<Point> room = Drawing.corners(x(line, value) - REACH, -2 * REACH, 2 * REACH, 3 * REACH);
            drawing.spot(new Spot(Spot.Kind.TICK, String.valueOf(tick), label, room, false));
        }
        return drawing.scene(line.alt());
    }

    private static Drawing drawn(Figure.NumberLine line) {
        Drawing drawing = new Drawing();
        drawing.line(-BEYOND, 0, WIDTH + BEYOND, 0, Stroke.LINE);
        drawing.path(
                Stroke.LINE,
                new Point(WIDTH + BEYOND - 8, -5),
                new Point(WIDTH + BEYOND, 0),
                new Point(WIDTH + BEYOND - 8, 5));
        drawing.path(Stroke.LINE, new Point(8 - BEYOND, -5), new Point(-BEYOND, 0), new Point(8 - BEYOND, 5));
        List<Double> ticks = Numbers.marks(line.from(), line.to(), line.step());
        for (double tick : ticks) {
            boolean isNumbered = isNumbered(line, tick);
            double half = isNumbered ? 7 : 4;
            drawing.line(x(line, tick), -half, x(line, tick), half, Stroke.THIN);
            if (isNumbered) {
                drawing.text(x(line, tick), 26, Numbers.text(tick), NUMBER, Shape.Style.PLAIN);
            }
        }
        for (Figure.Mark mark : line.marks()) {
            drawing.dot(new Point(x(line, mark.at()), 0), 6, Paint.MAIN, mark.open());
            above(mark, x(line, mark.at()), drawing);
        }
        return drawing;
    }

    private static boolean isNumbered(Figure.NumberLine line, double tick) {
        if (line.endsOnly()) {
            return Math.abs(tick - line.from()) < NEARLY || Math.abs(tick - line.to()) < NEARLY;
        }
        double widest = Numbers.marks(line.from(), line.to(), line.step()).stream()
                .mapToDouble(t -> TextWidth.of(Numbers.text(t), NUMBER, Shape.Style.PLAIN))
                .max()
                .orElse(0);
        int every = Numbers.every(line.from(), line.to(), line.step(), (int) (WIDTH / (widest + GAP)));
        return Math.abs(Math.IEEEremainder(tick, every * line.step())) < NEARLY;
    }

    private static double x(Figure.NumberLine line, double value) {
        return (value - line.from()) / (line.to() - line.from()) * WIDTH;
    }

    /** Over its point; higher where another label is in the way. */
    private static void above(Figure.Mark mark, double x, Drawing drawing) {
        double y = -14;
        String label = mark.label().replace('-', '−');
        while (!drawing.isFree(new Shape.Text(new Point(x, y), label, LABEL, Shape.Anchor.MIDDLE, Shape.Style.BOLD)
                .bounds()
                .wider(2))) {
            y -= LABEL + 2;
        }
        drawing.text(x, y, label, LABEL, Shape.Style.BOLD);
    }
}
