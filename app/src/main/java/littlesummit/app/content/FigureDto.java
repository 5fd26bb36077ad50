package littlesummit.app.content;

import java.util.List;
import littlesummit.core.item.Figure;

/**
 * A picture, as it is kept and sent. Lengths are in the units of the picture; angles in degrees, counter-clockwise from
 * the right.
 */
public sealed interface FigureDto {
    /** What the picture shows, in words. */
    String alt();

    record Bar(String alt, String total, List<PieceDto> pieces) implements FigureDto {}

    record PieceDto(double size, String label, boolean shaded, String slot) {}

    record FractionPicture(String alt, ShapeDto shape, int wholes, List<Double> cuts, int shaded)
            implements FigureDto {}

    enum ShapeDto {
        BAR,
        CIRCLE
    }

    /** @param endsOnly missing in what was given out before lines could be numbered at their ends only */
    record NumberLine(String alt, double from, double to, double step, List<MarkDto> marks, Boolean endsOnly)
            implements FigureDto {}

    record MarkDto(double at, String label, boolean open) {}

    record Angles(String alt, List<RayDto> rays, List<ArcDto> arcs) implements FigureDto {}

    record RayDto(double degrees, String label, boolean bothWays) {}

    record ArcDto(double from, double to, String label, boolean square) {}

    record Straight(String alt, List<NamedDto> points, boolean arrowAtStart, boolean arrowAtEnd, int ticks)
            implements FigureDto {}

    record NamedDto(String name, double x, double y) {}

    record Straights(String alt, List<Straight> items) implements FigureDto {}

    record Shapes(String alt, List<PolygonDto> items) implements FigureDto {}

    record PolygonDto(String id, String alt, List<Double> corners, List<Integer> ticks, List<Integer> right) {}

    record Grid(String alt, double xMin, double xMax, double yMin, double yMax, double step, List<DrawnDto> drawn)
            implements FigureDto {}

    record Balance(String alt, List<String> left, List<String> right, boolean level) implements FigureDto {}

    record Scale(String alt, double max, double step, double reading, String unit) implements FigureDto {}

    record Measured(String alt, String object, String unit, double length, double start) implements FigureDto {}

    record Image(String alt, String data, int width, int height, List<PolygonDto> areas) implements FigureDto {}

    static FigureDto of(Figure figure) {
        return switch (figure) {
            case Figure.Bar f ->
                new Bar(
                        f.alt(),
                        f.total(),
                        f.pieces().stream()
                                .map(p -> new PieceDto(p.size(), p.label(), p.shaded(), p.slot()))
                                .toList());
            case Figure.FractionPicture f -> of(f);
            case Figure.NumberLine f -> of(f);
            case Figure.Angles f ->
                new Angles(
                        f.alt(),
                        f.rays().stream()
                                .map(r -> new RayDto(r.degrees(), r.label(), r.bothWays()))
                                .toList(),
                        f.arcs().stream()
                                .map(a -> new ArcDto(a.from(), a.to(), a.label(), a.square()))
                                .toList());
            case Figure.Straight f -> of(f);
            case Figure.Straights f ->
                new Straights(f.alt(), f.items().stream().map(FigureDto::of).toList());
            case Figure.Shapes f -> of(f);
            case Figure.Grid f -> of(f);
            case Figure.Balance f -> new Balance(f.alt(), f.left(), f.right(), f.level());
            case Figure.Scale f -> new Scale(f.alt(), f.max(), f.step(), f.reading(), f.unit());
            case Figure.Measured f -> of(f);
            case Figure.Image f -> new Image(f.alt(), f.data(), f.width(), f.height(), polygons(f.areas()));
        };
    }

    static NumberLine of(Figure.NumberLine f) {
        return new NumberLine(
                f.alt(),
                f.from(),
                f.to(),
                f.step(),
                f.marks().stream()
                        .map(m -> new MarkDto(m.at(), m.label(), m.open()))
                        .toList(),
                f.endsOnly());
    }

    static FractionPicture of(Figure.FractionPicture f) {
        return new FractionPicture(f.alt(), ShapeDto.valueOf(f.shape().name()), f.wholes(), f.cuts(), f.shaded());
    }

