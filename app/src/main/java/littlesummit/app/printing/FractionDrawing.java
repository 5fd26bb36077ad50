package littlesummit.app.printing;

import java.awt.Dimension;
import java.awt.geom.Arc2D;
import littlesummit.core.item.Figure;

/** Wholes cut into parts. */
final class FractionDrawing {
    private static final int SIZE = 120;
    private static final int GAP = 14;
    private static final int BAR_WIDTH = 300;
    private static final int BAR_HEIGHT = 64;

    private FractionDrawing() {}

    static Dimension size(Figure.FractionPicture figure) {
        int perRow = perRow(figure);
        return new Dimension(Math.min(perRow, figure.wholes()) * (width(figure) + GAP), Math.ceilDiv(figure.wholes(), perRow) * (height(figure) + GAP));
    }

    private static int perRow(Figure.FractionPicture figure) {
        return figure.shape() == Figure.Shape.BAR ? 1 : 3;
    }

    private static int width(Figure.FractionPicture figure) {
        return figure.shape() == Figure.Shape.BAR ? BAR_WIDTH : SIZE;
    }

    private static int height(Figure.FractionPicture figure) {
        return figure.shape() == Figure.Shape.BAR ? BAR_HEIGHT : SIZE;
    }

    static void draw(Figure.FractionPicture figure, DrawingPen pen) {
        double sum = figure.cuts().stream().mapToDouble(c -> c).sum();
        for (int whole = 0; whole < figure.wholes(); whole++) {
            double left = 2 + whole % perRow(figure) * (width(figure) + GAP);
            double top = 2 + whole / perRow(figure) * (height(figure) + GAP);
            double from = 0;
            for (int i = 0; i < figure.cuts().size(); i++) {
                double share = figure.cuts().get(i) / sum;
                part(figure, pen, left, top, from, share, whole * figure.cuts().size() + i < figure.shaded());
                from += share;
            }
        }
    }

    private static void part(Figure.FractionPicture figure, DrawingPen pen, double left, double top, double from, double share, boolean shaded) {
        switch (figure.shape()) {
            case BAR -> pen.box(left + from * BAR_WIDTH, top, share * BAR_WIDTH, BAR_HEIGHT, shaded);
            case CIRCLE -> pen.shape(new Arc2D.Double(left, top, SIZE, SIZE, 90 - 360 * from, -360 * share, Arc2D.PIE), shaded);
        }
    }
}
