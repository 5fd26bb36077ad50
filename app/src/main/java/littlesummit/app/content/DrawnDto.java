package littlesummit.app.content;

import java.util.List;
import littlesummit.core.item.Figure.Drawn;

/** What is drawn on a grid, as it is kept and sent; coordinates are those of the grid. */
public sealed interface DrawnDto {
    record Point(double x, double y, String label) implements DrawnDto {}

    record Circle(double x, double y, double radius) implements DrawnDto {}

    record Hole(double x, double y) implements DrawnDto {}

    record Curve(List<List<Double>> branches) implements DrawnDto {}

    record Asymptote(double a, double b, double c, String label) implements DrawnDto {}

    record Line(double a, double b, double c, boolean dashed) implements DrawnDto {}

    static DrawnDto of(Drawn drawn) {
        return switch (drawn) {
            case Drawn.Point d -> new Point(d.x(), d.y(), d.label());
            case Drawn.Circle d -> new Circle(d.x(), d.y(), d.radius());
            case Drawn.Hole d -> new Hole(d.x(), d.y());
            case Drawn.Curve d -> new Curve(d.branches());
            case Drawn.Line d -> new Line(d.a(), d.b(), d.c(), d.dashed());
            case Drawn.Asymptote d -> new Asymptote(d.a(), d.b(), d.c(), d.label());
        };
    }

    default Drawn toCore() {
        return switch (this) {
            case Point d -> new Drawn.Point(d.x, d.y, d.label);
            case Circle d -> new Drawn.Circle(d.x, d.y, d.radius);
            case Hole d -> new Drawn.Hole(d.x, d.y);
            case Curve d -> new Drawn.Curve(d.branches);
            case Line d -> new Drawn.Line(d.a, d.b, d.c, d.dashed);
            case Asymptote d -> new Drawn.Asymptote(d.a, d.b, d.c, d.label);
        };
    }
}
