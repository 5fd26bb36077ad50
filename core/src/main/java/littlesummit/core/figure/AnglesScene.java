package littlesummit.core.figure;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import littlesummit.core.item.Figure;

/** Lines or rays from one point, with arcs and the square of a right angle. */
final class AnglesScene {
    private static final double LENGTH = 118;
    private static final double SQUARE = 14;
    private static final double LABEL = 18;
    /** Radius of an arc, also of a very wide one that stands alone. */
    private static final double NARROW = 34;

    private static final double WIDE = 30;
    /** Room between two arcs that meet, and between two of which one runs over the other and its label. */
    private static final double BESIDE = 12;

    private static final double OVER = 40;
    private static final double LABEL_GAP = 20;
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
        Map<Figure.Arc, Double> radii = radii(figure.arcs());
        for (Figure.Arc arc : figure.arcs()) {
            if (arc.square()) {
                drawing.path(
                        new Stroke(Paint.SOFT, 1.5, false),
                        MIDDLE.at(arc.from(), SQUARE),
                        MIDDLE.at((arc.from() + arc.to()) / 2, SQUARE * Math.sqrt(2)),
                        MIDDLE.at(arc.to(), SQUARE));
            } else {
                drawing.add(new Shape.Arc(MIDDLE, radii.get(arc), arc.from(), arc.to(), Stroke.MAIN));
                label(arc, radii.get(arc), drawing);
            }
        }
        drawing.dot(MIDDLE, 2, Paint.INK, false);
        return drawing.scene(figure.alt());
    }

    /** Arcs that run over one another, or meet end to end, are drawn apart, so that none looks like part of another. */
    private static Map<Figure.Arc, Double> radii(List<Figure.Arc> arcs) {
        Map<Figure.Arc, Double> radii = new LinkedHashMap<>();
        arcs.stream()
                .filter(arc -> !arc.square())
                .sorted(Comparator.comparingDouble(arc -> arc.to() - arc.from()))
                .forEach(arc -> radii.put(arc, radius(arc, radii)));
        return radii;
    }

    private static double radius(Figure.Arc arc, Map<Figure.Arc, Double> drawn) {
        double radius = arc.to() - arc.from() > 120 && drawn.isEmpty() ? WIDE : NARROW;
        for (Map.Entry<Figure.Arc, Double> other : drawn.entrySet()) {
            boolean over = arc.from() < other.getKey().to() && other.getKey().from() < arc.to();
            boolean meets = arc.from() == other.getKey().to() || other.getKey().from() == arc.to();
            double least = other.getValue() + (over ? OVER : meets ? BESIDE : 0);
            radius = over || meets ? Math.max(radius, least) : radius;
        }
        return radius;
    }

    /** In the angle, farther out where it is too narrow for the label, or another label is in the way. */
    private static void label(Figure.Arc arc, double radius, Drawing drawing) {
        double half = Math.toRadians(Math.min(90, (arc.to() - arc.from()) / 2));
        double width = TextWidth.of(arc.label(), LABEL, Shape.Style.BOLD);
        double distance = Math.max(radius + LABEL_GAP, (Math.hypot(width, LABEL) / 2 + 2) / Math.sin(half));
        Point at = MIDDLE.at((arc.from() + arc.to()) / 2, distance);
        while (!drawing.isFree(
                new Shape.Text(at.moved(0, 6), arc.label(), LABEL, Shape.Anchor.MIDDLE, Shape.Style.BOLD).bounds())) {
            distance += 6;
            at = MIDDLE.at((arc.from() + arc.to()) / 2, distance);
        }
        drawing.text(at.x(), at.y() + 6, arc.label(), LABEL, Shape.Style.BOLD);
    }
}
