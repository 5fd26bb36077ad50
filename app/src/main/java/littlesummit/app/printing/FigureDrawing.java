package littlesummit.app.printing;

import java.awt.Dimension;
import java.awt.geom.Dimension2D;
import java.util.List;
import littlesummit.core.item.Figure;

/** Draws any figure on paper: from the same numbers as the screen. */
final class FigureDrawing {
    private FigureDrawing() {}

    /** Room that a figure needs, in its own units; some two to a point on paper. */
    static Dimension2D size(Figure figure) {
        return switch (figure) {
            case Figure.Bar b -> new Dimension(604, 122);
            case Figure.FractionPicture f -> FractionDrawing.size(f);
            case Figure.NumberLine n -> new Dimension(640, 84);
            case Figure.Angles a -> new Dimension(360, (int) ShapeDrawing.lowest(a) + 14);
            case Figure.Straight s -> new Dimension(340, 90);
            case Figure.Straights s -> new Dimension(340, 90 * s.items().size());
            case Figure.Shapes s -> new Dimension(520, 130 * Math.ceilDiv(s.items().size(), ShapeDrawing.PER_ROW));
            case Figure.Grid g -> new Dimension(400, 400);
            case Figure.Balance b -> new Dimension(420, 200);
            case Figure.Scale s -> new Dimension(240, 240);
            case Figure.Measured m -> new Dimension((int) (LengthDrawing.UNIT * (Math.ceil(m.start() + m.length()) + 3) + 28), 122);
        };
    }

    static void draw(Figure figure, DrawingPen pen) {
        switch (figure) {
            case Figure.Bar b -> LengthDrawing.bar(b, pen);
            case Figure.FractionPicture f -> FractionDrawing.draw(f, pen);
            case Figure.NumberLine n -> LengthDrawing.numberLine(n, pen);
            case Figure.Angles a -> ShapeDrawing.angles(a, pen);
            case Figure.Straight s -> ShapeDrawing.straights(List.of(s), pen);
            case Figure.Straights s -> ShapeDrawing.straights(s.items(), pen);
            case Figure.Shapes s -> ShapeDrawing.shapes(s, pen);
            case Figure.Grid g -> GridDrawing.draw(g, pen);
            case Figure.Balance b -> WeighDrawing.balance(b, pen);
            case Figure.Scale s -> WeighDrawing.scale(s, pen);
            case Figure.Measured m -> LengthDrawing.measured(m, pen);
        }
    }
}
