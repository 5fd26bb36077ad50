package littlesummit.app.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.DoubleUnaryOperator;
import littlesummit.core.working.ink.InkColour;
import littlesummit.core.working.ink.Stroke;

/** A small drawing, such as one makes beside an equation. */
final class DemoInk {
    private static final int POINTS = 40;

    private DemoInk() {}

    /** A balance: its post, its beam, and two pans. */
    static List<Stroke> balance() {
        return List.of(
                line(InkColour.BLACK, 340, 80, 340, 260),
                line(InkColour.BLACK, 160, 84, 520, 80),
                curve(InkColour.BLUE, t -> 90 + 140 * t, t -> 150 + 40 * Math.sin(Math.PI * t)),
                curve(InkColour.BLUE, t -> 450 + 140 * t, t -> 150 + 40 * Math.sin(Math.PI * t)),
                line(InkColour.BLACK, 160, 84, 90, 150),
                line(InkColour.BLACK, 160, 84, 230, 150),
                line(InkColour.BLACK, 520, 80, 450, 150),
                line(InkColour.BLACK, 520, 80, 590, 150),
                curve(InkColour.ORANGE, t -> 130 + 24 * Math.cos(6.5 * t), t -> 135 + 18 * Math.sin(6.5 * t)),
                curve(InkColour.ORANGE, t -> 185 + 24 * Math.cos(6.5 * t), t -> 135 + 18 * Math.sin(6.5 * t)));
    }

    /** A bar cut into five parts, three of them hatched. */
    static List<Stroke> bar() {
        List<Stroke> strokes = new ArrayList<>(
                List.of(line(InkColour.BLACK, 120, 120, 620, 120), line(InkColour.BLACK, 120, 200, 620, 200)));
        for (int cut = 0; cut <= 5; cut++) {
            strokes.add(line(InkColour.BLACK, 120 + 100 * cut, 120, 120 + 100 * cut, 200));
        }
        for (int part = 0; part < 3; part++) {
            strokes.add(line(InkColour.BLUE, 130 + 100 * part, 190, 210 + 100 * part, 130));
        }
        return strokes;
    }

    private static Stroke line(InkColour colour, double ax, double ay, double bx, double by) {
        return curve(colour, t -> ax + (bx - ax) * t, t -> ay + (by - ay) * t);
    }

    /** @param x and y in page units, of a run from 0 to 1 */
    private static Stroke curve(InkColour colour, DoubleUnaryOperator x, DoubleUnaryOperator y) {
        List<Double> points = new ArrayList<>();
        for (int i = 0; i <= POINTS; i++) {
            double t = (double) i / POINTS;
            points.addAll(
                    List.of(x.applyAsDouble(t), y.applyAsDouble(t), 0.35 + 0.3 * Math.sin(Math.PI * t), 12.0 * i));
        }
        return new Stroke(UUID.randomUUID().toString(), Stroke.Tool.PEN, 2.6, colour, points);
    }
}
