package littlesummit.core.figure;

import java.util.List;
import littlesummit.core.item.Figure;

/** A balance with what stands on it, and a dial with a hand. */
final class WeighScenes {
    private static final double PAN = 150;
    private static final double LABEL = 16;
    private static final double RADIUS = 104;
    private static final Point CENTRE = new Point(0, 0);
    /** Numbers that find room around a dial. */
    private static final int MOST_NUMBERS = 8;

    private WeighScenes() {}

    static Scene balance(Figure.Balance balance) {
        Drawing drawing = new Drawing();
        double tilt = balance.level() ? 0 : 8;
        drawing.path(Stroke.LINE, new Point(-PAN, -tilt), new Point(PAN, tilt));
        drawing.line(0, 0, 0, 90, Stroke.LINE);
        drawing.area(List.of(new Point(-40, 102), new Point(40, 102), new Point(0, 82)), Stroke.LINE, Paint.PAPER);
        pan(-PAN, -tilt, balance.left(), drawing);
        pan(PAN, tilt, balance.right(), drawing);
        return drawing.scene(balance.alt());
    }

    private static void pan(double x, double y, List<String> labels, Drawing drawing) {
        drawing.area(
                List.of(new Point(x, y), new Point(x - 52, y + 60), new Point(x + 52, y + 60)),
                Stroke.LINE,
                Paint.NONE);
        for (int i = 0; i < labels.size(); i++) {
            drawing.text(x, y + 80 + i * 20, labels.get(i), LABEL, Shape.Style.PLAIN);
        }
    }

    static Scene dial(Figure.Scale scale) {
        Drawing drawing = new Drawing();
        drawing.add(new Shape.Disc(CENTRE, RADIUS, Stroke.LINE, Paint.PAPER));
        int every = Numbers.every(0, scale.max(), scale.step(), MOST_NUMBERS);
        for (double mark : Numbers.marks(0, scale.max(), scale.step())) {
            boolean isNumbered = Math.abs(Math.IEEEremainder(mark, every * scale.step())) < 1e-9;
            double degrees = degrees(scale, mark);
            drawing.path(
                    isNumbered ? Stroke.LINE : Stroke.THIN,
                    CENTRE.at(degrees, isNumbered ? 82 : 88),
                    CENTRE.at(degrees, 96));
            if (isNumbered) {
                Point at = CENTRE.at(degrees, 64);
                drawing.text(at.x(), at.y() + 5, Numbers.text(mark), 13, Shape.Style.PLAIN);
            }
        }
        drawing.path(new Stroke(Paint.HAND, 3.5, false), CENTRE, CENTRE.at(degrees(scale, scale.reading()), 78));
        drawing.dot(CENTRE, 5, Paint.HAND, false);
        drawing.text(0, 44, scale.unit(), 18, Shape.Style.BOLD);
        return drawing.scene(scale.alt());
    }

    /** From lower left over the top to lower right. */
    private static double degrees(Figure.Scale scale, double value) {
        return 210 - value / scale.max() * 240;
    }
}
