package littlesummit.core.figure;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import littlesummit.core.item.Figure;

/** One bar cut into pieces, with a bracket over the whole. */
final class BarScene {
    private static final double WIDTH = 460;
    private static final double HEIGHT = 52;
    private static final double TEXT = 16;
    /** Room for a field. */
    private static final double FIELD_WIDTH = 140;

    private static final double FIELD_HEIGHT = 44;
    private static final Pattern FIELD = Pattern.compile("\\{\\{(\\w+)}}");

    private BarScene() {}

    static Scene of(Figure.Bar bar) {
        Drawing drawing = new Drawing();
        double whole = bar.pieces().stream().mapToDouble(Figure.Piece::size).sum();
        drawing.path(Stroke.THIN, new Point(0, -4), new Point(0, -12), new Point(WIDTH, -12), new Point(WIDTH, -4));
        total(bar.total(), drawing);
        double x = 0;
        for (Figure.Piece piece : bar.pieces()) {
            double width = piece.size() / whole * WIDTH;
            drawing.box(x, 0, width, HEIGHT, Stroke.THIN, piece.shaded() ? Paint.HATCH : Paint.PAPER);
            label(piece.label(), x + width / 2, drawing);
            if (!piece.slot().isEmpty()) {
                field(piece.slot(), x + width / 2, HEIGHT / 2, drawing);
            }
            x += width;
        }
        return drawing.scene(bar.alt());
    }

    private static void total(String label, Drawing drawing) {
        Matcher field = FIELD.matcher(label);
        if (field.matches()) {
            field(field.group(1), WIDTH / 2, -16 - FIELD_HEIGHT / 2, drawing);
        } else {
            drawing.text(WIDTH / 2, -19, label, TEXT, Shape.Style.PLAIN);
        }
    }

    private static void field(String id, double x, double y, Drawing drawing) {
        List<Point> room = Drawing.corners(x - FIELD_WIDTH / 2, y - FIELD_HEIGHT / 2, FIELD_WIDTH, FIELD_HEIGHT);
        drawing.spot(new Spot(Spot.Kind.FIELD, id, "", room, false));
    }

    /** Below its piece; a line lower where a neighbour's label is in the way. */
    private static void label(String label, double x, Drawing drawing) {
        double y = HEIGHT + 20;
        while (!drawing.isFree(new Shape.Text(new Point(x, y), label, TEXT, Shape.Anchor.MIDDLE, Shape.Style.PLAIN)
                .bounds()
                .wider(2))) {
            y += TEXT + 4;
        }
        drawing.text(x, y, label, TEXT, Shape.Style.PLAIN);
    }
}