    static Straight of(Figure.Straight f) {
        return new Straight(
                f.alt(),
                f.points().stream()
                        .map(p -> new NamedDto(p.name(), p.x(), p.y()))
                        .toList(),
                f.arrowAtStart(),
                f.arrowAtEnd(),
                f.ticks());
    }

    static Shapes of(Figure.Shapes f) {
        return new Shapes(f.alt(), polygons(f.items()));
    }

    private static List<PolygonDto> polygons(List<Figure.Polygon> polygons) {
        return polygons.stream()
                .map(p -> new PolygonDto(p.id(), p.alt(), p.corners(), p.ticks(), p.right()))
                .toList();
    }

    static Grid of(Figure.Grid f) {
        return new Grid(
                f.alt(),
                f.xMin(),
                f.xMax(),
                f.yMin(),
                f.yMax(),
                f.step(),
                f.drawn().stream().map(DrawnDto::of).toList());
    }

    static Measured of(Figure.Measured f) {
        return new Measured(f.alt(), f.object(), f.unit(), f.length(), f.start());
    }

    default Figure toCore() {
        return switch (this) {
            case Bar f ->
                new Figure.Bar(
                        f.alt,
                        f.total,
                        f.pieces.stream()
                                .map(p -> new Figure.Piece(p.size, p.label, p.shaded, p.slot))
                                .toList());
            case FractionPicture f -> toCore(f);
            case NumberLine f -> toCore(f);
            case Angles f ->
                new Figure.Angles(
                        f.alt,
                        f.rays.stream()
                                .map(r -> new Figure.Ray(r.degrees, r.label, r.bothWays))
                                .toList(),
                        f.arcs.stream()
                                .map(a -> new Figure.Arc(a.from, a.to, a.label, a.square))
                                .toList());
            case Straight f -> toCore(f);
            case Straights f ->
                new Figure.Straights(f.alt, f.items.stream().map(s -> toCore(s)).toList());
            case Shapes f -> toCore(f);
            case Grid f -> toCore(f);
            case Balance f -> new Figure.Balance(f.alt, f.left, f.right, f.level);
            case Scale f -> new Figure.Scale(f.alt, f.max, f.step, f.reading, f.unit);
            case Measured f -> toCore(f);
            case Image f -> new Figure.Image(f.alt, f.data, f.width, f.height, corePolygons(f.areas));
        };
    }

    static Figure.NumberLine toCore(NumberLine f) {
        return new Figure.NumberLine(
                f.alt,
                f.from,
                f.to,
                f.step,
                f.marks.stream()
                        .map(m -> new Figure.Mark(m.at, m.label, m.open))
                        .toList(),
                Boolean.TRUE.equals(f.endsOnly));
    }

    static Figure.FractionPicture toCore(FractionPicture f) {
        return new Figure.FractionPicture(f.alt, Figure.Shape.valueOf(f.shape.name()), f.wholes, f.cuts, f.shaded);
    }

    static Figure.Straight toCore(Straight f) {
        return new Figure.Straight(
                f.alt,
                f.points.stream().map(p -> new Figure.Named(p.name, p.x, p.y)).toList(),
                f.arrowAtStart,
                f.arrowAtEnd,
                f.ticks);
    }

    static Figure.Shapes toCore(Shapes f) {
        return new Figure.Shapes(f.alt, corePolygons(f.items));
    }

    private static List<Figure.Polygon> corePolygons(List<PolygonDto> polygons) {
        return polygons.stream()
                .map(p -> new Figure.Polygon(p.id, p.alt, p.corners, p.ticks, p.right))
                .toList();
    }

    static Figure.Grid toCore(Grid f) {
        return new Figure.Grid(
                f.alt,
                f.xMin,
                f.xMax,
                f.yMin,
                f.yMax,
                f.step,
                f.drawn.stream().map(DrawnDto::toCore).toList());
    }

    static Figure.Measured toCore(Measured f) {
        return new Figure.Measured(f.alt, f.object, f.unit, f.length, f.start);
    }
}
