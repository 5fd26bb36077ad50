package littlesummit.app.exchange;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import littlesummit.core.figure.Paint;
import littlesummit.core.figure.Point;
import littlesummit.core.figure.Scene;
import littlesummit.core.figure.Scenes;
import littlesummit.core.figure.Shape;
import littlesummit.core.figure.Spot;
import littlesummit.core.figure.Stroke;
import littlesummit.core.item.Figure;
import org.junit.jupiter.api.Test;

class SceneSvgTest {
    private static final Stroke LINE = new Stroke(Paint.INK, 2, false);

    private static String svg(Shape... shapes) {
        return SceneSvg.of(new Scene("a <b> & c", 100, 50, List.of(shapes), List.of(), Optional.empty()));
    }

    @Test
    void itsSizeAndWhatItShowsStandAtItsHead() {
        String svg = svg();
        assertTrue(svg.contains("viewBox=\"0 0 100 50\""), svg);
        assertTrue(svg.contains("<title>a &lt;b&gt; &amp; c</title>"), svg);
    }

    @Test
    void anAreaIsClosedAndAStrokeIsNot() {
        List<Point> corners = List.of(new Point(0, 0), new Point(10, 0), new Point(10.5, 8));
        assertTrue(svg(new Shape.Path(corners, true, LINE, Paint.HATCH)).contains("d=\"M0 0L10 0L10.50 8Z\""));
        assertTrue(svg(new Shape.Path(corners, false, LINE, Paint.NONE)).contains("d=\"M0 0L10 0L10.50 8\""));
        assertTrue(svg(new Shape.Path(corners, true, LINE, Paint.HATCH)).contains("fill=\"url(#hatch)\""));
    }

    /** Angles go counter-clockwise and y goes down: a quarter from the right ends at the top. */
    @Test
    void anArcGoesTheWayOfItsAngles() {
        String quarter = svg(new Shape.Arc(new Point(50, 25), 20, 0, 90, LINE));
        assertTrue(quarter.contains("d=\"M70 25A20 20 0 0 0 50 5\""), quarter);
        assertTrue(svg(new Shape.Arc(new Point(50, 25), 20, 0, 270, LINE)).contains("A20 20 0 1 0 50 45"));
    }

    @Test
    void aPictureOfPixelsIsCarriedAlong() {
        String svg = svg(new Shape.Image(new Point(1, 2), 30, 20.5, "data:image/png;base64,AAAA"));
        assertTrue(
                svg.contains("<image height=\"20.50\" href=\"data:image/png;base64,AAAA\"")
                        && svg.contains("width=\"30\" x=\"1\" y=\"2\""),
                svg);
    }

    @Test
    void whatIsDashedIsDashed() {
        Stroke dashed = new Stroke(Paint.OTHER, 2, true);
        assertTrue(svg(new Shape.Disc(new Point(5, 5), 3, dashed, Paint.NONE)).contains("stroke-dasharray"));
        assertEquals(
                -1, svg(new Shape.Disc(new Point(5, 5), 3, LINE, Paint.NONE)).indexOf("stroke-dasharray"));
    }

    @Test
    void aTextStandsWhereItsAnchorSays() {
        Shape.Text text = new Shape.Text(new Point(9, 8), "x < y", 14, Shape.Anchor.END, Shape.Style.LETTER);
        String svg = svg(text);
        assertTrue(svg.contains("text-anchor=\"end\"") && svg.contains("font-style=\"italic\""), svg);
        assertTrue(svg.contains(">x &lt; y</text>"), svg);
    }

    @Test
    void placesToAnswerAreNumberedInTheirOrder() {
        List<Point> room = List.of(new Point(0, 0), new Point(40, 0), new Point(40, 20), new Point(0, 20));
        List<Spot> spots = List.of(
                new Spot(Spot.Kind.FIELD, "b", "first", room, false),
                new Spot(Spot.Kind.AREA, "0", "no place", room, false),
                new Spot(Spot.Kind.FIELD, "a", "second", room, false));
        String svg = SceneSvg.of(new Scene("", 100, 50, List.of(), spots, Optional.empty()));
        assertTrue(svg.contains(">1</text>") && svg.contains(">2</text>") && !svg.contains(">3</text>"), svg);
    }

    @Test
    void theSamePictureIsTheSameText() {
        Figure figure = new Figure.FractionPicture("", Figure.Shape.CIRCLE, 2, List.of(1.0, 1.0, 1.0), 4);
        assertEquals(SceneSvg.of(Scenes.of(figure)), SceneSvg.of(Scenes.of(figure)));
    }
}
