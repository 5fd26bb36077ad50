package littlesummit.core.figure;

import littlesummit.core.item.Figure;

/** Segments, rays and lines with named points; several stand below one another. */
final class StraightScene {
    private static final double SCALE = 3;
    /** How far an arrow reaches past the last point. */
    private static final double BEYOND = 28;

    private static final double LETTER = 16;
    private static final double GAP = 18;

    private StraightScene() {}

    static Scene of(Figure.Straight figure) {
        return draw(figure).scene(figure.alt());
    }

    static Scene of(Figure.Straights figure) {
        Drawing all = new Drawing();
        double bottom = 0;
        for (Figure.Straight item : figure.items()) {
            Drawing one = draw(item);
            Box box = one.bounds();
            all.all(one, 0, bottom - box.top());
            bottom += box.bottom() - box.top() + GAP;
        }
        return all.scene(figure.alt());
    }

    private static Drawing draw(Figure.Straight figure) {
        Drawing drawing = new Drawing();
        Point first = at(figure.points().getFirst());
        Point last = at(figure.points().getLast());
        double length = Math.hypot(last.x() - first.x(), last.y() - first.y());
        double ux = (last.x() - first.x()) / length;
        double uy = (last.y() - first.y()) / length;
        Point start = figure.arrowAtStart() ? first.moved(-ux * BEYOND, -uy * BEYOND) : first;
        Point end = figure.arrowAtEnd() ? last.moved(ux * BEYOND, uy * BEYOND) : last;
        drawing.path(Stroke.LINE, start, end);
        if (figure.arrowAtStart()) {
            arrow(start, -ux, -uy, drawing);
        }
        if (figure.arrowAtEnd()) {
            arrow(end, ux, uy, drawing);
        }
        for (int i = 0; i < figure.ticks(); i++) {
            double shift = (i - (figure.ticks() - 1) / 2.0) * 7;
            Point middle = new Point((first.x() + last.x()) / 2 + ux * shift, (first.y() + last.y()) / 2 + uy * shift);
            drawing.path(Stroke.LINE, middle.moved(-uy * 8, ux * 8), middle.moved(uy * 8, -ux * 8));
        }
        for (Figure.Named named : figure.points()) {
            Point at = at(named);
            drawing.dot(at, 3, Paint.INK, false);
            drawing.text(at.x(), at.y() - 11, named.name(), LETTER, Shape.Style.BOLD);
        }
        return drawing;
    }

    private static Point at(Figure.Named point) {
        return new Point(point.x() * SCALE, point.y());
    }

    private static void arrow(Point tip, double ux, double uy, Drawing drawing) {
        drawing.path(
                Stroke.LINE,
                tip.moved(-ux * 10 - uy * 5, -uy * 10 + ux * 5),
                tip,
                tip.moved(-ux * 10 + uy * 5, -uy * 10 - ux * 5));
    }
}
