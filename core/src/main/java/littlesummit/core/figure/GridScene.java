package littlesummit.core.figure;

import java.util.List;
import java.util.stream.IntStream;
import littlesummit.core.item.Figure;
import littlesummit.core.item.Figure.Drawn;

/** A coordinate grid, numbered along both axes, with what is drawn on it; what lies outside is cut off. */
final class GridScene {
    private static final double SIZE = 400;
    private static final double NUMBER = 13;
    private static final double LETTER = 16;
    private static final double DOT = 4;
    /** Numbers that find room along an axis. */
    private static final int MOST_NUMBERS = 12;

    private final Drawing drawing = new Drawing();
    private final Figure.Grid grid;
    private final Plot plot;
    private final Box frame = new Box(0, 0, SIZE, SIZE);

    private GridScene(Figure.Grid grid) {
        this.grid = grid;
        this.plot = new Plot(0, 0, SIZE, SIZE, grid.xMin(), grid.xMax(), grid.yMin(), grid.yMax(), grid.step());
    }

    static Scene of(Figure.Grid grid) {
        GridScene scene = new GridScene(grid);
        scene.lines();
        scene.axes();
        scene.letters();
        scene.numbers();
        grid.drawn().stream().filter(d -> !isPoint(d)).forEach(scene::draw);
        grid.drawn().stream().filter(GridScene::isPoint).forEach(scene::draw);
        return scene.drawing.scene(grid.alt(), scene.plot);
    }

    /** Points lie on top of everything, and their labels go where they find room. */
    private static boolean isPoint(Drawn drawn) {
        return drawn instanceof Drawn.Point || drawn instanceof Drawn.Hole;
    }

    private void lines() {
        drawing.box(0, 0, SIZE, SIZE, Stroke.GRID, Paint.PAPER);
        Numbers.marks(grid.xMin(), grid.xMax(), grid.step())
                .forEach(v -> drawing.line(plot.x(v), 0, plot.x(v), SIZE, Stroke.GRID));
        Numbers.marks(grid.yMin(), grid.yMax(), grid.step())
                .forEach(v -> drawing.line(0, plot.y(v), SIZE, plot.y(v), Stroke.GRID));
    }

    private void axes() {
        if (grid.yMin() <= 0 && grid.yMax() >= 0) {
            drawing.line(0, plot.y(0), SIZE, plot.y(0), new Stroke(Paint.INK, 1.6, false));
        }
        if (grid.xMin() <= 0 && grid.xMax() >= 0) {
            drawing.line(plot.x(0), 0, plot.x(0), SIZE, new Stroke(Paint.INK, 1.6, false));
        }
    }

    /** Where the x-axis is, or the edge next to it. */
    private double axisHeight() {
        return Math.clamp(plot.y(0), 0, SIZE);
    }

    private double axisLeft() {
        return Math.clamp(plot.x(0), 0, SIZE);
    }

    private void letters() {
        add(new Shape.Text(
                new Point(SIZE - 5, axisHeight() < 20 ? axisHeight() + 16 : axisHeight() - 7),
                "x",
                LETTER,
                Shape.Anchor.END,
                Shape.Style.LETTER));
        add(new Shape.Text(
                new Point(axisLeft() > SIZE - 20 ? axisLeft() - 16 : axisLeft() + 8, 15),
                "y",
                LETTER,
                Shape.Anchor.START,
                Shape.Style.LETTER));
    }

    /** Neither zero nor the edges, and none that would lie on another text. */
    private void numbers() {
        int everyX = Numbers.every(grid.xMin(), grid.xMax(), grid.step(), MOST_NUMBERS);
        for (double v : Numbers.marks(grid.xMin(), grid.xMax(), everyX * grid.step())) {
            double y = axisHeight() > SIZE - 16 ? axisHeight() - 5 : axisHeight() + 15;
            add(
                    new Shape.Text(
                            new Point(plot.x(v), y), Numbers.text(v), NUMBER, Shape.Anchor.MIDDLE, Shape.Style.SOFT),
                    v);
        }
        int everyY = Numbers.every(grid.yMin(), grid.yMax(), grid.step(), MOST_NUMBERS);
        for (double v : Numbers.marks(grid.yMin(), grid.yMax(), everyY * grid.step())) {
            boolean right = axisLeft() < 24;
            Point at = new Point(axisLeft() + (right ? 5 : -5), plot.y(v) + 4);
            add(
                    new Shape.Text(
                            at,
                            Numbers.text(v),
                            NUMBER,
                            right ? Shape.Anchor.START : Shape.Anchor.END,
                            Shape.Style.SOFT),
                    v);
        }
    }

