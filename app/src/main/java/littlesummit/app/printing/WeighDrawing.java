package littlesummit.app.printing;

import java.util.List;
import littlesummit.core.item.Figure;

/** A balance, and a dial. */
final class WeighDrawing {
    private static final double CENTRE = 120;

    private WeighDrawing() {}

    static void balance(Figure.Balance balance, DrawingPen pen) {
        double tilt = balance.level() ? 0 : 8;
        pen.line(60, 70 - tilt, 360, 70 + tilt);
        pen.line(210, 70, 210, 160);
        pen.path(170, 172, 250, 172, 210, 152, 170, 172);
        pan(60, 70 - tilt, balance.left(), pen);
        pan(360, 70 + tilt, balance.right(), pen);
    }

    private static void pan(double x, double y, List<String> labels, DrawingPen pen) {
        pen.path(x, y, x - 52, y + 60, x + 52, y + 60, x, y);
        for (int i = 0; i < labels.size(); i++) {
            pen.text(labels.get(i), x, 154 + i * 20, 16);
        }
    }

    static void scale(Figure.Scale scale, DrawingPen pen) {
        pen.circle(CENTRE, CENTRE, 104);
        int count = (int) Math.round(scale.max() / scale.step());
        int named = Math.max(1, Math.ceilDiv(count, 8));
        for (int i = 0; i <= count; i++) {
            double value = i * scale.step();
            boolean isNamed = i % named == 0;
            ray(scale, value, isNamed ? 82 : 88, 96, pen);
            if (isNamed) {
                pen.text(LengthDrawing.number(value), at(scale, value, 66, true), at(scale, value, 66, false) + 4, 12);
            }
        }
        ray(scale, scale.reading(), 0, 74, pen);
        pen.dot(CENTRE, CENTRE, 6, false);
        pen.text(scale.unit(), CENTRE, 160, 18);
    }

    private static void ray(Figure.Scale scale, double value, double from, double to, DrawingPen pen) {
        pen.line(at(scale, value, from, true), at(scale, value, from, false), at(scale, value, to, true), at(scale, value, to, false));
    }

    private static double at(Figure.Scale scale, double value, double radius, boolean x) {
        double angle = Math.toRadians(-210 + value / scale.max() * 240);
        return CENTRE + radius * (x ? Math.cos(angle) : Math.sin(angle));
    }
}
