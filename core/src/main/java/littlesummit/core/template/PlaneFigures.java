package littlesummit.core.template;

import java.util.List;
import littlesummit.core.item.Figure;

/** Reads figures of the plane: grids, angles and segments. */
final class PlaneFigures {
    private final FigureKeys read;

    PlaneFigures(FigureKeys read) {
        this.read = read;
    }

    Made<Figure> grid(Keys keys) {
        Made<String> alt = read.text(keys, "alt");
        Made<Double> left = read.number(keys, "x-from", -10);
        Made<Double> right = read.number(keys, "x-to", 10);
        Made<Double> bottom = read.number(keys, "y-from", -10);
        Made<Double> top = read.number(keys, "y-to", 10);
        Made<Double> step = read.number(keys, "step", 1);
        Made<List<Figure.Drawn>> drawn = read.list(keys, "draw", "Something drawn on a grid", this::drawn);
        return making -> new Figure.Grid(
                alt.make(making),
                left.make(making),
                right.make(making),
                bottom.make(making),
                top.make(making),
                step.make(making),
                drawn.make(making));
    }

    private Made<Figure.Drawn> drawn(Keys keys) {
        if (keys.has("point")) {
            Made<List<Double>> at = read.numbers(keys, "point", 2);
            Made<String> label = read.text(keys, "label", "");
            return making -> new Figure.Drawn.Point(
                    at.make(making).get(0), at.make(making).get(1), label.make(making));
        }
        if (keys.has("hole")) {
            Made<List<Double>> at = read.numbers(keys, "hole", 2);
            return making -> new Figure.Drawn.Hole(
                    at.make(making).get(0), at.make(making).get(1));
        }
        if (keys.has("circle")) {
            Made<List<Double>> circle = read.numbers(keys, "circle", 3);
            return making -> {
                List<Double> n = circle.make(making);
                return new Figure.Drawn.Circle(n.get(0), n.get(1), n.get(2));
            };
        }
        Made<List<Double>> line = read.numbers(keys, "line", 3);
        Made<Boolean> dashed = read.flag(keys, "dashed");
        return making -> {
            List<Double> n = line.make(making);
            return new Figure.Drawn.Line(n.get(0), n.get(1), n.get(2), dashed.make(making));
        };
    }

    Made<Figure> angles(Keys keys) {
        Made<String> alt = read.text(keys, "alt");
        Made<List<Figure.Ray>> rays = read.list(keys, "rays", "A ray", ray -> {
            Made<Double> degrees = read.number(ray, "degrees");
            Made<String> label = read.text(ray, "label", "");
            Made<Boolean> both = read.flag(ray, "both-ways");
            return making -> new Figure.Ray(degrees.make(making), label.make(making), both.make(making));
        });
        Made<List<Figure.Arc>> arcs = read.list(keys, "arcs", "An arc", arc -> {
            Made<Double> from = read.number(arc, "from");
            Made<Double> to = read.number(arc, "to");
            Made<String> label = read.text(arc, "label", "");
            Made<Boolean> square = read.flag(arc, "square");
            return making ->
                    new Figure.Arc(from.make(making), to.make(making), label.make(making), square.make(making));
        });
        return making -> new Figure.Angles(alt.make(making), rays.make(making), arcs.make(making));
    }

    Made<Figure> segments(Keys keys) {
        Made<String> alt = read.text(keys, "alt");
        Made<List<Figure.Straight>> items = read.list(keys, "segments", "A segment", segment -> {
            Made<String> own = read.text(segment, "alt", "");
            Made<Integer> ticks = read.whole(segment, "ticks", 0);
            Made<List<Figure.Named>> points = read.list(segment, "points", "A point", point -> {
                Made<String> name = read.text(point, "name", "");
                Made<Double> x = read.number(point, "x");
                Made<Double> y = read.number(point, "y");
                return making -> new Figure.Named(name.make(making), x.make(making), y.make(making));
            });
            Made<Boolean> start = read.flag(segment, "arrow-at-start");
            Made<Boolean> end = read.flag(segment, "arrow-at-end");
            return making -> new Figure.Straight(
                    own.make(making), points.make(making), start.make(making), end.make(making), ticks.make(making));
        });
        return making -> new Figure.Straights(alt.make(making), items.make(making));
    }
}
