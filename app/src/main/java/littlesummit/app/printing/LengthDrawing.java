package littlesummit.app.printing;

import littlesummit.core.item.Figure;

/** Bars, number lines and objects to measure. */
final class LengthDrawing {
    static final int UNIT = 34;
    private static final double BAR_WIDTH = 600;

    private LengthDrawing() {}

    static void bar(Figure.Bar bar, DrawingPen pen) {
        double whole = bar.pieces().stream().mapToDouble(Figure.Piece::size).sum();
        pen.text(blank(bar.total()), BAR_WIDTH / 2, 14, 15);
        pen.path(2, 30, 2, 22, BAR_WIDTH + 2, 22, BAR_WIDTH + 2, 30);
        double x = 2;
        for (Figure.Piece piece : bar.pieces()) {
            double width = piece.size() / whole * BAR_WIDTH;
            pen.box(x, 34, width, 52, piece.shaded());
            pen.text(blank(piece.label()), x + width / 2, 106, 15);
            if (!piece.slot().isEmpty()) {
                pen.text("________", x + width / 2, 66, 15);
            }
            x += width;
        }
    }

    /** A place to fill is a line on paper. */
    private static String blank(String label) {
        return label.startsWith("{{") ? "________" : label;
    }

    static void numberLine(Figure.NumberLine line, DrawingPen pen) {
        pen.line(8, 46, 632, 46);
        pen.path(624, 41, 632, 46, 624, 51);
        pen.path(16, 41, 8, 46, 16, 51);
        double first = Math.ceil(line.from() / line.step()) * line.step();
        int count = (int) Math.floor((line.to() - first) / line.step() + 1e-9) + 1;
        for (int i = 0; i < count; i++) {
            double value = first + i * line.step();
            pen.line(x(line, value), 40, x(line, value), 52);
            if (count <= 14 || Math.abs(value % 5) < 1e-9) {
                pen.text(number(value), x(line, value), 72, 15);
            }
        }
        for (Figure.Mark mark : line.marks()) {
            pen.dot(x(line, mark.at()), 46, 6, mark.open());
            pen.text(mark.label(), x(line, mark.at()), 32, 16);
        }
    }

    private static double x(Figure.NumberLine line, double value) {
        return 24 + (value - line.from()) / (line.to() - line.from()) * 592;
    }

    static String number(double value) {
        return value == Math.rint(value) ? Long.toString((long) value) : Double.toString(value);
    }

    static void measured(Figure.Measured object, DrawingPen pen) {
        int marks = (int) Math.ceil(object.start() + object.length()) + 3;
        pen.box(14 + object.start() * UNIT, 14, object.length() * UNIT, 24, true);
        pen.text(object.object(), 14 + (object.start() + object.length() / 2) * UNIT, 31, 14);
        pen.line(14, 84, 14 + marks * UNIT, 84);
        for (int i = 0; i <= marks; i++) {
            pen.line(14 + i * UNIT, 77, 14 + i * UNIT, 91);
            pen.text(Integer.toString(i), 14 + i * UNIT, 110, 14);
        }
    }
}