    private void add(Shape.Text text, double value) {
        if (value != 0) {
            add(text);
        }
    }

    /**
     * Where it finds room.
     *
     * @return whether it did
     */
    private boolean add(Shape.Text text) {
        boolean free = frame.holds(text.bounds()) && drawing.isFree(text.bounds());
        if (free) {
            drawing.add(text);
        }
        return free;
    }

    private void draw(Drawn drawn) {
        switch (drawn) {
            case Drawn.Point(double x, double y, String label) -> point(plot.at(x, y), label, false);
            case Drawn.Hole(double x, double y) -> point(plot.at(x, y), "", true);
            case Drawn.Circle(double x, double y, double radius) ->
                circle(plot.at(x, y), plot.x(x + radius) - plot.x(x));
            case Drawn.Curve(List<List<Double>> branches) -> branches.forEach(this::branch);
            case Drawn.Asymptote(double a, double b, double c, String label) -> line(a, b, c, Stroke.DASHED);
            case Drawn.Line(double a, double b, double c, boolean dashed) ->
                line(a, b, c, new Stroke(Paint.MAIN, 2.6, dashed));
        }
    }

    private void point(Point at, String label, boolean open) {
        if (!frame.holds(Box.around(at.x(), at.y(), 0))) {
            return;
        }
        drawing.dot(at, DOT, Paint.MAIN, open);
        // Right above, then round the point, then farther out.
        IntStream.of(10, 16, 24)
                .boxed()
                .flatMap(distance -> IntStream.of(45, 135, 315, 225, 90, 270)
                        .mapToObj(degrees -> label(at, label, degrees, distance)))
                .filter(text -> !label.isBlank())
                .anyMatch(this::add);
    }

    private static Shape.Text label(Point at, String label, int degrees, int distance) {
        Point beside = at.at(degrees, distance);
        Shape.Anchor anchor = degrees % 180 == 90
                ? Shape.Anchor.MIDDLE
                : Math.cos(Math.toRadians(degrees)) > 0 ? Shape.Anchor.START : Shape.Anchor.END;
        double down = Math.sin(Math.toRadians(degrees)) > 0 ? 0 : 0.7 * LETTER;
        return new Shape.Text(beside.moved(0, down), label, LETTER, anchor, Shape.Style.BOLD);
    }

    private void circle(Point centre, double radius) {
        Shape whole = new Shape.Disc(centre, radius, Stroke.MAIN, Paint.NONE);
        if (frame.holds(whole.bounds())) {
            drawing.add(whole);
        } else {
            stroke(
                    IntStream.rangeClosed(0, 120)
                            .mapToObj(i -> centre.at(3.0 * i, radius))
                            .toList(),
                    Stroke.MAIN);
        }
    }

    private void branch(List<Double> xy) {
        stroke(
                IntStream.range(0, xy.size() / 2)
                        .mapToObj(i -> plot.at(xy.get(2 * i), xy.get(2 * i + 1)))
                        .toList(),
                Stroke.MAIN);
    }

    /** The line a·x + b·y = c. */
    private void line(double a, double b, double c, Stroke stroke) {
        double span = grid.xMax() - grid.xMin() + grid.yMax() - grid.yMin();
        double x = b == 0 ? c / a : (grid.xMin() + grid.xMax()) / 2;
        double y = b == 0 ? 0 : (c - a * x) / b;
        double length = Math.hypot(a, b);
        double dx = -b / length * span * 4;
        double dy = a / length * span * 4;
        stroke(List.of(plot.at(x - dx, y - dy), plot.at(x + dx, y + dy)), stroke);
    }

    private void stroke(List<Point> points, Stroke stroke) {
        Clip.stroke(points, frame.wider(-stroke.width() / 2))
                .forEach(piece -> drawing.path(stroke, piece.toArray(Point[]::new)));
    }
}
