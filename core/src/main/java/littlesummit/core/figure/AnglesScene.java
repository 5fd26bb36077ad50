package littlesummit.core.figure;

import littlesummit.core.item.Figure;

/** Lines or rays from one point, with arcs and the square of a right angle. */
final class AnglesScene {
    private static final double LENGTH = 118;
    private static final double SQUARE = 14;
    private static final double LABEL = 18;
    private static final Point MIDDLE = new Point(0, 0);

    private AnglesScene() {}

    static Scene of(Figure.Angles figure) {
        Drawing drawing = new Drawing();
        for (Figure.Ray ray : figure.rays()) {
            drawing.path(
                    Stroke.LINE,
                    ray.bothWays() ? MIDDLE.at(ray.degrees() + 180, LENGTH) : MIDDLE,
                    MIDDLE.at(ray.degrees(), LENGTH));
            Point end = MIDDLE.at(ray.degrees(), LENGTH + 14);
            drawing.text(end.x(), end.y() + 6, ray.label(), LABEL, Shape.Style.PLAIN);
        }
        for (Figure.Arc arc : figure.arcs()) {
            if (arc.square()) {
                drawing.path(
                        new Stroke(Paint.SOFT, 1.5, false),
                        MIDDLE.at(arc.from(), SQUARE),
                        MIDDLE.at((arc.from() + arc.to()) / 2, SQUARE * Math.sqrt(2)),
                        MIDDLE.at(arc.to(), SQUARE));
            } else {
                drawing.add(new Shape.Arc(MIDDLE, radius(arc), arc.from(), arc.to(), Stroke.MAIN));
                label(arc, drawing);
            }
        }
        drawing.dot(MIDDLE, 2, Paint.INK, false);
        return drawing.scene(figure.alt());
    }

    private static double radius(Figure.Arc arc) {
        return arc.to() - arc.from() > 120 ? 30 : 40;
    }

    /** In the angle, farther out where it is too narrow for the label, or another label is in the way. */
    private static void label(Figure.Arc arc, Drawing drawing) {
        double half = Math.toRadians(Math.min(90, (arc.to() - arc.from()) / 2));
        double width = TextWidth.of(arc.label(), LABEL, Shape.Style.BOLD);
        double distance = Math.max(radius(arc) + 22, (Math.hypot(width, LABEL) / 2 + 2) / Math.sin(half));
        Point at = MIDDLE.at((arc.from() + arc.to()) / 2, distance);
        while (!drawing.isFree(
                new Shape.Text(at.moved(0, 6), arc.label(), LABEL, Shape.Anchor.MIDDLE, Shape.Style.BOLD).bounds())) {
            distance += 6;
            at = MIDDLE.at((arc.from() + arc.to()) / 2, distance);
        }
        drawing.text(at.x(), at.y() + 6, arc.label(), LABEL, Shape.Style.BOLD);
    }
}
